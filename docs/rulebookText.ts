import { BRIEF_RULES } from '@bonitas/core/stages/brief/rules/index'
import type { Rule } from '@bonitas/core/findings/finding'
import { SOURCE_RULES } from '@bonitas/core/stages/source/rules/index'
import { LEDGER_RULES } from '@bonitas/core/stages/ledger/rules/index'
import { MEASURE_RULES } from '@bonitas/core/stages/measure/rules/index'
import { PALETTE_RULES } from '@bonitas/core/stages/palette/rules/index'
import { PLAN_RULES } from '@bonitas/core/stages/plan/rules/index'

interface Told {
  readonly name: string
  readonly title: string
  readonly numbers: string
  readonly source: string
  readonly schools: string
  readonly severity: string
  readonly trips: string
}

function told<Input>(rule: Rule<Input>): Told {
  const tripped = rule.check(rule.examples.trips())
  return {
    name: rule.name,
    title: rule.title,
    numbers: rule.numbers,
    source: rule.source,
    schools: rule.schools === 'all' ? 'all' : rule.schools.join(', '),
    severity: [...new Set(tripped.map((f) => f.severity))].join(', '),
    trips: tripped.map((f) => `${f.title}. ${f.measured}; wanted ${f.wanted}.`).join(' '),
  }
}

/** The rule book as Markdown: each rule with its numbers, source, schools and the words of its example. */
export function rulebookText(): string {
  const stages: readonly (readonly [string, readonly Told[]])[] = [
    ['Brief', BRIEF_RULES.map(told)],
    ['Measure', MEASURE_RULES.map(told)],
    ['Palette', PALETTE_RULES.map(told)],
    ['Plan', PLAN_RULES.map(told)],
    ['Source', SOURCE_RULES.map(told)],
    ['Ledger', LEDGER_RULES.map(told)],
  ]
  return [
    '# Rule book',
    '',
    'Generated from the rules by `npm run rulebook`; do not edit. A rule trips on its first example and passes its second, which a test checks.',
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
        `- **Example**: ${r.trips}`,
      ]),
    ]),
    '',
  ].join('\n')
}
