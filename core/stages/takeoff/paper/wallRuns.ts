import { DUST_MM, type Face, type Span } from '../trade.js'

/** A wall to be papered, and which of the walls of the room it is as seen from inside, from left to right. */
export interface WallFace extends Face {
  readonly place: number
  /** It goes straight on into the next at its right: one wall, measured in two pieces. */
  readonly straightOn?: boolean
}

/** Paper is slit this far past a corner, and the rest of the drop hung to a new plumb line over it (common practice). */
export const ROUND_CORNER_MM = 10

/**
 * Walls that stand side by side and are as high are papered as one: a drop goes round their corner. A room papered all
 * round begins at one corner and ends there, where the pattern cannot meet.
 *
 * @param count of the walls of the room
 * @param begin place of the wall that follows the corner least seen
 */
export function wallRuns(walls: readonly WallFace[], count: number, begin: number): Face[] {
  const round = (place: number) => (((place - begin) % count) + count) % count
  const inOrder = [...walls].sort((a, b) => round(a.place) - round(b.place))
  const runs: WallFace[][] = []
  for (const wall of inOrder) {
    const run = runs.at(-1)
    if (run && follows(run.at(-1), wall, count)) run.push(wall)
    else runs.push([wall])
  }
  // A run that ends at the corner where the round begins goes on there, unless the whole room is one run.
  const [first, last] = [runs[0], runs.at(-1)]
  if (first && last && first !== last && follows(last.at(-1), first[0], count)) {
    runs[0] = [...last, ...first]
    runs.pop()
  }
  // Several runs come in the order of the walls, whichever corner is least seen.
  runs.sort((a, b) => (a[0]?.place ?? 0) - (b[0]?.place ?? 0))
  return runs.map((run) => joined(run, run.length === count && follows(run.at(-1), run[0], count)))
}

const follows = (a: WallFace | undefined, b: WallFace | undefined, count: number): boolean =>
  !!a && !!b && a !== b && (a.place + 1) % count === b.place && Math.abs(a.heightMm - b.heightMm) < 1

function joined(run: readonly WallFace[], closed: boolean): Face {
  const [first] = run
  if (!first || run.length === 1) return first ?? { name: '', widthMm: 0, heightMm: 0, holes: [] }
  let at = 0
  const spans = run.map(({ name, widthMm }, i): Span => {
    const span = { name, fromMm: at, toMm: at + widthMm }
    at += widthMm + ((i < run.length - 1 || closed) && !run[i]?.straightOn ? ROUND_CORNER_MM : 0)
    return span
  })
  return {
    name: run.map((w) => w.name).join(' · '),
    widthMm: at,
    heightMm: first.heightMm,
    holes: run.flatMap((w, i) =>
      w.holes.map((h) => ({ ...h, startMm: h.startMm + (spans[i]?.fromMm ?? 0) })),
    ),
    spans,
    ...(closed ? { meets: [run.at(-1)?.name ?? '', first.name] as const } : {}),
  }
}

/** How many corners of a run a drop goes round. */
export const roundCorners = (
  face: Face,
  drops: readonly { readonly xMm: number; readonly widthMm: number }[],
) =>
  (face.spans ?? []).filter((s, i, all) => {
    const before = all[i - 1]
    // Where one wall goes straight on into the next there is no corner.
    if (!before || s.fromMm - before.toMm < DUST_MM) return false
    return drops.some((d) => d.xMm < before.toMm - DUST_MM && d.xMm + d.widthMm > s.fromMm + DUST_MM)
  }).length
