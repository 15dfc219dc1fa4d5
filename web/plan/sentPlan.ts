import { formatterOf, type Habits } from '@bonitas/core/kernel/units/formatter'
import type { PlanInput } from '@bonitas/core/stages/plan/planFacts'

/** A plan on its way to a worker: its formatter cannot cross, the habits it is made of can. */
export type SentPlan = Omit<PlanInput, 'says'> & { readonly habits: Habits }

export function sentPlan({ says, ...input }: PlanInput): SentPlan {
  const { system, locale, currency } = says
  return { ...input, habits: { system, locale, currency } }
}

export const receivedPlan = ({ habits, ...input }: SentPlan): PlanInput => ({
  ...input,
  says: formatterOf(habits),
})
