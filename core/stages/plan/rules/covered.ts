import type { Standing } from '../standing.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

// In front of what a low thing is no harm: a radiator gives its heat over it.
const covers = (s: Standing, bottomMm: number) =>
  s.raisedMm <= bottomMm + 100 && s.raisedMm + s.heightMm > bottomMm + 50

export const covered: Rule<PlanFacts> = {
  name: 'plan.covered',
  title: 'A piece stands before a radiator, a vent or a switch',
  numbers: `Within ${NEEDS.radiatorFree.mm} mm before a radiator or vent, or close before a switch, over half its width.`,
  source: NEEDS.radiatorFree.source,
  schools: 'all',
  check: (facts) =>
    facts.room.fixtures
      .filter((f) => f.kind === 'radiator' || f.kind === 'vent' || f.kind === 'switch')
      .flatMap((f) =>
        facts.solid.flatMap((s): Finding[] => {
          const needMm = f.kind === 'switch' ? 50 : facts.needs.radiatorFree
          const hides = (t: Standing) => covers(t, f.bottomMm) && coversHalf(facts, f, t, needMm)
          if (!hides(s)) return []
          return [
            {
              rule: 'plan.covered',
              severity: 'look',
              about: [ref(s), { kind: 'fixture', id: f.id, name: f.name || f.kind }],
              title: `${s.name} stands before ${lower(f.name || f.kind)}`,
              measured: `closer than ${facts.says.length(needMm)}`,
              wanted: `${facts.says.length(needMm)} free before it`,
              because:
                f.kind === 'switch'
                  ? 'A switch behind furniture is not found in the dark.'
                  : 'It hides it neatly and chokes it: heat and air must come past.',
              fixes: nudge(facts, s, (m) => !hides(m)),
            },
          ]
        }),
      ),
}

function coversHalf(
  facts: PlanFacts,
  f: PlanFacts['room']['fixtures'][number],
  s: Standing,
  needMm: number,
): boolean {
  const wall = facts.room.walls.find((w) => w.id === f.wallId)
  if (!wall) return false
  const along = { from: f.startMm, to: f.startMm + Math.max(f.widthMm, 60) }
  const at = [
    { x: s.box.halfW, y: s.box.halfD },
    { x: -s.box.halfW, y: s.box.halfD },
    { x: s.box.halfW, y: -s.box.halfD },
    { x: -s.box.halfW, y: -s.box.halfD },
  ].map((c) => ({
    x: s.box.x + c.x * s.box.ux - c.y * s.box.uy - wall.left.x,
    y: s.box.y + c.x * s.box.uy + c.y * s.box.ux - wall.left.y,
  }))
  const run = at.map((p) => p.x * wall.right.x + p.y * wall.right.y)
  const away = Math.min(...at.map((p) => p.x * wall.into.x + p.y * wall.into.y))
  const shared = Math.min(along.to, Math.max(...run)) - Math.max(along.from, Math.min(...run))
  return away - f.depthMm < needMm && shared > (along.to - along.from) / 2
}
