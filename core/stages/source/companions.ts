import type { Category } from '../../model/vocabulary/category.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import type { OptionTrait } from '../../model/vocabulary/buying.js'

/** A line that a choice makes necessary. */
export interface Companion {
  /** Its name as a line: "bulb". */
  readonly what: string
  readonly category: Category
  readonly why: string
}

interface Need extends Companion {
  readonly kinds?: readonly PieceKind[]
  readonly trait?: OptionTrait
  /** With this it is there already. */
  readonly unless?: OptionTrait
}

// Common practice: goods that come incomplete, and choices that expose or call for something else.
const NEEDS: readonly Need[] = [
  {
    kinds: ['picture'],
    unless: 'comes with its frame',
    what: 'frame',
    category: 'decor',
    why: 'A print comes without a frame.',
  },
  {
    kinds: ['lamp'],
    unless: 'comes with its bulb',
    what: 'bulb',
    category: 'light',
    why: 'A lamp comes without a bulb.',
  },
  {
    kinds: ['rug'],
    unless: 'comes with underlay',
    what: 'underlay',
    category: 'textiles',
    why: 'A rug without underlay slides and wears.',
  },
  {
    kinds: ['mirror'],
    unless: 'comes with fixings',
    what: 'fixings',
    category: 'fixtures',
    why: 'A mirror comes without fixings rated for its weight and the wall.',
  },
  {
    trait: 'tips unless anchored',
    unless: 'comes with fixings',
    what: 'wall anchor',
    category: 'fixtures',
    why: 'Tall storage tips over unless it is anchored.',
  },
  {
    kinds: ['sofa bed'],
    what: 'place for the low table',
    category: 'services',
    why: 'With the bed extended the low table needs somewhere to stand.',
  },
  {
    trait: 'open below',
    what: 'cover for what shows behind',
    category: 'fixtures',
    why: 'An open base shows the pan and pipes behind it.',
  },
  {
    trait: 'wall-mounted tap',
    what: 'pipework in the wall',
    category: 'services',
    why: 'A tap on the wall needs pipework behind it, by a plumber.',
  },
  {
    trait: 'needs wiring',
    what: 'electrician',
    category: 'services',
    why: 'New wiring is for a licensed electrician, by the local code.',
  },
  {
    kinds: ['curtains'],
    trait: 'needs drilling',
    what: 'pole or track',
    category: 'fixtures',
    why: 'Curtains come without a pole.',
  },
]

/**
 * The lines an option calls for besides itself, from its kind of piece and what it is known to have.
 * @param kind of the item; null when it is not said, and then only traits count
 */
export function companionsOf(kind: PieceKind | null, traits: readonly string[]): Companion[] {
  return NEEDS.filter(
    (n) =>
      (!n.kinds || (kind !== null && n.kinds.includes(kind))) &&
      (!n.trait || traits.includes(n.trait)) &&
      (!n.unless || !traits.includes(n.unless)),
  ).map(({ what, category, why }) => ({ what, category, why }))
}
