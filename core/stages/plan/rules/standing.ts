import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { OFF_FLOOR } from '../needs.js'
import { inFixture, inSwing, nudge, standIn, standsClear, SLACK_MM, SWING_MM2 } from '../nudge.js'
import type { PlanFacts } from '../planFacts.js'
import { insideRoom } from '../rug.js'
import type { Standing } from '../standing.js'
import { lower, mm, ref } from './about.js'
import { ex, example } from './example.js'

const STAND_MOVED = 'the piece stands where nothing else does'

/** Pairs of pieces that stand in each other. */
export function overlaps(
  facts: Pick<PlanFacts, 'standings' | 'moved'>,
): { one: Standing; two: Standing; depth: number }[] {
  const found: { one: Standing; two: Standing; depth: number }[] = []
  const { standings, moved } = facts
  if (moved) {
    for (const two of standings) {
      const depth = two.id === moved.id ? 0 : standIn(moved, two)
      if (depth > 0) found.push({ one: moved, two, depth })
    }
    return found
  }
  for (let i = 0; i < standings.length; i++)
    for (let j = i + 1; j < standings.length; j++) {
      const [one, two] = [standings[i], standings[j]]
      const depth = one && two ? standIn(one, two) : 0
      if (one && two && depth > 0) found.push({ one, two, depth })
    }
  return found
}

export const overlap: Rule<PlanFacts> = {
  name: 'plan.overlap',
  title: 'Two pieces stand in each other',
  numbers: `More than ${SLACK_MM} mm in each other where their heights meet; a chair may stand under a table, a lamp on it, all on a rug.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    overlaps(facts).map(({ one, two, depth }): Finding => {
      const [small, large] = one.widthMm * one.depthMm <= two.widthMm * two.depthMm ? [one, two] : [two, one]
      return {
        rule: 'plan.overlap',
        severity: 'stop',
        about: [ref(one), ref(two)],
        title: `${small.name} stands in ${lower(large.name)}`,
        measured: `${mm(depth)} in each other`,
        wanted: STAND_MOVED,
        because: 'Two things cannot have one place.',
        mends: [
          ...nudge(facts, small, (s) => standIn(s, large) === 0),
          ...nudge(facts, large, (s) => standIn(s, small) === 0),
        ].slice(0, 2),
      }
    }),
  examples: {
    trips: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1000] })],
      }),
    passes: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1600] })],
      }),
  },
}

export const outside: Rule<PlanFacts> = {
  name: 'plan.outside',
  title: 'A piece stands in a wall, a radiator or a projection',
  numbers: `More than ${SLACK_MM} mm through the outline of the room, or into what is fixed to its walls and stands out more than 40 mm.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    (facts.moved ? [facts.moved] : facts.standings).flatMap((s): Finding[] => {
      if (s.kind === 'rug' || OFF_FLOOR.has(s.kind)) return []
      const slack = { ...s.box, halfW: s.box.halfW - SLACK_MM, halfD: s.box.halfD - SLACK_MM }
      const fixture = inFixture(s, facts.room)
      if (insideRoom(slack, facts.room) && !fixture) return []
      return [
        {
          rule: 'plan.outside',
          severity: 'stop',
          about: [ref(s)],
          title: fixture
            ? `${s.name} stands in ${lower(fixture.name || fixture.kind)}`
            : `${s.name} stands in the wall`,
          measured: fixture ? `it stands out ${mm(fixture.depthMm)}` : 'a corner of it is outside the room',
          wanted: 'all of it on the floor of the room',
          because: 'Walls and what is fixed to them do not give way.',
          mends: nudge(facts, s, (m) => standsClear(facts, m)),
        },
      ]
    }),
  examples: {
    trips: () => example({ pieces: [ex('sofa', 'Sofa', { at: [4500, 450] })] }),
    passes: () => example({ pieces: [ex('sofa', 'Sofa', { at: [2500, 450] })] }),
  },
}

export const doorSwing: Rule<PlanFacts> = {
  name: 'plan.door-swing',
  title: 'A door does not open',
  numbers: 'Any floor within the swing of a leaf that opens into the room, up to a right angle.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.openings.flatMap((o) =>
      (facts.moved ? [facts.moved] : facts.standings).flatMap((s): Finding[] => {
        const area = inSwing(s, o.swept)
        if (area <= SWING_MM2) return []
        return [
          {
            rule: 'plan.door-swing',
            severity: 'stop',
            about: [ref(s), { kind: 'opening', id: o.id, name: o.name }],
            title: `${o.name || 'The door'} strikes ${lower(s.name)}`,
            measured: `${(area / 1e4).toFixed(0)} cm² of its swing are taken`,
            wanted: 'the whole swing free',
            because: 'A leaf that cannot open is a way out that is not there.',
            mends: nudge(facts, s, (m) => inSwing(m, o.swept) <= SWING_MM2),
          },
        ]
      }),
    ),
  examples: {
    trips: () => example({ pieces: [ex('plant', 'Palm', { at: [4400, 3500] })] }),
    passes: () => example({ pieces: [ex('plant', 'Palm', { at: [1000, 3500] })] }),
  },
}

