import type { Studio } from '../model/snapshot.js'
import { formatterOf, plainFormatter } from '../kernel/units/formatter.js'

/** How the studios of tests and examples write: in millimeters and euros, and in feet, inches and dollars. */
export const METRIC = plainFormatter('EUR')
export const IMPERIAL = formatterOf({ system: 'imperial', locale: 'en-US', currency: 'USD' })

/** The studio of tests: the one of the demo. */
export const TERN: Studio = {
  id: 's',
  name: 'Tern & Thole',
  currency: 'EUR',
  locale: 'en-IE',
  system: 'metric',
  paper: 'A4',
  timeZone: 'UTC',
}
