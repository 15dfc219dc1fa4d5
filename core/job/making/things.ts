import { STUCK_ON } from '../../model/vocabulary/fixing.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { itemsWithoutPiece } from '../../model/oneThing.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { HangFixing } from '../../model/vocabulary/hanging.js'
import type { ConsumableKind, Task } from '../../model/vocabulary/making.js'
import { stripsFor } from '../../stages/brief/adhesiveStrips.js'
import { inRoom } from '../../model/inRoom.js'
import { comesOff, HOLE_ML } from '../../stages/takeoff/making/comesOff.js'
import type { Needed, Wanted } from '../../stages/takeoff/making/making.js'
import type { LineToMake, Listed, MadeNew, RoomToMake } from './faces.js'

/** What goes, and what it leaves behind. */
export function leaving(job: JobSnapshot, madeNew: MadeNew): Listed {
  const lists = job.pieces
    .filter((p) => p.there && !inRoom(p))
    .map((p) => {
      const hung = job.wallPlacements.filter((w) => w.pieceId === p.id)
      const nailed = hung.filter((w) => NAILED.has(w.fixing))
      const wallId = hung[0]?.wallId ?? p.wallId
      const stood = job.floorPlacements.find((f) => f.pieceId === p.id)
      const gone = comesOff({
        ...{ name: p.name, count: p.count, fixing: p.fixing },
        ...{ widthMm: p.widthMm, depthMm: p.depthMm, heightMm: p.heightMm },
        atWindow: p.kind === 'curtains' || p.kind === 'blind',
        hung: hung.length,
        nails: nailed.reduce((sum, w) => sum + w.hooks, 0),
        onFloor: stood ? stood.raisedMm === 0 : hung.length === 0 && LIES.has(p.kind),
        // Shelves may as well hang: low ones are not taken to stand on the floor unless the plan says so.
        builtOn: stood
          ? stood.raisedMm === 0
          : hung.length === 0 && (BUILT_ON.has(p.kind) || (p.kind === 'shelves' && p.heightMm >= TALL_MM)),
        backMadeNew:
          p.fixing === 'screwed to the ceiling'
            ? madeNew.ceiling
            : wallId !== null && madeNew.wallIds.has(wallId),
        floorMadeNew: madeNew.floor,
      })
      const at = [`piece:${p.id}`, ...(wallId === null ? [] : [`wall:${wallId}`])]
      return { ...gone, wanted: gone.wanted.map((w) => ({ ...w, at })) }
    })
  return {
    wanted: lists.flatMap((l) => l.wanted),
    needed: lists.flatMap((l) => l.needed),
    cautions: lists.flatMap((l) => l.cautions),
  }
}

/**
 * What stays and is fixed to a wall that is made new comes down first and goes back up; its hooks are counted with what hangs.
 * What may not be moved is worked round.
 */
export function takenDown(job: JobSnapshot, madeNew: MadeNew): Listed {
  const cautions: string[] = []
  const kept = job.pieces.filter((p) => p.there && inRoom(p) && !p.stays)
  const wanted = kept.flatMap((p): Wanted[] => {
    const hung = job.wallPlacements.filter((w) => w.pieceId === p.id)
    const down = hung.filter((w) => madeNew.wallIds.has(w.wallId)).length
    const where = `${p.name}, put back`
    const onNew =
      (p.fixing === 'screwed to the wall' && p.wallId !== null && madeNew.wallIds.has(p.wallId)) ||
      (p.fixing === 'screwed to the ceiling' && madeNew.ceiling)
    const screwed = onNew ? Math.max(0, p.count - hung.length) : 0
    if (screwed > 0 && (BUILT_ON.has(p.kind) || p.kind === 'shelves'))
      cautions.push(
        `${p.name}: loose it can tip over. Empty it first, and anchor it again before it is used.`,
      )
    const walls = new Set([...hung.map((w) => w.wallId), ...(p.wallId === null ? [] : [p.wallId])])
    const at = [`piece:${p.id}`, ...[...walls].map((id) => `wall:${id}`)]
    return [
      { task: 'take fittings down', amount: down + screwed, where, at },
      { task: 'fix to the building', amount: screwed, where, at },
    ]
  })
  return { wanted, needed: [], cautions }
}

/** Lies on the floor, or is laid there. */
const LIES: ReadonlySet<Piece['kind']> = new Set(['rug'])
/** Stands on the floor where it is built in: what is under it was perhaps never laid. */
const BUILT_ON: ReadonlySet<Piece['kind']> = new Set([
  'cabinet',
  'chest of drawers',
  'wardrobe',
  'sanitary',
  'appliance',
  'bench',
  'desk',
])
/** A thing of shelves this high stands (common practice: a bookcase). */
const TALL_MM = 1500
const NAILED: ReadonlySet<HangFixing> = new Set<HangFixing>([
  'picture hook',
  'screw and plug',
  'hollow-wall anchor',
  'screw into a stud',
  'string on a nail',
])

