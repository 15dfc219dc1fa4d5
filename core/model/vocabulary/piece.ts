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
  'evergreen',
] as const

export type Trait = (typeof TRAITS)[number]

export const VERDICTS = ['keep', 'rework', 'move', 'let go'] as const
