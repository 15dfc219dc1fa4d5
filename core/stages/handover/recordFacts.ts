import type { Ref } from '../../findings/finding.js'
import type { PicturePair } from './pictures.js'
import type { Register } from './register.js'

/** What the rules of what is handed over look at. */
export interface RecordFacts {
  readonly register: Register
  /** The room is nearly done, or is: what is not known by now is seldom found out later. */
  readonly isDue: boolean
  /** The work at the room is done. */
  readonly isDone: boolean
  readonly pairs: readonly PicturePair[]
  /** Things seen in pictures that are no piece of the room, where nobody has said what they are. */
  readonly unasked: readonly Ref[]
}

/** From so many days before the day of installing on what is missing is asked for (common practice: three weeks). */
export const DUE_DAYS = 21
