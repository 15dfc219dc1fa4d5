// Common practice: a week is the least notice that still lets a piece be packed and a carrier be found.
export const NOTICE_DAYS = 7
