export const SET_OUT_KINDS = [
  'rail',
  'wainscot panels',
  'picture-frame panels',
  'board and batten',
  'curtain rail',
  'shelf',
] as const

export type PanelLayoutKind = (typeof SET_OUT_KINDS)[number]
