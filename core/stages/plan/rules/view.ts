import { put } from '../../../model/changes.js'
import { boxCorners, boxDepth, boxOf } from '../../../kernel/geometry/box.js'
import { crossing } from '../../../kernel/geometry/polygon.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { beforeWall } from '../elevation.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { nudge } from '../nudge.js'
import type { PlanFacts } from '../planFacts.js'
import { stripBefore } from '../planRoom.js'
import { asLetOut, letOut, type Standing } from '../standing.js'
import { freeBefore } from '../free.js'
import { balance } from '../sightLine.js'
import { has, listed, lower, mm, pieceRef, ref, withTraits } from './about.js'
import { ex, example } from './example.js'

export const sightEnds: Rule<PlanFacts> = {
  name: 'plan.sight-end',
  title: 'The view from the door ends on nothing',
  numbers:
    'The line straight in from the middle of the door, or to the piece meant as the focus; pieces under 1 200 mm are looked over.',
  source: 'common practice',
  schools: 'all',
  check: ({ sight, standings }) => {
    if (!sight || sight.rests || standings.length === 0) return []
    return [
      {
        rule: 'plan.sight-end',
        severity: 'note',
        about: [{ kind: 'job', id: 'sight', name: 'Sight line' }],
        title: `From the door one looks at ${sight.endsOn}`,
        measured: sight.endsOn,
        wanted: 'a picture, a window, or the piece meant as the focus',
        because: 'The first view is the room; finish it before the rest.',
        mends: sight.before
          ? standings
              .filter((s) => s.name === sight.before)
              .map((s) => ({
                label: `Make ${lower(s.name)} the focus`,
                changes: [put('pieces', s.pieceId, { focal: true })],
              }))
          : [],
      },
    ]
  },
  examples: {
    trips: () => example({ pieces: [ex('sofa', 'Sofa', { at: [700, 450] })] }),
    passes: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2000, 450] }),
          ex('picture', 'Print', { hang: { wallId: 'north', xMm: 4300 } }),
        ],
      }),
  },
}

export const manyFocal: Rule<PlanFacts> = {
  name: 'plan.focus-many',
  title: 'Several things want to be the focus',
  numbers: 'More than one piece marked as focal stands or hangs in the room.',
  source: 'common practice',
  schools: 'all',
  check: ({ pieces }) => {
    const focal = pieces.filter((p) => p.focal)
    const [first, ...rest] = focal
    if (!first || rest.length === 0) return []
    return [
      {
        rule: 'plan.focus-many',
        severity: 'look',
        about: focal.map(pieceRef),
        title: `${focal.length} things want to be the focus`,
        measured: listed(focal.map((p) => p.name)),
        wanted: 'one thing that draws the eye on entering',
        because: 'Several focal things cancel each other.',
        mends: focal.slice(0, 3).map((keep) => ({
          label: `Only ${lower(keep.name)}`,
          changes: focal.filter((p) => p !== keep).map((p) => put('pieces', p.id, { focal: false })),
        })),
      },
    ]
  },
  examples: {
    trips: () =>
      example({ pieces: [ex('lamp', 'Pendant', { focal: true }), ex('mirror', 'Mirror', { focal: true })] }),
    passes: () => example({ pieces: [ex('lamp', 'Pendant', { focal: true }), ex('mirror', 'Mirror')] }),
  },
}

// One side may carry three times the other before the room tips (common practice).
const TIPS_AT = 3

