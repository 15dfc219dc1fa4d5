import type { PieceKind } from '../job/words.js'

/** What a room is used for; each kind asks for certain places (see {@link USE_NEEDS}). */
export const USE_KINDS = [
  'sleep',
  'sit',
  'eat',
  'work or study',
  'read',
  'store',
  'dress',
  'wash',
  'play music',
  'play',
  'sew or make',
  'put things down',
  'display',
  'other',
] as const
export type UseKind = (typeof USE_KINDS)[number]

/** When a use happens: two uses at one time compete, two in turn may share a piece. */
export const USE_TIMES = ['any time', 'by day', 'evenings', 'at night', 'now and then'] as const

export const PERSON_KINDS = ['adult', 'child', 'guest', 'dog', 'cat', 'other pet'] as const
export const MINDS = ['steps', 'sight', 'hearing', 'reach', 'allergies', 'climbs', 'naps by day'] as const

export const FEE_KINDS = ['none', 'fixed', 'percent of cost', 'hourly'] as const

export const MARKS = ['even', 'save', 'splurge'] as const
/** Why money is put where it is: a splurge is for what lasts or is seen first. */
export const SPLURGE_REASONS = ['lasts', 'is seen first', 'is used daily'] as const

export const PHOTO_KINDS = ['inspiration', 'before', 'letter', 'piece', 'find', 'paper', 'damage'] as const

export const LIMIT_KINDS = ['must stay', 'may not be touched'] as const

/** Kinds a piece is taken for by a word of its name; the longest word that fits decides. */
export const KIND_WORDS: Readonly<Record<string, PieceKind>> = {
  sofa: 'sofa', settee: 'sofa', couch: 'sofa', 'love seat': 'sofa', loveseat: 'sofa', 'sleeper sofa': 'sofa bed', 'sofa bed': 'sofa bed', sleeper: 'sofa bed', daybed: 'sofa bed', futon: 'sofa bed',
  armchair: 'armchair', 'easy chair': 'armchair', 'reading chair': 'armchair', recliner: 'armchair', rocker: 'armchair', 'wing chair': 'armchair',
  chair: 'chair', stool: 'stool', 'piano stool': 'stool', bench: 'bench', 'music bench': 'bench', pouf: 'stool', ottoman: 'stool', footstool: 'stool',
  rug: 'rug', carpet: 'rug', runner: 'rug', curtain: 'curtains', curtains: 'curtains', drapes: 'curtains', blind: 'blind', blinds: 'blind', shade: 'blind',
  cushion: 'cushion', cushions: 'cushion', pillow: 'cushion', pillows: 'cushion', throw: 'throw', blanket: 'throw', quilt: 'throw',
  table: 'table', 'dining table': 'table', 'low table': 'low table', 'coffee table': 'low table', 'side table': 'side table', 'bedside table': 'side table', nightstand: 'side table', 'end table': 'side table', 'console': 'side table',
  desk: 'desk', bureau: 'desk', secretary: 'desk', workbench: 'desk', 'sewing table': 'desk',
  cabinet: 'cabinet', cupboard: 'cabinet', sideboard: 'cabinet', dresser: 'chest of drawers', 'chest of drawers': 'chest of drawers', drawers: 'chest of drawers', commode: 'chest of drawers', wardrobe: 'wardrobe', closet: 'wardrobe', armoire: 'wardrobe', vanity: 'cabinet', media: 'cabinet',
  trunk: 'trunk', chest: 'trunk', box: 'trunk', basket: 'trunk', hamper: 'trunk', shelf: 'shelves', shelves: 'shelves', bookcase: 'shelves', bookshelf: 'shelves', rack: 'shelves', étagère: 'shelves',
  bed: 'bed', cot: 'cot', crib: 'cot', lamp: 'lamp', light: 'lamp', lantern: 'lamp', pendant: 'lamp', sconce: 'lamp', chandelier: 'lamp',
  art: 'picture', artwork: 'picture', picture: 'picture', painting: 'picture', print: 'picture', poster: 'picture', frame: 'picture', photograph: 'picture', mirror: 'mirror', piano: 'piano', plant: 'plant', fern: 'plant', palm: 'plant', tree: 'plant', vase: 'object', clock: 'object', bowl: 'object', candlestick: 'object', sculpture: 'object', tray: 'object', metronome: 'object', 'music stand': 'other', screen: 'other', easel: 'other',
  basin: 'sanitary', washbasin: 'sanitary', toilet: 'sanitary', shower: 'sanitary', bath: 'sanitary', tub: 'sanitary',
} // prettier-ignore
