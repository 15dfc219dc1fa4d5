import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { framed, set } from './frames.js'
import { oddFrames } from '../walls/framing.js'
import { hungRef, lower } from './about.js'

export const oneFrame: Rule<PlanFacts> = {
  name: 'plan.one-frame',
  title: 'A frame that differs from those of the room',
  numbers: 'Profile and finish against what most frames have.',
  source: 'common practice',
  schools: ['one for the room'],
  check: (facts) => {
    if (facts.schools.frames !== 'one for the room') return []
    const all = framed(facts)
    const { odd } = oddFrames(all.map((h) => ({ h, coat: h.frame.coat, profile: h.frame.profile })))
    const like = all.find((h) => !odd.some((o) => o.h === h))
    if (!like || all.length < 2) return []
    return odd.map(({ h }): Finding => ({
      rule: 'plan.one-frame',
      severity: 'look',
      about: [hungRef(h)],
      title: `The frame of ${lower(h.name)} is another than the rest`,
      measured: `${h.frame.profile}, ${h.frame.coat}`,
      wanted: `${like.frame.profile}, ${like.frame.coat}`,
      because: 'In this school one frame makes one room.',
      school: 'one for the room',
      fixes: [
        set(
          h,
          { profile: like.frame.profile, coat: like.frame.coat },
          `${like.frame.profile}, ${like.frame.coat}, like the others`,
        ),
      ],
    }))
  },
}
