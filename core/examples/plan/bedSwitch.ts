import { example, ex } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

const BED = ex('bed', 'Bed', { at: [2500, 1000] })
const lamp = (switchMm: number) => ex('lamp', 'Bedside lamp', { at: [1400, 300], light: { switchMm } })

/** Breaks the rule `plan.bed-switch`. */
export const violates = (): PlanFacts => example({ pieces: [BED, lamp(820)] })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts => example({ pieces: [BED, lamp(520)] })