/** A piece wider than the wall it is meant for. */
export const tooWide: Rule<PlanFacts> = {
  name: 'plan.too-wide',
  title: 'A piece is wider than its wall',
  numbers: 'Width against the measured wall it belongs to; actual sizes only.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === p.wallId)
      if (!wall || p.widthMm <= wall.lengthMm || OFF_FLOOR.has(p.kind) || p.kind === 'rug') return []
      return [
        {
          rule: 'plan.too-wide',
          severity: 'stop',
          about: [{ kind: 'piece', id: p.id, name: p.name }],
          title: `${p.name} is wider than ${lower(wall.name)}`,
          measured: `${mm(p.widthMm)} on ${mm(wall.lengthMm)}`,
          wanted: `${mm(wall.lengthMm)} or less`,
          because: 'Sizes vary far more than one expects; measure before buying.',
          mends: [
            {
              label: `Free it of ${lower(wall.name)}`,
              changes: [put('pieces', p.id, { wallId: null })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        size: [1900, 3000],
        openings: [],
        pieces: [ex('sofa', 'Sofa', { widthMm: 2134, wallId: 'north' })],
      }),
    passes: () =>
      example({
        size: [1900, 3000],
        openings: [],
        pieces: [ex('sofa', 'Sofa', { widthMm: 1829, wallId: 'north' })],
      }),
  },
}

// Widths one meets of each kind, mm (common practice): outside them a slip of the unit is likelier than such a piece.
const PLAUSIBLE: Readonly<Record<string, readonly [number, number]>> = {
  sofa: [1_100, 4_000],
  'sofa bed': [1_100, 3_000],
  armchair: [500, 1_400],
  chair: [350, 800],
  bed: [700, 2_200],
  cot: [500, 1_000],
  table: [500, 4_000],
  desk: [600, 3_000],
  'low table': [300, 2_000],
  wardrobe: [400, 4_000],
  piano: [1_200, 3_000],
  rug: [400, 6_000],
  'chest of drawers': [300, 2_200],
}

/** What a width that cannot be meant may mean: inches or centimeters read as millimeters. */
export function likelyWidth(
  kind: string,
  widthMm: number,
): { readonly mm: number; readonly unit: 'in' | 'cm' } | undefined {
  const range = PLAUSIBLE[kind]
  if (!range || (widthMm >= range[0] && widthMm <= range[1])) return undefined
  const fits = (v: number) => v >= range[0] && v <= range[1]
  const [inches, centimeters] = [Math.round(widthMm * 25.4), widthMm * 10]
  return fits(inches)
    ? { mm: inches, unit: 'in' }
    : fits(centimeters)
      ? { mm: centimeters, unit: 'cm' }
      : undefined
}

export const sizeDoubt: Rule<PlanFacts> = {
  name: 'plan.size-doubt',
  title: 'A size that cannot be meant',
  numbers: `Width outside what is met of its kind, such as a sofa under ${PLAUSIBLE.sofa?.[0] ?? 0} mm, where inches or centimeters would fit.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const meant = likelyWidth(p.kind, p.widthMm)
      if (!meant) return []
      return [
        {
          rule: 'plan.size-doubt',
          severity: 'look',
          about: [{ kind: 'piece', id: p.id, name: p.name }],
          title: `${p.name}: ${p.widthMm} mm wide?`,
          measured: mm(p.widthMm),
          wanted: `${p.widthMm} ${meant.unit} would be ${mm(meant.mm)}`,
          because: 'A bare number in the wrong unit turns a sofa into a matchbox.',
          mends: [
            {
              label: `It is ${p.widthMm} ${meant.unit}: ${meant.mm} mm`,
              changes: [put('pieces', p.id, { widthMm: meant.mm })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => example({ pieces: [ex('sofa', 'Sofa', { widthMm: 72 })] }),
    passes: () => example({ pieces: [ex('sofa', 'Sofa', { widthMm: 1829 })] }),
  },
}

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
              measured: `closer than ${mm(needMm)}`,
              wanted: `${mm(needMm)} free before it`,
              because:
                f.kind === 'switch'
                  ? 'A switch behind furniture is not found in the dark.'
                  : 'It hides it neatly and chokes it: heat and air must come past.',
              mends: nudge(facts, s, (m) => !hides(m)),
            },
          ]
        }),
      ),
  examples: {
    trips: () =>
      example({ pieces: [ex('shelves', 'Bookcase', { at: [2500, 280] })], more: { fixtures: [RADIATOR] } }),
    passes: () =>
      example({ pieces: [ex('shelves', 'Bookcase', { at: [900, 160] })], more: { fixtures: [RADIATOR] } }),
  },
}

const RADIATOR = {
  id: 'rad',
  wallId: 'north',
  kind: 'radiator',
  name: 'Radiator',
  startMm: 2000,
  widthMm: 1000,
  heightMm: 600,
  bottomMm: 100,
  depthMm: 100,
  version: 1,
} as const

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
