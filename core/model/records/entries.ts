import { number, string } from 'yup'
import { MAX_MINOR } from '../../kernel/money/currency.js'
import { by, choice, day, flag, note, ref } from '../field.js'
import { defineRecord } from '../record.js'
import type { RowOf } from '../row.js'
import { ENTRY_KINDS } from '../vocabulary/ledger.js'

/** A sum or a count that a reversal turns. */
const turned = (label: string, most: number) => () =>
  number()
    .label(label)
    .typeError(`${label} must be a number.`)
    .integer(`${label} must be whole.`)
    .min(-most, `${label} is too far below zero. Check for digits too many.`)
    .max(most, `${label} is too large. Check for digits too many.`)
    .required(`${label} is missing.`)

/** One line of the ledger. Entries of one act share an event; a mistake is another entry with the sign turned. */
export const entries = defineRecord({
  name: 'entries',
  table: 'ledger_entry',
  singular: 'a ledger entry',
  signed: 'shown',
  counted: true,
  fields: {
    eventId: ref('events', 'Event', 'refuse'),
    kind: choice('Kind', ENTRY_KINDS),
    /** Null for what concerns the job as a whole. */
    lineId: ref('lines', 'Line', 'refuse').orNone(),
    amountMinor: by<number>('minor', 'Amount', turned('Amount', MAX_MINOR)),
    taxMinor: by<number>('minor', 'Tax', turned('Tax', MAX_MINOR)).starts(0),
    quantity: by<number>('whole', 'Quantity', turned('Quantity', 10_000)).starts(0),
    on: day('Date'),
    means: by<string | null>('text', 'Means', () =>
      string().nullable().max(40).defined('Means is missing. Give it, or null.'),
    ).orNone(),
    voucherId: ref('vouchers', 'Gift card or credit', 'refuse').orNone(),
    /** The amount is remembered, not read off a paper. */
    estimated: flag('Estimated').starts(false),
    /** The supplier's own name for the update this was entered from; empty when a person saw it. */
    updateId: note('Order update', 60),
    note: note('Note', 400),
    /** The event this entry takes back, when it is a reversal. */
    reverses: ref('events', 'Reverses', 'refuse').orNone(),
  },
})
export type LedgerEntry = RowOf<typeof entries.fields>
