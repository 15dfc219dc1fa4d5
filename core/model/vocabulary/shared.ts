// Words that more than one stage uses.

export const CATEGORIES = [
  'surfaces',
  'furniture',
  'textiles',
  'light',
  'decor',
  'fixtures',
  'services',
] as const
export type Category = (typeof CATEGORIES)[number]

/** Surfaces a finish can be laid on, beside single walls. */
export const SURFACES = ['walls', 'lower', 'ceiling', 'floor', 'trim', 'doors'] as const
/** One wall, a part of a wall or one opening may differ from the rest: it is named by its id. */
export type Surface = (typeof SURFACES)[number] | `${'wall' | 'part' | 'opening'}:${string}`

const SURFACE = new RegExp(
  `^(${SURFACES.join('|')}|(wall|part|opening):[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12})$`,
)

/** Text that names a surface. */
export const isSurface = (text: string): text is Surface => SURFACE.test(text)

export const PIECE_KINDS = [
  'sofa',
  'sofa bed',
  'armchair',
  'chair',
  'stool',
  'bench',
  'rug',
  'curtains',
  'blind',
  'cushion',
  'throw',
  'table',
  'low table',
  'side table',
  'desk',
  'cabinet',
  'chest of drawers',
  'wardrobe',
  'trunk',
  'shelves',
  'bed',
  'cot',
  'lamp',
  'picture',
  'mirror',
  'piano',
  'plant',
  'object',
  'sanitary',
  'other',
] as const
export type PieceKind = (typeof PIECE_KINDS)[number]

/** Facts of a piece that rules ask after and no measure tells. */
export const TRAITS = [
  'only the nominal size is known',
  'open below',
  'untidy side',
  'corded',
  'anchored to the building',
  'pads against tipping',
  'open flame',
  'gel or gas fire',
  'made for outdoors',
  'cloth, paper or wood shade',
  'hot lamp',
  'cool lamp, clear gap all round',
  'hung by line or cord',
  'hung by rated chain or cable',
  'clear glass',
  'underlay or gripper',
  'washable',
  'gripping back',
  'joined by a taped seam',
  'blackout lining',
  'dimming lining',
] as const
export type Trait = (typeof TRAITS)[number]

export const VERDICTS = ['keep', 'rework', 'move', 'let go'] as const

/** How a thing is held where it stands or hangs. */
export const FIXINGS = [
  'stands free',
  'leans',
  'over a door',
  'clipped on',
  'adhesive strips',
  'tension rod',
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
] as const
export type Fixing = (typeof FIXINGS)[number]
/** Taken off again, it leaves something to make good. */
export const LEAVES_A_MARK: ReadonlySet<Fixing> = new Set<Fixing>([
  'screwed to the wall',
  'screwed to the ceiling',
  'glued down',
  'wired in',
  'plumbed in',
])

/** What a lamp gives: its spectrum decides how every finish looks at night. */
export const LAMP_TYPES = [
  'filament, 2 856 K',
  'LED, 2 700 K',
  'LED, 3 000 K',
  'LED, 3 500 K',
  'LED, 4 000 K',
  'LED, 5 000 K',
] as const
export type LampType = (typeof LAMP_TYPES)[number]

/** What kind of room it is: it decides what a finish must bear. */
export const ROOM_KINDS = [
  'living room',
  'bedroom',
  "child's room",
  'study',
  'dining room',
  'kitchen',
  'wet room',
  'hall',
  'service room',
  'outdoors',
] as const
export type RoomKind = (typeof ROOM_KINDS)[number]

/** How deep the makeover goes. */
export const LEVELS = ['decorate only', 'with building work'] as const
export type Level = (typeof LEVELS)[number]

/** What a landlord's permission is about. */
export const CHANGES = ['paint', 'cover', 'drill', 'glue', 'wire', 'plumb'] as const
export type Change = (typeof CHANGES)[number]

/** The change to the building that each way of fixing makes; undefined for those that leave no trace. */
export const CHANGE_OF: Readonly<Partial<Record<Fixing, Change>>> = {
  'screwed to the wall': 'drill',
  'screwed to the ceiling': 'drill',
  'glued down': 'glue',
  'wired in': 'wire',
  'plumbed in': 'plumb',
}

export const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  paint: 'painting',
  cover: 'papering or laying',
  drill: 'drilling',
  glue: 'gluing',
  wire: 'work on the wiring',
  plumb: 'work on the pipes',
}

/** What counts when options of one item are held against each other. */
export const ASPECTS = [
  'size',
  'way in',
  'date',
  'stock',
  'color',
  'wear',
  'liking',
  'years',
  'safety',
] as const
export type Aspect = (typeof ASPECTS)[number]