export const balanced: Rule<PlanFacts> = {
  name: 'plan.balance',
  title: 'The room tips to one side of the sight line',
  numbers: `Fronts of all pieces left and right of it; a note from ${TIPS_AT} to 1 on, with three pieces or more.`,
  source: 'common practice',
  schools: 'all',
  check: ({ sight, standings }) => {
    const tall = standings.filter((s) => s.kind !== 'rug')
    if (!sight || tall.length < 3) return []
    const { left, right } = balance(sight, tall)
    const ratio = Math.max(left, right) / Math.max(1, Math.min(left, right))
    if (ratio < TIPS_AT) return []
    const heavy = left > right ? 'left' : 'right'
    return [
      {
        rule: 'plan.balance',
        severity: 'note',
        about: [{ kind: 'job', id: 'balance', name: 'Balance' }],
        title: `Most of it stands to the ${heavy} of the sight line`,
        measured: `${(left / 1e6).toFixed(1)} m² of fronts left, ${(right / 1e6).toFixed(1)} right`,
        wanted: `less than ${TIPS_AT} to 1`,
        because: 'A heavy side wants an answer: a tall plant, a picture, a lamp.',
        mends: [],
      },
    ]
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [1200, 450] }),
          ex('wardrobe', 'Wardrobe', { at: [320, 2000], turn: 270 }),
          ex('shelves', 'Bookcase', { at: [1200, 3800], turn: 180 }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [4200, 450], widthMm: 1500 }),
          ex('wardrobe', 'Wardrobe', { at: [320, 2000], turn: 270 }),
          ex('shelves', 'Bookcase', { at: [4800, 2300], turn: 90 }),
        ],
      }),
  },
}

export const profile: Rule<PlanFacts> = {
  name: 'plan.height-profile',
  title: 'The pieces beside a tall one rival it',
  numbers: 'Of three pieces in a row along a wall, the outer two stand 90 to 99 % as high as the middle one.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((wall) => {
      const row = beforeWall(wall, facts.standings, 500)
        .filter((b) => b.standing.raisedMm === 0 && b.topMm >= 600)
        .sort((a, b) => a.leftMm - b.leftMm)
      return row.slice(1, -1).flatMap((middle, i): Finding[] => {
        const [left, right] = [row[i], row[i + 2]]
        const rival = (b: typeof left) => b && b.topMm >= 0.9 * middle.topMm && b.topMm < middle.topMm
        if (!left || !right || !rival(left) || !rival(right)) return []
        return [
          {
            rule: 'plan.height-profile',
            severity: 'note',
            about: [left, middle, right].map((b) => ref(b.standing)),
            title: `${left.standing.name} and ${lower(right.standing.name)} rival ${lower(middle.standing.name)}`,
            measured: `${[left, middle, right].map((b) => Math.round(b.topMm)).join(', ')} mm high`,
            wanted: 'low, high, low: the outer two clearly lower',
            because: 'Along a wall heights alternate; a pair steadies the middle and does not match it.',
            mends: [],
          },
        ]
      })
    }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('cabinet', 'Left cabinet', { heightMm: 1750, at: [1000, 200] }),
          ex('wardrobe', 'Wardrobe', { heightMm: 1900, at: [2300, 300] }),
          ex('cabinet', 'Right cabinet', { heightMm: 1750, at: [3600, 200] }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('cabinet', 'Left cabinet', { heightMm: 800, at: [1000, 200] }),
          ex('wardrobe', 'Wardrobe', { heightMm: 1900, at: [2300, 300] }),
          ex('cabinet', 'Right cabinet', { heightMm: 800, at: [3600, 200] }),
        ],
      }),
  },
}

/** What an open piece lets one see behind it from the door. */
export function exposedBehind(
  facts: Pick<PlanFacts, 'sight' | 'standings'>,
): { open: Standing; shown: Standing }[] {
  const from = facts.sight?.from
  if (!from) return []
  const open = facts.standings.filter((s) => has(s.piece, 'open below'))
  const untidy = facts.standings.filter((s) => has(s.piece, 'untidy side'))
  return untidy.flatMap((shown) =>
    open.flatMap((o) => {
      const corners = boxCorners(o.box)
      const crosses = corners.some((p, i) => crossing(from, shown.box, p, corners[(i + 1) % 4] ?? p))
      return o.id !== shown.id && crosses ? [{ open: o, shown }] : []
    }),
  )
}

