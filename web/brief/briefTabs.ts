/** The pages of Brief. */
export const BRIEF_PAGES = [
  { path: '', text: 'Who and what' },
  { path: 'pieces', text: 'Pieces' },
  { path: 'limits', text: 'Limits' },
  { path: 'schools', text: 'Schools' },
  { path: 'money', text: 'Money' },
  { path: 'pictures', text: 'Pictures' },
] as const
