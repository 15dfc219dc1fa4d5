import { proposedHanging, household } from '../stages/brief/household.js'
import { lrv } from '../kernel/color/lab.js'
import { sunAtWindow, sunHours } from '../stages/measure/daylight.js'
import { measureOf } from './measureOf.js'
import type { MeasureFacts } from '../stages/measure/measureFacts.js'
import { wallName } from '../stages/measure/roomAreas.js'
import { finishOn, paletteFacts, type PaletteFacts } from '../stages/palette/paletteFacts.js'
import { inRoom } from '../model/inRoom.js'
import type { Luminaire, Reflecting } from '../stages/plan/light/roomLighting.js'
import { needsOf } from '../stages/plan/needs.js'
import { hungOf, planFacts, type PlanFacts, type PlanInput } from '../stages/plan/planFacts.js'
import { onWall, planRoom, type PlanRoom } from '../stages/plan/planRoom.js'
import { standingsOf, type PlanPiece, type Standing, type TriedOption } from '../stages/plan/standing.js'
import { sized } from '../model/openingSize.js'
import type { FloorPlacement } from '../model/rows/floorPlacements.js'
import { inScheme } from './inScheme.js'
import { oneThing } from '../model/oneThing.js'
import { isSaidToBe } from '../model/saidMaterial.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { formatterOf } from '../kernel/units/formatter.js'

// The room of the last jobs asked for: it is the same object for as long as its rows are, and so is what is reckoned of it.
const rooms = new WeakMap<JobSnapshot['walls'], { of: readonly unknown[]; room: PlanRoom | undefined }>()

/** The measured room as the plan sets pieces out in it; undefined while the run of walls is open. */
export function planRoomOf(job: JobSnapshot, measure: MeasureFacts): PlanRoom | undefined {
  const of = [
    job.openings,
    job.fixtures,
    job.ceilings,
    job.diagonals,
    job.room.heightMm,
    job.room.kind,
    job.room.northDeg,
  ]
  const known = rooms.get(job.walls)
  if (known?.of.every((v, i) => v === of[i])) return known.room
  const room = laidRoom(job, measure)
  rooms.set(job.walls, { of, room })
  return room
}

function laidRoom(job: JobSnapshot, measure: MeasureFacts): PlanRoom | undefined {
  const { closure, walls } = measure
  if (closure.state !== 'closed' && closure.state !== 'gap') return undefined
  if (walls.length < 3) return undefined
  return planRoom({
    ceiling: measure.areas?.ceiling ?? [],
    corners: closure.corners,
    inward: closure.run.sense === 'right' ? 1 : -1,
    walls: walls.map((w, i) => ({
      id: w.id,
      name: wallName(w, i),
      face: w.face,
      facesDeg: measure.areas?.walls[i]?.facesDeg,
    })),
    openings: job.openings.map((o) => sized(o)),
    fixtures: job.fixtures,
    heightMm: job.room.heightMm ?? null,
    kind: job.room.kind ?? null,
  })
}

/** Where a piece is set down on or in others. */
function setDownOf(job: JobSnapshot, pieceId: string): Pick<PlanPiece, 'hosts' | 'setDown'> {
  const places = job.shelfPlacements.filter((s) => s.pieceId === pieceId)
  return { hosts: places.map((s) => s.hostId), setDown: places.reduce((sum, s) => sum + s.count, 0) }
}

/** What is finished in glass, or has a part that is, is of clear glass, whether that was said or not. */
function isGlass(job: JobSnapshot): (p: JobSnapshot['pieces'][number]) => boolean {
  const glass = new Set(job.finishes.filter((f) => f.material === 'glass').map((f) => f.id))
  const inParts = new Set(job.pieceParts.filter((p) => glass.has(p.finishId)).map((p) => p.pieceId))
  return (p) =>
    p.traits.includes('clear glass') ||
    isSaidToBe(p.material, 'glass') ||
    inParts.has(p.id) ||
    (p.finishId != null && glass.has(p.finishId))
}

