import { ex, example } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const blacks = () =>
  [0, 1, 2].map((i) => ex('picture', `Print ${i + 1}`, { hang: { xMm: 1000 + i * 900 }, frame: {} }))

/** Breaks the rule `plan.one-frame`. */
export const violates = (): PlanFacts =>
  example({
    schools: { frames: 'one for the room' },
    pieces: [
      ...blacks(),
      ex('picture', 'Etching', {
        hang: { xMm: 4200 },
        frame: { coat: 'dark timber', profile: 'molded' },
      }),
    ],
  })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({
    schools: { frames: 'each for its picture' },
    pieces: [
      ...blacks(),
      ex('picture', 'Etching', {
        hang: { xMm: 4200 },
        frame: { coat: 'dark timber', profile: 'molded' },
      }),
    ],
  })
