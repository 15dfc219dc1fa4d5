import type { RowChange } from '../../../model/changes.js'
import { put } from '../../../model/changes.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import type { Finding, Ref, Rule } from '../../../findings/finding.js'
import { freeBefore, type Free } from '../free.js'
import { NEEDS, type NeedKey } from '../../../model/vocabulary/need.js'
import { PULLED_UP, SANITARY_ZONES, SEATS, ZONES, type Side, type ZoneNeed } from '../needs.js'
import { nudge } from '../nudge.js'
import type { PlanFacts } from '../planFacts.js'
import { anchorSeat } from '../rug.js'
import { sideOf, type Standing } from '../standing.js'
import { listed, lower, mm, ref } from './about.js'
import { ex, example } from './example.js'

/** A side this close to something stands against it, and wants nothing. */
const AGAINST_MM = 60

/** What may stand before a kind without being in the way of it. */
export function belongsBefore(s: Standing, other: Standing): boolean {
  if (PULLED_UP.has(other.kind) && (s.kind === 'desk' || s.kind === 'piano' || s.kind === 'table'))
    return true
  if (SEATS.has(s.kind)) return ['low table', 'side table', 'trunk', 'stool', 'lamp'].includes(other.kind)
  if (s.kind === 'bed') return ['side table', 'lamp', 'bench', 'trunk', 'stool'].includes(other.kind)
  if (s.kind === 'piano') return /music|stand/i.test(other.name)
  return false
}

/** One side of a piece against what it wants. */
export interface SideJudged {
  readonly need: ZoneNeed
  readonly free: Free
  readonly wantMm: number
  readonly stopMm: number | undefined
}

export const zonesOf = (s: Standing): readonly ZoneNeed[] =>
  s.kind === 'sanitary' ? SANITARY_ZONES[s.sanitary] : (ZONES[s.kind] ?? [])

/** Free floor on every side of a piece that wants some. */
export function sidesOf(facts: PlanFacts, s: Standing): SideJudged[] {
  const zones = zonesOf(s)
  if (zones.length === 0) return []
  const most = Math.max(...zones.map((z) => facts.needs[z.need]))
  const reach = most + s.box.halfW + s.box.halfD
  const others = facts.solid.filter(
    (o) =>
      o.id !== s.id &&
      Math.abs(o.box.x - s.box.x) < reach + o.box.halfW + o.box.halfD &&
      Math.abs(o.box.y - s.box.y) < reach + o.box.halfW + o.box.halfD &&
      !belongsBefore(s, o),
  )
  return zones.map((need) => ({
    need,
    free: freeBefore(s, need.side, facts.room, others, facts.needs[need.need]),
    wantMm:
      s.kind === 'table' && passedOn(facts, s, need.side) ? facts.needs.chairPass : facts.needs[need.need],
    stopMm: need.stopBelow && facts.needs[need.stopBelow],
  }))
}

/** True when the way to another piece leads through the floor on a side: behind a chair somebody passes there. */
function passedOn(facts: PlanFacts, s: Standing, side: Side): boolean {
  const { origin, normal, along, half } = sideOf(s.box, side)
  const depth = facts.needs.chairPass
  return facts.walks.some(
    (w) =>
      w.toId !== s.id &&
      w.path.some((p, i) => {
        const q = w.path[i + 1] ?? p
        // Corners of a way, and the middle of each stretch.
        return [p, { x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 }].some((r) => {
          const away = (r.x - origin.x) * normal.x + (r.y - origin.y) * normal.y
          const aside = (r.x - origin.x) * along.x + (r.y - origin.y) * along.y
          return away > 450 && away < depth && Math.abs(aside) < half * 0.6
        })
      }),
  )
}

/** The sides of a piece that are too tight; a table against a wall and one side of a bed are forgiven. */
export function tightSides(facts: PlanFacts, s: Standing): SideJudged[] {
  const all = sidesOf(facts, s)
  const table = s.kind === 'table'
  const tight = all.filter((j) => j.free.mm < j.wantMm - 0.5 && !(table && j.free.mm <= AGAINST_MM))
  const either = all.filter((j) => j.need.either)
  const oneFree = either.some((j) => j.free.mm >= j.wantMm - 0.5)
  const wide = s.kind === 'bed' && s.widthMm > 1_200
  // A bed for one is got into from one side; one for two from both.
  const kept = tight.filter(
    (j) => !j.need.either || (!oneFree && j === farthestOf(either)) || (wide && oneFree),
  )
  if (!table) return kept
  const worst = nearestOf(kept)
  return worst ? [worst] : []
}

