import type { Finding, Mend, Rule } from '../../findings/finding.js'
import { colorsOf, seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { finishRef } from './about.js'
import { repeats } from './accents.js'
import { room } from './example.js'

// Three patterns are usual (common practice); two of a kind need a step in scale to be told apart.
const MOST = 3
const SCALE_STEP = 1.6

const patterned = (facts: PaletteFacts) => seen(facts).filter((f) => f.finish.patternKind !== 'none')
const sharesColor = (one: FinishFacts, two: FinishFacts) =>
  colorsOf(one.finish).some((c) => colorsOf(two.finish).some((d) => repeats(c.lab, d.lab)))

const plain = (f: FinishFacts): Mend => ({
  label: `Make ${f.finish.name} plain`,
  changes: [{ collection: 'finishes', id: f.finish.id, set: { patternKind: 'none', patternRepeatMm: null } }],
})

function check(facts: PaletteFacts): Finding[] {
  const list = patterned(facts)
  const alike = list.flatMap((one, i) =>
    list.slice(i + 1).flatMap((two): Finding[] => {
      const [p, q] = [one.finish.patternRepeatMm, two.finish.patternRepeatMm]
      if (one.finish.patternKind !== two.finish.patternKind || p == null || q == null) return []
      const step = Math.max(p, q) / Math.min(p, q)
      if (step >= SCALE_STEP) return []
      return [
        {
          rule: 'palette.patterns',
          severity: 'look',
          about: [finishRef(one), finishRef(two)],
          title: `${one.finish.name} and ${two.finish.name}: the same pattern at the same size`,
          measured: `both ${one.finish.patternKind}, repeats ${p} and ${q} mm`,
          wanted: `another kind, or ${SCALE_STEP} times the size`,
          because: 'Patterns mix by kind and scale; a second of the same kind and size adds nothing.',
          mends: [two, one].map(plain),
        },
      ]
    }),
  )
  const strays = list.filter((f) => list.length > 1 && list.every((o) => o === f || !sharesColor(f, o)))
  return [
    ...alike,
    ...strays.slice(0, 1).map((f): Finding => ({
      rule: 'palette.pattern-shares-no-color',
      severity: 'look',
      about: [finishRef(f)],
      title: `${f.finish.name} shares no color with the other patterns`,
      measured: `${list.length} patterns`,
      wanted: 'a color in common',
      because: 'Different patterns live together by a color they share.',
      mends: [plain(f)],
    })),
    ...(list.length > MOST && alike.length === 0
      ? [
          {
            rule: 'palette.too-many-patterns',
            severity: 'look' as const,
            about: list.map(finishRef),
            title: `${list.length} patterns`,
            measured: list.map((f) => f.finish.patternKind).join(', '),
            wanted: `at most ${MOST}`,
            because: 'Three patterns are usual; more need an eye that means it.',
            mends: list.length === MOST + 1 ? list.map(plain).slice(-2) : [],
          },
        ]
      : []),
  ]
} // prettier-ignore

export const patterns: Rule<PaletteFacts> = {
  name: 'palette.patterns',
  title: 'Patterns of one kind and size, too many, or with no color in common',
  numbers: `Same kind with repeats less than ${SCALE_STEP} times apart; more than ${MOST} patterns; a pattern none of whose colors another holds.`,
  source: 'common practice',
  schools: 'all',
  check,
  examples: {
    trips: () => room([
      { name: 'Stripe blind', hex: '#B8A06A', patternKind: 'stripe', patternRepeatMm: 90 },
      { name: 'Stripe cushion', hex: '#B49C68', patternKind: 'stripe', patternRepeatMm: 95 },
    ]),
    passes: () => room([
      { name: 'Plaid sofa', hex: '#B8A06A', patternKind: 'plaid', patternRepeatMm: 240 },
      { name: 'Stripe blind', hex: '#B49C68', patternKind: 'stripe', patternRepeatMm: 90 },
    ]),
  },
} // prettier-ignore
