import { put } from '../../../model/changes.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { colorsOf, seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { finishRef } from './about.js'
import { repeats } from './accents.js'
import { room, type ExampleFinish } from './example.js'

// Three patterns are usual (common practice); two of a kind need a step in scale to be told apart.
const MOST = 3
const SCALE_STEP = 1.6

const patterned = (facts: PaletteFacts) => seen(facts).filter((f) => f.finish.patternKind !== 'none')

const plain = (f: FinishFacts): Mend => ({
  label: `Make ${f.finish.name} plain`,
  changes: [put('finishes', f.finish.id, { patternKind: 'none', patternRepeatMm: null })],
})

/** How many times one repeat is the other; undefined for different kinds, or while a repeat is not known. */
function scaleStep(one: FinishFacts, two: FinishFacts): number | undefined {
  const [p, q] = [one.finish.patternRepeatMm, two.finish.patternRepeatMm]
  if (one.finish.patternKind !== two.finish.patternKind || p == null || q == null) return undefined
  return Math.max(p, q) / Math.min(p, q)
}

const example = (
  name: string,
  hex: string,
  patternKind: NonNullable<ExampleFinish['patternKind']>,
  patternRepeatMm: number,
): ExampleFinish => ({ name, hex, patternKind, patternRepeatMm })
const PLAID = example('Plaid sofa', '#B8A06A', 'plaid', 240)
const STRIPE = example('Stripe blind', '#B49C68', 'stripe', 90)

export const patternsAlike: Rule<PaletteFacts> = {
  name: 'palette.patterns-alike',
  title: 'Two patterns of one kind and size',
  numbers: `Same kind, and repeats less than ${SCALE_STEP} times apart.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    return list.flatMap((one, i) =>
      list.slice(i + 1).flatMap((two): Finding[] => {
        const step = scaleStep(one, two)
        if (step === undefined || step >= SCALE_STEP) return []
        return [
          {
            rule: 'palette.patterns-alike',
            severity: 'look',
            about: [finishRef(one), finishRef(two)],
            title: `${one.finish.name} and ${two.finish.name}: the same pattern at the same size`,
            measured: `both ${one.finish.patternKind}, repeats ${one.finish.patternRepeatMm ?? ''} and ${two.finish.patternRepeatMm ?? ''} mm`,
            wanted: `another kind, or ${SCALE_STEP} times the size`,
            because: 'Patterns mix by kind and scale; a second of the same kind and size adds nothing.',
            mends: [two, one].map(plain),
          },
        ]
      }),
    )
  },
  examples: {
    trips: () => room([STRIPE, example('Stripe cushion', '#B8A06A', 'stripe', 95)]),
    passes: () => room([PLAID, STRIPE]),
  },
}

export const patternSharesNoColor: Rule<PaletteFacts> = {
  name: 'palette.pattern-shares-no-color',
  title: 'A pattern with no color in common with the others',
  numbers: 'None of its colors is held by another pattern, within 25° of hue and 25 of lightness.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    const shares = (one: FinishFacts, two: FinishFacts) =>
      colorsOf(one.finish).some((c) => colorsOf(two.finish).some((d) => repeats(c.lab, d.lab)))
    const strays = list.filter((f) => list.length > 1 && list.every((o) => o === f || !shares(f, o)))
    // Of two that share nothing with each other the smaller is the stray.
    return strays.slice(-1).map((f) => ({
      rule: 'palette.pattern-shares-no-color',
      severity: 'look',
      about: [finishRef(f)],
      title: `${f.finish.name} shares no color with the other patterns`,
      measured: `${list.length} patterns`,
      wanted: 'a color in common',
      because: 'Different patterns live together by a color they share.',
      mends: [plain(f)],
    }))
  },
  examples: {
    trips: () => room([PLAID, STRIPE, example('Loud floral', '#D63A78', 'floral', 300)]),
    passes: () => room([PLAID, STRIPE]),
  },
}

export const tooManyPatterns: Rule<PaletteFacts> = {
  name: 'palette.too-many-patterns',
  title: 'More patterns than usual',
  numbers: `More than ${MOST} patterned finishes that are seen.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    if (list.length <= MOST) return []
    const spare = list.slice(MOST)
    return [
      {
        rule: 'palette.too-many-patterns',
        severity: 'look',
        about: list.map(finishRef),
        title: `${list.length} patterns`,
        measured: list.map((f) => f.finish.patternKind).join(', '),
        wanted: `at most ${MOST}`,
        because: 'Three patterns are usual; more need an eye that means it.',
        mends: [
          {
            label: spare.map((f) => plain(f).label).join('; '),
            changes: spare.flatMap((f) => plain(f).changes),
          },
        ],
      },
    ]
  },
  examples: {
    trips: () =>
      room([
        PLAID,
        STRIPE,
        example('Dots', '#B09A60', 'dots', 40),
        example('Damask', '#BCA66E', 'damask', 600),
      ]),
    passes: () => room([PLAID, STRIPE, example('Dots', '#B09A60', 'dots', 40)]),
  },
}
