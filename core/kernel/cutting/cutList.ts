/** What is cut from lengths as they are sold. */
export interface CutList {
  /** Lengths cut from each stock length, longest first. */
  readonly stocks: readonly (readonly number[])[]
  /** What is over of each. */
  readonly offcuts: readonly number[]
  /** Share of the stock that is in no piece, the saw's part among it, in percent. */
  readonly wastePercent: number
  /** No way of cutting needs fewer than this. */
  readonly atLeast: number
  /** Fewer cannot do: the number found is the number needed. */
  readonly proven: boolean
}

/** A length asked for and how often. */
export interface Wanted {
  readonly length: number
  readonly count: number
}

const DUST = 1e-9
/** Ways tried before the best found is taken, with the bound told (some 150 ms). */
const TRIES = 25_000

/**
 * Fewest stock lengths for the pieces: n pieces of one length need their sum and n − 1 saw cuts.
 *
 * Longest pieces first, each into the fullest length it fits (best fit decreasing); while that is more than the bound,
 * one length fewer is searched for by completing length after length (Korf, Bin completion, from memory), up to a limit
 * of tries. The bound is the larger of the sum of the pieces and that of Martello and Toth (L2, from memory).
 *
 * @param pieces lengths and stock in one unit, none longer than the stock
 * @throws {RangeError} when a piece is longer than the stock
 */
export function cutList(stock: number, kerf: number, pieces: readonly Wanted[]): CutList {
  const all = pieces.flatMap((p) => Array.from({ length: p.count }, () => p.length)).sort((x, y) => y - x)
  if ((all[0] ?? 0) > stock)
    throw new RangeError(`A piece of ${all[0] ?? 0} is longer than the stock of ${stock}`)
  // Room counts one cut more than the stock has, so that each piece may bring its own.
  const sizes = all.map((l) => l + kerf)
  const room = stock + kerf
  const atLeast = leastBins(sizes, room)
  let found = bestFit(sizes, room)
  let proven = found.length === atLeast
  while (!proven) {
    const fewer = fewerThan(found.length, sizes, room)
    if (!Array.isArray(fewer)) {
      proven = fewer === 'none'
      break
    }
    found = fewer
    proven = found.length === atLeast
  }
  const stocks = found.map((bin) => bin.map((size) => size - kerf))
  const used = (bin: readonly number[]) => bin.reduce((sum, l) => sum + l, 0) + (bin.length - 1) * kerf
  const inPieces = all.reduce((sum, l) => sum + l, 0)
  return {
    stocks,
    offcuts: stocks.map((bin) => Math.max(0, stock - used(bin))),
    wastePercent: stocks.length > 0 ? 100 * (1 - inPieces / (stocks.length * stock)) : 0,
    atLeast: proven ? stocks.length : atLeast,
    proven,
  }
}

/** A number of bins that no packing can beat. @param sizes the largest first */
export function leastBins(sizes: readonly number[], room: number): number {
  let least = Math.ceil(sizes.reduce((sum, s) => sum + s, 0) / room - DUST)
  for (const small of new Set(sizes.filter((s) => s <= room / 2 + DUST))) {
    const alone = sizes.filter((s) => s > room - small + DUST).length
    const large = sizes.filter((s) => s <= room - small + DUST && s > room / 2 + DUST)
    const rest = sizes.filter((s) => s <= room / 2 + DUST && s >= small - DUST)
    const beside = large.length * room - large.reduce((sum, s) => sum + s, 0)
    const over = rest.reduce((sum, s) => sum + s, 0) - beside
    least = Math.max(least, alone + large.length + Math.max(0, Math.ceil(over / room - DUST)))
  }
  return Math.max(least, sizes.filter((s) => s > room / 2 + DUST).length)
}

function bestFit(sizes: readonly number[], room: number): number[][] {
  const bins: { room: number; sizes: number[] }[] = []
  for (const size of sizes) {
    const fits = bins.filter((b) => b.room >= size - DUST).sort((x, y) => x.room - y.room)[0]
    const bin = fits ?? { room, sizes: [] }
    if (!fits) bins.push(bin)
    bin.sizes.push(size)
    bin.room -= size
  }
  return bins.map((b) => b.sizes)
}

/** One bin fewer: a packing, `none` where every way was tried, or `unknown` where that would take too long. */
function fewerThan(count: number, sizes: readonly number[], room: number): number[][] | 'none' | 'unknown' {
  for (const keepSmall of KEEP_SMALL) {
    const found = completed(sizes, room, count - 1, keepSmall)
    if (found !== 'unknown') return found
  }
  return 'unknown'
}

// How much of the room left over one gives for a filling that keeps the small pieces, which fit anywhere, for later.
const KEEP_SMALL = [0, 0.05, 0.2, 1] as const

/** A packing into so many bins, filling after filling with the largest piece that is left. */
function completed(
  sizes: readonly number[],
  room: number,
  count: number,
  keepSmall: number,
): number[][] | 'none' | 'unknown' {
  const kinds = [...new Set(sizes)]
  const left = kinds.map((k) => sizes.filter((s) => s === k).length)
  let spare = count * room - sizes.reduce((sum, s) => sum + s, 0)
  let tries = 0
  const bins: number[][] = []
  /** Every fullest filling with the largest piece that is left, the best first. */
  const fillings = (): { take: number[]; lost: number; worth: number }[] => {
    const first = left.findIndex((n) => n > 0)
    const found: { take: number[]; lost: number; worth: number }[] = []
    const take = kinds.map(() => 0)
    const go = (from: number, over: number) => {
      if (++tries > TRIES) return
      for (let k = from; k < kinds.length; k++) {
        const size = kinds[k] ?? 0
        if ((take[k] ?? 0) >= (left[k] ?? 0) || size > over + DUST) continue
        take[k] = (take[k] ?? 0) + 1
        go(k, over - size)
        take[k] = (take[k] ?? 0) - 1
      }
      // A filling that could take one more piece is another filling's lesser half.
      const more = kinds.some((s, k) => (take[k] ?? 0) < (left[k] ?? 0) && s <= over + DUST)
      if (more || over > spare + DUST) return
      const pieces = take.reduce((sum, n) => sum + n, 0)
      found.push({ take: [...take], lost: over, worth: over + (keepSmall * room * pieces) / 100 })
    }
    take[first] = 1
    go(first, room - (kinds[first] ?? 0))
    return found.sort((x, y) => x.worth - y.worth)
  }
  const place = (): boolean => {
    if (left.every((n) => n === 0)) return true
    if (bins.length === count || tries > TRIES) return false
    for (const { take, lost } of fillings()) {
      take.forEach((n, k) => (left[k] = (left[k] ?? 0) - n))
      spare -= lost
      bins.push(take.flatMap((n, k) => new Array<number>(n).fill(kinds[k] ?? 0)))
      if (place()) return true
      bins.pop()
      spare += lost
      take.forEach((n, k) => (left[k] = (left[k] ?? 0) + n))
      if (tries > TRIES) return false
    }
    return false
  }
  if (place()) return bins
  return tries > TRIES ? 'unknown' : 'none'
}
