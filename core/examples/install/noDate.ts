import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const work = (readyOn: string | null): InstallFacts =>
  installExample({
    painted: ['walls'],
    works: [{ what: 'Panel of the east wall', wallId: null, readyOn, done: false }],
  })

/** Breaks the rule `install.no-date`. */
export const violates = (): InstallFacts => work(null)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => work('2026-03-09')
