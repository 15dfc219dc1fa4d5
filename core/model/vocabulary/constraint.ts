export const CONSTRAINT_KINDS = ['must stay', 'may not be touched'] as const