/** The work of the lines of the take-off, and thread for what is sewn. */
export function ofLines(job: JobSnapshot, lines: readonly LineToMake[]): Listed {
  const wanted: Wanted[] = []
  const needed: Needed[] = []
  for (const { row, work, seamMm } of lines) {
    const carries = job.openings.find((o) => o.id === row.openingId)?.carries
    // Curtains go on the rod that is there; a blind that is there makes way for another.
    const kept = row.trade === 'curtains' && (carries === 'rod' || carries === 'track')
    for (const w of work)
      if (!(kept && w.task === 'put up a rail or a blind'))
        wanted.push({ ...w, where: row.name, at: [`takeoff:${row.id}`] })
    if (row.trade === 'blinds' && carries === 'fixed blind') {
      const old = { where: `${row.name}: the old blind`, at: [`takeoff:${row.id}`] }
      wanted.push(
        { task: 'take fittings down', amount: 1, ...old },
        { task: 'fill holes', amount: 4, ...old },
      )
      needed.push({ kind: 'filler', amount: 4 * HOLE_ML, where: `${row.name}: the old blind` })
    }
    needed.push({
      kind: 'thread',
      amount: seamMm * THREAD,
      where: row.name,
      measured: { by: 'run', amount: seamMm },
    })
  }
  return { wanted, needed }
}

/** A lockstitch takes some three times its seam of thread (common practice). */
const THREAD = 3

const BY_FIXING: Readonly<Record<HangFixing, readonly [Task, ConsumableKind | undefined]>> = {
  'picture hook': ['drive picture hooks', 'picture hooks'],
  'screw and plug': ['drill and plug', 'screws and plugs'],
  'hollow-wall anchor': ['set hollow-wall anchors', 'hollow-wall anchors'],
  'screw into a stud': ['screw into studs', 'wood screws'],
  'adhesive strips': ['press adhesive strips', 'adhesive strips, pairs'],
  'rail and cord': ['hang by rail or string', undefined],
  'string on a nail': ['hang by rail or string', 'picture hooks'],
}

/**
 * What hangs when the room is done: what comes, and what is hung again where its wall is made new. Each fixing is marked out
 * and set. What hangs on a wall that stays as it is goes on hanging.
 */
export function hanging(job: JobSnapshot, { areas }: RoomToMake, madeNew: MadeNew): Listed {
  const wanted: Wanted[] = []
  const needed: Needed[] = []
  for (const hung of job.wallPlacements) {
    const piece = job.pieces.find((p) => p.id === hung.pieceId)
    if (!piece || !inRoom(piece)) continue
    if (piece.there && (piece.stays || !madeNew.wallIds.has(hung.wallId))) continue
    const where = areas?.walls.find((w) => w.wallId === hung.wallId)?.name ?? 'Wall'
    const [task, kind] = BY_FIXING[hung.fixing]
    const at = [`wall:${hung.wallId}`, `piece:${piece.id}`]
    wanted.push({ task: 'mark out', amount: hung.hooks, where, at }, { task, amount: hung.hooks, where, at })
    if (kind) needed.push({ kind, amount: hung.hooks, where: piece.name })
  }
  return { wanted, needed }
}

/** A thing that comes into the room: a piece, or a line of the schedule that is drawn nowhere yet. */
export interface Coming {
  readonly name: string
  readonly kind: Piece['kind'] | null
  readonly count: number
  readonly fixing: Piece['fixing']
  readonly weightG: number | null
  readonly wallId: string | null
  /** Null while no size is known. */
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly lampType: Piece['lampType']
  readonly traits: readonly string[]
  readonly itemId: string | null
  readonly pieceId: string | null
}

/** What comes and hangs on no wall's hooks. */
export function comingOf(job: JobSnapshot): Coming[] {
  const hung = new Set(job.wallPlacements.map((w) => w.pieceId))
  const pieces = job.pieces.filter((p) => !p.there && inRoom(p) && !hung.has(p.id))
  const lines = itemsWithoutPiece(job.items, job.pieces).map((i): Coming => {
    const option = job.options.find((o) => o.id === i.chosenOptionId)
    return {
      ...{ name: i.name, kind: i.pieceKind, count: i.quantity, fixing: i.fixing, weightG: i.weightG },
      ...{ wallId: i.wallId, widthMm: option?.widthMm ?? null, depthMm: option?.depthMm ?? null },
      ...{ lampType: null, traits: [], itemId: i.id, pieceId: null },
    }
  })
  return [...pieces.map((p) => ({ ...p, pieceId: p.id })), ...lines]
}

