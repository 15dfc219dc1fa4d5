import { put } from '../../../model/changes.js'
import { boxCorners, boxHolds, inBox } from '../../../kernel/geometry/box.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { PlanFacts } from '../planFacts.js'
import {
  chosenRug,
  insideRoom,
  judgeRug,
  rugAdvice,
  RUG_SIZES,
  rugUnderTable,
  RUNNER_SIZES,
  type RugAdvice,
} from '../rug.js'
import type { Standing } from '../standing.js'
import { has, listed, lower, mm, ref, withTraits } from './about.js'
import { ex, example } from './example.js'

/** Rugs that lie before seats, not runners and mats: those some seat is near. */
export const seatRugs = (facts: PlanFacts): Standing[] =>
  facts.rugs.filter((r) => r.widthMm * r.depthMm >= 1.8e6 && Math.min(r.widthMm, r.depthMm) >= 1_000)

/** What the rug adviser would lay for the seats of the room, in its school. */
export function adviseRug(facts: PlanFacts): {
  readonly all: readonly RugAdvice[]
  readonly chosen: RugAdvice | undefined
} {
  const table = facts.standings.find((s) => s.kind === 'low table')
  const all = rugAdvice({
    seats: facts.seats,
    room: facts.room,
    sizes: RUG_SIZES[facts.system],
    joinable: RUNNER_SIZES[facts.system],
    borderMm: facts.needs.rugBorder,
    around: table?.box,
  })
  return { all, chosen: chosenRug(all, facts.schools.rug, facts.needs.rugBorder) }
}

/** Lays the advised size where it is advised, in the place of a rug. */
function layInstead(facts: PlanFacts, rug: Standing): Mend[] {
  if (!facts.withMends || rug.piece.stays) return []
  const { chosen } = adviseRug(facts)
  if (!chosen || chosen.joined) return []
  const turn = Math.round(((Math.atan2(chosen.box.uy, chosen.box.ux) * 180) / Math.PI + 360) % 360)
  return [
    {
      label: `Lay one of ${chosen.size.name} instead: ${chosen.verdict}, ${mm(chosen.leastBorderMm)} of floor left`,
      changes: [
        put('pieces', rug.pieceId, {
          widthMm: Math.round(2 * chosen.box.halfW),
          depthMm: Math.round(2 * chosen.box.halfD),
        }),
        put('stands', rug.id, {
          xMm: Math.round(chosen.box.x),
          yMm: Math.round(chosen.box.y),
          turnDeg: turn,
          optionId: null,
        }),
      ],
    },
  ]
}

/** The same rug, shifted or turned so that the front legs stand on it. */
function shiftOnto(facts: PlanFacts, rug: Standing): Mend[] {
  if (!facts.withMends || rug.piece.stays || facts.seats.length === 0) return []
  const found = rugAdvice({
    seats: facts.seats,
    room: facts.room,
    borderMm: facts.needs.rugBorder,
    sizes: [
      {
        name: 'this',
        shortMm: Math.min(rug.widthMm, rug.depthMm),
        longMm: Math.max(rug.widthMm, rug.depthMm),
      },
    ],
  }).find((a) => a.verdict === 'front legs' || a.verdict === 'all legs')
  if (!found) return []
  const same = Math.abs(2 * found.box.halfW - rug.widthMm) < 1
  const turn = Math.round(
    ((Math.atan2(found.box.uy, found.box.ux) * 180) / Math.PI + (same ? 0 : 90) + 360) % 360,
  )
  return [
    {
      label: `Shift ${lower(rug.name)} under the front legs`,
      changes: [
        put('stands', rug.id, { xMm: Math.round(found.box.x), yMm: Math.round(found.box.y), turnDeg: turn }),
      ],
    },
  ]
}

