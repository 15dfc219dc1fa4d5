import { put } from '../../../model/changes.js'
import { boxGap, pointToBox } from '../../../kernel/geometry/box.js'
import { distance, type Point } from '../../../kernel/geometry/polygon.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { beforeWall } from '../elevation.js'
import { curtainDarkness, lampAgainstPicture, pendantFit } from '../light/lampPlaces.js'
import { luxAt } from '../light/roomLighting.js'
import { LIGHT_TARGETS } from '../light/targets.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { nudge } from '../nudge.js'
import { onWall } from '../planRoom.js'
import type { PlanFacts, PlanUse } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { has, lower, mm, pieceRef, ref, withTraits } from './about.js'
import { ex, example } from './example.js'

/** A place where a use wants its light. */
export interface UsePlace {
  readonly use: PlanUse
  readonly at: Point
  readonly heightMm: number
  readonly targetLux: number
  readonly says: string
  readonly lux: number
  readonly by: Standing
}

/** Where each use happens, and how much light the lamps of the room bring there. */
export function usePlaces(facts: PlanFacts): UsePlace[] {
  return facts.uses.flatMap((use) => {
    const target = LIGHT_TARGETS[use.kind]
    if (!target) return []
    return facts.standings
      .filter((s) => s.piece.serves.includes(use.id) && s.kind !== 'lamp')
      .map((by): UsePlace => {
        // Over the front of a seat, over the middle of a top.
        const seat = ['sofa', 'sofa bed', 'armchair', 'chair', 'stool', 'bench', 'bed'].includes(by.kind)
        const ahead = seat ? by.box.halfD * 0.5 : 0
        const at = { x: by.box.x - by.box.uy * ahead, y: by.box.y + by.box.ux * ahead }
        const heightMm = seat ? target.heightMm : Math.max(target.heightMm, Math.min(1_100, by.heightMm))
        return {
          use,
          at,
          heightMm,
          targetLux: target.lux,
          says: target.says,
          lux: luxAt(at, heightMm, facts.lamps, facts.reflecting),
          by,
        }
      })
  })
}

// Less than this part of the target is a look; the eye does not tell a fifth.
const DARK_PART = 0.8

export const useDark: Rule<PlanFacts> = {
  name: 'plan.use-dark',
  title: 'A use without enough light',
  numbers: `Light from the lamps entered, direct and thrown back, under ${DARK_PART * 100} % of the target where the use happens. Silent until a lamp is entered with its lumens.`,
  source:
    'targets: IES categories, EN 12464-1 and customary values for homes, all from memory; inverse square and cosine laws',
  schools: 'all',
  check: (facts) => {
    if (facts.lamps.length === 0) return []
    return usePlaces(facts)
      .filter((p) => p.lux < DARK_PART * p.targetLux)
      .map((p): Finding => ({
        rule: 'plan.use-dark',
        severity: 'look',
        about: [ref(p.by), { kind: 'use', id: p.use.id, name: p.use.name }],
        title: `${p.use.name}: ${Math.round(p.lux)} lx at ${lower(p.by.name)}`,
        measured: `${Math.round(p.lux)} lx by lamps alone`,
        wanted: `${p.targetLux} lx: ${p.says}`,
        because:
          'A splendid fitting does not light the book; poor light is made good by several small lamps at eye level.',
        mends: [],
      }))
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
          ex('lamp', 'Lamp', { at: [500, 3500], light: { lumens: 400 } }),
        ],
        more: { uses: [READ] },
      }),
    passes: () =>
      example({
        pieces: [
          ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
          ex('lamp', 'Lamp', { at: [4200, 250], light: { lumens: 3000 } }),
        ],
        more: { uses: [READ] },
      }),
  },
}
export const lampToSeat: Rule<PlanFacts> = {
  name: 'plan.lamp-seat',
  title: 'A seat one reads in has no lamp near',
  numbers: `A lamp at eye level within ${NEEDS.lampToSeat.mm} mm of every seat that serves reading.`,
  source: NEEDS.lampToSeat.source,
  schools: 'all',
  check: (facts) => {
    const reading = new Set(facts.uses.filter((u) => u.kind === 'read').map((u) => u.id))
    const lamps = facts.standings.filter((s) => s.kind === 'lamp' && s.raisedMm < 1_800)
    const hung = facts.hangs.filter((h) => h.piece.kind === 'lamp')
    return facts.seats
      .filter((s) => s.piece.serves.some((u) => reading.has(u)))
      .flatMap((seat): Finding[] => {
        const walls = hung.flatMap((h) => {
          const wall = facts.room.walls.find((w) => w.id === h.wallId)
          return wall ? [pointToBox(seat.box, onWall(wall, h.xMm, 150))] : []
        })
        const least = Math.min(...lamps.map((l) => boxGap(seat.box, l.box)), ...walls, Infinity)
        if (least <= facts.needs.lampToSeat) return []
        return [
          {
            rule: 'plan.lamp-seat',
            severity: 'look',
            about: [ref(seat)],
            title: `No lamp to read by at ${lower(seat.name)}`,
            measured: Number.isFinite(least)
              ? `the nearest ${mm(least)} away`
              : 'no lamp stands or hangs in the room',
            wanted: `one within ${mm(facts.needs.lampToSeat)}`,
            because: 'A page is lit from beside the shoulder, not from the ceiling.',
            mends: lamps
              .flatMap((l) => nudge(facts, l, (m) => boxGap(seat.box, m.box) <= facts.needs.lampToSeat))
              .slice(0, 1),
          },
        ]
      })
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
          ex('lamp', 'Lamp', { at: [1500, 3500] }),
        ],
        openings: [],
        more: { uses: [READ] },
      }),
    passes: () =>
      example({
        pieces: [
          ex('armchair', 'Chair', { at: [4200, 600], serves: ['read'] }),
          ex('lamp', 'Lamp', { at: [3500, 400] }),
        ],
        openings: [],
        more: { uses: [READ] },
      }),
  },
}

