import { DANGERS } from './wrongs/dangers.js'
import { LACKS } from './wrongs/lacks.js'
import { LOOKS } from './wrongs/looks.js'
import { PLACES } from './wrongs/places.js'

/** What goes wrong in rooms, one at a time. */
export const WRONGS = [...DANGERS, ...LACKS, ...LOOKS, ...PLACES]