const nearestOf = (list: readonly SideJudged[]): SideJudged | undefined =>
  [...list].sort((a, b) => a.free.mm - b.free.mm)[0]

const farthestOf = (list: readonly SideJudged[]): SideJudged | undefined =>
  [...list].sort((a, b) => b.free.mm - a.free.mm)[0]

/** While a piece is dragged only it and what stands near it is judged anew. */
export const nearMoved = (facts: PlanFacts, s: Standing): boolean =>
  !facts.moved || s.id === facts.moved.id || boxGap(s.box, facts.moved.box) < 1_500

const SIDE_WORD: Readonly<Record<Side, string>> = {
  front: 'before',
  back: 'behind',
  left: 'beside',
  right: 'beside',
}

export const front: Rule<PlanFacts> = {
  name: 'plan.front',
  title: 'Too little floor before, behind or beside a piece',
  numbers:
    (
      [
        'seatFront',
        'chairBehind',
        'deskChair',
        'bedSide',
        'bedFoot',
        'drawersFront',
        'storageFront',
        'shelvesFront',
        'pianoFront',
        'cotFront',
        'fixtureFrontWish',
        'fixtureFront',
        'showerFront',
      ] as NeedKey[]
    )
      .map((k) => `${lower(NEEDS[k].title)} ${NEEDS[k].mm}`)
      .join(', ') +
    ' mm. Drawers, cabinets, desks and beds stop below 450, a toilet or basin below its code distance.',
  source: `${NEEDS.drawersFront.source}; ${NEEDS.chairBehind.source}; ${NEEDS.fixtureFront.source}; the rest common practice`,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => nearMoved(facts, s))
      .flatMap((s) =>
        tightSides(facts, s).map((j): Finding => {
          const stop = j.stopMm !== undefined && j.free.mm < j.stopMm
          const wider = s.kind === 'table'
          return {
            rule: 'plan.front',
            severity: stop ? 'stop' : 'look',
            about: [ref(s), ...(j.free.piece ? [ref(j.free.piece)] : [])],
            title: `${mm(j.free.mm)} ${SIDE_WORD[j.need.side]} ${lower(s.name)}`,
            measured: `${mm(j.free.mm)} to ${lower(j.free.against)}`,
            wanted: `${mm(stop ? j.stopMm : j.wantMm)} (${lower(NEEDS[j.need.need].title)})`,
            because:
              s.kind === 'sanitary'
                ? 'One stands, turns and bends there; the local code decides.'
                : 'One has to stand, open and turn there.',
            mends: [
              ...nudge(facts, s, (m) => freeEnough(facts, m)),
              ...(j.free.piece
                ? nudge(
                    facts,
                    j.free.piece,
                    (m) =>
                      freeBefore(
                        s,
                        j.need.side,
                        facts.room,
                        facts.solid
                          .filter((o) => o.id !== s.id && !belongsBefore(s, o))
                          .map((o) => (o.id === m.id ? m : o)),
                      ).mm >= j.wantMm,
                  )
                : []),
              ...(wider && facts.withMends && !s.piece.stays
                ? [
                    {
                      label: `Keep ${lower(s.name)} for another room`,
                      changes: [
                        { collection: 'stands', id: s.id, remove: true },
                        put('pieces', s.pieceId, { verdict: 'move' }),
                      ] satisfies RowChange[],
                    },
                  ]
                : []),
            ].slice(0, 3),
          }
        }),
      ),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('chest of drawers', 'Chest of drawers', { at: [2500, 225] }),
          ex('bed', 'Bed', { at: [2500, 2000], turn: 0 }),
        ],
      }),
    passes: () => example({ pieces: [ex('chest of drawers', 'Chest of drawers', { at: [1000, 225] })] }),
  },
}

const freeEnough = (facts: PlanFacts, moved: Standing): boolean => {
  const now = { ...facts, solid: facts.solid.map((o) => (o.id === moved.id ? moved : o)) }
  return tightSides(now, moved).length === 0
}

/** The low table before a seat, and how far it is from the knees. */
export function kneesOf(facts: PlanFacts, seat: Standing): Free | undefined {
  const tables = facts.standings.filter((s) => s.kind === 'low table' || s.kind === 'trunk')
  const free = freeBefore(seat, 'front', { ...facts.room, walls: [] }, tables)
  return free.piece && free.mm < TABLE_OF_SEAT_MM ? free : undefined
}
// A low table farther off belongs to another seat.
const TABLE_OF_SEAT_MM = 900

