export const READ = {
  id: 'read',
  name: 'Read',
  kind: 'read',
  persons: 1,
  time: 'any time',
  position: 0,
  version: 1,
} as const
