import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample, installJob } from './example.js'

/** A lamp wired in, in a rented room. */
const swapped = (originalAt: string): InstallFacts =>
  installExample({
    pieces: [{ id: 'l', name: 'Pendant', kind: 'lamp', fixing: 'wired in', originalAt }],
    more: { schools: { ...installJob({}).schools, tenure: 'rented' } },
  })

/** Breaks the rule `install.original-place`. */
export const violates = (): InstallFacts => swapped('')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => swapped('hall cupboard')