export const exposed: Rule<PlanFacts> = {
  name: 'plan.exposed',
  title: 'An open piece shows what stands behind it',
  numbers: 'The line from the door to a piece with an untidy side crosses a piece that is open below.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    exposedBehind(facts).map(({ open, shown }): Finding => ({
      rule: 'plan.exposed',
      severity: 'look',
      about: [ref(open), ref(shown)],
      title: `${open.name} lets the side of ${lower(shown.name)} be seen from the door`,
      measured: `open base → side of ${lower(shown.name)} seen from the door`,
      wanted: 'a closed base, or a side that may be seen',
      because: 'Legs, open sides and glass show the neighbor.',
      mends: [
        withTraits(shown.piece, `Choose ${lower(shown.name)} with a closed side`, [], ['untidy side']),
        withTraits(open.piece, `Choose ${lower(open.name)} with closed sides`, [], ['open below']),
      ],
    })),
  examples: {
    trips: () =>
      example({
        openings: [DOOR_EAST],
        pieces: [
          ex('sanitary', 'Vanity', { at: [3000, 2000], traits: ['open below'] }),
          ex('sanitary', 'Toilet', { at: [1500, 2000], traits: ['untidy side'] }),
        ],
      }),
    passes: () =>
      example({
        openings: [DOOR_EAST],
        pieces: [
          ex('sanitary', 'Vanity', { at: [3000, 2000] }),
          ex('sanitary', 'Toilet', { at: [1500, 2000], traits: ['untidy side'] }),
        ],
      }),
  },
}

const DOOR_EAST = {
  id: 'door',
  wallId: 'east',
  kind: 'door',
  name: 'Door',
  startMm: 1600,
  widthMm: 800,
  heightMm: 2000,
  sillMm: 0,
  hinge: 'left',
  swing: 'out',
  version: 1,
} as const

// A window is looked out of and opened from this close.
const WINDOW_MM = 300

