import type { JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Step } from '../../model/vocabulary/install.js'
import { MINUTES, WAITS } from '../../stages/install/methods.js'
import { comingOf, type Coming } from '../making/things.js'
import { carrying, isHeavy, setDownAgain, volumeOf } from './carrying.js'
import type { Draft } from './drafts.js'

/** What comes in, from the rug to the largest at the back and what stands before it; and what was carried out. */
export function furnishing(job: JobSnapshot, out: readonly Piece[]): Draft[] {
  const returning = setDownAgain(job, out)
  const usedUp = usedUpItems(job)
  const drafts = comingOf(job)
    .filter(
      (c) => SET_DOWN.has(c.fixing) && !(c.pieceId === null && usedUp.has(c.itemId)) && !clothOfLine(job, c),
    )
    .map((c) => comingIn(job, c))
  if (returning.length === 0) return drafts
  return [
    ...drafts,
    {
      ...{ key: 'furnish', step: 'furnish', name: 'What was carried out comes back', turn: 1 },
      because: [...returning].sort((x, y) => volumeOf(y) - volumeOf(x)).map((p) => p.name),
      minutes: returning.reduce((sum, p) => sum + carrying(p), 0),
      places: returning.flatMap((p) => [`piece:${p.id}`, ...rugsUnder(job, p.id)]),
      hands: returning.some(isHeavy) ? 2 : 1,
      pieceIds: returning.map((p) => p.id),
    },
  ]
}

/** Cloth at a window and pictures are put up even where nobody said yet how; what is a fixture is fixed; the rest is set down. */
function stepOf(job: JobSnapshot, { kind, itemId, fixing }: Coming): readonly [Step, string] {
  if (kind === 'curtains' || kind === 'blind') return ['curtains', 'put up']
  if (kind === 'picture' && fixing === 'stands free') return ['hang', 'hang']
  const fixture = job.items.some((i) => i.id === itemId && i.category === 'fixtures')
  return fixture && fixing === 'stands free' ? ['fit', 'fit'] : ['furnish', 'in its place']
}

function comingIn(job: JobSnapshot, c: Coming): Draft {
  const id = c.pieceId === null ? `item:${c.itemId ?? ''}` : `piece:${c.pieceId}`
  const [step, done] = stepOf(job, c)
  return {
    ...{ key: `${step}|${id}`, step, name: `${c.name}: ${done}`, because: [`${c.name}: comes`] },
    minutes: carrying(c),
    hands: isHeavy(c) ? 2 : 1,
    // What is put up and nobody said where may come onto any wall: it waits for all of them.
    places: [id, ...rugsUnder(job, c.pieceId), ...wallsFor(job, c, step !== 'furnish')],
    needs: c.itemId === null ? [] : [`arrives|item:${c.itemId}`],
    pieceIds: c.pieceId === null ? [] : [c.pieceId],
    turn: c.kind === 'rug' ? 0 : 1,
    needsHard: c.fixing === 'leans',
  }
}

const wallsFor = (job: JobSnapshot, { wallId }: Coming, putUp: boolean): string[] =>
  wallId === null ? (putUp ? job.walls.map((w) => `wall:${w.id}`) : []) : [`wall:${wallId}`]

/** Rugs that a piece stands on in the plan: they lie before it comes. */
function rugsUnder(job: JobSnapshot, pieceId: string | null): string[] {
  const stands = job.floorPlacements.filter((f) => f.pieceId === pieceId)
  return job.floorPlacements.flatMap((lies) => {
    const rug = job.pieces.find((p) => p.id === lies.pieceId && p.kind === 'rug')
    if (!rug || rug.id === pieceId) return []
    const reach = Math.min(rug.widthMm, rug.depthMm) / 2
    const under = stands.some((f) => Math.hypot(f.xMm - lies.xMm, f.yMm - lies.yMm) < reach)
    return under ? [`piece:${rug.id}`] : []
  })
}

/** Cloth that a line of the take-off makes up, and the plan puts up with it. */
const clothOfLine = (job: JobSnapshot, c: Coming): boolean =>
  (c.kind === 'curtains' || c.kind === 'blind') &&
  job.takeoffs.some((t) => t.itemId !== null && (t.itemId === c.itemId || t.pieceId === c.pieceId))

/** Lines of the schedule that are used up in the work, done by somebody, or come with another: nothing that is set down. */
function usedUpItems(job: JobSnapshot): ReadonlySet<string | null> {
  return new Set<string | null>([
    ...job.items
      .filter((i) => i.category === 'surfaces' || i.category === 'services' || i.buysPaint !== null)
      .map((i) => i.id),
    ...job.items.filter((i) => i.forItemId !== null).map((i) => i.id),
    ...job.takeoffs.map((t) => t.itemId),
    ...job.consumables.map((c) => c.itemId),
  ])
}
const SET_DOWN: ReadonlySet<string> = new Set([
  'stands free',
  'leans',
  'over a door',
  'clipped on',
  'on what is there',
  'tension rod',
])

/** Shelves put together, a pause, a second look; then pictures and what is still to mend. */
export function finishing(job: JobSnapshot, anything: boolean): Draft[] {
  if (!anything) return []
  const units = new Set(job.shelfPlacements.map((s) => s.hostId))
  const last = (
    key: string,
    step: Draft['step'],
    name: string,
    minutes: number,
    because: string[],
  ): Draft => ({
    ...{ key, step, name, minutes, because, places: ['room'] },
  })
  return [
    {
      ...last('style', 'style', 'Style', MINUTES.style + units.size * MINUTES.shelves, [
        units.size > 0 ? `${units.size} units of shelves, sorted beforehand` : 'The room as a whole',
      ]),
      dryHours: WAITS.lookHours,
    },
    last('second look', 'second look', 'Second look, the last edit', MINUTES.look, [
      'After a night: judgment changes once things stand together; what goes back can still go back.',
    ]),
    last('photographs', 'photographs', 'Photographs from the same standpoints', MINUTES.pictures, [
      'The pairs of before and after.',
    ]),
    last('snag list', 'snag list', 'Walk round, list what is open', MINUTES.snags, [
      'Each with a person and a day.',
    ]),
  ]
}
