import { sized } from '../../model/openingSize.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { tradeWord } from '../../model/vocabulary/tradeWords.js'
import { HOLE_ML } from '../../stages/takeoff/making/comesOff.js'
import type { Needed, Wanted } from '../../stages/takeoff/making/making.js'
import { tapeEdges, type TapedRoom, type Wear } from '../../stages/takeoff/making/tapeEdges.js'
import type { PaintStep } from '../../stages/takeoff/paintTakeoff.js'
import type { Listed, MadeNew, RoomToMake } from './faces.js'

/** Covering, taping, plates, old paper, washing down: what goes before the first coat. */
export function beforePaint(
  job: JobSnapshot,
  room: RoomToMake,
  painted: readonly PaintStep[],
  madeNew: MadeNew,
): Listed {
  const { areas } = room
  if (!areas) return { wanted: [], needed: [] }
  const wanted: Wanted[] = []
  const needed: Needed[] = []
  const cautions: string[] = []
  if (painted.length > 0 && !madeNew.floor) {
    wanted.push({ task: 'cover the floor', amount: areas.floorMm2, where: 'Floor', at: ['floor'] })
    needed.push({
      kind: 'cover for the floor',
      amount: areas.floorMm2 * SPARE,
      where: 'Floor',
      measured: { by: 'area', amount: areas.floorMm2 },
    })
  }
  const { ceilingMm, footMm, framesMm, betweenMm } = tapeEdges(tapedRoom(job, room, painted))
  for (const [where, amount] of [
    ['Under the ceiling', ceilingMm],
    [`Along the ${tradeWord('skirting', job.studio.locale)} and the floor`, footMm],
    ['Round doors and windows', framesMm],
    ['Between colors', betweenMm],
  ] as const) {
    wanted.push({ task: 'tape edges', amount, where })
    needed.push({ kind: 'masking tape', amount: amount * SPARE, where, measured: { by: 'run', amount } })
  }
  const plates = job.fixtures.filter((f) => PLATES.has(f.kind) && madeNew.wallIds.has(f.wallId))
  wanted.push({
    ...{ task: 'take plates off and put them back', amount: plates.length, where: 'Walls made new' },
    at: [...new Set(plates.map((f) => `wall:${f.wallId}`))],
  })
  if (plates.length > 0)
    cautions.push(
      'Before a plate comes off: power off at the board and proved dead. What lies behind it is for a licensed electrician.',
    )
  for (const wall of areas.walls) {
    const face = job.walls.find((w) => w.id === wall.wallId)?.face
    if (face === 'paper')
      wanted.push({
        task: 'strip old paper',
        amount: madeNew.wallMm2.get(wall.wallId) ?? 0,
        where: wall.name,
        at: [`wall:${wall.wallId}`],
      })
  }
  for (const f of job.fixtures.filter((x) => x.kind === 'blemish' && madeNew.wallIds.has(x.wallId))) {
    const where = f.name || 'Blemish'
    wanted.push({ task: 'fill holes', amount: 1, where, at: [`wall:${f.wallId}`] })
    needed.push({ kind: 'filler', amount: HOLE_ML + (f.widthMm * f.heightMm * SKIM_MM) / 1000, where })
  }
  const sanded = painted.filter((p) => p.substrate !== 'new plaster')
  for (const p of sanded) {
    wanted.push({ task: 'wash and sand', amount: p.areaM2 * 1e6, where: p.surface, at: [p.on] })
    needed.push({
      kind: 'abrasive sheets',
      amount: p.areaM2 / SANDED_M2,
      where: p.surface,
      measured: { by: 'area', amount: p.areaM2 * 1e6 },
    })
  }
  if (sanded.length > 0)
    cautions.push(
      'Before sanding or scraping old paint: is its age known? It may hold lead. Test it, and follow local rules; a licensed specialist removes it.',
    )
  return { wanted, needed, cautions }
}

/** A tenth over, for laps and joins (common practice). */
const SPARE = 1.1
/** How thick a blemish is skimmed, and how much one sheet of abrasive sands (common practice). */
const SKIM_MM = 2
const SANDED_M2 = 3
const PLATES: ReadonlySet<string> = new Set(['socket', 'switch'])

function tapedRoom(
  job: JobSnapshot,
  { palette, areas }: RoomToMake,
  painted: readonly PaintStep[],
): TapedRoom {
  const on = new Set<string>(painted.map((p) => p.on))
  const wear = (...surfaces: readonly string[]): Wear => {
    const found = surfaces.find((s) => palette.finishAssignments.some((p) => p.surface === s))
    const placed = palette.finishAssignments.find((p) => p.surface === found)
    return { finishId: placed?.finishId ?? null, painted: found !== undefined && on.has(found) }
  }
  const trim = wear('trim')
  const walls = areas?.walls ?? []
  return {
    walls: walls.map((w) => ({
      lengthMm: w.laidMm,
      cornerMm: w.profile.at(-1)?.endHeightMm ?? 0,
      wear: wear(`wall:${w.wallId}`, 'walls'),
      openings: job.openings
        .filter((o) => o.wallId === w.wallId)
        .map((o) => sized(o))
        .map(({ id, kind, widthMm, heightMm, sillMm }) => ({
          ...{ widthMm, heightMm, sillMm },
          frame: kind === 'opening' ? undefined : kind === 'window' ? wear(`opening:${id}`, 'trim') : trim,
        })),
    })),
    ceiling: wear('ceiling'),
    trim,
    lower: job.room.lowerWallMm === null ? undefined : { wear: wear('lower'), toMm: job.room.lowerWallMm },
    skirting: job.room.skirtingMm > 0,
    cornice: job.room.corniceMm > 0,
    fields: job.parts
      .filter((p) => palette.finishAssignments.some((a) => a.surface === `part:${p.id}`))
      .map((p) => ({
        roundMm: p.count * 2 * (p.widthMm + p.heightMm),
        wear: wear(`part:${p.id}`),
        on: wear(...(p.wallId === null ? [] : [`wall:${p.wallId}`]), 'walls'),
      })),
  }
}