/** Pieces that will be in the room when it is done, as the plan knows them. */
export function planPiecesOf(job: JobSnapshot): PlanPiece[] {
  const glass = isGlass(job)
  return job.pieces.filter(inRoom).map((p) => ({
    ...p,
    glass: glass(p),
    foundWood: p.traits.includes('pallet or found wood') || isSaidToBe(p.material, 'found wood'),
    openDepthMm: p.openDepthMm ?? null,
    weightG: p.weightG ?? null,
    wallId: p.wallId ?? null,
    lampType: p.lampType ?? null,
    finishId: p.finishId ?? null,
    legsMm: p.legsMm ?? null,
    sanitary: p.sanitary ?? null,
    grownMm: p.grownMm ?? null,
    bloomFrom: p.bloomFrom ?? null,
    bloomTo: p.bloomTo ?? null,
    mattressMm: p.mattressMm ?? null,
    pillowsMm: p.pillowsMm ?? null,
    valueMinor: p.valueMinor ?? null,
    ...setDownOf(job, p.id),
  }))
}

export const triedOptionsOf = (job: JobSnapshot): TriedOption[] =>
  job.options.map((o) => ({
    id: o.id,
    name: o.name,
    widthMm: o.widthMm ?? null,
    depthMm: o.depthMm ?? null,
    heightMm: o.heightMm ?? null,
  }))

// Reflectance where no finish is laid yet: a usual room (common practice), ceiling, walls, floor.
const USUAL = { ceiling: 0.7, walls: 0.5, floor: 0.2 }

/** How much light the surfaces of the room give back, from the finishes that lie on them. */
export function reflectingOf(measure: MeasureFacts, palette: PaletteFacts | undefined): Reflecting {
  const { areas } = measure
  const given = (surface: string, usual: number) => {
    const on = palette && finishOn(palette, surface)
    return on ? lrv(on.lab) / 100 : usual
  }
  const upper = areas?.walls.reduce((sum, w) => sum + w.upperMm2, 0) ?? 0
  const lower = areas?.walls.reduce((sum, w) => sum + w.lowerMm2, 0) ?? 0
  const above = given('walls', USUAL.walls)
  const below = given('lower', above)
  const whole = upper + lower
  return {
    floor: given('floor', USUAL.floor),
    ceiling: given('ceiling', USUAL.ceiling),
    walls: whole > 0 ? (upper * above + lower * below) / whole : above,
    floorM2: (areas?.floorMm2 ?? 0) / 1e6,
    wallsM2: whole / 1e6,
    ceilingM2: (areas?.ceilingMm2 ?? 0) / 1e6,
  }
}

function lampsOf(job: JobSnapshot, room: PlanRoom, standings: readonly Standing[]): Luminaire[] {
  return job.lights.flatMap((l): Luminaire[] => {
    const make = (id: string, at: { x: number; y: number }, footMm: number): Luminaire => ({
      id,
      name: l.name,
      at,
      heightMm: footMm + l.headMm,
      lumens: l.lumens,
      beamDeg: l.beamDeg,
      aim: l.aim,
    })
    if (l.pieceId) {
      const stood = standings
        .filter((s) => s.pieceId === l.pieceId)
        .map((s) => make(`${l.id} ${s.id}`, s.box, s.raisedMm))
      const piece = job.pieces.find((p) => p.id === l.pieceId)
      const hung = job.wallPlacements
        .filter((h) => h.pieceId === l.pieceId)
        .flatMap((h) => {
          const wall = room.walls.find((w) => w.id === h.wallId)
          const foot = h.centerMm - (piece?.heightMm ?? 0) / 2
          return wall ? [make(`${l.id} ${h.id}`, onWall(wall, h.xMm, (piece?.depthMm ?? 200) / 2), foot)] : []
        })
      return [...stood, ...hung]
    }
    const fixture = room.fixtures.find((f) => f.id === l.fixtureId)
    return fixture ? [make(l.id, fixture.box, 0)] : []
  })
}

/** Hours of sun a day, in June, that a wall across from a window is open to; nothing while north is unknown. */
function sunOnWalls(job: JobSnapshot, room: PlanRoom): ReadonlyMap<string, number> {
  const { latitudeDeg } = job.room
  if (latitudeDeg == null) return new Map()
  const hours = (wallId: string) => {
    const facing = room.walls.find((w) => w.id === wallId)?.facesDeg
    return facing === undefined ? 0 : sunHours(sunAtWindow(latitudeDeg, facing, JUNE))
  }
  const windows = room.openings.filter((o) => o.kind === 'window')
  return new Map(
    room.walls.map((wall) => [
      wall.id,
      Math.max(0, ...windows.filter((o) => o.wallId !== wall.id).map((o) => hours(o.wallId))),
    ]),
  )
}
const JUNE = 172

