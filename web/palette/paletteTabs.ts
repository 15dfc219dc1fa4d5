/** The pages of the Palette. */
export const PALETTE_PAGES = [
  { path: '', text: 'Finishes' },
  { path: 'pairs', text: 'Pairs' },
  { path: 'light', text: 'Light' },
  { path: 'schemes', text: 'Schemes' },
  { path: 'samples', text: 'Samples' },
  { path: 'picture', text: 'From a picture' },
  { path: 'proposals', text: 'Proposals' },
  { path: 'board', text: 'Board' },
] as const
