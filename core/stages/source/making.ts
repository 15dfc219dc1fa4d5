import { cutList, type CutList } from '../../kernel/cutting/cutList.js'
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
