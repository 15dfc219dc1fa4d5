import { DUST_MM } from '../trade.js'
import { mod, type Drop, type Paper } from './drops.js'

/** A roll with the drops that are cut from it, from its beginning. */
export interface CutRoll {
  readonly cuts: readonly { readonly drop: Drop; readonly atMm: number }[]
  readonly overMm: number
}

/** From a place on a roll to the next at which the pattern stands so. */
const wait = (atMm: number, phaseMm: number, repeatMm: number): number => {
  if (repeatMm <= 0) return 0
  const gap = mod(phaseMm - atMm, repeatMm)
  return repeatMm - gap < DUST_MM ? 0 : gap
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