const READ = {
  id: 'read',
  name: 'Read',
  kind: 'read',
  persons: 1,
  time: 'any time',
  position: 0,
  version: 1,
} as const

/** Way of a cord: along the floor from the lamp to the nearest socket. */
export function cordOf(
  facts: PlanFacts,
  lamp: Standing,
): { socket: string; mm: number; at: Point } | undefined {
  return facts.room.fixtures
    .filter((f) => f.kind === 'socket')
    .map((f) => ({
      socket: f.name || 'socket',
      mm: Math.round(pointToBox(lamp.box, f.box)),
      at: { x: f.box.x, y: f.box.y },
    }))
    .sort((a, b) => a.mm - b.mm)[0]
}

const plugged = (s: Standing): boolean =>
  s.kind === 'lamp' &&
  s.piece.fixing !== 'wired in' &&
  s.piece.fixing !== 'screwed to the ceiling' &&
  s.raisedMm < 1_500

export const cord: Rule<PlanFacts> = {
  name: 'plan.lamp-cord',
  title: 'A lamp whose cord does not reach, or crosses a way',
  numbers: `A socket within ${NEEDS.cordReach.mm} mm of every lamp that is plugged in. Silent while no socket is recorded.`,
  source: NEEDS.cordReach.source,
  schools: 'all',
  check: (facts) => {
    if (!facts.room.fixtures.some((f) => f.kind === 'socket')) return []
    return facts.standings.filter(plugged).flatMap((s): Finding[] => {
      const found = cordOf(facts, s)
      if (!found || found.mm <= facts.needs.cordReach) return []
      return [
        {
          rule: 'plan.lamp-cord',
          severity: 'look',
          about: [ref(s)],
          title: `The cord of ${lower(s.name)} does not reach a socket`,
          measured: `${mm(found.mm)} to ${lower(found.socket)}`,
          wanted: `${mm(facts.needs.cordReach)} or less`,
          because:
            'Do not chain extensions or lay a cord under a rug or across a way; ask a licensed electrician for a socket.',
          mends: nudge(facts, s, (m) => (cordOf(facts, m)?.mm ?? Infinity) <= facts.needs.cordReach),
        },
      ]
    })
  },
  examples: {
    trips: () =>
      example({
        pieces: [ex('lamp', 'Floor lamp', { at: [4500, 3000] })],
        openings: [],
        more: { fixtures: [SOCKET] },
      }),
    passes: () =>
      example({
        pieces: [ex('lamp', 'Floor lamp', { at: [1500, 300] })],
        openings: [],
        more: { fixtures: [SOCKET] },
      }),
  },
}
const SOCKET = {
  id: 'socket',
  wallId: 'north',
  kind: 'socket',
  name: 'Socket',
  startMm: 700,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  version: 1,
} as const

