import type { PieceKind, Trait } from '../../model/vocabulary/piece.js'
import type { Fixing } from '../../model/vocabulary/fixing.js'

/** What the care of a thing follows from. */
export interface CaredFor {
  readonly kind: PieceKind
  readonly material: string
  readonly sealed: boolean
  readonly traits: readonly Trait[]
  readonly fixing: Fixing
  readonly outdoor: boolean
}

/** Usual care: every so many months, or once a year in a month. */
export interface Care {
  /** The word its key begins with. */
  readonly word: string
  readonly what: string
  readonly everyMonths?: number
  readonly month?: number
  readonly caution?: string
}

const OIL_CAUTION =
  'Rags with oil in them can catch fire by themselves: dry them flat outdoors, or keep them under water.'

interface Rule {
  readonly care: Care
  readonly holds: (t: CaredFor) => boolean
}

const kind =
  (...kinds: readonly PieceKind[]) =>
  (t: CaredFor) =>
    kinds.includes(t.kind)
const top = kind('table', 'low table', 'side table', 'desk', 'cabinet', 'sanitary')
const seat = kind('sofa', 'sofa bed', 'armchair')

/** Care by material, kind and place (common practice; the label and the maker’s word go first). */
const CARE: readonly Rule[] = [
  {
    care: {
      word: 'turn',
      what: 'Turn it end for end, so that it wears and fades alike; vacuum both sides.',
      everyMonths: 6,
    },
    holds: kind('rug'),
  },
  {
    care: {
      word: 'wash',
      what: 'Take down, shake out, wash or clean by its label; hang up damp.',
      everyMonths: 12,
    },
    holds: kind('curtains'),
  },
  {
    care: { word: 'dust', what: 'Dust with a soft brush, slats or cloth from above.', everyMonths: 3 },
    holds: kind('blind'),
  },
  {
    care: {
      word: 'plump',
      what: 'Vacuum under the cushions, turn and plump them; covers by their label.',
      everyMonths: 3,
    },
    holds: seat,
  },
  {
    care: {
      word: 'cover',
      what: 'Wash covers by their label, dry flat, back on a little damp.',
      everyMonths: 6,
    },
    holds: (t) => kind('cushion', 'throw')(t) && t.traits.includes('washable'),
  },
  {
    care: {
      word: 'leather',
      what: 'Wipe, then feed with what its maker names; away from heat and sun.',
      everyMonths: 12,
    },
    holds: (t) => t.material === 'leather',
  },
  {
    care: {
      word: 'oil',
      what: 'Clean, oil thinly, rub off all that is left after a quarter of an hour.',
      everyMonths: 12,
      caution: OIL_CAUTION,
    },
    holds: (t) => t.material === 'timber' && !t.sealed && !kind('piano', 'rug')(t),
  },
  {
    care: {
      word: 'tune',
      what: 'Have it tuned, once the heating has run for a month; keep the air even.',
      everyMonths: 6,
    },
    holds: kind('piano'),
  },
  {
    care: { word: 'seal', what: 'Try with a drop of water; where it soaks in, seal anew.', everyMonths: 12 },
    holds: (t) => t.material === 'stone' && t.sealed && top(t),
  },
  {
    care: {
      word: 'battery',
      what: 'Charge it, or change its batteries; spent ones go where local rules say.',
      everyMonths: 3,
    },
    holds: (t) => t.traits.includes('cordless'),
  },
  {
    care: { word: 'feed', what: 'Feed it as its label says; turn the pot, look under the leaves.', month: 4 },
    holds: (t) => t.kind === 'plant' && !t.outdoor,
  },
  {
    care: {
      word: 'take in',
      what: 'Take it in before the first frost, or cover it; empty what holds water.',
      month: 10,
    },
    holds: (t) => t.outdoor,
  },
  {
    care: {
      word: 'take out',
      what: 'Out again after the last frost: wash, look at screws and feet.',
      month: 5,
    },
    holds: (t) => t.outdoor,
  },
  {
    care: { word: 'strips', what: 'Press each strip, look whether a corner has come loose.', everyMonths: 6 },
    holds: (t) => t.fixing === 'adhesive strips',
  },
  {
    care: {
      word: 'anchor',
      what: 'Look whether strap and screws still hold it to the building.',
      everyMonths: 12,
      caution:
        'What is tall or top-heavy can tip onto a child: it is never loaded or climbed while the strap is off.',
    },
    holds: (t) => t.traits.includes('anchored to the building'),
  },
]

/** The usual care of a thing. */
export const usualCare = (thing: CaredFor): Care[] => CARE.filter((c) => c.holds(thing)).map((c) => c.care)
