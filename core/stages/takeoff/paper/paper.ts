import type { Match } from '../../../model/vocabulary/takeoff.js'
import type { DrawnPart, Drawing, Face } from '../trade.js'
import { ceilDiv, DUST_MM, floorDiv } from '../trade.js'

/** A paper as it is sold. */
export interface Paper {
  readonly widthMm: number
  readonly lengthMm: number
  /** 0 when it has no pattern to match. */
  readonly repeatMm: number
  readonly match: Match
}

/** A length of paper to be cut: where it hangs, and where in the pattern it begins. */
export interface Drop {
  readonly nth: number
  readonly name: string
  readonly xMm: number
  readonly widthMm: number
  /** From the top of the face. */
  readonly yMm: number
  readonly heightMm: number
  /** Of the paper, with what is trimmed off both ends. */
  readonly lengthMm: number
  /** How far into a repeat its upper end lies; of a whole drop that comes first 0: where a roll begins is a choice. */
  readonly phaseMm: number
  /** A whole drop, not a short one over a door or under a window. */
  readonly whole: boolean
}

/** A roll with the drops that are cut from it, from its beginning. */
export interface CutRoll {
  readonly cuts: readonly { readonly drop: Drop; readonly atMm: number }[]
  readonly overMm: number
}

export interface PaperPlan {
  readonly drops: readonly Drop[]
  readonly rolls: readonly CutRoll[]
  /** Rolls by the drop method of the trade: every drop cut to whole repeats, openings not taken off. */
  readonly customaryRolls: number
  /** Rolls by area alone, and so too few: shown as why it is not done. */
  readonly areaRolls: number
  /** Length of a whole drop as it is cut from a roll, in whole repeats where there are any. */
  readonly cutMm: number
}

const mod = (what: number, by: number): number => (by > 0 ? ((what % by) + by) % by : 0)
/** From a place on a roll to the next at which the pattern stands so. */
const wait = (atMm: number, phaseMm: number, repeatMm: number): number => {
  if (repeatMm <= 0) return 0
  const gap = mod(phaseMm - atMm, repeatMm)
  return repeatMm - gap < DUST_MM ? 0 : gap
}

/** The length of a whole drop as it is cut: height and trim, in whole repeats. */
export const cutLength = (heightMm: number, trimMm: number, repeatMm: number): number =>
  repeatMm > 0 ? ceilDiv(heightMm + trimMm, repeatMm) * repeatMm : heightMm + trimMm

/** By the drop method of the trade: whole drops round the room, each cut to whole repeats, openings not taken off. */
export function dropMethod(
  widthMm: number,
  heightMm: number,
  trimMm: number,
  paper: Paper,
): { readonly cutMm: number; readonly drops: number; readonly perRoll: number; readonly rolls: number } {
  const drops = ceilDiv(widthMm, paper.widthMm)
  if (paper.match !== 'half drop') {
    const cutMm = cutLength(heightMm, trimMm, paper.repeatMm)
    const perRoll = floorDiv(paper.lengthMm, cutMm)
    return { cutMm, drops, perRoll, rolls: perRoll > 0 ? ceilDiv(drops, perRoll) : Infinity }
  }
  const [one, two] = halfDropMethods(drops, heightMm, trimMm, paper)
  // Of two ways with as many rolls the one that cuts shorter.
  return one.rolls < two.rolls || (one.rolls === two.rolls && one.cutMm < two.cutMm) ? one : two
}

/** Half drop from one roll after another (cuts of some repeats and a half), or from two rolls side by side (whole repeats). */
export function halfDropMethods(drops: number, heightMm: number, trimMm: number, paper: Paper) {
  const { repeatMm, lengthMm } = paper
  const oneMm = (ceilDiv(heightMm + trimMm - repeatMm / 2, repeatMm) + 0.5) * repeatMm
  const twoMm = cutLength(heightMm, trimMm, repeatMm)
  const per = (cutMm: number) => floorDiv(lengthMm, cutMm)
  const rolls = (n: number, cutMm: number) => (per(cutMm) > 0 ? ceilDiv(n, per(cutMm)) : Infinity)
  return [
    { cutMm: oneMm, drops, perRoll: per(oneMm), rolls: rolls(drops, oneMm) },
    {
      cutMm: twoMm,
      drops,
      perRoll: per(twoMm),
      rolls: rolls(Math.ceil(drops / 2), twoMm) + rolls(Math.floor(drops / 2), twoMm),
    },
  ] as const
}

