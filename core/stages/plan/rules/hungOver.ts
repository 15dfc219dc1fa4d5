import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { isInTheWay, slideAlong } from '../walls/slide.js'
import { hungRef, wallRef, lower } from './about.js'

export const hungOver: Rule<PlanFacts> = {
  name: 'plan.hung-over',
  title: 'A picture hangs over a window, a switch or another picture',
  numbers: 'Any part of it over an opening, over a switch, vent or socket, or in another hung piece.',
  source: 'common practice',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.wallPlacements.flatMap((h): Finding[] => {
      const box = { l: h.xMm - h.widthMm / 2, r: h.xMm + h.widthMm / 2, b: h.bottomMm, t: h.topMm }
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      const meets = (l: number, r: number, b: number, t: number) =>
        Math.min(box.r, r) - Math.max(box.l, l) > 1 && Math.min(box.t, t) - Math.max(box.b, b) > 1
      const met = [
        ...facts.room.openings
          .filter(
            (o) =>
              o.wallId === h.wallId &&
              meets(o.startMm, o.startMm + o.widthMm, o.sillMm, o.sillMm + o.heightMm),
          )
          .map((o) => o.name || o.kind),
        ...facts.room.fixtures
          .filter(
            (f) =>
              f.wallId === h.wallId &&
              isInTheWay(f) &&
              // A curved front takes what is small enough: judged by itself.
              f.radiusMm === null &&
              meets(f.startMm, f.startMm + f.widthMm, f.bottomMm, f.bottomMm + f.heightMm),
          )
          .map((f) => f.name || f.kind),
        ...facts.wallPlacements
          .filter(
            (o) =>
              o.id !== h.id &&
              o.wallId === h.wallId &&
              meets(o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2, o.bottomMm, o.topMm),
          )
          .map((o) => o.name),
        ...(wall && (box.l < -1 || box.r > wall.lengthMm + 1) ? ['the corner of the wall'] : []),
      ]
      const [first] = met
      if (!first) return []
      return [
        {
          rule: 'plan.hung-over',
          severity: 'stop',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title: `${h.name} hangs over ${lower(first)}`,
          measured: met.map(lower).join(', '),
          wanted: 'a free place on the wall',
          because: 'Two things cannot have one place.',
          fixes: slideAlong(facts, h),
        },
      ]
    }),
}