export const knees: Rule<PlanFacts> = {
  name: 'plan.knees',
  title: 'The low table is too near a seat, or out of reach',
  numbers: `${NEEDS.kneesLeast.mm} to ${NEEDS.kneesMost.mm} mm from the front of a seat to the low table before it; below it stops, beyond is a note.`,
  source: NEEDS.kneesLeast.source,
  schools: 'all',
  check: (facts) =>
    facts.seats.flatMap((seat): Finding[] => {
      const free = kneesOf(facts, seat)
      const { kneesLeast, kneesMost } = facts.needs
      if (!free?.piece || (free.mm >= kneesLeast - 0.5 && free.mm <= kneesMost + 0.5)) return []
      const near = free.mm < kneesLeast
      const table = free.piece
      return [
        {
          rule: 'plan.knees',
          severity: near ? 'stop' : 'note',
          about: [ref(seat), ref(table)],
          title: near
            ? `${mm(free.mm)} between ${lower(seat.name)} and ${lower(table.name)}`
            : `${table.name} is out of reach of ${lower(seat.name)}`,
          measured: mm(free.mm),
          wanted: `${kneesLeast} to ${kneesMost} mm`,
          because: near ? 'Knees and shins have to pass between.' : 'A cup is put down without getting up.',
          mends: nudge(facts, table, (m) => {
            const gap = freeBefore(seat, 'front', { ...facts.room, walls: [] }, [m]).mm
            return (
              gap >= kneesLeast &&
              gap <= kneesMost &&
              facts.seats.every(
                (s) =>
                  s.id === seat.id ||
                  freeBefore(s, 'front', { ...facts.room, walls: [] }, [m]).mm >=
                    Math.min(kneesLeast, kneesOf(facts, s)?.mm ?? kneesLeast),
              )
            )
          }),
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1510] })],
      }),
    passes: () =>
      example({
        pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Low table', { at: [2500, 1600] })],
      }),
  },
}

/** Rooms under this are too small for a main walk of full width (common practice). */
const SMALL_ROOM_MM2 = 12e6

export const walk: Rule<PlanFacts> = {
  name: 'plan.walk',
  title: 'A way through the room is tight',
  numbers: `The widest way from the door to each piece and window: below ${NEEDS.passLeast.mm} mm nobody passes (stop); ${NEEDS.walkLeast.mm} to a single piece; ${NEEDS.walkMain.mm} to the main seat, in rooms of 12 m² and more (look).`,
  source: NEEDS.walkMain.source,
  schools: 'all',
  check: (facts) => {
    const { passLeast, walkLeast, walkMain } = facts.needs
    const main = anchorSeat(facts.seats)?.id
    const area =
      Math.abs(
        facts.room.corners.reduce((sum, p, i, all) => {
          const q = all[(i + 1) % all.length] ?? p
          return sum + p.x * q.y - q.x * p.y
        }, 0),
      ) / 2
    // One tight place on the way to several things is one finding.
    const tight = new Map<
      string,
      { walk: (typeof facts.walks)[number]; want: number; names: string[]; about: Ref[] }
    >()
    for (const w of facts.walks) {
      const want = w.toId === main && area >= SMALL_ROOM_MM2 ? walkMain : walkLeast
      if (w.widthMm >= want) continue
      const key = w.between && w.widthMm > 0 ? [...w.between].sort().join('|') : w.toId
      const opening = facts.room.openings.find((o) => o.id === w.toId)
      const about: Ref = opening
        ? { kind: 'opening', id: w.toId, name: w.toName }
        : { kind: 'stand', id: w.toId, name: w.toName }
      const known = tight.get(key)
      if (known) {
        known.names.push(lower(w.toName))
        known.about.push(about)
        if (want > known.want) known.want = want
      } else tight.set(key, { walk: w, want, names: [lower(w.toName)], about: [about] })
    }
    return [...tight.values()].map(({ walk: w, want, names, about }): Finding => {
      const blockers = facts.solid.filter((s) => w.between?.includes(s.name) && !s.piece.stays)
      return {
        rule: 'plan.walk',
        severity: w.widthMm < passLeast ? 'stop' : 'look',
        about,
        title:
          w.widthMm === 0
            ? `No way from the door to ${listed(names)}`
            : `${mm(w.widthMm)} on the way to ${listed(names)}`,
        measured: w.between
          ? `${mm(w.widthMm)} between ${lower(w.between[0])} and ${lower(w.between[1])}`
          : mm(w.widthMm),
        wanted: mm(w.widthMm < passLeast ? passLeast : want),
        because:
          w.widthMm >= passLeast && want === walkMain
            ? 'The main walk is used by two, and with a tray.'
            : 'One must get there without turning sideways.',
        mends: blockers
          .slice(0, 2)
          .flatMap((b) =>
            nudge(facts, b, (m) => opensWay(facts, m, b, w.between ?? ['', ''], want, w.widthMm)),
          )
          .slice(0, 2),
      }
    })
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('shelves', 'Bookcase', { at: [2450, 3260], turn: 90 }),
          ex('cabinet', 'Cabinet', { at: [1100, 2240], widthMm: 2200 }),
          ex('desk', 'Desk', { at: [700, 3650], turn: 180 }),
        ],
      }),
    passes: () => example({ pieces: [ex('sofa', 'Sofa', { at: [2500, 450] })] }),
  },
}

