import { BRIEF_RULES } from '@bonitas/core/stages/brief/rules/index'
import { BRIEF_EXAMPLES } from '@bonitas/core/examples/brief/index'
import { MEASURE_EXAMPLES } from '@bonitas/core/examples/measure/index'
import { PALETTE_EXAMPLES } from '@bonitas/core/examples/palette/index'
import { PLAN_EXAMPLES } from '@bonitas/core/examples/plan/index'
import { SOURCE_EXAMPLES } from '@bonitas/core/examples/source/index'
import { HANDOVER_EXAMPLES, RECORD_EXAMPLES } from '@bonitas/core/examples/handover/index'
import { INSTALL_EXAMPLES } from '@bonitas/core/examples/install/index'
import { LEDGER_EXAMPLES } from '@bonitas/core/examples/ledger/index'
import type { ExamplesByRule } from '@bonitas/core/examples/ruleExamples'
import type { Rule } from '@bonitas/core/findings/finding'
import { SOURCE_RULES } from '@bonitas/core/stages/source/rules/index'
import { HANDOVER_RULES, RECORD_RULES } from '@bonitas/core/stages/handover/rules/index'
import { INSTALL_RULES } from '@bonitas/core/stages/install/rules/index'
import { LEDGER_RULES } from '@bonitas/core/stages/ledger/rules/index'
import { MEASURE_RULES } from '@bonitas/core/stages/measure/rules/index'
import { PALETTE_RULES } from '@bonitas/core/stages/palette/rules/index'
import { PLAN_RULES } from '@bonitas/core/stages/plan/rules/index'

interface Shown {
  readonly name: string
  readonly title: string
  readonly numbers: string
  readonly source: string
  readonly schools: string
  readonly severity: string
  readonly example: string
}

const told =
  <Facts>(examples: ExamplesByRule<Facts>) =>
  (rule: Rule<Facts>): Shown => {
    const example = examples[rule.name]
    const found = example ? rule.check(example.violates()) : []
    return {
      name: rule.name,
      title: rule.title,
      numbers: rule.numbers,
      source: rule.source,
      schools: rule.schools === 'all' ? 'all' : rule.schools.join(', '),
      severity: [...new Set(found.map((f) => f.severity))].join(', '),
      example: found.map((f) => `${f.title}. ${f.measured}; wanted ${f.wanted}.`).join(' '),
    }
  }

/** The rule book as Markdown: each rule with its numbers, source, schools and the words of its example. */
export function rulebookText(): string {
  const stages: readonly (readonly [string, readonly Shown[]])[] = [
    ['Brief', BRIEF_RULES.map(told(BRIEF_EXAMPLES))],
    ['Measure', MEASURE_RULES.map(told(MEASURE_EXAMPLES))],
    ['Palette', PALETTE_RULES.map(told(PALETTE_EXAMPLES))],
    ['Plan', PLAN_RULES.map(told(PLAN_EXAMPLES))],
    ['Source', SOURCE_RULES.map(told(SOURCE_EXAMPLES))],
    ['Ledger', LEDGER_RULES.map(told(LEDGER_EXAMPLES))],
    ['Install', INSTALL_RULES.map(told(INSTALL_EXAMPLES))],
    [
      'Handover',
      [...HANDOVER_RULES.map(told(HANDOVER_EXAMPLES)), ...RECORD_RULES.map(told(RECORD_EXAMPLES))],
    ],
  ]
  return [
    '# Rule book',
    '',
    'Generated from the rules by `npm run rulebook`; do not edit. Each rule is held against a job that violates it, whose findings are shown here, and one that complies.',
    ...stages.flatMap(([stage, rules]) => [
      '',
      `## ${stage}`,
      ...rules.flatMap((r) => [
        '',
        `### ${r.title}`,
        '',
        `- **Name**: \`${r.name}\`, severity in the example: ${r.severity}`,
        `- **Numbers**: ${r.numbers}`,
        `- **Source**: ${r.source}`,
        `- **Schools**: ${r.schools}`,
        `- **Example**: ${r.example}`,
      ]),
    ]),
    '',
  ].join('\n')
}