export const rugLegs: Rule<PlanFacts> = {
  name: 'plan.rug-legs',
  title: 'A rug that the seats do not stand on',
  numbers:
    'Both front legs of every seat of the group on the rug; all four in the school of all legs. A rug that holds only the table is a stop, whatever its standard size.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const rugs = seatRugs(facts)
    if (rugs.length === 0 || facts.seats.length === 0) return []
    const boxes = rugs.map((r) => r.box)
    const judged = judgeRug(boxes, facts.seats, facts.room)
    const wantAll = facts.schools.rug === 'all legs on'
    if (judged.verdict === 'all legs' || (judged.verdict === 'front legs' && !wantAll)) return []
    const island = judged.verdict === 'table only'
    const off = judged.seats.filter((s) => (wantAll ? s.legsOn < 4 : s.frontOn < 2))
    const [rug] = rugs
    if (!rug) return []
    return [
      {
        rule: 'plan.rug-legs',
        severity: island ? 'stop' : 'look',
        about: [ref(rug)],
        title: island
          ? 'Only the low table stands on the rug'
          : `${listed(off.map((s) => s.seat.name))} ${off.length > 1 ? 'do' : 'does'} not stand on the rug`,
        measured: listed(
          judged.seats.map(
            (s) =>
              `${lower(s.seat.name)} ${s.legsOn} of 4 legs${s.missMm > 0 ? `, misses by ${mm(s.missMm)}` : ''}`,
          ),
        ),
        wanted: wantAll ? 'all legs of every seat on it' : 'the front legs of every seat on it',
        because: 'A rug that the seats stand on holds them together; an island parts them.',
        ...(facts.schools.rug === null ? {} : { school: facts.schools.rug }),
        mends: [...shiftOnto(facts, rug), ...layInstead(facts, rug)].slice(0, 2),
      },
    ] satisfies Finding[]
  },
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('armchair', 'Chair', { at: [2500, 3300], turn: 180 }),
          ex('low table', 'Low table', { at: [2500, 1650] }),
          ex('rug', 'Rug', { at: [2500, 1850], widthMm: 1800, depthMm: 1200 }),
        ],
        schools: { rug: 'smallest that puts front legs on' },
      }),
    passes: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('armchair', 'Chair', { at: [2500, 2900], turn: 180 }),
          ex('low table', 'Low table', { at: [2500, 1650] }),
          ex('rug', 'Rug', { at: [2500, 1700], widthMm: 2900, depthMm: 2000 }),
        ],
        schools: { rug: 'smallest that puts front legs on' },
      }),
  },
}

export const rugFlat: Rule<PlanFacts> = {
  name: 'plan.rug-flat',
  title: 'A rug that cannot lie flat',
  numbers: 'Any part of it past the walls or over a projection of them.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.rugs
      .filter((r) => !insideRoom(r.box, facts.room))
      .map((r): Finding => ({
        rule: 'plan.rug-flat',
        severity: 'stop',
        about: [ref(r)],
        title: `${r.name} cannot lie flat`,
        measured: `${mm(r.widthMm)} × ${mm(r.depthMm)} reaches past the floor`,
        wanted: 'all of it on the floor',
        because: 'Its edge would stand up against the wall, and that is a trip.',
        mends: [...shiftOnto(facts, r), ...layInstead(facts, r)].slice(0, 2),
      })),
  examples: {
    trips: () =>
      example({
        size: [3000, 3600],
        openings: [],
        pieces: [
          ex('sofa', 'Sofa', { at: [1500, 450] }),
          ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2743, depthMm: 3658 }),
        ],
      }),
    passes: () =>
      example({
        size: [3000, 3600],
        openings: [],
        pieces: [
          ex('sofa', 'Sofa', { at: [1500, 450] }),
          ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2438, depthMm: 3048 }),
        ],
      }),
  },
}

export const rugBorder: Rule<PlanFacts> = {
  name: 'plan.rug-border',
  title: 'Too little bare floor round a rug',
  numbers: `In the school of the border: at least ${NEEDS.rugBorder.mm} mm on every side (a house rule may set another).`,
  source: NEEDS.rugBorder.source,
  schools: ['largest that leaves the border'],
  check: (facts) => {
    if (facts.schools.rug !== 'largest that leaves the border') return []
    return seatRugs(facts).flatMap((r): Finding[] => {
      const { bordersMm, liesFlat } = judgeRug([r.box], facts.seats, facts.room)
      const least = Math.min(...bordersMm)
      if (!liesFlat || least >= facts.needs.rugBorder) return []
      return [
        {
          rule: 'plan.rug-border',
          severity: 'look',
          about: [ref(r)],
          title: `${r.name} leaves ${mm(least)} of floor`,
          measured: `${bordersMm.map(Math.round).join(', ')} mm round it`,
          wanted: `${mm(facts.needs.rugBorder)} on every side`,
          because: 'A rug that nearly reaches the walls reads as a carpet cut too small.',
          school: 'largest that leaves the border',
          mends: layInstead(facts, r),
        },
      ]
    })
  },
  examples: {
    trips: () =>
      example({
        schools: { rug: 'largest that leaves the border' },
        openings: [],
        size: [3000, 3600],
        pieces: [
          ex('sofa', 'Sofa', { at: [1500, 450] }),
          ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2700, depthMm: 3350 }),
        ],
      }),
    passes: () =>
      example({
        schools: { rug: 'largest that leaves the border' },
        openings: [],
        size: [3000, 3600],
        pieces: [
          ex('sofa', 'Sofa', { at: [1500, 450] }),
          ex('rug', 'Rug', { at: [1500, 1800], widthMm: 2438, depthMm: 3048 }),
        ],
      }),
  },
}

