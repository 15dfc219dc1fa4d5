import type { UseKind } from '../../../model/vocabulary/use.js'

/** How much light a use asks for, and where that is told. */
export interface LightTarget {
  readonly lux: number
  readonly says: string
  /** The place where it is wanted, above the floor. */
  readonly heightMm: number
}

const HOME = 'customary in homes (common practice; no binding value)'
const IES_D = 'IES category D, visual tasks of high contrast (9th edition, from memory)'
const IES_E = 'IES category E, small size or low contrast (9th edition, from memory)'
const EN_OFFICE = 'EN 12464-1 for writing and reading (2011, from memory); a limit for work places'

const EN_LAUNDRY = 'washing and dry cleaning, EN 12464-1 (2011, from memory); a limit for work places'

/** Target by kind of use. */
export const LIGHT_TARGETS: Readonly<Partial<Record<UseKind, LightTarget>>> = {
  sit: { lux: 100, says: HOME, heightMm: 750 },
  read: { lux: 300, says: `300 to 500 ${HOME}`, heightMm: 750 },
  eat: { lux: 150, says: `150 to 300 ${HOME}`, heightMm: 750 },
  'work or study': { lux: 500, says: EN_OFFICE, heightMm: 750 },
  'sew or make': { lux: 500, says: IES_E, heightMm: 800 },
  'play music': { lux: 300, says: `reading scores: ${IES_D}`, heightMm: 1_100 },
  wash: { lux: 300, says: `at the mirror, 300 to 500 ${HOME}`, heightMm: 1_500 },
  dress: { lux: 150, says: HOME, heightMm: 1_200 },
  sleep: { lux: 50, says: `50 to 150 ${HOME}`, heightMm: 600 },
  store: { lux: 50, says: HOME, heightMm: 1_000 },
  play: { lux: 150, says: HOME, heightMm: 300 },
  'put things down': { lux: 50, says: HOME, heightMm: 500 },
  'do the laundry': { lux: 300, says: EN_LAUNDRY, heightMm: 900 },
  'come and go': { lux: 100, says: HOME, heightMm: 500 },
  cook: { lux: 300, says: `at the worktop, 300 to 500 ${HOME}`, heightMm: 900 },
  'change a small child': { lux: 150, says: HOME, heightMm: 900 },
  display: { lux: 150, says: HOME, heightMm: 1_500 },
}

/** What the room as a whole wants, by the mood the job chose (50 to 150 lx customary in homes, common practice). */
export const MOOD_LUX: Readonly<Record<string, number>> = { 'bright and airy': 150, 'warm cocoon': 50 }
export const GENERAL_LUX = 100
