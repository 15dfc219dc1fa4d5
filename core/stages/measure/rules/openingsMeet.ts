import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import { sized } from '../../../model/openingSize.js'
import type { Opening } from '../../../model/rows/openings.js'
import type { MeasureFacts } from '../measureFacts.js'

/** An opening that is not measured is at least so wide. */
const LEAST_MM = 100
/** Readings of two that stand frame to frame differ by so much (common practice). */
const SLACK_MM = 10

export const openingsMeet: Rule<MeasureFacts> = {
  name: 'measure.openings-meet',
  title: 'Openings lie on one another',
  numbers: `Two openings of one wall that share more than ${SLACK_MM} mm in width and in height. One wholly within a larger one, as a door in a glazed screen, is none; what is not measured is taken for ${LEAST_MM} mm wide.`,
  source: 'common practice',
  schools: 'all',
  check: ({ measures: { openings }, walls, nameOf }) =>
    walls.flatMap((wall): Finding[] => {
      const here = openings.filter((o) => o.wallId === wall.id).sort(byPlace)
      const met = here.filter((o) => here.some((other) => other.id !== o.id && meet(o, other)))
      if (met.length === 0) return []
      const names = met.map((o) => o.name || o.kind)
      return [
        {
          rule: 'measure.openings-meet',
          severity: 'stop',
          about: met.map((o) => ({ kind: 'opening' as const, id: o.id, name: o.name || o.kind })),
          title: `${listed(names)} lie on one another`,
          measured: `${met.length} openings of ${nameOf(wall.id)} share a stretch of it`,
          wanted: 'each from the left end of its wall, where it is',
          because:
            'One of them is measured from the wrong end, or not yet: areas and everything laid round them would be wrong.',
          fixes: [],
        },
      ]
    }),
}

const byPlace = (a: Opening, b: Opening) => a.startMm - b.startMm || (a.id < b.id ? -1 : 1)

interface Span {
  readonly from: number
  readonly to: number
}
const across = (o: Opening): Span => ({ from: o.startMm, to: o.startMm + (o.widthMm ?? LEAST_MM) })
const upright = (o: Opening): Span => {
  const { sillMm, heightMm } = sized(o)
  return { from: sillMm, to: sillMm + heightMm }
}
const shared = (a: Span, b: Span) => Math.min(a.to, b.to) - Math.max(a.from, b.from) > SLACK_MM
const within = (a: Span, b: Span) => a.from >= b.from && a.to <= b.to
const same = (a: Span, b: Span) => within(a, b) && within(b, a)

function meet(one: Opening, two: Opening): boolean {
  const [a, b] = [across(one), across(two)]
  const [c, d] = [upright(one), upright(two)]
  if (!shared(a, b) || !shared(c, d)) return false
  const measured = [one, two].every((o) => o.widthMm !== null && o.heightMm !== null && o.sillMm !== null)
  const nested = (within(a, b) && within(c, d)) || (within(b, a) && within(d, c))
  return !(measured && nested && !(same(a, b) && same(c, d)))
}
