import { chroma } from '../../../kernel/color/lab.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { HUE_CHROMA } from '../hueFamilies.js'
import { colorsOf, likeness, seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import type { Pull } from '../../../model/rows/pulls.js'
import { addCushion, finishRef, othersInstead } from './about.js'
import { room } from './example.js'

// A color is found in a piece within this, and used by a finish within that (ΔE00, common practice).
const FOUND = 6
const USED = 12
const LEAST_PART = 0.05
const COUNTED: readonly string[] = ['main', 'second', 'accent']

const labOf = (p: Pull) => ({ l: p.labL, a: p.labA, b: p.labB })
const nearest = (facts: PaletteFacts, f: FinishFacts) =>
  Math.min(...facts.pulls.map((p) => likeness(labOf(p), f.lab).deltaE))

function foreign(facts: PaletteFacts): Finding[] {
  if (facts.school !== 'drawn from one piece' || facts.pulls.length === 0) return []
  return seen(facts)
    .filter(
      (f) => COUNTED.includes(f.finish.role) && chroma(f.lab) >= HUE_CHROMA && nearest(facts, f) > FOUND,
    )
    .map((f): Finding => ({
      rule: 'palette.not-in-inspiration',
      severity: 'look',
      about: [finishRef(f)],
      title: `${f.finish.name} is not in what inspires the room`,
      measured: `ΔE00 ${nearest(facts, f).toFixed(1)} to the nearest color pulled out of it`,
      wanted: `up to ${FOUND}`,
      because:
        'In this school five colors are fine because all are lifted from one piece; another one is a guest.',
      school: 'drawn from one piece',
      mends: othersInstead(
        facts,
        f,
        (o) => COUNTED.includes(o.finish.role) && nearest(facts, o) <= FOUND,
        (o) => likeness(o.lab, f.lab).deltaE,
      ),
    }))
}

export const notInInspiration: Rule<PaletteFacts> = {
  name: 'palette.not-in-inspiration',
  title: 'A color that the inspiration does not hold',
  numbers: `ΔE00 over ${FOUND} from every color pulled out of the inspiration, for mains, second and accent of chroma ${HUE_CHROMA} and more.`,
  source: 'common practice',
  schools: ['drawn from one piece'],
  check: foreign,
  examples: {
    trips: () =>
      room(
        [
          { name: 'Navy', hex: '#26324A' },
          { name: 'Turquoise', hex: '#2FA3A0' },
        ],
        {
          schools: { colorScheme: 'drawn from one piece' },
          pulls: [{ name: 'navy', hex: '#27344c' }],
        },
      ),
    passes: () =>
      room([{ name: 'Navy', hex: '#26324A' }], {
        schools: { colorScheme: 'drawn from one piece' },
        pulls: [{ name: 'navy', hex: '#27344c' }],
      }),
  },
}

function unused(facts: PaletteFacts): Finding[] {
  const list = seen(facts)
  if (list.length === 0) return []
  const lost = facts.pulls.filter(
    (p) =>
      p.share >= LEAST_PART &&
      list.every((f) => colorsOf(f.finish).every((c) => likeness(c.lab, labOf(p)).deltaE > USED)),
  )
  if (lost.length === 0) return []
  return [
    {
      rule: 'palette.inspiration-unused',
      severity: 'note',
      about: [],
      title:
        lost.length === 1
          ? `${lost[0]?.name ?? ''} of the inspiration is not used`
          : `${lost.length} colors of the inspiration are not used`,
      measured: lost.map((p) => `${p.name}, ${Math.round(100 * p.share)} % of it`).join('; '),
      wanted: `a finish within ΔE00 ${USED} of each`,
      because: 'The piece that started the room ties it together when its colors come back.',
      mends: facts.finishes
        .filter(
          (f) =>
            f.share === 0 && lost.length === 1 && lost[0] && likeness(f.lab, labOf(lost[0])).deltaE <= USED,
        )
        .slice(0, 1)
        .map((f) => addCushion(facts, f)),
    },
  ]
}

export const inspirationUnused: Rule<PaletteFacts> = {
  name: 'palette.inspiration-unused',
  title: 'Colors of the inspiration that the room does not use',
  numbers: `Colors pulled out that make ${100 * LEAST_PART} % of it or more, with no finish within ΔE00 ${USED}.`,
  source: 'common practice',
  schools: 'all',
  check: unused,
  examples: {
    trips: () =>
      room(
        [
          { name: 'Oat', hex: '#D9D1C4' },
          { name: 'Plum wool', hex: '#6D3852', placed: false },
        ],
        { pulls: [{ name: 'Plum', hex: '#6B3550' }] },
      ),
    passes: () =>
      room([{ name: 'Plum wool', hex: '#6D3852' }], { pulls: [{ name: 'Plum', hex: '#6B3550' }] }),
  },
}