/** Things that come and are fixed otherwise than on a wall's hooks: stuck, or screwed to the building. */
export function fixing(job: JobSnapshot, says: Formatter): Listed {
  const wanted: Wanted[] = []
  const needed: Needed[] = []
  const cautions: string[] = []
  const clothLines = job.takeoffs.filter((t) => t.trade === 'curtains' || t.trade === 'blinds')
  const windowWalls = clothLines.map((t) => job.openings.find((o) => o.id === t.openingId)?.wallId)
  for (const p of comingOf(job)) {
    const cloth = p.kind === 'curtains' || p.kind === 'blind'
    const where = p.count > 1 ? `${p.name}, ${p.count}` : p.name
    const at = [
      ...(p.pieceId === null ? [] : [`piece:${p.pieceId}`]),
      ...(p.itemId === null ? [] : [`item:${p.itemId}`]),
      ...(p.fixing === 'screwed to the ceiling' ? ['ceiling'] : []),
      ...(p.wallId === null ? [] : [`wall:${p.wallId}`]),
    ]
    if (STUCK_ON.has(p.fixing) && !(p.fixing === 'glued down' && p.kind === 'rug'))
      wanted.push({ task: 'stick on', amount: p.count, where, at })
    if (p.fixing === 'adhesive strips') {
      const face = job.walls.find((w) => w.id === p.wallId)?.face ?? 'smooth paint'
      const strips = stripsFor(p.weightG, face, false, says)
      if ('pairs' in strips)
        needed.push({ kind: 'adhesive strips, pairs', amount: p.count * strips.pairs, where })
      else cautions.push(`${p.name}: no strips counted, ${strips.refused}.`)
    }
    const screwed = p.fixing === 'screwed to the wall' || p.fixing === 'screwed to the ceiling'
    // A line of the take-off at a window of its wall counts the rail already.
    const counted = cloth && windowWalls.some((wall) => p.wallId === null || wall === p.wallId)
    if (screwed && !counted) {
      const task = cloth ? 'put up a rail or a blind' : 'fix to the building'
      wanted.push({ task, amount: p.count, where, at })
      needed.push({ kind: 'screws and plugs', amount: 4 * p.count, where })
    }
    if (p.fixing === 'wired in')
      cautions.push(`${p.name}: connected by a licensed electrician; not counted here.`)
    if (p.fixing === 'plumbed in') {
      cautions.push(`${p.name}: connected by a licensed plumber; not counted here.`)
      const beadMm = (p.widthMm ?? 0) + 2 * (p.depthMm ?? 0)
      needed.push({ kind: 'sealant', amount: (p.count * beadMm * SEALANT_ML_PER_M) / 1000, where })
    }
  }
  return { wanted, needed, cautions }
}

/** A bead of about 5 mm (common practice). */
const SEALANT_ML_PER_M = 25

/** What new lamps and rugs do not bring with them. */
export function bought(job: JobSnapshot): Listed {
  const needed: Needed[] = []
  const hung = job.wallPlacements.map((w) => w.pieceId)
  const lit = job.pieces.filter((p) => hung.includes(p.id) && !p.there && inRoom(p))
  for (const p of [...comingOf(job), ...lit]) {
    const item = job.items.find((i) => i.id === p.itemId)
    const option = job.options.find((o) => o.id === item?.chosenOptionId)
    const asked = (what: string) =>
      item !== undefined && job.items.some((i) => i.forItemId === item.id && i.companion === what)
    const has = (trait: string) => option?.traits.some((t) => t === trait) ?? false
    if (p.kind === 'lamp' && !has('comes with its bulb') && !asked('bulb'))
      needed.push({
        kind: 'bulbs',
        amount: p.count,
        where: p.lampType ? `${p.name}, ${p.lampType}` : p.name,
      })
    if (p.kind === 'lamp' && p.traits.includes('cordless'))
      needed.push({ kind: 'batteries', amount: 4 * p.count, where: `${p.name}, unless it is charged` })
    const bare =
      !p.traits.includes('underlay or gripper') && !has('comes with underlay') && !asked('underlay')
    if (p.kind === 'rug' && bare && p.widthMm !== null && p.depthMm !== null)
      needed.push({ kind: 'rug underlay', amount: p.count * p.widthMm * p.depthMm, where: p.name })
  }
  return { wanted: [], needed }
}
