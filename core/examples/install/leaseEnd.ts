import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample, installJob } from './example.js'

/** A shelf screwed to a rented wall: down, holes filled, touched in after a night, pictures, a walk round. */
const leased = (leaseEndsOn: string): InstallFacts =>
  installExample({
    pieces: [
      { id: 's', name: 'Shelf', kind: 'shelves', fixing: 'screwed to the wall', wallId: 'north', count: 1 },
    ],
    brief: { leaseEndsOn },
    more: { schools: { ...installJob({}).schools, tenure: 'rented' } },
  })

/** Breaks the rule `install.lease-end`. */
export const violates = (): InstallFacts => leased('2026-03-02')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => leased('2026-04-03')