/** A first test, cheaper than walking the room again: the gap it made is wide enough after the move. */
function opensWay(
  facts: PlanFacts,
  moved: Standing,
  was: Standing,
  [a, b]: readonly [string, string],
  want: number,
  now: number,
): boolean {
  const other = a === was.name ? b : a
  const piece = facts.solid.find((s) => s.name === other && s.id !== was.id)
  if (piece) return boxGap(moved.box, piece.box) >= want
  const wall = facts.room.walls.find((w) => w.name === other)
  if (!wall) return Math.hypot(moved.box.x - was.box.x, moved.box.y - was.box.y) >= want - now + 20
  const reach =
    Math.abs(moved.box.ux * wall.into.x + moved.box.uy * wall.into.y) * moved.box.halfW +
    Math.abs(-moved.box.uy * wall.into.x + moved.box.ux * wall.into.y) * moved.box.halfD
  return (moved.box.x - wall.from.x) * wall.into.x + (moved.box.y - wall.from.y) * wall.into.y - reach >= want
}

/** Two seats that look at each other across the floor between them. */
function facing(a: Standing, b: Standing): boolean {
  const [dx, dy] = [b.box.x - a.box.x, b.box.y - a.box.y]
  const length = Math.hypot(dx, dy) || 1
  const looks = (s: Standing, sign: number) => ((-s.box.uy * dx + s.box.ux * dy) * sign) / length
  return looks(a, 1) > 0.8 && looks(b, -1) > 0.8
}

const kneeToKnee = (facts: PlanFacts, anchor: Standing, s: Standing, gap: number): Finding => ({
  rule: 'plan.talk',
  severity: 'note',
  about: [ref(anchor), ref(s)],
  title: `${s.name} faces ${lower(anchor.name)} at ${mm(gap)}`,
  measured: mm(gap),
  wanted: `${mm(facts.needs.talkLeast)} or more between seats that face each other`,
  because: 'Nearer than that one sits knee to knee.',
  mends: nudge(
    facts,
    s,
    (m) =>
      boxGap(anchor.box, m.box) >= facts.needs.talkLeast && boxGap(anchor.box, m.box) <= facts.needs.talkMost,
  ),
})

export const talk: Rule<PlanFacts> = {
  name: 'plan.talk',
  title: 'Seats too far apart to talk, or knee to knee',
  numbers: `Facing seats of one group stand ${NEEDS.talkLeast.mm} to ${NEEDS.talkMost.mm} mm apart, front to front.`,
  source: NEEDS.talkMost.source,
  schools: 'all',
  check: (facts) => {
    const anchor = anchorSeat(facts.seats)
    if (!anchor) return []
    return facts.seats.flatMap((s): Finding[] => {
      if (s.id === anchor.id) return []
      const gap = boxGap(anchor.box, s.box)
      if (gap < facts.needs.talkLeast && facing(anchor, s)) return [kneeToKnee(facts, anchor, s, gap)]
      if (gap <= facts.needs.talkMost) return []
      return [
        {
          rule: 'plan.talk',
          severity: 'look',
          about: [ref(anchor), ref(s)],
          title: `${s.name} is too far from ${lower(anchor.name)} to talk`,
          measured: mm(gap),
          wanted: `${mm(facts.needs.talkMost)} or less`,
          because: 'Beyond that one raises the voice.',
          mends: nudge(facts, s, (m) => boxGap(anchor.box, m.box) <= facts.needs.talkMost),
        },
      ]
    })
  },
  examples: {
    trips: () =>
      example({
        size: [6000, 5000],
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('armchair', 'Chair', { at: [2500, 4450], turn: 180 }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('armchair', 'Chair', { at: [2500, 3000], turn: 180 }),
        ],
      }),
  },
}

