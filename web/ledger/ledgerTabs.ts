/** The pages of the Ledger. */
export const LEDGER_PAGES = [
  { path: '', text: 'Orders' },
  { path: 'standing', text: 'Standing' },
  { path: 'entries', text: 'Entries' },
  { path: 'dates', text: 'Dates' },
  { path: 'receipts', text: 'Receipts' },
  { path: 'claims', text: 'Claims' },
  { path: 'changes', text: 'Changes' },
  { path: 'bank', text: 'Bank' },
  { path: 'papers', text: 'Papers' },
] as const
