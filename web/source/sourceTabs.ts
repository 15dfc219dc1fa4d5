/** The pages of Source. */
export const SOURCE_PAGES = [
  { path: '', text: 'Axis' },
  { path: 'compare', text: 'Compare' },
  { path: 'best-set', text: 'Best set' },
  { path: 'catalogs', text: 'Catalogs' },
  { path: 'terms', text: 'Terms' },
  { path: 'lists', text: 'Lists' },
] as const
