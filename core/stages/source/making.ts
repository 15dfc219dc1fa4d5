import type { Minor } from '../../kernel/money/currency.js'
import type { Fabrication } from '../../model/rows/fabrications.js'

/** What a made thing takes, in money and in pieces cut. */
export interface MadeCost {
  /** All that is bought for it; what is owned already adds nothing. */
  readonly boughtMinor: Minor
  readonly lines: readonly MadeLine[]
}

export interface MadeLine {
  readonly id: string
  readonly name: string
  /** How many are bought: whole stock lengths when it is cut from them. */
  readonly quantity: number
  readonly costMinor: Minor
  readonly cuts: CutList | undefined
}

/** Adds up the list of materials. Money is rounded half up on each line. */
export function madeCost(fabrications: readonly Fabrication[]): MadeCost {
  const lines = [...fabrications]
    .sort((x, y) => x.position - y.position)
    .map((m): MadeLine => {
      const cuts =
        m.cutMm && m.cutCount && m.stockMm && m.cutMm <= m.stockMm
          ? cutList(m.stockMm, m.kerfMm ?? 0, [{ length: m.cutMm, count: m.cutCount }])
          : undefined
      const quantity = cuts?.stocks.length ?? m.quantity
      return {
        id: m.id,
        name: m.name,
        quantity,
        costMinor: m.kind === 'owned already' ? 0 : Math.round(quantity * m.unitMinor),
        cuts,
      }
    })
  return { boughtMinor: lines.reduce((sum, l) => sum + l.costMinor, 0), lines }
}

export interface CutList {
  /** Lengths cut from each stock length, longest first. */
  readonly stocks: readonly (readonly number[])[]
  /** What is over of each. */
  readonly offcuts: readonly number[]
  /** Share of the stock that is in no piece, the saw's part among it, in percent. */
  readonly wastePercent: number
}

/**
 * Fewest stock lengths for the pieces: n pieces of one length need their sum and n − 1 saw cuts.
 *
 * Longest pieces first, each into the fullest length it fits (best fit decreasing); when that is more than the least
 * any way could need, one length fewer is searched for, up to a limit of tries, so that
 * the lists of one job (some sixty pieces) come out exact. A mill's list of hundreds may come out some lengths long.
 *
 * @param pieces lengths and stock in one unit, none longer than the stock
 * @throws {RangeError} when a piece is longer than the stock
 */
export function cutList(
  stock: number,
  kerf: number,
  pieces: readonly { readonly length: number; readonly count: number }[],
): CutList {
  const all = pieces.flatMap((p) => Array.from({ length: p.count }, () => p.length)).sort((x, y) => y - x)
  if ((all[0] ?? 0) > stock)
    throw new RangeError(`A piece of ${all[0] ?? 0} is longer than the stock of ${stock}`)
  let found = bestFit(stock, kerf, all)
  // Each piece takes its length and a cut, of which each stock length has one to spare.
  const least = Math.ceil(all.reduce((sum, l) => sum + l + kerf, 0) / (stock + kerf) - 1e-9)
  while (found.length > least) {
    const fewer = packedInto(found.length - 1, stock, kerf, all)
    if (!fewer) break
    found = fewer
  }
  const used = (bin: readonly number[]) => bin.reduce((sum, l) => sum + l, 0) + (bin.length - 1) * kerf
  const inPieces = all.reduce((sum, l) => sum + l, 0)
  return {
    stocks: found,
    offcuts: found.map((bin) => Math.max(0, stock - used(bin))),
    wastePercent: found.length > 0 ? 100 * (1 - inPieces / (found.length * stock)) : 0,
  }
}

function bestFit(stock: number, kerf: number, all: readonly number[]): number[][] {
  const bins: { room: number; pieces: number[] }[] = []
  for (const length of all) {
    // Room counts one cut more than the stock has, so that each piece may bring its own.
    const fits = bins.filter((b) => b.room >= length + kerf - 1e-9).sort((x, y) => x.room - y.room)[0]
    const bin = fits ?? { room: stock + kerf, pieces: [] }
    if (!fits) bins.push(bin)
    bin.pieces.push(length)
    bin.room -= length + kerf
  }
  return bins.map((b) => b.pieces)
}

const TRIES = 200_000

/** A way to pack all into so many lengths; undefined when there is none, or none was found within the tries. */
function packedInto(
  count: number,
  stock: number,
  kerf: number,
  all: readonly number[],
): number[][] | undefined {
  const room = new Array<number>(count).fill(stock + kerf)
  const bins = Array.from({ length: count }, (): number[] => [])
  let spare = count * (stock + kerf) - all.reduce((sum, l) => sum + l + kerf, 0)
  const shortest = (all.at(-1) ?? 0) + kerf
  let tries = 0
  const place = (at: number): boolean => {
    const length = all[at]
    if (length === undefined) return true
    if (++tries > TRIES) return false
    const seen = new Set<number>()
    for (let b = 0; b < count; b++) {
      const left = room[b] ?? 0
      if (left < length + kerf - 1e-9 || seen.has(left)) continue
      seen.add(left)
      const rest = left - length - kerf
      // What no later piece can use is lost.
      const lost = rest < shortest - 1e-9 ? rest : 0
      if (lost > spare + 1e-9) continue
      room[b] = rest
      spare -= lost
      bins[b]?.push(length)
      if (place(at + 1)) return true
      bins[b]?.pop()
      spare += lost
      room[b] = left
    }
    return false
  }
  return place(0) ? bins : undefined
}