/**
 * Where the drops fall on a face: the first seam at `seamMm` from its left end (0 begins with a whole drop). Where a hole
 * takes the whole width of a drop only what is above and below it is cut, with the pattern running on behind it.
 *
 * @param trimMm cut off at each end when it hangs
 */
export function layDrops(face: Face, paper: Paper, trimMm: number, seamMm = 0): Drop[] {
  const first = mod(seamMm, paper.widthMm)
  const drops: Drop[] = []
  let nth = 0
  for (
    let left = first > DUST_MM ? first - paper.widthMm : 0;
    left < face.widthMm - DUST_MM;
    left += paper.widthMm
  ) {
    const [from, to] = [Math.max(0, left), Math.min(face.widthMm, left + paper.widthMm)]
    const phase = paper.match === 'half drop' && nth % 2 === 1 ? paper.repeatMm / 2 : 0
    for (const [top, foot] of stretches(face, from, to)) {
      const whole = foot - top > face.heightMm - DUST_MM
      drops.push({
        nth: nth + 1,
        name: whole ? String(nth + 1) : `${nth + 1} ${top < DUST_MM ? 'above' : 'below'}`,
        xMm: from,
        widthMm: to - from,
        yMm: top,
        heightMm: foot - top,
        lengthMm: foot - top + 2 * trimMm,
        phaseMm: paper.match === 'free' ? 0 : mod(phase + top, paper.repeatMm),
        whole,
      })
    }
    nth++
  }
  return drops
}

/** What of a drop is to be papered, from the top: all of it, but where a hole is as wide as it. */
function stretches(face: Face, from: number, to: number): [number, number][] {
  const holes = face.holes
    .filter((h) => h.startMm <= from + DUST_MM && h.startMm + h.widthMm >= to - DUST_MM)
    .map((h): [number, number] => [face.heightMm - h.topMm, face.heightMm - h.bottomMm])
    .sort((x, y) => x[0] - y[0])
  const list: [number, number][] = []
  let at = 0
  for (const [top, foot] of holes) {
    if (top > at + DUST_MM) list.push([at, Math.min(top, face.heightMm)])
    at = Math.max(at, foot)
  }
  if (at < face.heightMm - DUST_MM) list.push([at, face.heightMm])
  return list
}

/**
 * Cuts drops from as few rolls as can be: whole drops first, for every share of the two halves of a half drop the rolls that
 * cut most (exact), then the short ones from what is over, the longest first.
 */
export function cutRolls(drops: readonly Drop[], paper: Paper): CutRoll[] {
  const repeat = paper.match === 'free' ? 0 : paper.repeatMm
  const long = drops.filter((d) => d.whole)
  const phases = [...new Set(long.map((d) => Math.round(d.phaseMm * 1000)))]
  const of = phases.map((p) => long.filter((d) => Math.round(d.phaseMm * 1000) === p))
  const rolls: { cuts: { drop: Drop; atMm: number }[]; endMm: number }[] = []
  for (const sequence of fewestRolls(
    of.map((list) => list.length),
    of.map((list) => list[0]?.phaseMm ?? 0),
    long[0]?.lengthMm ?? 0,
    repeat,
    paper.lengthMm,
  )) {
    const roll = { cuts: [] as { drop: Drop; atMm: number }[], endMm: 0 }
    for (const which of sequence) {
      const drop = of[which]?.shift()
      if (!drop) continue
      const atMm = roll.endMm + wait(roll.endMm, drop.phaseMm, repeat)
      roll.cuts.push({ drop, atMm })
      roll.endMm = atMm + drop.lengthMm
    }
    if (roll.cuts.length > 0) rolls.push(roll)
  }
  const short = drops.filter((d) => !d.whole).sort((x, y) => y.lengthMm - x.lengthMm)
  for (const drop of short) {
    const fits = rolls
      .map((roll) => ({ roll, atMm: roll.endMm + wait(roll.endMm, drop.phaseMm, repeat) }))
      .filter((r) => r.atMm + drop.lengthMm <= paper.lengthMm + DUST_MM)
      .sort((x, y) => y.atMm - x.atMm)[0]
    const roll = fits?.roll ?? { cuts: [], endMm: 0 }
    const atMm = fits?.atMm ?? wait(0, drop.phaseMm, repeat)
    if (!fits) rolls.push(roll)
    roll.cuts.push({ drop, atMm })
    roll.endMm = atMm + drop.lengthMm
  }
  return rolls.map(({ cuts, endMm }) => ({ cuts, overMm: Math.max(0, paper.lengthMm - endMm) }))
}

