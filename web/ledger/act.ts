/** What is to be done, with what is known beforehand. */
export interface Act {
  readonly path: 'orders' | 'payments' | 'deliveries' | 'returns' | 'refunds' | 'cancellations' | 'reversals'
  readonly title: string
  readonly button: string
  /** Said under the title: the figures this act rests on. */
  readonly says: string
  /** Fields that are settled already. */
  readonly fixed: Readonly<Record<string, unknown>>
  /** Name of the field for the day. */
  readonly dayField: string
  readonly amount?: { readonly field: string; readonly minor: number; readonly label: string }
  readonly quantity?: number
  readonly means?: boolean
  readonly expectedOn?: string | null
  readonly needsNote?: boolean
}
