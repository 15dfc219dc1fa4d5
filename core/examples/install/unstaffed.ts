import type { Skill } from '../../model/vocabulary/install.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const wired = (skills: Skill[]): InstallFacts =>
  installExample({
    pieces: [{ id: 'light', name: 'Wall light', kind: 'lamp', fixing: 'wired in', wallId: 'north' }],
    crew: skills.map((s) => ({ name: 'Ohm & Daughter', skills: [s] })),
  })

/** Breaks the rule `install.licensed`. */
export const violates = (): InstallFacts => wired([])

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => wired(['electrician'])
