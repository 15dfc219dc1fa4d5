/** What happened to money or goods. A mistake is fixed by entries of the same kind with the sign turned. */
export const ENTRY_KINDS = [
  'order',
  'cancel',
  'payment',
  'delivery',
  'return',
  'refund',
  'adjustment',
  'charge',
  'gift',
  'client payment',
  'fee',
] as const

export type EntryKind = (typeof ENTRY_KINDS)[number]

/** What a payment was made with. Gift cards and store credit pay; they do not discount. */
export const MEANS = ['bank', 'card', 'cash', 'gift card', 'store credit'] as const

/** What was paid for one thing and counts for another: between two lines, by no purse. */
export const EXCHANGED = 'exchange'

/** What is heard of an order, or decided of a thing that came: no money moves. */
export const ORDER_EVENTS = [
  'sent',
  'acknowledged',
  'delayed',
  'shipped',
  'refused',
  'damaged',
  'kept',
  'to go back',
] as const

export type OrderEventKind = (typeof ORDER_EVENTS)[number]

/** Those that are always said of one line; the others of one or of the whole order. */
export const LINE_EVENTS: readonly OrderEventKind[] = ['damaged', 'kept', 'to go back']

export const VOUCHER_KINDS = ['gift card', 'store credit'] as const

export const PAPER_KINDS = ['receipt', 'invoice', 'credit note'] as const

export const CLAIM_ASKS = ['replacement', 'repair', 'part of the price', 'money back'] as const

export const CLAIM_ANSWERS = ['waiting', 'granted', 'refused'] as const

export const LOAN_REASONS = ['for the photograph', 'from another room', 'to try'] as const

export const PROPOSAL_STATES = ['proposed', 'agreed', 'refused'] as const
