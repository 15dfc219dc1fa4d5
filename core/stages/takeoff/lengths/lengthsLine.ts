import type { Formatter } from '../../../kernel/units/formatter.js'
import { cutList } from '../../../kernel/cutting/cutList.js'
import type { Reckoned, TakeoffInput } from '../takeoffTypes.js'
import { crownMiter, flatMiter } from './miters.js'
import { ceilDiv, type Drawing, type Face } from '../trade.js'

/** How high a length is drawn, whatever its width. */
const STRIP_MM = 160

/** Offcuts of molding and board this long are worth keeping (common practice). */
const KEEP_MM = 300

/** Runs along the foot of walls, doors left out, in lengths that can be had: whole ones and a rest. */
function runsOf(faces: readonly Face[], stockMm: number): number[] {
  return faces.flatMap((f) => {
    const doors = f.holes
      .filter((h) => h.bottomMm <= 0)
      .map((h) => [h.startMm, h.startMm + h.widthMm] as const)
      .sort((x, y) => x[0] - y[0])
    const runs: number[] = []
    let at = 0
    for (const [from, to] of doors) {
      if (from > at) runs.push(from - at)
      at = Math.max(at, to)
    }
    if (f.widthMm > at) runs.push(f.widthMm - at)
    return runs.flatMap((mm) => {
      const whole = Math.floor(mm / stockMm)
      return [
        ...new Array<number>(whole).fill(stockMm),
        ...(mm - whole * stockMm > 0 ? [mm - whole * stockMm] : []),
      ]
    })
  })
}

/** Moldings and boards cut from lengths as they are sold: pieces named, and runs along walls. */
export function lengthsLine({ row, faces, parts, cornersDeg, says }: TakeoffInput): Reckoned {
  const stock = row.goodsLengthMm ?? 0
  const long = parts.find((p) => p.lengthMm > stock)
  if (long)
    throw new RangeError(
      `a length as sold that ${long.name} of ${says.length(long.lengthMm)} can be cut from`,
    )
  const runs = runsOf(faces, stock)
  const wanted = [
    ...parts.map((p) => ({ length: p.lengthMm, count: p.count })),
    ...runs.map((length) => ({ length, count: 1 })),
  ]
  const list = cutList(stock, row.jointMm, wanted)
  const kept = list.offcuts.filter((o) => o >= KEEP_MM)
  const total = wanted.reduce((sum, w) => sum + w.length * w.count, 0)
  const plain = ceilDiv(total, stock)
  return {
    pieces: list.stocks.length,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['length', 'lengths'],
    needed: says.run(total),
    work: [{ task: 'fit moldings', amount: total }],
    over:
      kept.length > 0 ? `${grouped(kept.map((o) => says.drawn(o)))} worth keeping` : 'nothing worth keeping',
    sum: [
      `${says.count(
        wanted.reduce((sum, w) => sum + w.count, 0),
        'piece',
      )}, ${says.run(total)} together`,
      `from ${says.length(stock)}, the saw takes ${says.typed(row.jointMm)} → ${says.count(list.stocks.length, 'length')}`,
    ],
    notes: [
      list.proven
        ? 'Fewer cannot do: proven.'
        : `No way of cutting needs fewer than ${list.atLeast}; ${list.stocks.length} is the best found.`,
      ...(plain < list.stocks.length
        ? [`By plain length it would be ${plain}: the saw and the pieces themselves do not allow it.`]
        : []),
      ...sawSettings(cornersDeg, row.springDeg, says),
    ],
    drawings: sameCuts(list, stock, row.jointMm, says),
  }
}

/** How the saw is set at every corner the molding goes round: by the spring of a crown, or flat against the wall. */
function sawSettings(cornersDeg: readonly number[], springDeg: number | null, says: Formatter): string[] {
  const deg = (n: number) => `${says.number(n, Math.abs(n - Math.round(n)) < 0.05 ? 0 : 1)}°`
  return [...new Set(cornersDeg)].map((corner) => {
    const times = cornersDeg.filter((c) => c === corner).length
    const which = `${says.count(times, 'corner')} of ${deg(corner)}${corner > 180 ? ', standing out into the room' : ''}`
    if (springDeg === null) return `${which}: cut at ${deg(flatMiter(corner))}.`
    const { miterDeg, bevelDeg } = crownMiter(springDeg, Math.min(corner, 360 - corner))
    return `${which}: molding lying flat, saw turned ${deg(miterDeg)}, blade leaning ${deg(bevelDeg)}; cut a short piece and try it.`
  })
}

/** Equal figures once, with how many there are: `4 × 387, 1 600`. */
function grouped(figures: readonly string[]): string {
  return [...new Set(figures)]
    .map((f) => ({ f, n: figures.filter((g) => g === f).length }))
    .map(({ f, n }) => (n > 1 ? `${n} × ${f}` : f))
    .join(', ')
}

/** Lengths cut alike are drawn once, with how many there are. */
function sameCuts(list: ReturnType<typeof cutList>, stock: number, kerf: number, says: Formatter): Drawing[] {
  const alike = new Map<string, { cuts: readonly number[]; times: number }>()
  for (const cuts of list.stocks) {
    const key = cuts.join()
    alike.set(key, { cuts, times: (alike.get(key)?.times ?? 0) + 1 })
  }
  return [...alike.values()].map(({ cuts, times }, i): Drawing => {
    let at = 0
    const parts = cuts.map((mm) => {
      const part = {
        xMm: at,
        yMm: 0,
        widthMm: mm,
        heightMm: STRIP_MM,
        label: says.drawn(mm),
        use: 'used' as const,
      }
      at += mm + kerf
      return part
    })
    const rest = stock - Math.min(stock, at)
    return {
      name: `Length ${i + 1}`,
      widthMm: stock,
      heightMm: STRIP_MM,
      times,
      strip: true,
      parts: [
        ...parts,
        {
          xMm: stock - rest,
          yMm: 0,
          widthMm: rest,
          heightMm: STRIP_MM,
          label: '',
          use: rest >= KEEP_MM ? 'spare' : 'lost',
        },
      ],
    }
  })
}
