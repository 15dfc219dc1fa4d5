import type { JobSnapshot } from '../../model/snapshot.js'
import { MINUTES } from '../../stages/install/methods.js'
import { inRoom } from '../../model/inRoom.js'
import { comingOf, type Coming } from '../making/things.js'
import type { Draft } from './drafts.js'

/** Pipe and cable in the wall before anything covers it, and who connects. */
export function wiredAndPlumbed(job: JobSnapshot, wallName: (id: string) => string): Draft[] {
  return [...comingOf(job), ...hungIn(job)]
    .filter((c) => c.fixing === 'wired in' || c.fixing === 'plumbed in')
    .flatMap((c): Draft[] => {
      const id = c.pieceId === null ? `item:${c.itemId ?? ''}` : `piece:${c.pieceId}`
      const skill = c.fixing === 'wired in' ? 'electrician' : 'plumber'
      const what = c.fixing === 'wired in' ? 'cable' : 'pipe'
      const walls = wallsOf(job, c)
      const places = [id, ...(walls.length > 0 ? walls.map((w) => `wall:${w}`) : ['ceiling'])]
      const wall = walls[0] === undefined ? '' : `, ${wallName(walls[0])}`
      const common = {
        because: [`${c.name}: ${c.fixing}`],
        places,
        pieceIds: c.pieceId === null ? [] : [c.pieceId],
      }
      const hidden: Draft[] = fedAlready(job, c)
        ? []
        : [
            {
              ...common,
              ...{ key: `hidden|${id}`, step: 'hidden work', name: `${c.name}: ${what} in the wall${wall}` },
              ...{ minutes: c.count * MINUTES.hidden, skill },
            },
            {
              ...common,
              ...{ key: `patch|${id}`, step: 'patch', name: `${c.name}: close the wall${wall}` },
              minutes: c.count * MINUTES.patch,
            },
          ]
      return [
        ...hidden,
        {
          ...common,
          ...{ key: `connect|${id}`, step: 'connect', name: `${c.name}: connect`, skill },
          minutes: c.count * MINUTES.connect,
          needs: c.itemId === null ? [] : [`arrives|item:${c.itemId}`],
        },
      ]
    })
}

/** What hangs on a wall by hooks of its own, and is fed there. */
const hungIn = (job: JobSnapshot): Coming[] =>
  job.pieces
    .filter((p) => !p.there && inRoom(p) && job.wallPlacements.some((w) => w.pieceId === p.id))
    .map((p) => ({ ...p, pieceId: p.id }))

const wallsOf = (job: JobSnapshot, c: Coming): string[] => {
  const hung = job.wallPlacements.filter((w) => w.pieceId === c.pieceId).map((w) => w.wallId)
  return hung.length > 0 ? [...new Set(hung)] : c.wallId === null ? [] : [c.wallId]
}

/** How near a feed must be to what hangs on the wall to be its own (common practice: the plate or rose covers it). */
const FEED_MM = 150
const FEEDS: Readonly<Record<string, ReadonlySet<string>>> = {
  'wired in': new Set(['wall light', 'ceiling point', 'socket', 'switch']),
  'plumbed in': new Set(['water or waste']),
}

/**
 * Whether cable or pipe is there already. What stands at a wall is fed from anywhere on it; what hangs on the wall needs its
 * feed where it hangs; what hangs from the ceiling a point there.
 */
function fedAlready(job: JobSnapshot, c: Coming): boolean {
  const feeds = job.fixtures.filter((f) => FEEDS[c.fixing]?.has(f.kind) ?? false)
  const hung = job.wallPlacements.filter((w) => w.pieceId === c.pieceId)
  if (hung.length > 0)
    return hung.every((h) =>
      feeds.some(
        (f) =>
          f.wallId === h.wallId &&
          Math.abs(f.startMm + f.widthMm / 2 - h.xMm) <= FEED_MM + f.widthMm / 2 &&
          Math.abs(f.bottomMm + f.heightMm / 2 - h.centerMm) <= FEED_MM + f.heightMm / 2,
      ),
    )
  if (c.wallId !== null) return feeds.some((f) => f.wallId === c.wallId)
  return feeds.some((f) => f.kind === 'ceiling point')
}

/** What goes and is wired or plumbed in: taken off by the licensed trade before anything is carried out. */
export const disconnecting = (job: JobSnapshot): Draft[] =>
  job.pieces
    .filter((p) => p.there && !inRoom(p) && (p.fixing === 'wired in' || p.fixing === 'plumbed in'))
    .map((p): Draft => {
      const wired = p.fixing === 'wired in'
      return {
        ...{
          key: `disconnect|piece:${p.id}`,
          step: 'clear',
          name: `${p.name}: taken off its ${wired ? 'wires' : 'pipes'}`,
        },
        because: [`${p.name}: ${p.fixing}, and goes`],
        minutes: p.count * MINUTES.connect,
        places: [`piece:${p.id}`, ...(p.wallId === null ? [] : [`wall:${p.wallId}`])],
        pieceIds: [p.id],
        skill: wired ? 'electrician' : 'plumber',
        // Before the rest of the room is cleared.
        turn: -1,
        caution: wired
          ? 'By a licensed electrician: the power off at the board and proved dead.'
          : 'By a licensed plumber: the water off and the pipe closed.',
      }
    })