export const windowBlocked: Rule<PlanFacts> = {
  name: 'plan.window-blocked',
  title: 'A tall piece stands before a window',
  numbers: `Higher than the sill by more than 100 mm, within ${WINDOW_MM} mm before the glass.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.openings
      .filter((o) => o.kind === 'window')
      .flatMap((o) =>
        facts.solid.flatMap((s): Finding[] => {
          const strip = stripBefore(o, facts.room.walls, WINDOW_MM)
          const blocks = (t: Standing) =>
            !!strip &&
            t.raisedMm + t.heightMm > o.sillMm + 100 &&
            boxDepth(t.box, strip) > 20 &&
            t.kind !== 'plant' &&
            t.kind !== 'lamp'
          if (!blocks(s)) return []
          return [
            {
              rule: 'plan.window-blocked',
              severity: 'look',
              about: [ref(s), { kind: 'opening', id: o.id, name: o.name }],
              title: `${s.name} stands before ${lower(o.name || 'the window')}`,
              measured: `${mm(s.raisedMm + s.heightMm)} high before a sill of ${mm(o.sillMm)}`,
              wanted: 'nothing above the sill',
              because: 'It takes light and view, and the window can no longer be opened or curtained.',
              mends: nudge(facts, s, (m) => !blocks(m)),
            },
          ]
        }),
      ),
  examples: {
    trips: () => example({ openings: [WINDOW], pieces: [ex('wardrobe', 'Wardrobe', { at: [2500, 300] })] }),
    passes: () => example({ openings: [WINDOW], pieces: [ex('wardrobe', 'Wardrobe', { at: [700, 300] })] }),
  },
}

const WINDOW = {
  id: 'window',
  wallId: 'north',
  kind: 'window',
  name: 'Window',
  startMm: 1800,
  widthMm: 1400,
  heightMm: 1300,
  sillMm: 800,
  hinge: 'none',
  swing: 'none',
  version: 1,
} as const

/** Pieces inside the footprint of a bed that is let out, and whether each has a place to go. */
export function inLetOut(
  facts: Pick<PlanFacts, 'standings' | 'parked'>,
): { bed: Standing; inside: Standing; parked: Standing | undefined }[] {
  return facts.standings.flatMap((bed) => {
    const box = letOut(bed)
    if (!box) return []
    return facts.standings
      .filter((o) => o.id !== bed.id && o.kind !== 'rug' && o.raisedMm < 500 && boxDepth(o.box, box) > 5)
      .map((inside) => {
        const parked = facts.parked.find((p) => p.pieceId === inside.pieceId && boxDepth(p.box, box) <= 5)
        return { bed, inside, parked }
      })
  })
}

export const letOutBlocked: Rule<PlanFacts> = {
  name: 'plan.let-out-blocked',
  title: 'Something stands where a bed is let out, and has no place to go',
  numbers: 'Any piece within the open footprint without a parking place outside it.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    inLetOut(facts)
      .filter((i) => !i.parked)
      .map(({ bed, inside }): Finding => ({
        rule: 'plan.let-out-blocked',
        severity: 'stop',
        about: [ref(bed), ref(inside)],
        title: `${inside.name} needs a parking place when ${lower(bed.name)} is let out`,
        measured: `it stands inside the ${mm(2 * (letOut(bed)?.halfD ?? 0))} of the open bed`,
        wanted: 'a second place for it, outside the open bed',
        because: 'The plan is not complete until both states are: by day and by night.',
        mends: parkingFor(facts, bed, inside),
      })),
  examples: {
    trips: () =>
      example({
        size: [4000, 3400],
        openings: [],
        pieces: [
          ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] }),
          ex('trunk', 'Trunk', { depthMm: 450, widthMm: 900, at: [2000, 1625] }),
        ],
      }),
    passes: () =>
      example({
        size: [4000, 3400],
        openings: [],
        pieces: [
          ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] }),
          ex('trunk', 'Trunk', { depthMm: 450, widthMm: 900, at: [2000, 1625], parkedAt: [2000, 3150] }),
        ],
      }),
  },
}

/** A place along a wall, out of the way of the open bed, where a piece can be parked. */
function parkingFor(facts: PlanFacts, bed: Standing, inside: Standing): Mend[] {
  if (!facts.withMends) return []
  const open = asLetOut(bed)
  for (const wall of facts.room.walls)
    for (let along = 100; along < wall.lengthMm - 100; along += 50) {
      const box = { ...inside.box, x: 0, y: 0 }
      const away =
        Math.abs(box.ux * wall.into.x + box.uy * wall.into.y) * box.halfW +
        Math.abs(-box.uy * wall.into.x + box.ux * wall.into.y) * box.halfD
      const x = Math.round(wall.left.x + wall.right.x * along + wall.into.x * (away + 20))
      const y = Math.round(wall.left.y + wall.right.y * along + wall.into.y * (away + 20))
      const placed: Standing = { ...inside, box: { ...box, x, y } }
      const others = facts.standings.filter((s) => s.id !== inside.id && s.id !== bed.id && s.kind !== 'rug')
      if (boxDepth(placed.box, open.box) > 0 || others.some((o) => boxDepth(placed.box, o.box) > 0)) continue
      if (!placeInside(facts, placed)) continue
      return [
        {
          label: `Park it at ${lower(wall.name)}`,
          changes: [
            {
              collection: 'stands',
              add: {
                pieceId: inside.pieceId,
                optionId: null,
                number: 1,
                xMm: x,
                yMm: y,
                turnDeg: inside.turnDeg,
                raisedMm: 0,
                parked: true,
              },
            },
          ],
        },
      ]
    }
  return []
}

function placeInside(facts: PlanFacts, s: Standing): boolean {
  const bounds = boxOf(s.box.x, s.box.y, 2 * s.box.halfW - 10, 2 * s.box.halfD - 10, s.turnDeg)
  return (
    boxCorners(bounds).every(
      (p) =>
        p.x > facts.room.low.x &&
        p.x < facts.room.high.x &&
        p.y > facts.room.low.y &&
        p.y < facts.room.high.y,
    ) &&
    facts.room.openings.every(
      (o) => o.swept.length === 0 || !boxCorners(bounds).some((p) => near(p, o.swept)),
    )
  )
}

const near = (p: { x: number; y: number }, swept: readonly { x: number; y: number }[]) => {
  const [foot] = swept
  return !!foot && Math.hypot(p.x - foot.x, p.y - foot.y) < 900
}

export const letOutFoot: Rule<PlanFacts> = {
  name: 'plan.let-out-foot',
  title: 'No way round a bed that is let out',
  numbers: `Beyond the foot of the open bed ${NEEDS.walkLeast.mm} mm; below ${NEEDS.passLeast.mm} mm it stops.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((bed): Finding[] => {
      if (!letOut(bed)) return []
      const others = facts.solid.filter(
        (o) => o.id !== bed.id && !facts.parked.some((p) => p.pieceId === o.pieceId),
      )
      const free = freeBefore(asLetOut(bed), 'front', facts.room, [...others, ...facts.parked])
      const { walkLeast, passLeast } = facts.needs
      if (free.mm >= walkLeast) return []
      return [
        {
          rule: 'plan.let-out-foot',
          severity: free.mm < passLeast ? 'stop' : 'look',
          about: [ref(bed)],
          title: `${mm(free.mm)} beyond ${lower(bed.name)} let out`,
          measured: `${mm(free.mm)} to ${lower(free.against)}`,
          wanted: mm(free.mm < passLeast ? passLeast : walkLeast),
          because: 'Whoever sleeps at the wall must get out at night.',
          mends: nudge(
            facts,
            bed,
            (m) => freeBefore(asLetOut(m), 'front', facts.room, others).mm >= walkLeast,
          ),
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        size: [4000, 2700],
        openings: [],
        pieces: [ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 500] })],
      }),
    passes: () =>
      example({
        size: [4000, 3400],
        openings: [],
        pieces: [ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 525] })],
      }),
  },
}

