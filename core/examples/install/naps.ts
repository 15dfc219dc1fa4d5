import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const nap = (quietHours: { from: number; until: number }[]): InstallFacts =>
  installExample({
    painted: ['walls'],
    people: [{ id: 'p', name: 'Ada', kind: 'child', ageYears: 1, minds: ['naps by day'] }],
    quietHours,
  })

/** Breaks the rule `install.naps`. */
export const violates = (): InstallFacts => nap([])

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => nap([{ from: 780, until: 900 }])