export const competes: Rule<PlanFacts> = {
  name: 'plan.lamp-competes',
  title: 'A lamp stands up into the picture above it',
  numbers:
    'Top of the lamp, its table included, above the lower edge of a wall piece within 300 mm beside it.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((wall) =>
      beforeWall(wall, facts.standings, 700)
        .filter((b) => b.standing.kind === 'lamp' && b.standing.raisedMm > 0)
        .flatMap((b) =>
          facts.hangs
            .filter(
              (h) =>
                h.wallId === wall.id &&
                h.piece.kind !== 'lamp' &&
                h.xMm - h.widthMm / 2 - 300 < b.rightMm &&
                h.xMm + h.widthMm / 2 + 300 > b.leftMm,
            )
            .flatMap((h): Finding[] => {
              const {
                topMm,
                overMm,
                competes: clash,
              } = lampAgainstPicture(b.standing.raisedMm, b.standing.heightMm, h.bottomMm)
              if (!clash || topMm > h.topMm + 400) return []
              return [
                {
                  rule: 'plan.lamp-competes',
                  severity: 'look',
                  about: [ref(b.standing), { kind: 'hang', id: h.id, name: h.name }],
                  title: `${b.standing.name} competes with ${lower(h.name)}`,
                  measured: `${mm(topMm)} high with its table, ${mm(overMm)} above the lower edge`,
                  wanted: `below ${mm(h.bottomMm)}`,
                  because: 'A lamp stays below the picture beside it, or the two are seen as one muddle.',
                  mends: [
                    {
                      label: `Raise ${lower(h.name)} by ${mm(overMm)}`,
                      changes: [put('hangs', h.id, { centerMm: Math.round(h.centerMm + overMm) })],
                    },
                  ],
                },
              ]
            }),
        ),
    ),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('side table', 'Table', { heightMm: 610, at: [1500, 250] }),
          ex('lamp', 'Lamp', { heightMm: 865, at: [1500, 250], raised: 610 }),
          ex('picture', 'Print', { heightMm: 480, hang: { xMm: 2000, centerMm: 1560 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('side table', 'Table', { heightMm: 610, at: [1500, 250] }),
          ex('lamp', 'Lamp', { heightMm: 660, at: [1500, 250], raised: 610 }),
          ex('picture', 'Print', { heightMm: 480, hang: { xMm: 2000, centerMm: 1560 } }),
        ],
      }),
  },
}

