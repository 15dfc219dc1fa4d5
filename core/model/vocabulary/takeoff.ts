/** What is counted by its own method, one for each trade. */
export const TRADES = [
  'wallpaper',
  'tile',
  'boards',
  'carpet',
  'stairs',
  'curtains',
  'blinds',
  'lengths',
  'sheets',
  'cover',
  'ties',
] as const
export type Trade = (typeof TRADES)[number]
/** Trades that are laid on the floor. */
export const FLOOR_TRADES: ReadonlySet<Trade> = new Set<Trade>(['boards', 'carpet'])

/** How the pattern of one drop meets that of the next. */
export const MATCHES = ['free', 'straight', 'half drop', 'turned squares'] as const
export type Match = (typeof MATCHES)[number]

/** Where the setting out of tiles begins. */
export const SET_OUTS = ['from the left', 'tile in the middle', 'joint in the middle', 'least cut'] as const
export type SetOut = (typeof SET_OUTS)[number]
