import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample, installJob } from './example.js'

/** A wall light where no cable comes out of the wall. */
const into = (face: 'tile' | 'smooth paint'): InstallFacts => {
  const room = {
    pieces: [{ id: 'light', name: 'Wall light', kind: 'lamp', fixing: 'wired in', wallId: 'north' }],
  } as const
  return installExample({ ...room, more: { walls: installJob(room).walls.map((w) => ({ ...w, face })) } })
}

/** Breaks the rule `install.into-kept`. */
export const violates = (): InstallFacts => into('tile')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => into('smooth paint')