/** The sequences of phases, roll by roll, that cut so many of each from the fewest rolls. */
function fewestRolls(
  counts: readonly number[],
  phases: readonly number[],
  lengthMm: number,
  repeatMm: number,
  rollMm: number,
): number[][] {
  const [a = 0, b = 0] = counts
  if (a + b === 0) return []
  // Every way to cut one roll, the most of both kept.
  const ways = new Map<string, number[]>()
  const go = (sequence: number[], endMm: number) => {
    const key = [0, 1].map((p) => sequence.filter((s) => s === p).length).join()
    if (sequence.length > 0 && !ways.has(key)) ways.set(key, sequence)
    if (sequence.length > 30) return
    const next = new Set<string>()
    phases.forEach((phase, p) => {
      const atMm = endMm + wait(endMm, phase, repeatMm)
      const at = `${p} ${Math.round(atMm)}`
      if (atMm + lengthMm > rollMm + DUST_MM || next.has(at)) return
      next.add(at)
      go([...sequence, p], atMm + lengthMm)
    })
  }
  go([], 0)
  const list = [...ways.values()].map((sequence) => ({
    sequence,
    a: sequence.filter((s) => s === 0).length,
    b: sequence.filter((s) => s === 1).length,
  }))
  const most = list.filter(
    (w) => !list.some((o) => o !== w && o.a >= w.a && o.b >= w.b && (o.a > w.a || o.b > w.b)),
  )
  if (most.length === 0) return []
  // Fewest rolls for every pair of counts up to those asked.
  const best = new Map<string, { rolls: number; way: (typeof list)[number] | undefined }>()
  best.set('0,0', { rolls: 0, way: undefined })
  for (let i = 0; i <= a; i++)
    for (let j = 0; j <= b; j++) {
      if (i + j === 0) continue
      for (const way of most) {
        const before = best.get(`${Math.max(0, i - way.a)},${Math.max(0, j - way.b)}`)
        if (!before || (Math.max(0, i - way.a) === i && Math.max(0, j - way.b) === j)) continue
        const now = best.get(`${i},${j}`)
        if (!now || before.rolls + 1 < now.rolls) best.set(`${i},${j}`, { rolls: before.rolls + 1, way })
      }
    }
  const found: number[][] = []
  let [i, j] = [a, b]
  while (i + j > 0) {
    const way = best.get(`${i},${j}`)?.way
    if (!way) return []
    found.push(way.sequence)
    ;[i, j] = [Math.max(0, i - way.a), Math.max(0, j - way.b)]
  }
  return found
}

/**
 * Paper for faces of one height, cut from rolls, beside what the trade's drop method and plain area say.
 *
 * @param trimMm at each end of a drop
 * @throws {RangeError} when a drop is longer than a roll
 */
