export const PHOTO_KINDS = ['inspiration', 'before', 'letter', 'piece', 'find', 'paper', 'damage'] as const