export const toiletSide: Rule<PlanFacts> = {
  name: 'plan.toilet-side',
  title: 'A toilet too near what is beside it',
  numbers: `From the middle of the toilet to each side: ${NEEDS.toiletSide.mm} mm by code (stop), ${NEEDS.toiletSideWish.mm} mm for comfort (look). Limits are inclusive.`,
  source: `${NEEDS.toiletSide.source}; ${NEEDS.toiletSideWish.source}`,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => s.sanitary === 'toilet')
      .flatMap((s): Finding[] => {
        const worst = (['left', 'right'] as const)
          .map((side) => freeBefore(s, side, facts.room, facts.solid))
          .map((free) => ({ free, mm: free.mm + s.widthMm / 2 }))
          .sort((a, b) => a.mm - b.mm)[0]
        const { toiletSide: code, toiletSideWish: wish } = facts.needs
        if (!worst || worst.mm >= wish) return []
        const stop = worst.mm < code
        return [
          {
            rule: 'plan.toilet-side',
            severity: stop ? 'stop' : 'look',
            about: [ref(s)],
            title: `${s.name} is ${mm(worst.mm)} from ${lower(worst.free.against)}`,
            measured: `${mm(worst.mm)} from its middle`,
            wanted: `${mm(stop ? code : wish)} or more`,
            because: 'Shoulders and elbows need it; the local code and a licensed plumber decide.',
            mends: nudge(facts, s, (m) =>
              (['left', 'right'] as const).every(
                (side) =>
                  freeBefore(
                    m,
                    side,
                    facts.room,
                    facts.solid.filter((o) => o.id !== s.id),
                  ).mm +
                    s.widthMm / 2 >=
                  wish,
              ),
            ),
          },
        ]
      }),
  examples: {
    trips: () =>
      example({
        size: [2400, 1700],
        pieces: [ex('sanitary', 'Toilet', { widthMm: 380, depthMm: 680, heightMm: 800, at: [370, 340] })],
      }),
    passes: () =>
      example({
        size: [2400, 1700],
        pieces: [ex('sanitary', 'Toilet', { widthMm: 380, depthMm: 680, heightMm: 800, at: [600, 340] })],
      }),
  },
}

/** Whether a round or square table leaves chairs room on every side, and how much at the least. */
export function tableClearance(tableMm: number, roomMm: readonly [number, number], needMm: number) {
  const leastMm = Math.min(...roomMm.map((side) => (side - tableMm) / 2))
  return { leastMm, fits: leastMm >= needMm }
}

/** Whether a bed leaves its sides and foot free in a room (clearances are common practice). */
export function bedFits(
  room: readonly [number, number],
  bed: readonly [number, number],
  sideMm: number,
  footMm: number,
) {
  const spareWidth = room[0] - bed[0] - 2 * sideMm
  const spareLength = room[1] - bed[1] - footMm
  return { spareWidth, spareLength, fits: spareWidth >= 0 && spareLength >= 0 }
}

/** Seats at a table: round by its edge, a rectangle by its sides and one at each end. */
export const seatsAtRound = (diameter: number, place: number): number =>
  Math.floor((Math.PI * diameter) / place + 1e-9)
export const seatsAtTable = (length: number, place: number): number => 2 * Math.floor(length / place) + 2

/** Screen and the distance at which it fills an angle of the view. */
export function viewingDistance(diagonal: number, aspect: readonly [number, number], angleDeg: number) {
  const [a, b] = aspect
  const d = Math.hypot(a, b)
  const width = (a * diagonal) / d
  return { width, height: (b * diagonal) / d, distance: width / (2 * Math.tan((angleDeg * Math.PI) / 360)) }
}

/** Whether a horizontal push tips a cabinet over its front edge (moment balance, uniform mass). */
export function tipping(weight: number, depth: number, pushHeight: number, push: number) {
  const restoring = (weight * depth) / 2
  const overturning = push * pushHeight
  return { restoring, overturning, tips: overturning > restoring, tippingPush: restoring / pushHeight }
}
