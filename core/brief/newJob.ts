import { minorField, rowSchema, textField } from '../job/fields.js'
import { COLOR_SCHOOLS } from './schema.js'

/** The least that opens a job: whose room, which, and the money agreed. */
export const newJobSchema = rowSchema({
  clientName: textField('Client'),
  roomName: textField('Room'),
  agreedMinor: minorField('Agreed budget'),
})

/**
 * How a job starts: a tenth in reserve, prices with no tax to add until the rate is entered (common practice: ten
 * per cent contingency), and the first school, which the Brief asks to confirm.
 */
export const NEW_BRIEF = {
  place: '',
  schemeName: '',
  reservePpm: 100_000,
  taxPpm: 0,
  pricesIncludeTax: true,
  installOn: null,
  colorSchool: COLOR_SCHOOLS[0],
} as const
