import type { InferType } from 'yup'
import {
  choiceField,
  dayOrNone,
  flagField,
  idField,
  minorField,
  noteField,
  ppmField,
  rowSchema,
  textField,
  wholeField,
} from '../job/fields.js'

/** The schools of color scheme a job can choose (product book, Schools). */
export const COLOR_SCHOOLS = ['two mains and one accent', 'quiet neutral', 'drawn from one piece'] as const

/** The agreed frame of a job: what it is called, its money and its day. */
export const briefSchema = rowSchema({
  id: idField(),
  clientId: idField('Client'),
  roomName: textField('Room'),
  place: noteField('Place', 120),
  schemeName: noteField('Scheme', 60),
  agreedMinor: minorField('Agreed budget'),
  reservePpm: ppmField('Reserve', 50),
  taxPpm: ppmField('Tax rate', 60),
  pricesIncludeTax: flagField('Prices include tax'),
  installOn: dayOrNone('Install date'),
  colorSchool: choiceField('Color scheme school', COLOR_SCHOOLS),
})
export type Brief = InferType<typeof briefSchema>

export const clientSchema = rowSchema({ id: idField(), name: textField('Client') })
export type Client = InferType<typeof clientSchema>

/** One thing the room must do for the people in it. */
export const useSchema = rowSchema({
  id: idField(),
  name: textField('Use'),
  position: wholeField('Position', 0, 10_000, 'places'),
})
export type Use = InferType<typeof useSchema>
