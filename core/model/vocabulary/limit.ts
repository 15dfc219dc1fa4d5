export const LIMIT_KINDS = ['must stay', 'may not be touched'] as const