export const pendant: Rule<PlanFacts> = {
  name: 'plan.pendant',
  title: 'A hanging lamp hangs too low',
  numbers: `${NEEDS.headClear.mm} mm free under it where one walks; over a table ${NEEDS.overTable.mm} mm above the top. A larger diameter is no fault.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter(
        (s) =>
          s.kind === 'lamp' &&
          s.raisedMm > 900 &&
          (s.piece.fixing === 'screwed to the ceiling' ||
            s.piece.fixing === 'wired in' ||
            s.raisedMm > 1_500),
      )
      .flatMap((s): Finding[] => {
        const ceiling = facts.room.heightMm
        if (ceiling === null) return []
        const table = facts.standings.find(
          (o) => (o.kind === 'table' || o.kind === 'desk') && pointToBox(o.box, s.box) === 0,
        )
        const drop = ceiling - s.raisedMm
        const fit = pendantFit({
          ceilingMm: ceiling,
          shadeMm: drop,
          canopyAndCordMm: 0,
          headClearMm: facts.needs.headClear,
          tableMm: table?.heightMm,
          overTableMm: facts.needs.overTable,
        })
        if (fit.fits) return []
        const raised = ceiling - fit.largestDropMm
        return [
          {
            rule: 'plan.pendant',
            severity: 'look',
            about: [ref(s)],
            title: `${s.name} hangs ${mm(s.raisedMm)} above the floor`,
            measured: `a drop of ${mm(drop)}`,
            wanted: table
              ? `${mm(raised)}: ${mm(facts.needs.overTable)} above ${lower(table.name)}`
              : `${mm(raised)} or more, or a table under it`,
            because: table
              ? 'One looks across a table, not into a lamp.'
              : 'Heads pass under it. In a low room keep it shallow and gain by the diameter.',
            mends:
              s.raisedMm + s.heightMm + (raised - s.raisedMm) <= ceiling + 1
                ? [
                    {
                      label: `Hang it at ${mm(raised)}`,
                      changes: [put('stands', s.id, { raisedMm: Math.round(raised) })],
                    },
                  ]
                : [],
          },
        ]
      }),
  examples: {
    trips: () =>
      example({
        heightMm: 2440,
        pieces: [
          ex('lamp', 'Pendant', {
            at: [2500, 2000],
            raised: 1930,
            heightMm: 450,
            fixing: 'screwed to the ceiling',
          }),
        ],
      }),
    passes: () =>
      example({
        heightMm: 2440,
        pieces: [
          ex('lamp', 'Pendant', {
            at: [2500, 2000],
            raised: 2130,
            heightMm: 250,
            widthMm: 800,
            depthMm: 800,
            fixing: 'screwed to the ceiling',
          }),
        ],
      }),
  },
}

export const lampSchool: Rule<PlanFacts> = {
  name: 'plan.lamp-school',
  title: 'Lamps against the school of the job',
  numbers:
    'Many small at eye level: fewer than three lamps under 1 800 mm in the room. One hero fitting: none meant as the focus.',
  source: 'common practice',
  schools: ['many small at eye level', 'one hero fitting'],
  check: (facts) => {
    const lamps = facts.standings.filter((s) => s.kind === 'lamp')
    const hung = facts.hangs.filter((h) => h.piece.kind === 'lamp')
    const many = facts.schools.lamps === 'many small at eye level'
    const small = lamps.filter((s) => s.raisedMm < 1_800).length + hung.length
    if (
      facts.schools.lamps === null ||
      (many ? small >= 3 : facts.pieces.some((p) => p.kind === 'lamp' && p.focal))
    )
      return []
    const hero = [...lamps].sort((a, b) => b.widthMm - a.widthMm)[0]
    return [
      {
        rule: 'plan.lamp-school',
        severity: 'note',
        about: lamps.map(ref),
        title: many ? `${small} lamp${small === 1 ? '' : 's'} at eye level` : 'No fitting leads',
        measured: many ? `${small} under 1 800 mm` : 'none is marked as the focus',
        wanted: many ? 'three or more, spread through the room' : 'one large fitting as the focus',
        because: many
          ? 'A lone ceiling light leaves the corners dark and the faces in shadow.'
          : 'In this school one lamp leads and the rest only helps.',
        school: facts.schools.lamps,
        mends:
          !many && hero
            ? [
                {
                  label: `Let ${lower(hero.name)} lead`,
                  changes: [put('pieces', hero.pieceId, { focal: true })],
                },
              ]
            : [],
      },
    ]
  },
  examples: {
    trips: () =>
      example({ schools: { lamps: 'one hero fitting' }, pieces: [ex('lamp', 'Lamp', { at: [500, 500] })] }),
    passes: () =>
      example({
        schools: { lamps: 'one hero fitting' },
        pieces: [ex('lamp', 'Lamp', { at: [500, 500], focal: true })],
      }),
  },
}

// What the linings let through (common practice; the maker's figure decides).
const PASSES = { 'blackout lining': 0.03, 'dimming lining': 0.25 } as const

export const sleepDark: Rule<PlanFacts> = {
  name: 'plan.sleep-dark',
  title: 'Curtains too light or too dark for who sleeps there',
  numbers:
    'School dark: 5 % of the daylight or less. School dimmed, child in sight: 15 % or more. A blackout lining is taken for 3 %, a dimming one for 25 %.',
  source: 'common practice',
  schools: ['dark', 'dimmed, child in sight'],
  check: (facts) => {
    const wanted = facts.schools.childrensLight
    if (wanted !== 'dark' && wanted !== 'dimmed, child in sight') return []
    return facts.pieces
      .filter((p) => p.kind === 'curtains' || p.kind === 'blind')
      .flatMap((p): Finding[] => {
        const lining = has(p, 'blackout lining')
          ? 'blackout lining'
          : has(p, 'dimming lining')
            ? 'dimming lining'
            : undefined
        if (!lining) return []
        const judged = curtainDarkness(PASSES[lining], wanted)
        if (judged.ok) return []
        const other = lining === 'blackout lining' ? 'dimming lining' : 'blackout lining'
        return [
          {
            rule: 'plan.sleep-dark',
            severity: 'look',
            about: [pieceRef(p)],
            title: `${p.name}: ${wanted === 'dark' ? 'too light to sleep late' : 'too dark to see the child'}`,
            measured: judged.says.split(';')[0] ?? lining,
            wanted: wanted === 'dark' ? '5 % or less' : '15 % or more',
            because:
              'Ask each sleeper: the lining that is right for late sleepers is wrong where a child must be seen.',
            school: wanted,
            mends: [withTraits(p, `A ${other} instead`, [other], [lining])],
          },
        ]
      })
  },
  examples: {
    trips: () =>
      example({
        schools: { childrensLight: 'dimmed, child in sight' },
        pieces: [ex('curtains', 'Curtains', { traits: ['blackout lining'] })],
      }),
    passes: () =>
      example({
        schools: { childrensLight: 'dimmed, child in sight' },
        pieces: [ex('curtains', 'Curtains', { traits: ['dimming lining'] })],
      }),
  },
}

/** Lamps too near for two to be needed, for the panel. */
export const nearestLamp = (facts: PlanFacts, p: Point): number =>
  Math.min(...facts.lamps.map((l) => distance(l.at, p)), Infinity)
