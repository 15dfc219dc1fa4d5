import type { Hung, PlanFacts, BeforeWall } from '../planFacts.js'
import type { Placed } from '../walls/hanging.js'
import type { Fix } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { beforeWall } from '../elevation.js'
import { boxBefore, ceilingOver } from '../planRoom.js'
import { boxCorners } from '../../../kernel/geometry/box.js'
import type { Formatter } from '../../../kernel/units/formatter.js'

// Heavier things want two fixings or a known rating (common practice).
export const HEAVY_G = 5_000

/** What a fixing carries in a wall when its maker's figure is not known (common practice), grams. */
export const CUSTOMARY_G: Readonly<Record<string, Readonly<Record<string, number | undefined>>>> = {
  'picture hook': { masonry: 10_000, plasterboard: 5_000, timber: 10_000 },
  'screw and plug': { masonry: 20_000, plasterboard: 2_000, timber: 20_000 },
  'hollow-wall anchor': { plasterboard: 15_000 },
  'screw into a stud': { timber: 25_000, plasterboard: 25_000 },
  'adhesive strips': { masonry: 1_800, plasterboard: 1_800, timber: 1_800 },
  'rail and cord': { masonry: 10_000, timber: 10_000, plasterboard: 5_000 },
}

export const PICTURES: ReadonlySet<string> = new Set(['picture', 'mirror', 'object'])

/** How deep what hangs is taken to be where its depth is not known, mm: a frame. */
const FRAME_MM = 20

/** The lowest the ceiling comes down over what hangs on a wall, slopes counted; null where no height is known. */
export function ceilingAbove({ room }: PlanFacts, h: Hung): number | null {
  const wall = room.walls.find((w) => w.id === h.wallId)
  if (!wall) return room.heightMm
  const box = boxBefore(wall, h.xMm, h.widthMm, h.piece.depthMm || FRAME_MM)
  return ceilingOver(room, boxCorners(box))
}

export const placed = (h: Hung): Placed => h

export const setCenter = (h: Hung, centerMm: number, label: string): Fix => ({
  label,
  changes: [put('wallPlacements', h.id, { centerMm: Math.round(centerMm) })],
})

/** Pictures of one wall by the groups they hang in; each by itself when it has no group. */
export function groupsOn(facts: PlanFacts, wallId: string): Hung[][] {
  const groups = new Map<string, Hung[]>()
  for (const h of facts.wallPlacements.filter((x) => x.wallId === wallId && PICTURES.has(x.piece.kind))) {
    const key = h.row.group.trim() || h.id
    groups.set(key, [...(groups.get(key) ?? []), h])
  }
  return [...groups.values()]
}

/** The furniture a picture hangs over: what stands close to the wall under its middle. */
export function furnitureUnder(
  facts: PlanFacts,
  h: Pick<Hung, 'wallId' | 'xMm' | 'widthMm'>,
): BeforeWall | undefined {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return undefined
  return beforeWall(wall, facts.standings, 500)
    .filter((b) => b.leftMm < h.xMm && b.rightMm > h.xMm && b.standing.raisedMm === 0)
    .sort((a, b) => b.topMm - a.topMm)[0]
}

/** Load on one fixing, what it bears, and why that is not enough; undefined when it is. */
export function loadFault(
  h: Pick<Hung, 'piece' | 'row'> & { readonly weightG?: number | null },
  face: string,
  says: Formatter,
): { severity: 'stop' | 'look'; measured: string; wanted: string; because: string } | undefined {
  const weight = h.weightG ?? h.piece.weightG
  if (h.row.fixing === 'string on a nail')
    return {
      severity: 'stop',
      measured: 'a string on a nail',
      wanted: 'a rated fixing',
      because: 'A hanging string is not an anchor.',
    }
  if (weight === null)
    return h.piece.widthMm * h.piece.heightMm > 250_000
      ? {
          severity: 'look',
          measured: 'weight not known',
          wanted: 'its weight, glass and frame included',
          because: 'What one fixing carries is only known with the weight.',
        }
      : undefined
  const each = weight / h.row.hooks
  if (h.row.fixing === 'adhesive strips' && face !== 'smooth paint' && face !== 'tile' && face !== 'timber')
    return {
      severity: 'stop',
      measured: `strips on ${face}`,
      wanted: 'a smooth, painted face',
      because: 'Strips do not hold there at any number.',
    }
  const rated = h.row.ratedG ?? CUSTOMARY_G[h.row.fixing]?.[h.row.into]
  if (rated == null)
    return weight > HEAVY_G || h.row.into !== 'not known'
      ? {
          severity: 'look',
          measured: `${says.weight(each)} on each ${h.row.fixing} into ${h.row.into === 'not known' ? 'a wall not known' : h.row.into}`,
          wanted: 'a fixing made for that wall, with its rated load',
          because: 'What the wall is made of decides what holds; ask before drilling.',
        }
      : undefined
  if (each <= rated) return undefined
  return {
    severity: 'stop',
    measured: `${says.weight(each)} on each of ${h.row.hooks}`,
    wanted: `${says.weight(rated)} or less on one${h.row.ratedG ? '' : ' (customary; the maker’s figure decides)'}`,
    because: 'A fixing past its rating lets go without warning.',
  }
}
