import { minorField, rowSchema, textField } from '../../model/checks.js'

/** The least that opens a job: whose room, which, and the money agreed. */
export const newJobSchema = rowSchema(() => ({
  clientName: textField('Client'),
  roomName: textField('Room'),
  agreedMinor: minorField('Agreed budget'),
}))

/**
 * How a job starts: a tenth in reserve, prices with no tax to add until the rate is entered (common practice: ten
 * per cent contingency), and no school chosen, because none is right until the client has said so.
 */
export const NEW_BRIEF = {
  place: '',
  schemeId: null,
  reservePpm: 100_000,
  taxPpm: 0,
  pricesIncludeTax: true,
  agreedOn: null,
  feeKind: 'none',
  feeMinor: 0,
  feePpm: 0,
  feeHours: 0,
  feeInside: true,
  installOn: null,
  revealOn: null,
  leaseEndsOn: null,
  leadName: '',
  inspirationNote: '',
  hangingMm: null,
  level: null,
  decorateNote: '',
  buildingNote: '',
  beforeReason: '',
  backPrimerMinor: 0,
  backPaintMinor: 0,
  hourMinor: 0,
  stayYears: null,
  weights: { size: 10, 'way in': 10, date: 6, stock: 5, color: 8, wear: 6, liking: 8, years: 4, safety: 10 },
} as const

/** A room before its first wall. */
export const NEW_ROOM = {
  heightMm: null,
  skirtingMm: 0,
  corniceMm: 0,
  lowerWallMm: null,
  northDeg: null,
  latitudeDeg: null,
  kind: null,
} as const
