import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { groupsOn, placed, furnitureUnder } from './hanging.js'
import { groupOutline } from '../walls/hanging.js'
import { hungRef, lower } from './about.js'
import { put } from '../../../model/changes.js'

// Most art hangs two thirds to three quarters as wide as the furniture under it (common practice); beyond these it looks lost or top-heavy.
const GROUP_LEAST = 0.5

const GROUP_MOST = 0.8

// What stands farther from the wall is not read as one with what hangs there (common practice).
const TOGETHER_MM = 250
// As exact as a hook is set, and how much higher the line may take a picture (common practice).
const ON_LINE_MM = 25
const ABOVE_MM = 150
// A mirror farther above a basin shows the top of a head.
const MIRROR_MOST_MM = 450

export const overFurniture: Rule<PlanFacts> = {
  name: 'plan.over-furniture',
  title: 'A picture floats above the furniture, or does not suit its width',
  numbers: `${NEEDS.overFurniture.mm} to ${NEEDS.overFurnitureMost.mm} mm above it; two thirds to three quarters of its width, noted under ${GROUP_LEAST * 100} and over ${GROUP_MOST * 100} %; furniture within ${TOGETHER_MM} mm of the wall. On the agreed eye line ${ABOVE_MM} more is free, in that school. A mirror over a basin may be as wide as it.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((w) =>
      groupsOn(facts, w.id).flatMap((g): Finding[] => {
        const outline = groupOutline(g.map(placed))
        const middle = (outline.leftMm + outline.rightMm) / 2
        const under = furnitureUnder(facts, { wallId: w.id, xMm: middle, widthMm: outline.widthMm })
        if (!under || under.awayMm > TOGETHER_MM || outline.bottomMm > under.topMm + 900) return []
        const gap = outline.bottomMm - under.topMm
        const part = outline.widthMm / under.standing.widthMm
        const { overFurniture: least, overFurnitureMost: most } = facts.needs
        // What hangs on the agreed line for its own sake may hang a little higher above what stands there.
        const onLine =
          facts.schools.hanging === 'centers on one eye line' &&
          g.every((h) => Math.abs(h.centerMm - facts.eyeLineMm) <= ON_LINE_MM)
        const floats = gap > (onLine ? most + ABOVE_MM : most) + 0.5 || gap < least - 0.5
        const wide = part > GROUP_MOST || part < GROUP_LEAST
        if (!floats && !wide) return []
        // A glass over a basin is as wide as the face before it wants, and clears the taps.
        const glass = under.standing.kind === 'sanitary' && g.every((h) => h.piece.kind === 'mirror')
        if (glass && gap >= 0 && gap <= MIRROR_MOST_MM && part <= 1) return []
        const [first] = g
        const names = g.length > 1 ? `The group of ${g.length}` : (first?.name ?? '')
        const by = gap > most ? gap - (least + most) / 2 : gap - (least + most) / 2
        return [
          {
            rule: 'plan.over-furniture',
            severity: gap < 0 ? 'stop' : gap < least ? 'look' : 'note',
            about: [...g.map(hungRef), { kind: 'stand', id: under.standing.id, name: under.standing.name }],
            title: floats
              ? gap < 0
                ? `${names} hangs behind ${lower(under.standing.name)}`
                : `${names} hangs ${facts.says.length(gap)} above ${lower(under.standing.name)}`
              : `${names} is ${Math.round(part * 100)} % as wide as ${lower(under.standing.name)}`,
            measured: `lower edge ${facts.says.length(outline.bottomMm)}, ${facts.says.length(gap)} above it; ${Math.round(part * 100)} % of its width`,
            wanted: `${facts.says.span(least, most)} above, two thirds to three quarters of its width`,
            because: 'So far above, the two read apart; near it they read as one.',
            fixes: floats
              ? [
                  {
                    label: `${by > 0 ? 'Lower' : 'Raise'} ${g.length > 1 ? 'all' : 'it'} by ${facts.says.length(Math.abs(by))}`,
                    changes: g.map((h) =>
                      put('wallPlacements', h.id, { centerMm: Math.round(h.centerMm - by) }),
                    ),
                  },
                ].filter(() => !wide)
              : [],
          },
        ]
      }),
    ),
}
