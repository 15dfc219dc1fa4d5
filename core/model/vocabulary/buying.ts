/** How an item may be filled. */
export const OPTION_KINDS = ['new', 'second-hand', 'made', 'owned', 'hired', 'placeholder'] as const

export type OptionKind = (typeof OPTION_KINDS)[number]

/** What a price is for, so that pairs, panels and packs are told apart. */
export const PRICE_UNITS = ['each', 'a pair', 'a panel', 'a pack', 'a set', 'a day', 'a job'] as const

export type PriceUnit = (typeof PRICE_UNITS)[number]

/** What the place asks of a thing. */
export const DEMANDS = [
  'many feet',
  'wet',
  'washing',
  'outdoors',
  'child',
  'pet',
  'strong sun',
  'food and ink',
] as const

export type Demand = (typeof DEMANDS)[number]

/** Why a place asks so of a thing (common practice). */
export const DEMAND_WHY: Readonly<Record<Demand, string>> = {
  'many feet': 'a pile that stands up again and a ground that does not show every step',
  wet: 'what swells, rusts or rots is out, and so is what slips when wet',
  washing: 'covers come off and go in the machine, or it is wiped',
  outdoors: 'sun, frost and rain at once: only what is made for it lasts',
  child: 'no corner at the height of a head, nothing small that comes off, nothing that tips',
  pet: 'claws, hair and accidents: a close weave, no loops',
  'strong sun': 'dyes fade and timber yellows: fast colors, or a lining',
  'food and ink': 'stains are wiped before they sit: sealed, or patterned enough to hide them',
}

/** Where to spend: on what hands and eyes rest on longest, or where the simpler one serves as well. */
export const SPENDS = ['save', 'even', 'splurge'] as const

export type Spend = (typeof SPENDS)[number]

export const CONDITIONS = ['as new', 'good', 'worn', 'needs work'] as const

export type Condition = (typeof CONDITIONS)[number]

export const STOCKS = ['in stock', 'few left', 'to order', 'sold out'] as const

export type Stock = (typeof STOCKS)[number]

export const INTENTS = ['kept', 'lost'] as const

/** What an option is known to be or to have. */
export const OPTION_TRAITS = [
  'washable',
  'wipeable',
  'spot clean only',
  'made for outdoors',
  'made for bathrooms',
  'open below',
  'wall-mounted tap',
  'needs drilling',
  'needs wiring',
  'corded',
  'tips unless anchored',
  'comes with its frame',
  'comes with its bulb',
  'comes with underlay',
  'comes with fixings',
  'comes with its fuel',
  'cannot go back',
] as const

export type OptionTrait = (typeof OPTION_TRAITS)[number]

/** What is looked at before a second-hand thing is paid for (common practice); it seldom goes back. */
export const LOOKED_AT = [
  'size',
  'structure',
  'smell',
  'insects',
  'stains',
  'pilling',
  'wiring',
  'label',
] as const

/** A line of what a made thing takes. What is owned already costs nothing and is listed all the same. */
export const MAKING_KINDS = ['material', 'consumable', 'tool', 'owned already'] as const

export const OFFER_KINDS = ['percent off', 'amount off', 'free delivery'] as const

/** The word by which the line for the lasting piece names its placeholder. */
export const LASTING_PIECE = 'the lasting piece'

/** Whether the layout of what is there pleases: new fronts on a layout nobody likes are money lost. */
export const LAYOUTS = ['liked', 'disliked'] as const

/** What paint an item buys: that of its finish, or all of the room. */
export const PAINT_BOUGHT = ['of its finish', 'all paint'] as const
