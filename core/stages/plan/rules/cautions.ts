import { put } from '../../../model/changes.js'
import { boxDepth, boxGap, boxOf, inBox } from '../../../kernel/geometry/box.js'
import { crossing } from '../../../kernel/geometry/polygon.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { nearTub } from '../light/photometry.js'
import { nudge } from '../nudge.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import { onWall } from '../planRoom.js'
import { harmOf } from '../poisonous.js'
import type { PlanPiece, Standing } from '../standing.js'
import { has, hungRef, kg, lower, mm, pieceRef, ref, withTraits } from './about.js'
import { ex, example } from './example.js'
import { cordOf } from './lamps.js'

const ASK = 'Follow the maker’s instructions and local code.'

/** Beds and cots something may fall on. */
const SLEEPS: ReadonlySet<string> = new Set(['bed', 'cot'])
// A thing this heavy over a sleeper is never hung there, by whatever it is held.
const OVER_BED_G = 1_000
const NEAR_COT_MM = 600

/** Where a hung piece would fall: a strip of floor before its wall. */
function fallsOn(
  facts: PlanFacts,
  h: Pick<Hung, 'wallId' | 'xMm' | 'widthMm'>,
  s: Standing,
  besideMm: number,
): boolean {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return false
  const at = onWall(wall, h.xMm, 250)
  const strip = boxOf(at.x, at.y, h.widthMm, 500, (Math.atan2(wall.right.y, wall.right.x) * 180) / Math.PI)
  return boxDepth(strip, s.box) > 0 || boxGap(strip, s.box) < besideMm
}

const heavyOrCorded = (p: PlanPiece): boolean =>
  (p.weightG ?? (p.kind === 'mirror' || p.kind === 'shelves' ? Infinity : 0)) >= OVER_BED_G ||
  has(p, 'corded') ||
  p.kind === 'mirror' ||
  p.kind === 'shelves'

/** Other walls a piece can hang on, those with nobody under it first. */
function otherWalls(facts: PlanFacts, h: Hung): Mend[] {
  return facts.room.walls
    .filter((w) => w.id !== h.wallId && w.lengthMm > h.widthMm + 200)
    .map((w) => ({ w, x: freeOn(facts, w.id, w.lengthMm, h) }))
    .filter((c): c is { w: (typeof c)['w']; x: number } => c.x !== undefined)
    .slice(0, 2)
    .map(({ w, x }) => ({
      label: `Hang it on ${lower(w.name)}`,
      changes: [put('hangs', h.id, { wallId: w.id, xMm: x })],
    }))
}

function freeOn(facts: PlanFacts, wallId: string, lengthMm: number, h: Hung): number | undefined {
  const taken = [
    ...facts.room.openings
      .filter((o) => o.wallId === wallId)
      .map((o) => [o.startMm, o.startMm + o.widthMm] as const),
    ...facts.hangs
      .filter((o) => o.wallId === wallId)
      .map((o) => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2] as const),
  ]
  for (let off = 0; off < lengthMm / 2; off += 50)
    for (const x of [lengthMm / 2 + off, lengthMm / 2 - off]) {
      const [l, r] = [x - h.widthMm / 2, x + h.widthMm / 2]
      if (l < 50 || r > lengthMm - 50 || taken.some(([a, b]) => l < b && r > a)) continue
      const sleeper = facts.standings.some(
        (s) =>
          SLEEPS.has(s.kind) &&
          fallsOn(facts, { wallId, xMm: x, widthMm: h.widthMm }, s, s.kind === 'cot' ? NEAR_COT_MM : 0),
      )
      if (!sleeper) return Math.round(x)
    }
  return undefined
}

