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
  'change a small child',
  'do the laundry',
  'come and go',
  'cook',
  'other',
] as const

export type UseKind = (typeof USE_KINDS)[number]

/** When a use happens: two uses at one time compete, two in turn may share a piece. */
export const USE_TIMES = ['any time', 'by day', 'evenings', 'at night', 'now and then'] as const

export type UseTime = (typeof USE_TIMES)[number]
