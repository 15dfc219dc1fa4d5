import type { Minor } from '../../kernel/money/currency.js'

/** What became of an item's intent when something else than planned was chosen. */
export interface Swap {
  readonly plannedName: string
  readonly boughtName: string
  /** Above zero is saved. */
  readonly savedMinor: Minor
  readonly intent: 'kept' | 'lost' | 'not said'
}

/** @returns undefined while what was planned is what is chosen, or nothing was planned */
export function swapOf(
  planned: { readonly id: string; readonly name: string; readonly landedMinor: Minor } | undefined,
  bought: { readonly id: string; readonly name: string; readonly landedMinor: Minor } | undefined,
  intentKept: 'kept' | 'lost' | null,
): Swap | undefined {
  if (!planned || !bought || planned.id === bought.id) return undefined
  return {
    plannedName: planned.name,
    boughtName: bought.name,
    savedMinor: planned.landedMinor - bought.landedMinor,
    intent: intentKept ?? 'not said',
  }
}

/** The difference of a swap in words: `€12 less`. */
export const differenceOf = (
  { savedMinor }: Pick<Swap, 'savedMinor'>,
  money: (minor: Minor) => string,
): string =>
  savedMinor === 0
    ? 'at the same price'
    : savedMinor > 0
      ? `${money(savedMinor)} less`
      : `${money(-savedMinor)} more`