export const wayIn: Rule<PlanFacts> = {
  name: 'plan.way-in',
  title: 'A large piece does not come in',
  numbers:
    'Every piece with two sides of 600 mm or more against every part of the way in: doors by Carver’s criterion for a rectangle in a rectangle, turns and landings by the closed form for a right-angled corner.',
  source: 'Carver, American Mathematical Monthly 64 (1957); the corner problem in closed form',
  schools: 'all',
  check: ({ carried }) =>
    carried.flatMap(({ piece, result }): Finding[] => {
      if (result.verdict !== 'not at all' || piece.stays) return []
      const at = result.tightest
      return [
        {
          rule: 'plan.way-in',
          severity: 'stop',
          about: [
            pieceRef(piece),
            ...(at ? [{ kind: 'passage' as const, id: at.part.id, name: at.part.name }] : []),
          ],
          title: `${piece.name} does not come in`,
          measured: `${piece.widthMm} × ${piece.depthMm} × ${piece.heightMm} mm misses ${at ? lower(at.part.name || at.part.kind) : 'the way'} by ${mm(-Math.floor(at?.spareMm ?? 0))}`,
          wanted: 'something to spare at every part of the way',
          because: 'A piece that does not pass goes back at one’s own cost.',
          mends: [
            {
              label: 'Choose another that does',
              changes: [put('pieces', piece.id, { verdict: 'let go' })],
            },
          ].filter(() => !piece.sentimental),
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { widthMm: 2600, depthMm: 1100, heightMm: 950 })],
        more: { passages: WAY },
      }),
    passes: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { widthMm: 1960, depthMm: 900, heightMm: 700 })],
        more: { passages: WAY },
      }),
  },
}

const WAY = [
  {
    id: 'hall',
    position: 0,
    kind: 'corridor',
    name: 'Hall',
    widthMm: 1100,
    heightMm: 2500,
    lengthMm: 3000,
    version: 1,
  },
  {
    id: 'door',
    position: 1,
    kind: 'room door',
    name: 'Room door',
    widthMm: 760,
    heightMm: 2000,
    lengthMm: null,
    version: 1,
  },
] as const