export const overBed: Rule<PlanFacts> = {
  name: 'plan.over-bed',
  title: 'Something heavy or corded over or beside a cot or a bed',
  numbers: `${kg(OVER_BED_G)} and more, glass, shelves, and anything with a cord, over a bed or within ${NEAR_COT_MM} mm of a cot. A stop at any school, price or wish.`,
  source: 'common practice; local safe-sleep advice decides',
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => SLEEPS.has(s.kind))
      .flatMap((bed): Finding[] => {
        const cot = bed.kind === 'cot'
        const beside = cot ? NEAR_COT_MM : 0
        const hung = facts.hangs.filter(
          (h) =>
            (heavyOrCorded(h.piece) || h.row.fixing === 'adhesive strips') && fallsOn(facts, h, bed, beside),
        )
        const stood = facts.standings.filter(
          (s) =>
            s.id !== bed.id &&
            (has(s.piece, 'corded') ||
              (s.kind === 'lamp' && cot) ||
              (s.kind === 'plant' && cot && s.raisedMm > 0)) &&
            boxGap(s.box, bed.box) < NEAR_COT_MM &&
            (cot || s.raisedMm > 1_200),
        )
        return [
          ...hung.map((h): Finding => ({
            rule: 'plan.over-bed',
            severity: 'stop',
            about: [hungRef(h), ref(bed)],
            title: `${h.name} hangs over ${lower(bed.name)}`,
            measured: h.piece.weightG === null ? 'weight not known' : kg(h.piece.weightG),
            wanted: 'another wall',
            because: `What falls falls on a sleeper; a string is not an anchor. ${cot ? 'Cords and soft things stay out of reach of the cot.' : ''} ${ASK}`,
            mends: otherWalls(facts, h),
          })),
          ...stood.map((s): Finding => ({
            rule: 'plan.over-bed',
            severity: 'stop',
            about: [ref(s), ref(bed)],
            title: `${s.name} stands within reach of ${lower(bed.name)}`,
            measured: `${mm(boxGap(s.box, bed.box))} from it`,
            wanted: `${mm(NEAR_COT_MM)} or more`,
            because: `A cord within reach can be pulled or wound round a neck. ${ASK}`,
            mends: nudge(facts, s, (m) => boxGap(m.box, bed.box) >= NEAR_COT_MM),
          })),
        ]
      }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('cot', 'Cot', { at: [2500, 700] }),
          ex('picture', 'Wooden sign', {
            weightG: 4600,
            widthMm: 900,
            heightMm: 500,
            hang: { hooks: 2, hookSpanMm: 500 },
          }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('cot', 'Cot', { at: [700, 3300], turn: 180 }),
          ex('picture', 'Wooden sign', {
            weightG: 4600,
            widthMm: 900,
            heightMm: 500,
            hang: { hooks: 2, hookSpanMm: 500 },
          }),
        ],
      }),
  },
}

