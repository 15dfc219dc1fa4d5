export const FEE_KINDS = ['none', 'fixed', 'percent of cost', 'hourly'] as const

export const MARKS = ['even', 'save', 'splurge'] as const

/** Why money is put where it is: a splurge is for what lasts or is seen first. */
export const SPLURGE_REASONS = ['lasts', 'is seen first', 'is used daily'] as const
