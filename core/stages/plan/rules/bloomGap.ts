import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { has, listed, pieceRef } from './about.js'

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

/** The months, 1 to 12, in which one of these is in bloom; a bloom may go on into the next year. */
export function monthsInBloom(
  plants: readonly { readonly bloomFrom: number | null; readonly bloomTo: number | null }[],
): ReadonlySet<number> {
  const months = new Set<number>()
  for (const { bloomFrom, bloomTo } of plants) {
    if (bloomFrom === null) continue
    const last = bloomTo ?? bloomFrom
    const many = ((last - bloomFrom + 12) % 12) + 1
    for (let i = 0; i < many; i++) months.add(((bloomFrom - 1 + i) % 12) + 1)
  }
  return months
}

/** Stretches of months in words, round the year: September to February. */
export function monthsText(months: ReadonlySet<number>): string {
  if (months.size === 12) return 'the whole year'
  const at = (m: number) => ((m - 1 + 12) % 12) + 1
  const starts = [...months].filter((m) => !months.has(at(m - 1))).sort((a, b) => a - b)
  return listed(
    starts.map((from) => {
      let to = from
      while (months.has(at(to + 1))) to = at(to + 1)
      const [first, last] = [MONTHS[from - 1] ?? '', MONTHS[to - 1] ?? '']
      return from === to ? first : `${first} to ${last}`
    }),
  )
}

export const bloomGap: Rule<PlanFacts> = {
  name: 'plan.bloom-gap',
  title: 'Months in which nothing is in bloom',
  numbers:
    'Outdoors, once the bloom of a plant is entered: every month without one. An evergreen is green and no bloom; whether it does for the winter the client says.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const plants = facts.pieces.filter((p) => p.kind === 'plant' && p.bloomFrom !== null)
    const inBloom = monthsInBloom(plants)
    const without = new Set(MONTHS.map((_, i) => i + 1).filter((m) => !inBloom.has(m)))
    if (!facts.exposedToWeather || plants.length === 0 || without.size === 0) return []
    const green = facts.pieces.filter((p) => p.kind === 'plant' && has(p, 'evergreen'))
    return [
      {
        rule: 'plan.bloom-gap',
        severity: 'note',
        about: plants.map(pieceRef),
        title: `Nothing is in bloom: ${monthsText(without)}`,
        measured: `in bloom ${monthsText(inBloom)}${green.length > 0 ? `; evergreen: ${listed(green.map((p) => p.name))}` : ''}`,
        quantity: { value: without.size, better: 'less' },
        wanted: 'something in bloom in every season, or evergreens where the client takes them for it',
        because: 'A planting is judged over the year, not on the day it is bought.',
        fixes: [],
      } satisfies Finding,
    ]
  },
}