export function paperPlan(faces: readonly Face[], paper: Paper, trimMm: number, seamMm = 0): PaperPlan {
  const drops = faces.flatMap((f) => layDrops(f, paper, trimMm, seamMm))
  const longest = drops.reduce((most, d) => Math.max(most, d.lengthMm), 0)
  if (longest > paper.lengthMm + DUST_MM)
    throw new RangeError(`A drop of ${Math.round(longest)} is longer than a roll of ${paper.lengthMm}`)
  const height = Math.max(0, ...faces.map((f) => f.heightMm))
  const width = faces.reduce((sum, f) => sum + f.widthMm, 0)
  const area = faces.reduce(
    (sum, f) =>
      sum +
      f.widthMm * f.heightMm -
      f.holes.reduce((part, h) => part + h.widthMm * (h.topMm - h.bottomMm), 0),
    0,
  )
  const { cutMm, rolls } = dropMethod(width, height, 2 * trimMm, paper)
  return {
    drops,
    // Faces of several heights have whole drops of several lengths: each height is cut by itself.
    rolls:
      [...new Set(drops.filter((d) => d.whole).map((d) => d.lengthMm))].length <= 1
        ? cutRolls(drops, paper)
        : cutRolls(
            drops.map((d) => ({ ...d, whole: false })),
            paper,
          ),
    customaryRolls: rolls,
    areaRolls: ceilDiv(area, paper.widthMm * paper.lengthMm),
    cutMm,
  }
}

/** Squares cut from a roll and hung turned by turns, with the strips that close the edges. */
export function paperSquares(face: Pick<Face, 'widthMm' | 'heightMm'>, paper: Paper, squareMm: number) {
  const perRoll = floorDiv(paper.lengthMm, squareMm) * Math.max(1, floorDiv(paper.widthMm, squareMm))
  const [columns, rows] = [floorDiv(face.widthMm, squareMm), floorDiv(face.heightMm, squareMm)]
  const [restX, restY] = [face.widthMm - columns * squareMm, face.heightMm - rows * squareMm]
  // Strips for the right edge and the foot, so many from one square; the corner comes from a strip that is over.
  const strips = (count: number, wideMm: number) =>
    wideMm < DUST_MM ? { squares: 0, over: 0 } : stripsOf(count, floorDiv(squareMm, wideMm))
  const [side, foot] = [strips(rows, restX), strips(columns, restY)]
  const corner = restX > DUST_MM && restY > DUST_MM && side.over + foot.over === 0 ? 1 : 0
  const edge = side.squares + foot.squares + corner
  return {
    perRoll,
    columns,
    rows,
    whole: columns * rows,
    edge,
    rolls: ceilDiv(columns * rows + edge, perRoll),
  }
}

const stripsOf = (count: number, perSquare: number) => {
  const squares = ceilDiv(count, Math.max(1, perSquare))
  return { squares, over: squares * Math.max(1, perSquare) - count }
}

/** The face with its drops, and every roll with its cuts. */
export function paperDrawings(face: Face, plan: PaperPlan, paper: Paper, seamMm = 0): Drawing[] {
  const own = layDrops(face, paper, 0, seamMm)
  const wall: Drawing = {
    name: face.name,
    widthMm: face.widthMm,
    heightMm: face.heightMm,
    times: 1,
    parts: [
      ...own.map((d): DrawnPart => ({
        xMm: d.xMm,
        yMm: d.yMm,
        widthMm: d.widthMm,
        heightMm: d.heightMm,
        label: d.name,
        use: 'used',
      })),
      ...face.holes.map((h): DrawnPart => ({
        xMm: h.startMm,
        yMm: face.heightMm - h.topMm,
        widthMm: h.widthMm,
        heightMm: h.topMm - h.bottomMm,
        label: h.name,
        use: 'opening',
      })),
    ],
  }
  return [
    wall,
    ...plan.rolls.map((roll, i): Drawing => ({
      name: `Roll ${i + 1}`,
      widthMm: paper.lengthMm,
      heightMm: paper.widthMm,
      times: 1,
      parts: [
        ...roll.cuts.map(({ drop, atMm }): DrawnPart => ({
          xMm: atMm,
          yMm: 0,
          widthMm: drop.lengthMm,
          heightMm: paper.widthMm,
          label: drop.name,
          use: 'used',
        })),
        {
          xMm: paper.lengthMm - roll.overMm,
          yMm: 0,
          widthMm: roll.overMm,
          heightMm: paper.widthMm,
          label: '',
          // What a whole drop could be cut from is kept.
          use: roll.overMm >= plan.cutMm ? 'spare' : 'lost',
        },
      ],
    })),
  ]
}
