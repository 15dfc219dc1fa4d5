import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { framed, set } from './frames.js'
import { faceNarrowerThanMat } from '../walls/framing.js'
import { hungRef, lower } from './about.js'

export const matWider: Rule<PlanFacts> = {
  name: 'plan.mat-wider',
  title: 'The frame is as wide as the mat, or wider',
  numbers: 'Face of the frame strictly narrower than the border of the mat.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    framed(facts)
      .filter(
        (h) =>
          !faceNarrowerThanMat(
            h.frame.faceMm,
            Math.min(h.frame.borderMm, h.frame.bottomBorderMm || h.frame.borderMm),
          ),
      )
      .map((h): Finding => ({
        rule: 'plan.mat-wider',
        severity: 'look',
        about: [hungRef(h)],
        title: `The frame of ${lower(h.name)} is not narrower than its mat`,
        measured: `face ${facts.says.length(h.frame.faceMm)}, border ${facts.says.length(h.frame.borderMm)}`,
        wanted: 'a face narrower than the border',
        because: 'Equal bands compete; the wider mat gives the picture its air.',
        fixes: [
          set(
            h,
            { borderMm: h.frame.faceMm * 2, bottomBorderMm: h.frame.faceMm * 2 },
            `A mat of ${facts.says.length(h.frame.faceMm * 2)}`,
          ),
        ],
      })),
}
