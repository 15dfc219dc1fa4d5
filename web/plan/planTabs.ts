/** The pages of the Plan. */
export const PLAN_PAGES = [
  { path: '', text: 'Floor' },
  { path: 'walls', text: 'Walls' },
  { path: 'light', text: 'Light' },
  { path: 'proposals', text: 'Arrangements' },
  { path: 'distances', text: 'Distances' },
] as const
