import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { framed, setAll } from './frames.js'
import { filtersUv } from '../walls/framing.js'
import { capital, hungRef, listed, lower } from './about.js'
import { alike } from './alike.js'

// An hour or two of sun in June is more than a work on paper bears in a year at the limiting illuminance.
const SUNNY_H = 1

export const paperGuard: Rule<PlanFacts> = {
  name: 'plan.paper-guard',
  title: 'Paper art without conservation board, or in the light without a UV filter',
  numbers: `Plain paper board is a look, and so is a mat of unknown board; glazing without a UV filter on a wall the sun reaches for more than ${SUNNY_H} h a day in June is a look. Filters of 97 % and more count as conservation grade.`,
  source:
    'CIE 157:2004 for what light does to works on paper, and museum framing practice for the filter, both from memory; the hours are common practice',
  schools: 'all',
  check: (facts) =>
    // Several framed alike on one wall are told once.
    alike(framed(facts), (h) => [h.wallId, h.frame.board, h.frame.borderMm > 0, h.frame.glazing]).flatMap(
      (group): Finding[] => {
        const [h] = group
        const names = listed(group.map((o) => lower(o.name)))
        const sun = facts.sunOnWall.get(h.wallId) ?? 0
        // What a ready-made frame came with is taken for acidic until it is known.
        const unknown = h.frame.board === 'not known'
        const acid = (unknown || h.frame.board === 'plain paper board') && h.frame.borderMm > 0
        const open = sun > SUNNY_H && !filtersUv(h.frame.glazing)
        return [
          ...(acid
            ? [
                {
                  rule: 'plan.paper-guard',
                  severity: 'look' as const,
                  about: [
                    ...group.map(hungRef),
                    { kind: 'job' as const, id: unknown ? 'board unknown' : 'board', name: 'Board' },
                  ],
                  title: unknown
                    ? `What is the mat of ${names} made of?`
                    : `The mat of ${names} is plain paper`,
                  measured: h.frame.board,
                  wanted: 'conservation board',
                  because: 'Plain paper mats turn acid and yellow the work within years.',
                  fixes: [
                    ...(unknown
                      ? [
                          {
                            ...setAll(group, { board: 'conservation board' }, 'It is conservation board'),
                            kind: 'answer' as const,
                          },
                          {
                            ...setAll(group, { board: 'plain paper board' }, 'It is plain paper'),
                            kind: 'answer' as const,
                          },
                        ]
                      : [setAll(group, { board: 'conservation board' }, 'Conservation board')]),
                  ],
                },
              ]
            : []),
          ...(open
            ? [
                {
                  rule: 'plan.paper-guard',
                  severity: 'look' as const,
                  about: [...group.map(hungRef), { kind: 'job' as const, id: 'light', name: 'Light' }],
                  title: `${capital(names)} ${group.length > 1 ? 'hang' : 'hangs'} in the light without a UV filter`,
                  measured: `the sun stands in a window beside or across from it ${facts.says.number(sun, 1)} h a day in June`,
                  wanted: 'UV-filtering glazing, or another wall',
                  because: 'Light fades for good; how much it reflects is a separate choice of glass.',
                  fixes: [
                    setAll(
                      group,
                      {
                        glazing:
                          h.frame.glazing === 'acrylic' ? 'UV-filtering acrylic' : 'UV-filtering glass',
                      },
                      'Glazing with a UV filter',
                    ),
                  ],
                },
              ]
            : []),
        ]
      },
    ),
}
