import { idField, rowSchema, textField, type RowOf } from '../model/checks.js'

/** A finding accepted as deliberate: it stays struck while its facts stand. */
export const acceptanceSchema = rowSchema(() => ({
  id: idField(),
  finding: textField('Finding', 400),
  facts: textField('Facts', 600),
  reason: textField('Reason', 400),
}))
export type Acceptance = RowOf<typeof acceptanceSchema>