export const rugNominal: Rule<PlanFacts> = {
  name: 'plan.rug-nominal',
  title: 'Only the nominal size of a rug is known',
  numbers: 'A rug, bed or frame marked so.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces
      .filter((p) => has(p, 'only the nominal size is known'))
      .map((p): Finding => ({
        rule: 'plan.rug-nominal',
        severity: 'look',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `Measure ${lower(p.name)} itself`,
        measured: `${mm(p.widthMm)} × ${mm(p.depthMm)} by name`,
        wanted: 'the maker’s actual size',
        because:
          'Names of sizes are not sizes: rugs, boards and mattresses come out smaller, and a few centimeters decide.',
        mends: [withTraits(p, 'It has been measured', [], ['only the nominal size is known'])],
      })),
  examples: {
    trips: () => example({ pieces: [ex('rug', 'Rug', { traits: ['only the nominal size is known'] })] }),
    passes: () => example({ pieces: [ex('rug', 'Rug')] }),
  },
}

export const rugUnder: Rule<PlanFacts> = {
  name: 'plan.rug-under-table',
  title: 'Chairs fall off the rug under a dining table',
  numbers: `A rug that holds the middle of a table reaches ${NEEDS.rugBeyondTable.mm} mm beyond it on every side.`,
  source: NEEDS.rugBeyondTable.source,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => s.kind === 'table')
      .flatMap((table): Finding[] => {
        const rug = facts.rugs.find((r) => boxHolds(r.box, table.box))
        if (!rug) return []
        const at = boxCorners(table.box).map((p) => inBox(rug.box, p))
        const beyond = Math.round(
          Math.min(...at.map((p) => Math.min(rug.box.halfW - Math.abs(p.x), rug.box.halfD - Math.abs(p.y)))),
        )
        if (beyond >= facts.needs.rugBeyondTable) return []
        const fits = rugUnderTable(
          table.widthMm,
          table.depthMm,
          facts.needs.rugBeyondTable,
          RUG_SIZES[facts.system],
        )
        return [
          {
            rule: 'plan.rug-under-table',
            severity: 'look',
            about: [ref(rug), ref(table)],
            title: `${rug.name} reaches ${mm(Math.max(0, beyond))} beyond ${lower(table.name)}`,
            measured: mm(Math.max(0, beyond)),
            wanted: `${mm(facts.needs.rugBeyondTable)} on every side${fits.size ? `: ${fits.size.name} or larger` : ''}`,
            because: 'A chair that is pulled back stands with two legs off the edge, and catches it.',
            mends: [
              {
                label: `Take up ${lower(rug.name)}`,
                changes: [{ collection: 'stands', id: rug.id, remove: true as const }],
              },
            ],
          },
        ]
      }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('table', 'Table', { at: [2500, 2000] }),
          ex('rug', 'Rug', { at: [2500, 2000], widthMm: 2000, depthMm: 1400 }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('table', 'Table', { at: [2500, 2000] }),
          ex('rug', 'Rug', { at: [2500, 2000], widthMm: 2900, depthMm: 2200 }),
        ],
      }),
  },
}

/** Small rooms are cut up by several rugs (common practice). */
const CUT_UP_MM2 = 16e6

/** How often the floor of one zone breaks: rugs beyond the first, finishes beyond the first. */
export const floorBreaks = (rugs: number, floorFinishes: number): number =>
  Math.max(0, rugs - 1) + Math.max(0, floorFinishes - 1)

