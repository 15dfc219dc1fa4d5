import { minorField, rowSchema, textField } from '../../model/checks.js'

/** The least that opens a job: whose room, which, and the money agreed. */
export const newJobSchema = rowSchema(() => ({
  clientName: textField('Client'),
  roomName: textField('Room'),
  agreedMinor: minorField('Agreed budget'),
}))
