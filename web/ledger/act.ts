/** A field beside those every act has. */
export interface MoreField {
  readonly field: string
  readonly label: string
  readonly kind: 'money' | 'date' | 'text' | 'choice' | 'check'
  readonly value?: string
  readonly hint?: string
  readonly choices?: readonly { readonly value: string; readonly text: string }[]
  /** Shown and sent only when it is paid by one of these. */
  readonly onlyBy?: readonly string[]
}

/** What is to be done, with what is known beforehand. */
export interface Act {
  readonly path:
    | 'orders'
    | 'payments'
    | 'deliveries'
    | 'returns'
    | 'refunds'
    | 'cancellations'
    | 'reversals'
    | 'adjustments'
    | 'charges'
    | 'gifts'
    | 'account'
    | 'order-events'
    | 'change-orders'
    | 'exchanges'
  readonly title: string
  readonly button: string
  /** Said under the title: the figures this act rests on. */
  readonly says: string
  /** Fields that are settled already. */
  readonly fixed: Readonly<Record<string, unknown>>
  /** Name of the field for the day. */
  readonly dayField: string
  /** An amount with the most it may be; without a limit it is any amount. */
  readonly amount?: {
    readonly field: string
    readonly minor: number
    readonly label: string
    readonly open?: boolean
  }
  readonly quantity?: number
  readonly means?: boolean
  readonly expectedOn?: string | null
  readonly more?: readonly MoreField[]
  /** The day and note it begins with, when they are known. */
  readonly day?: string
  readonly note?: string
  readonly needsNote?: boolean
  /** It takes no note. */
  readonly noNote?: boolean
  /** What the note is called. */
  readonly noteLabel?: string
}