export const floorCutUp: Rule<PlanFacts> = {
  name: 'plan.floor-cut-up',
  title: 'Several rugs or floors cut a small room up',
  numbers:
    'Two or more rugs, or floor finishes, in a room under 16 m². Mats in a wet room are not counted; layered or joined rugs are meant.',
  source: 'common practice',
  schools: [
    'smallest that puts front legs on',
    'largest that leaves the border',
    'all legs on',
    'bare floor kept whole',
  ],
  check: (facts) => {
    const area = facts.reflecting.floorM2 * 1e6
    if (
      facts.schools.rug === 'layered or joined' ||
      area === 0 ||
      area > CUT_UP_MM2 ||
      facts.room.kind === 'wet room'
    )
      return []
    if (floorBreaks(facts.rugs.length, facts.floorFinishes) === 0) return []
    const small = [...facts.rugs].sort((a, b) => a.widthMm * a.depthMm - b.widthMm * b.depthMm).slice(0, -1)
    return [
      {
        rule: 'plan.floor-cut-up',
        severity: 'look',
        about: facts.rugs.map(ref),
        title: `${facts.rugs.length > 1 ? `${facts.rugs.length} rugs` : `${facts.floorFinishes} floors`} in one small room`,
        measured: `${(area / 1e6).toFixed(1)} m² with ${facts.rugs.length} rugs and ${Math.max(1, facts.floorFinishes)} floor finish${facts.floorFinishes > 1 ? 'es' : ''}`,
        wanted: 'one floor and at most one rug',
        because: 'Unbroken surfaces look larger; every edge on the floor makes the room smaller.',
        mends:
          facts.floorFinishes > 1 || small.length === 0
            ? []
            : [
                {
                  label: `Take up ${listed(small.map((r) => lower(r.name)))}`,
                  changes: small.map((r) => ({ collection: 'stands', id: r.id, remove: true as const })),
                },
              ],
      },
    ]
  },
  examples: {
    trips: () =>
      example({
        size: [3800, 2500],
        openings: [],
        pieces: [
          ex('rug', 'One', { at: [700, 700], widthMm: 900, depthMm: 600 }),
          ex('rug', 'Two', { at: [2000, 700], widthMm: 900, depthMm: 600 }),
          ex('rug', 'Three', { at: [3000, 1800], widthMm: 900, depthMm: 600 }),
        ],
      }),
    passes: () =>
      example({
        size: [3800, 2500],
        openings: [],
        pieces: [ex('rug', 'One', { at: [1900, 1250], widthMm: 2900, depthMm: 2000 })],
      }),
  },
}

export const rugGrip: Rule<PlanFacts> = {
  name: 'plan.rug-grip',
  title: 'Rugs without underlay or gripper',
  numbers:
    'Every rug, runner, layered rug and bath mat until an underlay or a gripping back is noted; a taped seam is a trip edge besides.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.pieces
      .filter((p) => p.kind === 'rug')
      .flatMap((p): Finding[] => {
        const bath = /bath|shower/i.test(p.name) || facts.room.kind === 'wet room'
        const gripped = bath
          ? has(p, 'gripping back') && has(p, 'washable')
          : has(p, 'underlay or gripper', 'gripping back')
        const seam = has(p, 'joined by a taped seam')
        if (gripped && !seam) return []
        return [
          {
            rule: 'plan.rug-grip',
            severity: 'look',
            about: [{ kind: 'piece', id: p.id, name: p.name }],
            title: seam
              ? `${p.name}: a taped seam is an edge to trip on`
              : bath
                ? `${p.name}: washable, with a gripping back?`
                : `${p.name} wants a gripper`,
            measured: gripped ? 'joined by tape' : 'no underlay is planned',
            wanted: bath
              ? 'washable and with a gripping back'
              : seam
                ? 'sewn together, and an underlay under both'
                : 'an underlay or gripper, on the list of what is bought',
            because: 'Rugs slide and curl; follow the maker’s instructions for the floor beneath.',
            mends: [
              bath
                ? withTraits(p, 'It is washable and grips', ['gripping back', 'washable'])
                : withTraits(
                    p,
                    seam ? 'It is sewn, with an underlay' : 'An underlay is on the list',
                    ['underlay or gripper'],
                    ['joined by a taped seam'],
                  ),
            ],
          },
        ]
      }),
  examples: {
    trips: () => example({ pieces: [ex('rug', 'Hall runner')] }),
    passes: () => example({ pieces: [ex('rug', 'Hall runner', { traits: ['underlay or gripper'] })] }),
  },
}
