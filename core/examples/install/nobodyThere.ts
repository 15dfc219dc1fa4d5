import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** A chair on order, expected on a day. */
function comes(on: string): InstallFacts {
  const facts = installExample({
    items: [{ id: 'chair', name: 'Chair', pieceKind: 'armchair', chosenOptionId: 'a' }],
    options: [{ id: 'a', itemId: 'chair', name: 'Chair', leadDays: 5 }],
  })
  const arrivals = facts.plan.arrivals.map((a) => ({
    ...a,
    arrival: { ...a.arrival, state: 'ordered' as const, on },
  }))
  return { ...facts, plan: { ...facts.plan, arrivals } }
}

/** Breaks the rule `install.nobody-there`: a Saturday. */
export const violates = (): InstallFacts => comes('2026-03-07')

/** Keeps it, by as little as matters: the Monday after. */
export const complies = (): InstallFacts => comes('2026-03-09')