export const overSeat: Rule<PlanFacts> = {
  name: 'plan.over-seat',
  title: 'Something heavy over a seat',
  numbers: 'From 3 kg over a seat: two fixings of known rating. Under it nobody is asked.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    // Several alike over one seat are one finding.
    [...new Set(facts.hangs.map((h) => h.piece))].flatMap((piece): Finding[] => {
      if ((piece.weightG ?? 0) < 3_000) return []
      const held = (h: Hung) =>
        h.row.hooks >= 2 && h.row.ratedG !== null && h.row.fixing !== 'string on a nail'
      const loose = facts.hangs.filter((h) => h.piece === piece && !held(h))
      const over = loose.flatMap((h) => {
        const seat = facts.seats.find((s) => fallsOn(facts, h, s, 0))
        return seat ? [{ h, seat }] : []
      })
      const [first] = over
      if (!first) return []
      return [
        {
          rule: 'plan.over-seat',
          severity: 'look',
          about: [...over.map((o) => hungRef(o.h)), ref(first.seat)],
          title:
            over.length > 1
              ? `${over.length} of ${lower(piece.name)} hang over ${lower(first.seat.name)}`
              : `${first.h.name} hangs over ${lower(first.seat.name)}`,
          measured: `${kg(piece.weightG ?? 0)} on ${first.h.row.hooks} ${first.h.row.fixing}${first.h.row.ratedG === null ? ', rating not known' : ''}`,
          wanted: 'two fixings of known rating into the wall',
          because: `Heads are under it. ${ASK}`,
          mends: [
            {
              label: 'Two rated anchors',
              changes: over.map(({ h }) =>
                put('hangs', h.id, {
                  hooks: 2,
                  hookSpanMm: Math.max(200, Math.round(h.widthMm / 2)),
                  fixing: 'screw and plug',
                  ratedG: Math.max(5_000, piece.weightG ?? 0),
                }),
              ),
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('armchair', 'Armchair', { at: [2500, 430] }),
          ex('picture', 'Wooden sign', { weightG: 4600, hang: { hooks: 1 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('armchair', 'Armchair', { at: [2500, 430] }),
          ex('picture', 'Wooden sign', {
            weightG: 4600,
            hang: { hooks: 2, hookSpanMm: 400, ratedG: 5000, fixing: 'screw and plug' },
          }),
        ],
      }),
  },
}

const TIPS: ReadonlySet<string> = new Set(['shelves', 'wardrobe', 'chest of drawers', 'cabinet', 'mirror'])
// Clothing storage units of 27 in and more are in scope of the tip-over standard (16 CFR 1261, from memory).
const TIP_HEIGHT_MM = 686

export const tipOver: Rule<PlanFacts> = {
  name: 'plan.tip-over',
  title: 'Tall storage or a leaning mirror that is not anchored',
  numbers: `Storage of ${TIP_HEIGHT_MM} mm and more and every leaning mirror until it is anchored to the building; pads do not count. With children it stops.`,
  source: '16 CFR 1261 (ASTM F2057) for the height, from memory; the rest common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      const p = s.piece
      if (
        !TIPS.has(s.kind) ||
        s.heightMm < TIP_HEIGHT_MM ||
        has(p, 'anchored to the building') ||
        p.fixing === 'screwed to the wall' ||
        s.raisedMm > 0
      )
        return []
      const stop = facts.household.children
      const rented = facts.schools.tenure === 'rented'
      return [
        {
          rule: 'plan.tip-over',
          severity: stop ? 'stop' : 'look',
          about: [ref(s)],
          title: `Can ${lower(s.name)} tip onto someone?`,
          measured: `${mm(s.heightMm)} high${has(p, 'pads against tipping') ? ', pads only' : ', not anchored'}${p.weightG ? `, ${kg(p.weightG)}` : ''}`,
          wanted: rented
            ? 'a restraint to the building, with written consent; or a lower or braced piece'
            : 'a restraint to the building',
          because: `Pads and weight are no restraint. ${rented ? 'What must be anchored may not be drilled: ask for consent, or choose another piece. ' : ''}${ASK}`,
          mends: [
            withTraits(
              p,
              rented ? 'It will be anchored, with consent' : 'It will be anchored',
              ['anchored to the building'],
              ['pads against tipping'],
            ),
            {
              label: 'Take it out of the plan',
              changes: [{ collection: 'stands', id: s.id, remove: true as const }],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => example({ pieces: [ex('shelves', 'Bookcase', { at: [1000, 200] })] }),
    passes: () =>
      example({
        pieces: [ex('shelves', 'Bookcase', { at: [1000, 200], traits: ['anchored to the building'] })],
      }),
  },
}

// A flame and cloth, or a hot thing and cloth, this near (common practice).
const FLAME_MM = 1_000
const CLOTH: ReadonlySet<string> = new Set([
  'curtains',
  'throw',
  'cushion',
  'sofa',
  'sofa bed',
  'armchair',
  'bed',
  'cot',
  'blind',
])

export const flame: Rule<PlanFacts> = {
  name: 'plan.flame',
  title: 'An open flame with cloth, children or pets near, or a fire indoors',
  numbers: `Any open flame: ages and ${mm(FLAME_MM)} to cloth are asked. A gel or gas fire indoors is a stop: unvented, refilled hot. Battery lights are offered.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const gel = has(p, 'gel or gas fire')
      if (!gel && !has(p, 'open flame')) return []
      const at = facts.standings.find((s) => s.pieceId === p.id)
      const cloth = at && facts.standings.filter((s) => CLOTH.has(s.kind) && boxGap(s.box, at.box) < FLAME_MM)
      const curtains = facts.pieces.some((c) => c.kind === 'curtains')
      const indoors = !facts.exposedToWeather
      const watched = facts.household.children || facts.household.pets || !facts.household.known
      const near = (cloth?.length ?? 0) > 0
      if (!gel && !near && !watched) return []
      if (gel && !indoors && !near) return []
      return [
        {
          rule: 'plan.flame',
          severity: gel && indoors ? 'stop' : 'look',
          about: [pieceRef(p)],
          title: gel && indoors ? `${p.name} belongs outdoors` : `${p.name}: a flame in this household`,
          measured: [
            gel && indoors ? 'an unvented flame, refilled by hand' : '',
            near
              ? `${cloth?.map((s) => lower(s.name)).join(', ') ?? ''} within ${mm(FLAME_MM)}`
              : curtains && gel
                ? 'curtains in the room'
                : '',
            watched ? (facts.household.known ? 'children or pets' : 'ages not known') : '',
          ]
            .filter(Boolean)
            .join('; '),
          wanted: gel
            ? 'outdoors only, in a clear zone; gas by a licensed fitter'
            : 'battery candles, or a flame out of reach and never left alone',
          because: `Fire spreads by cloth and by refilling. ${ASK}`,
          mends: [withTraits(p, 'Take battery candles', [], ['open flame', 'gel or gas fire'])],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({ pieces: [ex('object', 'Fire pot', { traits: ['gel or gas fire'], at: [2500, 2000] })] }),
    passes: () => example({ pieces: [ex('object', 'Lantern', { at: [2500, 2000] })] }),
  },
}

export const shade: Rule<PlanFacts> = {
  name: 'plan.shade',
  title: 'A shade of cloth, paper or wood round a lamp',
  numbers:
    'Asks the lamp before anything is made: a cool LED with a clear gap all round only; a hot lamp or contact is a stop.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (!has(p, 'cloth, paper or wood shade')) return []
      const hot = has(p, 'hot lamp') || (p.lampType?.startsWith('filament') ?? false)
      if (!hot && has(p, 'cool lamp, clear gap all round')) return []
      return [
        {
          rule: 'plan.shade',
          severity: hot ? 'stop' : 'look',
          about: [pieceRef(p)],
          title: hot ? `${p.name}: no hot lamp in this shade` : `${p.name}: which lamp goes into it?`,
          measured: hot ? 'a hot lamp' : 'lamp and gap not known',
          wanted: 'a cool LED with a clear gap on every side, in a certified light set',
          because: `Wood, paper and cloth char and catch. ${ASK}`,
          mends: [
            {
              label: 'A cool LED, clear on every side',
              changes: [
                put('pieces', p.id, {
                  lampType: 'LED, 2 700 K',
                  traits: [...p.traits.filter((t) => t !== 'hot lamp'), 'cool lamp, clear gap all round'],
                }),
              ],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [ex('lamp', 'Veneer shade', { traits: ['cloth, paper or wood shade', 'hot lamp'] })],
      }),
    passes: () =>
      example({
        pieces: [
          ex('lamp', 'Veneer shade', {
            traits: ['cloth, paper or wood shade', 'cool lamp, clear gap all round'],
          }),
        ],
      }),
  },
}

/** Working load asked of what a lamp hangs from: five times its weight (common practice). */
export const SUSPENSION_FACTOR = 5
export const suspensionG = (weightG: number): number => weightG * SUSPENSION_FACTOR

export const suspension: Rule<PlanFacts> = {
  name: 'plan.suspension',
  title: 'A lamp hung by line, ribbon or cord',
  numbers: `Anything hung by line: chain or cable rated for ${SUSPENSION_FACTOR} times its weight. A breaking load is no working load.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (!has(p, 'hung by line or cord') || has(p, 'hung by rated chain or cable')) return []
      return [
        {
          rule: 'plan.suspension',
          severity: 'stop',
          about: [pieceRef(p)],
          title: `${p.name} hangs by a line that is no suspension`,
          measured: p.weightG ? kg(p.weightG) : 'weight not known',
          wanted: p.weightG
            ? `chain or cable rated for ${kg(suspensionG(p.weightG))}`
            : `chain or cable rated for ${SUSPENSION_FACTOR} times its weight`,
          because: `Breaking load is not working load, and nylon creeps. ${ASK}`,
          mends: [
            withTraits(p, 'Rated chain or cable', ['hung by rated chain or cable'], ['hung by line or cord']),
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({ pieces: [ex('lamp', 'Pendant', { weightG: 2100, traits: ['hung by line or cord'] })] }),
    passes: () =>
      example({
        pieces: [ex('lamp', 'Pendant', { weightG: 2100, traits: ['hung by rated chain or cable'] })],
      }),
  },
}

export const plants: Rule<PlanFacts> = {
  name: 'plan.plants',
  title: 'A plant that is poisonous to those who live there',
  numbers: 'By name, with children or pets in the household; asked as a question while nobody is entered.',
  source: 'common knowledge of the trade; a poison center decides',
  schools: 'all',
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      const harm = harmOf(p.name)
      const { known, children, pets } = facts.household
      if (!harm || p.kind !== 'plant' || (known && !children && !pets)) return []
      return [
        {
          rule: 'plan.plants',
          severity: 'look',
          about: [pieceRef(p)],
          title: known
            ? `${p.name} is poisonous to ${[children && 'children', pets && 'pets'].filter(Boolean).join(' and ')}`
            : `${p.name} is poisonous: children or pets?`,
          measured: harm.name,
          wanted: `out of reach, or ${harm.instead}`,
          because: 'They chew what they find. A poison center and the grower know more.',
          mends: [
            {
              label: `Take ${harm.instead.split(' or ')[0] ?? 'another'} instead`,
              changes: [
                put('pieces', p.id, {
                  name: (harm.instead.split(' or ')[0] ?? 'Another plant').replace(/^./, (c) =>
                    c.toUpperCase(),
                  ),
                }),
              ],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => example({ pieces: [ex('plant', 'Oleander')], more: { people: [CHILD()] } }),
    passes: () => example({ pieces: [ex('plant', 'Rosemary')], more: { people: [CHILD()] } }),
  },
}
const CHILD = () => ({
  id: 'child',
  position: 0,
  name: 'Child',
  kind: 'child' as const,
  ageYears: 2,
  standingEyeMm: null,
  seatedEyeMm: null,
  minds: [],
  note: '',
  version: 1,
})

export const cordAcross: Rule<PlanFacts> = {
  name: 'plan.cord-across',
  title: 'A cord lies across a way',
  numbers: 'The straight line from a lamp to its nearest socket crosses the way from the door to a piece.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.standings.flatMap((s): Finding[] => {
      if (s.kind !== 'lamp' || s.raisedMm > 1_500 || s.piece.fixing === 'wired in') return []
      const found = cordOf(facts, s)
      if (!found || found.mm < 300) return []
      const across = facts.walks.find(
        (w) =>
          w.toId !== s.id &&
          w.path.some((p, i) => {
            const q = w.path[i + 1]
            return q !== undefined && crossing(s.box, found.at, p, q) !== undefined
          }),
      )
      if (!across) return []
      return [
        {
          rule: 'plan.cord-across',
          severity: 'look',
          about: [ref(s)],
          title: `The cord of ${lower(s.name)} lies across the way to ${lower(across.toName)}`,
          measured: `${mm(found.mm)} to ${lower(found.socket)}`,
          wanted: 'a cord along the wall',
          because:
            'One trips over it; under a rug it wears and heats. Ask a licensed electrician for a socket.',
          mends: nudge(facts, s, (m) => (cordOf(facts, m)?.mm ?? 0) < 300),
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [3000, 450] }), ex('lamp', 'Lamp', { at: [4600, 1500] })],
        more: { fixtures: [WEST_SOCKET] },
      }),
    passes: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [3000, 450] }), ex('lamp', 'Lamp', { at: [250, 2000] })],
        more: { fixtures: [WEST_SOCKET] },
      }),
  },
}
const WEST_SOCKET = {
  id: 'socket',
  wallId: 'west',
  kind: 'socket',
  name: 'Socket',
  startMm: 2000,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  version: 1,
} as const

export const wetLamp: Rule<PlanFacts> = {
  name: 'plan.wet-lamp',
  title: 'A lamp near a bath or shower',
  numbers:
    'Zone 2 reaches 600 mm beyond a bath or shower, up to 2 250 mm (IEC 60364-7-701): at least IPX4. Hanging lamps also keep 914 mm beside and 2 438 mm above the rim (NEC 410.10(D)).',
  source: 'IEC 60364-7-701 and NEC 410.10(D), both from memory; a licensed electrician decides',
  schools: 'all',
  check: (facts) => {
    const wet = facts.standings.filter((s) => s.sanitary === 'bath' || s.sanitary === 'shower')
    return wet.flatMap((tub) =>
      facts.standings
        .filter((s) => s.kind === 'lamp')
        .flatMap((lamp): Finding[] => {
          const at = inBox(tub.box, lamp.box)
          const beside = Math.max(
            0,
            Math.abs(at.x) - tub.box.halfW - lamp.box.halfW,
            Math.abs(at.y) - tub.box.halfD - lamp.box.halfD,
          )
          const above = lamp.raisedMm - tub.heightMm
          if (!(beside < 600 && lamp.raisedMm < 2_250) && !nearTub(beside, above)) return []
          return [
            {
              rule: 'plan.wet-lamp',
              severity: 'stop',
              about: [ref(lamp), ref(tub)],
              title: `${lamp.name} hangs or stands ${mm(beside)} from ${lower(tub.name)}`,
              measured: `${mm(beside)} beside, ${mm(Math.max(0, above))} above`,
              wanted: 'outside the zones, or a fitting rated for them',
              because: 'Water and current. Ask zone and rating; a licensed electrician decides.',
              mends: nudge(facts, lamp, (m) => {
                const q = inBox(tub.box, m.box)
                return (
                  Math.max(
                    Math.abs(q.x) - tub.box.halfW - m.box.halfW,
                    Math.abs(q.y) - tub.box.halfD - m.box.halfD,
                  ) >= 915
                )
              }),
            },
          ]
        }),
    )
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('sanitary', 'Bath', { widthMm: 1700, depthMm: 700, heightMm: 560, at: [1000, 400] }),
          ex('lamp', 'Pendant', { at: [1000, 1000], raised: 1800, heightMm: 300 }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('sanitary', 'Bath', { widthMm: 1700, depthMm: 700, heightMm: 560, at: [1000, 400] }),
          ex('lamp', 'Pendant', { at: [4000, 3000], raised: 2100, heightMm: 300 }),
        ],
      }),
  },
}
