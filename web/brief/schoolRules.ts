import { BRIEF_RULES } from '@bonitas/core/stages/brief/rules/index'
import { SCHOOLS, type Topic } from '@bonitas/core/model/vocabulary/schools'
import { HANDOVER_RULES } from '@bonitas/core/stages/handover/rules/index'
import { LEDGER_RULES } from '@bonitas/core/stages/ledger/rules/index'
import { MEASURE_RULES } from '@bonitas/core/stages/measure/rules/index'
import { PALETTE_RULES } from '@bonitas/core/stages/palette/rules/index'
import { PLAN_RULES } from '@bonitas/core/stages/plan/rules/index'
import { SOURCE_RULES } from '@bonitas/core/stages/source/rules/index'

const RULES = [
  ...BRIEF_RULES,
  ...MEASURE_RULES,
  ...PALETTE_RULES,
  ...PLAN_RULES,
  ...SOURCE_RULES,
  ...LEDGER_RULES,
  ...HANDOVER_RULES,
]

/** Titles of the rules that listen to a topic. The rules of all stages are much code: whoever asks imports this late. */
export const heardBy = (topic: Topic): string[] =>
  RULES.filter(
    (r) => r.schools !== 'all' && SCHOOLS[topic].schools.some((s) => r.schools.includes(s.name)),
  ).map((r) => r.title)
