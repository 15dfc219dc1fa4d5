import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts, Hung } from '../planFacts.js'
import type { PlanFixture } from '../planRoom.js'
import { STAND_OFF_MM, standOffMm, widestFlatMm } from '../walls/curve.js'
import { slideAlong } from '../walls/slide.js'
import { hungRef, lower } from './about.js'

/** What has no width of its own to stand off: cloth falls, and a small bracket is bent to the front. */
const GIVES: ReadonlySet<string> = new Set(['curtains', 'blind', 'throw', 'plant'])

const onFront = (h: Hung, f: PlanFixture): boolean =>
  f.wallId === h.wallId &&
  f.startMm < h.xMm + h.widthMm / 2 &&
  f.startMm + f.widthMm > h.xMm - h.widthMm / 2 &&
  f.bottomMm < h.topMm &&
  f.bottomMm + f.heightMm > h.bottomMm

/** The curved front a thing hangs on; undefined on a flat wall. */
export const curvedFront = (facts: PlanFacts, h: Hung): PlanFixture | undefined =>
  facts.room.fixtures.find((f) => f.radiusMm !== null && onFront(h, f))

export const curvedFace: Rule<PlanFacts> = {
  name: 'plan.curved-face',
  title: 'A flat thing on a curved front',
  numbers: `The edges of a rigid thing stand off a front that bulges out by more than ${STAND_OFF_MM} mm, computed from its radius.`,
  source: 'the sagitta of a chord; what may stand off is common practice',
  schools: 'all',
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const front = curvedFront(facts, h)
      if (!front || front.radiusMm === null || GIVES.has(h.piece.kind)) return []
      const off = standOffMm(front.radiusMm, h.widthMm)
      if (Math.round(off * 10) <= STAND_OFF_MM * 10) return []
      const widest = 10 * Math.floor((widestFlatMm(front.radiusMm) + 0.5) / 10)
      const name = lower(front.name || front.kind)
      return [
        {
          rule: 'plan.curved-face',
          severity: 'stop',
          about: [hungRef(h), { kind: 'fixture', id: front.id, name: front.name || front.kind }],
          title: `${h.name} does not lie on ${name}`,
          measured: Number.isFinite(off)
            ? `${facts.says.length(off)} off it at each edge`
            : `wider than the curve of ${facts.says.length(front.radiusMm)}`,
          wanted: `pieces up to ${facts.says.length(widest)} wide, on small brackets`,
          because: 'Flat art cannot hang on a curve; a collection of small things on brackets can.',
          fixes: slideAlong(facts, h, (x) => !curvedFront(facts, { ...h, xMm: x })),
          quantity: { value: Number.isFinite(off) ? off : front.radiusMm, better: 'less' },
        },
      ]
    }),
}