export interface PlanOverride {
  /** Stands in the place of the stored ones: while a piece is dragged, or a proposal is tried. */
  readonly floorPlacements?: readonly FloorPlacement[]
  readonly withFixes?: boolean
  /** The stand that is being dragged. */
  readonly movedId?: string
}

/** Who lives with the room, as far as cautions ask. */
function planHousehold({ people }: Pick<JobSnapshot, 'people'>): PlanInput['household'] {
  const { known, children, smallChildren, pets } = household(people)
  return {
    known,
    children: children.length > 0,
    smallChildren: smallChildren.length > 0,
    pets: pets.length > 0,
  }
}

/** Computes what the plan shows and its rules judge; undefined while the room is not closed. */
export function planFactsOf(
  stored: JobSnapshot,
  measure: MeasureFacts,
  palette?: PaletteFacts,
  override: PlanOverride = {},
): PlanFacts | undefined {
  const room = planRoomOf(stored, measure)
  if (!room) return undefined
  const job = inScheme(oneThing(stored))
  const pieces = planPiecesOf(job)
  const pieceOf = new Map(pieces.map((p) => [p.id, p]))
  const options = triedOptionsOf(job)
  const floorPlacements = override.floorPlacements ?? job.floorPlacements
  const standings = standingsOf(
    floorPlacements.filter((s) => !s.parked),
    pieces,
    options,
  )
  const input: PlanInput = {
    room,
    needs: needsOf(job.houseRules),
    schools: {
      rug: job.schools.rug,
      hanging: job.schools.hanging,
      frames: job.schools.frames,
      lamps: job.schools.lamps,
      mood: job.schools.mood,
      trimAndCeiling: job.schools.trimAndCeiling,
      childrensLight: job.schools.childrensLight,
      tenure: job.schools.tenure,
    },
    says: formatterOf(job.studio),
    pieces,
    standings,
    parked: standingsOf(
      floorPlacements.filter((s) => s.parked),
      pieces,
      options,
    ),
    wallPlacements: job.wallPlacements.flatMap((h) => {
      const piece = pieceOf.get(h.pieceId)
      const onAWall = room.walls.some((w) => w.id === h.wallId)
      return piece && onAWall
        ? [
            hungOf(
              h,
              piece,
              job.frames.find((f) => f.pieceId === piece.id),
            ),
          ]
        : []
    }),
    panelLayouts: job.panelLayouts.filter((s) => room.walls.some((w) => w.id === s.wallId)),
    lamps: lampsOf(job, room, standings),
    litPieces: new Set(job.lights.flatMap((l) => l.pieceId ?? [])),
    switches: new Map(
      job.lights.flatMap((l) => (l.pieceId && l.switchMm != null ? [[l.pieceId, l.switchMm] as const] : [])),
    ),
    reflecting: reflectingOf(measure, palette),
    uses: job.uses,
    household: planHousehold(job),
    way: job.passages.map((p) => ({ ...p, lengthMm: p.lengthMm ?? null })),
    eyeLineMm: job.brief.hangingMm ?? proposedHanging(job.people, formatterOf(job.studio)).mm,
    eyeLineAgreed: job.brief.hangingMm != null,
    sunOnWall: sunOnWalls(job, room),
    floorFinishes: new Set(
      job.finishAssignments.filter((p) => p.surface === 'floor' && !p.candidate).map((p) => p.finishId),
    ).size,
    roomKind: job.room.kind,
    exposedToWeather: job.room.kind === 'outdoors',
    withFixes: override.withFixes ?? true,
    moved: standings.find((s) => s.id === override.movedId),
  }
  return planFacts(input)
}

/** The plan of a job by itself: what examples and tests begin with. */
export function planOf(job: JobSnapshot, override: PlanOverride = {}): PlanFacts | undefined {
  const measure = measureOf(job)
  return planFactsOf(job, measure, paletteFacts(job, measure.areas, job.brief.schemeId), override)
}
