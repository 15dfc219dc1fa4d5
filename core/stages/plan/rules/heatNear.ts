import { NEEDS } from '../../../model/vocabulary/need.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import { beforeWall } from '../elevation.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { nudge } from '../nudge.js'
import { slideAlong } from '../walls/slide.js'
import { has, hungRef, lower, ref } from './about.js'
import { ASK } from './cautions.js'

/** Kinds that heat dries out, scorches or sets on fire. */
const SUFFERS: ReadonlySet<string> = new Set([
  'picture',
  'curtains',
  'blind',
  'throw',
  'cushion',
  'books',
  'screen',
  'headboard',
  'object',
  'plant',
])
/** Fixtures that give off heat: over a radiator it rises, an outlet blows it out before it. */
const HOT_FIXTURES: ReadonlySet<string> = new Set(['heat outlet', 'radiator'])

interface Rect {
  readonly l: number
  readonly r: number
  readonly b: number
  readonly t: number
}

const gap = (a: Rect, o: Rect): number =>
  Math.hypot(Math.max(0, a.l - o.r, o.l - a.r), Math.max(0, a.b - o.t, o.b - a.t))

const rectOf = (h: Pick<Hung, 'xMm' | 'widthMm' | 'bottomMm' | 'topMm'>): Rect => ({
  l: h.xMm - h.widthMm / 2,
  r: h.xMm + h.widthMm / 2,
  b: h.bottomMm,
  t: h.topMm,
})

/** How near to a hot thing something hangs, mm, and to which; the nearest. */
function nearest(facts: PlanFacts, h: Hung): { readonly mm: number; readonly name: string } | undefined {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return undefined
  const hot = facts.standings.filter(isHot)
  return [
    ...facts.room.fixtures
      .filter((f) => f.wallId === h.wallId && HOT_FIXTURES.has(f.kind))
      // Beside a radiator nothing gets hot.
      .filter((f) => f.kind !== 'radiator' || h.bottomMm >= f.bottomMm)
      .map((f) => ({
        mm: gap(rectOf(h), {
          l: f.startMm,
          r: f.startMm + f.widthMm,
          b: f.bottomMm,
          t: f.bottomMm + f.heightMm,
        }),
        name: f.name || f.kind,
      })),
    ...beforeWall(wall, hot, facts.needs.heatClear).map((s) => ({
      mm: gap(rectOf(h), { l: s.leftMm, r: s.rightMm, b: s.standing.raisedMm, t: s.topMm }),
      name: s.standing.name,
    })),
  ].sort((a, b) => a.mm - b.mm || (a.name < b.name ? -1 : 1))[0]
}

const isHot = (s: Standing): boolean => has(s.piece, 'gets hot')

/** From one standing thing to another, past their heights. */
const apart = (a: Standing, b: Standing): number =>
  Math.hypot(
    boxGap(a.box, b.box),
    Math.max(0, a.raisedMm - (b.raisedMm + b.heightMm), b.raisedMm - (a.raisedMm + a.heightMm)),
  )

export const heatNear: Rule<PlanFacts> = {
  name: 'plan.heat-near',
  title: 'Cloth, paper or art near what gets hot',
  numbers: `Within ${NEEDS.heatClear.mm} mm of a heat outlet, over a radiator, or of a piece that gets hot: a dryer, a heater, a stove.`,
  source: NEEDS.heatClear.source,
  schools: 'all',
  caution: true,
  check: (facts) => {
    const least = facts.needs.heatClear
    const hung = facts.wallPlacements.flatMap((h): Finding[] => {
      const near = SUFFERS.has(h.piece.kind) ? nearest(facts, h) : undefined
      if (!near || near.mm >= least) return []
      const away = (x: number) => (nearest(facts, { ...h, xMm: x })?.mm ?? Infinity) >= least
      return [
        {
          rule: 'plan.heat-near',
          severity: 'look',
          about: [hungRef(h)],
          title: `${h.name} hangs near ${lower(near.name)}`,
          measured: `${facts.says.length(near.mm)} from it`,
          wanted: `${facts.says.length(least)} or more, or what its maker says`,
          because: `Heat and damp dry out, warp and scorch; vents and lint ways stay free. ${ASK}`,
          fixes: slideAlong(facts, h, away),
          quantity: { value: near.mm, better: 'more' },
        },
      ]
    })
    const stood = facts.standings
      .filter((s) => SUFFERS.has(s.kind))
      .flatMap((s): Finding[] => {
        const [near] = facts.standings
          .filter((o) => o.id !== s.id && isHot(o))
          .map((o) => ({ o, mm: apart(s, o) }))
          .sort((a, b) => a.mm - b.mm)
        if (!near || near.mm >= least) return []
        return [
          {
            rule: 'plan.heat-near',
            severity: 'look',
            about: [ref(s), ref(near.o)],
            title: `${s.name} stands near ${lower(near.o.name)}`,
            measured: `${facts.says.length(near.mm)} from it`,
            wanted: `${facts.says.length(least)} or more, or what its maker says`,
            because: `Cloth and paper near what gets hot scorch and burn. ${ASK}`,
            fixes: nudge(facts, s, (m) => apart(m, near.o) >= least),
            quantity: { value: near.mm, better: 'more' },
          },
        ]
      })
    return [...hung, ...stood]
  },
}
