/** The pages of Measure. */
export const MEASURE_PAGES = [
  { path: '', text: 'Walls' },
  { path: 'openings', text: 'Openings and fixtures' },
  { path: 'way-in', text: 'Way in' },
] as const
