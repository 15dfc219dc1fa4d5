import { expect, test } from 'vitest'
import type { Rule } from '../findings/finding.js'
import { BRIEF_RULES } from '../stages/brief/rules/index.js'
import { HANDOVER_RULES, RECORD_RULES } from '../stages/handover/rules/index.js'
import { INSTALL_RULES } from '../stages/install/rules/index.js'
import { LEDGER_RULES } from '../stages/ledger/rules/index.js'
import { MEASURE_RULES } from '../stages/measure/rules/index.js'
import { PALETTE_RULES } from '../stages/palette/rules/index.js'
import { PLAN_RULES } from '../stages/plan/rules/index.js'
import { SOURCE_RULES } from '../stages/source/rules/index.js'
import { BRIEF_EXAMPLES } from './brief/index.js'
import { HANDOVER_EXAMPLES, RECORD_EXAMPLES } from './handover/index.js'
import { INSTALL_EXAMPLES } from './install/index.js'
import { LEDGER_EXAMPLES } from './ledger/index.js'
import { MEASURE_EXAMPLES } from './measure/index.js'
import { PALETTE_EXAMPLES } from './palette/index.js'
import { PLAN_EXAMPLES } from './plan/index.js'
import type { ExamplesByRule } from './ruleExamples.js'
import { SOURCE_EXAMPLES } from './source/index.js'

interface Held {
  readonly rule: Pick<Rule<never>, 'name' | 'title' | 'numbers' | 'source'>
  /** The names of the rules by which the violating example was found, one a finding. */
  readonly violations: () => readonly string[]
  readonly complaints: () => readonly unknown[]
}

const held = <Facts>(rules: readonly Rule<Facts>[], examples: ExamplesByRule<Facts>): Held[] =>
  rules.map((rule) => ({
    rule,
    violations: () => rule.check(examples[rule.name]!.violates()).map((f) => f.rule),
    complaints: () => rule.check(examples[rule.name]!.complies()),
  }))

const ALL: readonly Held[] = [
  ...held(BRIEF_RULES, BRIEF_EXAMPLES),
  ...held(MEASURE_RULES, MEASURE_EXAMPLES),
  ...held(PALETTE_RULES, PALETTE_EXAMPLES),
  ...held(PLAN_RULES, PLAN_EXAMPLES),
  ...held(SOURCE_RULES, SOURCE_EXAMPLES),
  ...held(LEDGER_RULES, LEDGER_EXAMPLES),
  ...held(INSTALL_RULES, INSTALL_EXAMPLES),
  ...held(HANDOVER_RULES, HANDOVER_EXAMPLES),
  ...held(RECORD_RULES, RECORD_EXAMPLES),
]

test.each(ALL.map((h) => [h.rule.name, h] as const))(
  '%s: found in the example that violates it, by its own name, and not in the one that complies',
  (name, { violations, complaints }) => {
    const found = violations()
    expect(found.length).toBeGreaterThan(0)
    expect([...new Set(found)]).toEqual([name])
    expect(complaints()).toEqual([])
  },
)

test('every rule has a name of its own, examples under it, and says its numbers and source; no example is of no rule', () => {
  const names = ALL.map((h) => h.rule.name)
  expect(new Set(names).size).toBe(names.length)
  const examples = [
    BRIEF_EXAMPLES,
    MEASURE_EXAMPLES,
    PALETTE_EXAMPLES,
    PLAN_EXAMPLES,
    SOURCE_EXAMPLES,
    LEDGER_EXAMPLES,
    INSTALL_EXAMPLES,
    HANDOVER_EXAMPLES,
    RECORD_EXAMPLES,
  ].flatMap((e) => Object.keys(e))
  expect([...examples].sort()).toEqual([...names].sort())
  for (const { rule } of ALL)
    expect([rule.title, rule.numbers, rule.source].every((t) => t.length > 5)).toBe(true)
})
