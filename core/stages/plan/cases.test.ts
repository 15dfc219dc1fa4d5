import { afterAll, expect, test } from 'vitest'
import type { Finding } from '../../findings/finding.js'
import { hexToLab } from '../../kernel/color/lab.js'
import { readLength } from '../../kernel/units/length.js'
import { boxOf } from '../../kernel/geometry/box.js'
import { curtainDarkness, lampAgainstPicture, pendantFit, rankLampPlaces } from './light/lampPlaces.js'
import { needsOf } from './needs.js'
import type { PlanFacts } from './planFacts.js'
import { example, ex, exampleDoor, exampleJob, type ExamplePiece } from '../../examples/plan/example.js'
import { loadFault } from './rules/hanging.js'
import { PLAN_RULES } from './rules/index.js'
import { floorBreaks } from './rules/rugs.js'
import { headboardSeen } from './rules/headboardHidden.js'
import { tableClearance } from './rules/space.js'
import { likelyWidth } from './rules/standing.js'
import { suspensionG } from './rules/cautions.js'
import { exposedBehind, inExtended } from './rules/view.js'
import { judgeRug } from './rug.js'
import { freeBefore } from './free.js'
import { asExtended } from './standing.js'
import { faceNarrowerThanMat, frameSizes, oddFrames, rankFrames } from './walls/framing.js'
import { groupOutline, gridOf, hookHeight, mismatchedPairs, offGrid, stackUp } from './walls/hanging.js'
import { thirdOf } from './walls/layPanels.js'
import { METRIC } from '../../testing/habits.js'

// Situations and what experienced decorators conclude (common practice, without a published source). One set of
// numbers per rule serves them all. The cases on color are decided by the Palette, those on consent by the Brief.

const judge = (facts: PlanFacts): Finding[] => PLAN_RULES.flatMap((r) => r.check(facts))
const found = (facts: PlanFacts, rule: string) => judge(facts).filter((f) => f.rule === rule)
const near = (got: number, want: number, by: number) => Math.abs(got - want) <= by
const hung = (name: string, xMm: number, centerMm: number, widthMm = 100, heightMm = 100) => ({
  id: name,
  name,
  xMm,
  centerMm,
  widthMm,
  heightMm,
})
const NO_DOOR = { openings: [] }

/** A seat whose front legs stand at y, looking down the sheet (or up, turned). */
const seatWithLegsAt = (id: string, x: number, y: number, up: boolean, w = 900): ExamplePiece =>
  ex('sofa', id, { widthMm: w, depthMm: 900, at: [x, up ? y + 400 : y - 400], turn: up ? 180 : 0 })

/** Each case: what must hold, in the words of the case. */
const CASES: Readonly<Record<string, () => Readonly<Record<string, boolean>>>> = {
  'C006 a rug by its name and by its size': () => {
    const need = 2400
    const rug = (d: number) => boxOf(0, 0, 3048, d, 0)
    const seats = [
      seatWithLegsAt('A', 2500, 1000, false, 1800),
      seatWithLegsAt('B', 2500, 1000 + need, true, 1800),
    ]
    const facts = example({
      size: [5000, 5000],
      ...NO_DOOR,
      pieces: [
        ...seats,
        ex('rug', 'Rug', {
          traits: ['only the nominal size is known'],
          widthMm: 2990,
          depthMm: 2360,
          at: [2500, 2200],
        }),
      ],
    })
    const actual = judgeRug([{ ...rug(2360), x: 2500, y: 2200 }], facts.seats, facts.room)
    const nominal = judgeRug([{ ...rug(2438), x: 2500, y: 2200 }], facts.seats, facts.room)
    return {
      'the actual size fails, the nominal would pass':
        actual.verdict !== 'front legs' && nominal.verdict === 'front legs',
      'shortfall 40 ± 1': near(
        actual.seats.reduce((sum, s) => sum + s.missMm, 0),
        40,
        1,
      ),
      'warns when only a nominal size is known': found(facts, 'plan.rug-nominal').length === 1,
    }
  },
  'C008 a vanity in a bathroom of 10 by 5 ft': () => {
    const inch = 25.4
    const left = 120 * inch - (30 + 30 + 30 + 3) * inch
    const facts = example({
      size: [3048, 1524],
      openings: [
        { ...exampleDoor, id: 'd', swing: 'out', carries: null, carriesG: null, startMm: 1000, widthMm: 700 },
      ],
      pieces: [
        ex('sanitary', 'Vanity', { widthMm: 762, depthMm: 530, heightMm: 860, at: [76 + 381, 265] }),
        ex('sanitary', 'Toilet', { widthMm: 380, depthMm: 680, heightMm: 800, at: [3048 - 762 - 381, 340] }),
        ex('sanitary', 'Bathtub', {
          widthMm: 762,
          depthMm: 1510,
          heightMm: 560,
          at: [3048 - 381, 762],
          turn: 0,
        }),
      ],
    })
    return {
      'floor 4.65 ± 0.02 m²': near(facts.reflecting.floorM2, 4.65, 0.02),
      'vanity 762 ± 1': near(30 * inch, 762, 1),
      'length left over 686 ± 3': near(left, 686, 3),
      'fits: nothing in each other, the toilet clear at its sides':
        found(facts, 'plan.overlap').length === 0 &&
        found(facts, 'plan.outside').length === 0 &&
        found(facts, 'plan.toilet-side').every((f) => f.severity !== 'stop'),
    }
  },
  'C010 a round table in two rooms': () => {
    const needs = needsOf([{ need: 'chairBehind', mm: 750 }])
    const [kitchen, meeting] = [
      tableClearance(1300, [2300, 2500], needs.chairBehind),
      tableClearance(1300, [3100, 5200], needs.chairBehind),
    ]
    const table = (size: [number, number]) =>
      example({
        size,
        ...NO_DOOR,
        pieces: [
          ex('table', 'Round table', { widthMm: 1300, depthMm: 1300, at: [size[0] / 2, size[1] / 2] }),
        ],
        more: { houseRules: [{ id: 'h', need: 'chairBehind', mm: 750, why: 'chairs', version: 1 }] },
      })
    const tight = found(table([2300, 2500]), 'plan.front')
    return {
      'kitchen 500 ± 5, meeting room 900 ± 5': near(kitchen.leastMm, 500, 5) && near(meeting.leastMm, 900, 5),
      'kitchen fails, meeting room passes':
        !kitchen.fits &&
        meeting.fits &&
        tight.length === 1 &&
        found(table([3100, 5200]), 'plan.front').length === 0,
      'offered to another room, not let go':
        tight[0]!.fixes.some((m) =>
          m.changes.some((c) => 'set' in c && 'verdict' in c.set && c.set.verdict === 'move'),
        ) &&
        tight[0]!.fixes.every((m) =>
          m.changes.every((c) => !('set' in c && 'verdict' in c.set) || c.set.verdict !== 'let go'),
        ),
    }
  },
  'C030 a rug that holds only the low table': () => {
    const facts = example({
      size: [5000, 4500],
      ...NO_DOOR,
      schools: { rug: 'smallest that puts front legs on' },
      pieces: [
        seatWithLegsAt('Sofa', 2500, 875, false, 2000),
        seatWithLegsAt('Chair one', 2000, 2455, true, 700),
        seatWithLegsAt('Chair two', 3000, 2455, true, 700),
        ex('low table', 'Low table', { at: [2500, 1650] }),
        ex('rug', 'Rug', { widthMm: 2134, depthMm: 1524, at: [2500, 1650] }),
      ],
    })
    // Legs exactly as told, 880 and 2 450: the rug reaches from 888 to 2 412.
    const rug = boxOf(2500, 1650, 2134, 1524, 0)
    const missAt = (y: number) => Math.round(Math.max(0, Math.abs(y - 1650) - rug.halfD))
    const finding = found(facts, 'plan.rug-legs')[0]
    return {
      '0 of 3 seats on it':
        judgeRug([rug], facts.seats, facts.room).seats.filter((s) => s.legsOn > 0).length === 0 &&
        facts.seats.length === 3,
      'verdict island: a stop': finding?.severity === 'stop' && /Only the low table/.test(finding.title),
      'the sofa leg misses by 8 ± 1, the chairs by 38 ± 1':
        near(missAt(880), 8, 1) && near(missAt(2450), 38, 1),
      'a standard size earns nothing': judgeRug([rug], facts.seats, facts.room).verdict === 'table only',
    }
  },
  'C032 8 × 10 or 9 × 12 in a small room': () => {
    const lay = (w: number, d: number) =>
      example({
        size: [3000, 3600],
        ...NO_DOOR,
        schools: { rug: 'largest that leaves the border' },
        pieces: [
          ex('sofa', 'Sofa', { at: [1500, 450] }),
          ex('rug', 'Rug', { widthMm: w, depthMm: d, at: [1500, 1800] }),
        ],
      })
    const [small, large] = [lay(2438, 3048), lay(2743, 3658)]
    const borders = judgeRug([small.rugs[0]!.box], [], small.room).bordersMm
    return {
      '9 × 12 refused': found(large, 'plan.rug-flat').some((f) => f.severity === 'stop'),
      '8 × 10 ok': [...found(small, 'plan.rug-flat'), ...found(small, 'plan.rug-border')].length === 0,
      'borders 281 and 276 ± 2': near(borders[1], 281, 2) && near(borders[0], 276, 2),
    }
  },
  'C034 a sleeper and a trunk': () => {
    const pieces = (parked: boolean) => [
      ex('sofa bed', 'Sleeper', { depthMm: 950, openDepthMm: 2250, at: [2000, 50 + 475] }),
      ex('trunk', 'Trunk', {
        depthMm: 450,
        widthMm: 900,
        at: [2000, 1400 + 225],
        ...(parked ? { parkedAt: [3400, 3150] as const } : {}),
      }),
    ]
    const open = example({ size: [4000, 3400], ...NO_DOOR, pieces: pieces(false) })
    const bed = open.standings.find((s) => s.name === 'Sleeper')!
    const free = freeBefore(asExtended(bed), 'front', open.room, [])
    return {
      'free depth beyond 1100 ± 5': near(free.mm, 1100, 5),
      'the trunk inside the open bed is reported':
        inExtended(open).some((i) => i.inside.name === 'Trunk') &&
        found(open, 'plan.extended-blocked').length === 1,
      'incomplete until it has a parking place':
        found(example({ size: [4000, 3400], ...NO_DOOR, pieces: pieces(true) }), 'plan.extended-blocked')
          .length === 0,
      'the closed layout passes':
        judge(open)
          .filter((f) => f.severity === 'stop')
          .every((f) => f.rule === 'plan.extended-blocked') &&
        judge(open).some((f) => f.rule === 'plan.extended-blocked'),
    }
  },
  'C035 an open vanity before a toilet': () => {
    const door = {
      ...exampleDoor,
      id: 'd',
      wallId: 'east',
      startMm: 200,
      swing: 'out' as const,
      carries: null,
      carriesG: null,
    }
    const pair = (open: boolean, untidy: boolean) =>
      example({
        openings: [door],
        pieces: [
          ex('sanitary', 'Vanity', { at: [3500, 600], traits: open ? ['open below'] : [] }),
          ex('sanitary', 'Toilet', { at: [2000, 600], traits: untidy ? ['untidy side'] : [] }),
        ],
      })
    const flagged = (open: boolean, untidy: boolean) => exposedBehind(pair(open, untidy)).length > 0
    return {
      'A + X ok': !flagged(false, true),
      'B + X flagged, with the chain':
        flagged(true, true) &&
        found(pair(true, true), 'plan.exposed')[0]!.measured.includes(
          'open base → side of toilet seen from the door',
        ),
      'B + Y ok': !flagged(true, false),
    }
  },
  'C037 a picture for two pairs of eyes': () => {
    const facts = example({
      more: {
        people: [1470, 1650].map((e, i) => ({
          id: String(i),
          position: i,
          name: `P${i}`,
          kind: 'adult' as const,
          ageYears: 40,
          standingEyeMm: e,
          seatedEyeMm: null,
          minds: [],
          note: '',
          version: 1,
        })),
      },
    })
    return {
      'center 1560 ± 5': near(facts.eyeLineMm, 1560, 5),
      'nail 1850 ± 5': near(hookHeight(facts.eyeLineMm, 700, 60), 1850, 5),
    }
  },
  'C039 two stacked pieces under two ceilings': () => {
    const [, upper = 0] = stackUp(1560, [500, 500], 80)
    const at = (heightMm: number) =>
      example({
        heightMm,
        schools: { hanging: 'centers on one eye line' },
        more: { brief: { ...exampleJob({}).brief, hangingMm: 1560 } },
        pieces: [
          ex('picture', 'Lower', { heightMm: 500, hang: { centerMm: 1560 } }),
          ex('picture', 'Upper', { heightMm: 500, hang: { centerMm: upper } }),
        ],
      })
    const [a, b] = [at(3000), at(2400)]
    return {
      'upper center 2140 ± 5, top 2390 ± 5': near(upper, 2140, 5) && near(upper + 250, 2390, 5),
      'A ok': found(a, 'plan.under-ceiling').length === 0,
      'B flagged, 10 under the ceiling': found(b, 'plan.under-ceiling')[0]!.title.includes('10 mm'),
      'not centered anew': found(a, 'plan.eye-line').length === 0,
    }
  },
  'C041 six holders, staggered': () => {
    const heights = [1500, 1750, 1400, 1400, 1730, 1500]
    const row = [-1250, -750, -250, 250, 750, 1250].map((x, i) => hung(String(x), 1500 + x, heights[i]!))
    const off = mismatchedPairs(row)
    const fall = (x: number) => (24 / 3000) * x
    return {
      'unequal heights raise no warning':
        mismatchedPairs(row.map((h) => (h.name === '750' ? { ...h, centerMm: 1750 } : h))).length === 0,
      'the pair at 750 flagged, 20 ± 1':
        off.length === 1 && near(off[0]!.byMm, 20, 1) && off[0]!.two.name === '750',
      'other pairs ok': off.every((m) => Math.abs(Number(m.one.name)) === 750),
      'measured down from the ceiling the outer pair would differ by 20 ± 1': near(
        fall(2750) - fall(250),
        20,
        1,
      ),
    }
  },
  'C042 twelve panels in straight rows': () => {
    const { block, places } = gridOf({
      rows: 3,
      columns: 4,
      widthMm: 300,
      heightMm: 400,
      gapMm: 80,
      centerXMm: 1350,
      centerMm: 1500,
    })
    const panels = places.map((p, i) => hung(String(i), p.xMm, p.centerMm, 300, 400))
    const moved = panels.map((p) => (p.name === '5' ? { ...p, xMm: p.xMm + 15 } : p))
    return {
      'block 1440 ± 2, margin 630 ± 2':
        near(block.widthMm, 1440, 2) && near((2700 - block.widthMm) / 2, 630, 2),
      'every gap equal within 2': offGrid(panels).length === 0,
      'one shifted by 15 flagged':
        offGrid(moved)
          .map((o) => o.id)
          .join() === '5' && near(offGrid(moved)[0]!.offMm, 15, 1),
    }
  },
  'C044 five boxes on one painted block': () => {
    const boxes = [0, 1, 2, 3, 4].map((i) => hung(String(i), 1000, 400 + i * 420, 300, 300))
    const [group, block] = [groupOutline(boxes), groupOutline(boxes, 100)]
    return {
      'group 1980 ± 2 high': near(group.heightMm, 1980, 2),
      'block 500 × 2180 ± 4': near(block.widthMm, 500, 4) && near(block.heightMm, 2180, 4),
      'area for balance 1.09 ± 0.01 m²': near((block.widthMm * block.heightMm) / 1e6, 1.09, 0.01),
    }
  },
  'C046 a white lower third': () => {
    const [floor, lower, upper] = ['#8A7458', '#F4F2EC', '#8D9093'].map(hexToLab)
    const steps = [Math.abs(lower!.l - floor!.l), Math.abs(lower!.l - upper!.l)]
    return {
      'rail at 800 ± 5': near(thirdOf(2400), 800, 5),
      'steps 45.3 and 35.9 ± 1': near(steps[0]!, 45.3, 1) && near(steps[1]!, 35.9, 1),
      'contrasts with both': steps.every((s) => s > 15),
    }
  },
  'C049 a small lamp between two shelves': () => {
    const places = (['left', 'right'] as const).flatMap((side) =>
      (['top', 'bottom'] as const).map((row) => ({
        name: `${side} ${row}`,
        at: { x: side === 'left' ? 600 : 3400, y: 200 },
        heightMm: row === 'top' ? 1500 : 200,
      })),
    )
    const ranked = rankLampPlaces(
      places,
      [
        { x: 300, y: 700 },
        { x: 2000, y: 2000 },
      ],
      [{ name: 'Socket', at: { x: 3500, y: 0 } }],
      1800,
      METRIC,
    )
    return {
      'recommends right top': ranked[0]!.place.name === 'right top',
      'both bottom places refused as useless light':
        ranked.filter((r) => r.refused).length === 2 &&
        ranked.filter((r) => r.refused).every((r) => r.place.name.endsWith('bottom')),
      'left top below it, that side is lit':
        ranked[1]!.place.name === 'left top' && ranked[1]!.reasons.some((r) => /lit/.test(r)),
    }
  },
  'C051 lamps on side tables': () => {
    const [a, b] = [lampAgainstPicture(610, 865, 1320), lampAgainstPicture(610, 660, 1320)]
    const room = (h: number) =>
      example({
        pieces: [
          ex('side table', 'Side table', { heightMm: 610, at: [1500, 250] }),
          ex('lamp', 'Lamp', { heightMm: h, at: [1500, 250], raised: 610 }),
          ex('picture', 'Piece', { heightMm: 480, hang: { xMm: 2000, centerMm: 1560 } }),
        ],
      })
    return {
      'tops 1475 and 1270 ± 2': near(a.topMm, 1475, 2) && near(b.topMm, 1270, 2),
      'A competes by 155, B ok':
        a.competes &&
        near(a.overMm, 155, 1) &&
        !b.competes &&
        found(room(865), 'plan.lamp-competes').length === 1 &&
        found(room(660), 'plan.lamp-competes').length === 0,
      'the table counts': a.topMm === 610 + 865,
    }
  },
  'C053 a shade under a low ceiling': () => {
    const fit = (shadeMm: number) =>
      pendantFit({ ceilingMm: 2440, shadeMm, canopyAndCordMm: 60, headClearMm: 2100 })
    return {
      'largest drop 340 ± 2': near(fit(250).largestDropMm, 340, 2),
      'A fails at 510, B ok at 310':
        !fit(450).fits && fit(450).dropMm === 510 && fit(250).fits && fit(250).dropMm === 310,
      'diameter is not asked': !('diameterMm' in fit(250)),
    }
  },
  'C054 how dark is a nursery': () => {
    const both = (wanted: 'dark' | 'dimmed, child in sight') =>
      [curtainDarkness(0.03, wanted).ok, curtainDarkness(0.25, wanted).ok].join()
    return {
      'nursery: B ok, A flagged': both('dimmed, child in sight') === 'false,true',
      'for late sleepers the verdicts swap': both('dark') === 'true,false',
    }
  },
  'C105 a sofa on a wall of 1900': () => {
    const sofa = (widthMm: number) =>
      example({ size: [1900, 3000], ...NO_DOOR, pieces: [ex('sofa', 'Sofa', { widthMm, wallId: 'north' })] })
    const [s72, s84] = [Math.round(readLength('72 in')), Math.round(readLength('84 in'))]
    return {
      '1829 and 2134 ± 1': near(s72, 1829, 1) && near(s84, 2134, 1),
      '72 ok, 84 refused':
        found(sofa(s72), 'plan.too-wide').length === 0 && found(sofa(s84), 'plan.too-wide').length === 1,
      '72 mm is questioned':
        found(sofa(72), 'plan.size-doubt')[0]!.fixes.some((m) => m.label.includes('1\u2009829')) &&
        likelyWidth('sofa', 1829) === undefined,
    }
  },
  'C107 three rugs in a small living zone': () => {
    const rugs = (
      n: number,
      school: 'smallest that puts front legs on' | 'layered or joined' = 'smallest that puts front legs on',
    ) =>
      example({
        size: [3800, 2500],
        ...NO_DOOR,
        schools: { rug: school },
        pieces: Array.from({ length: n }, (_, i) =>
          ex('rug', `Rug ${i}`, { widthMm: 900, depthMm: 600, at: [600 + i * 1100, 1200] }),
        ),
      })
    const cut = (facts: PlanFacts) => found(facts, 'plan.floor-cut-up').length > 0
    return {
      'three rugs warn': cut(rugs(3)),
      'one or none pass': !cut(rugs(1)) && !cut(rugs(0)),
      'three floors in one zone warn too':
        floorBreaks(0, 3) > 0 &&
        PLAN_RULES.find((r) => r.name === 'plan.floor-cut-up')!.check({ ...rugs(0), floorFinishes: 3 })
          .length === 1,
      'in the school of layers no warning': !cut(rugs(3, 'layered or joined')),
    }
  },
  'C108 one thing draws the eye': () => {
    const focal = (n: number) =>
      example({
        pieces: ['Pendant', 'Mirror', 'Neon sign', 'Gallery wall'].map((name, i) =>
          ex('object', name, { focal: i < n }),
        ),
      })
    return {
      'more than one warns': found(focal(4), 'plan.focus-many').length === 1,
      'one passes': found(focal(1), 'plan.focus-many').length === 0,
    }
  },
  'C114 a sign over a cot, a chair, nobody': () => {
    const sign = (xMm: number, more: object = {}) =>
      ex('picture', 'Wooden sign', {
        widthMm: 900,
        heightMm: 500,
        weightG: 4600,
        hang: { xMm, hooks: 2, hookSpanMm: 500, ratedG: 5000, fixing: 'screw and plug', ...more },
      })
    const room = (piece: ExamplePiece) =>
      example({
        pieces: [
          ex('cot', 'Cot', { at: [700, 750] }),
          ex('armchair', 'Armchair', { at: [3500, 430] }),
          piece,
        ],
      })
    const overCot = found(room(sign(700)), 'plan.over-bed')
    return {
      'above the cot refused': overCot.length === 1 && overCot[0]!.severity === 'stop',
      'over the armchair only with two fixed anchors':
        found(room(sign(3500)), 'plan.over-seat').length === 0 &&
        found(room(sign(3500, { hooks: 1 })), 'plan.over-seat').length === 1,
      'the opposite wall is offered, nobody under it':
        overCot[0]!.fixes.length > 0 && overCot[0]!.fixes.every((m) => m.label.startsWith('Hang it on')),
      'a string is not an anchor':
        loadFault(
          {
            piece: room(sign(700)).pieces[2]!,
            row: { ...room(sign(700)).wallPlacements[0]!.row, fixing: 'string on a nail' },
          },
          'smooth paint',
          METRIC,
        )?.severity === 'stop',
    }
  },
  'C116 a leaning mirror': () => {
    const mirror = (traits: ExamplePiece['traits'], rented = true) =>
      example({
        schools: { tenure: rented ? 'rented' : 'owned' },
        pieces: [
          ex('mirror', 'Mirror', { weightG: 22000, at: [2000, 40], traits: traits ?? [], fixing: 'leans' }),
        ],
        more: {
          people: [
            {
              id: 'c',
              position: 0,
              name: 'C',
              kind: 'child',
              ageYears: 2,
              standingEyeMm: null,
              seatedEyeMm: null,
              minds: [],
              note: '',
              version: 1,
            },
          ],
        },
      })
    const tip = (traits: ExamplePiece['traits']) => found(mirror(traits), 'plan.tip-over')
    return {
      'none and pads flagged':
        tip([]).length === 1 && tip(['pads against tipping']).length === 1 && tip([])[0]!.severity === 'stop',
      'a wall strap accepted': tip(['anchored to the building']).length === 0,
      'rented: the collision is said, with alternatives':
        /consent/.test(tip([])[0]!.wanted) && tip([])[0]!.fixes.length >= 2,
      'looks remove nothing':
        found(
          example({
            schools: { tenure: 'rented' },
            pieces: [ex('mirror', 'Mirror', { at: [2000, 40], focal: true, lit: true })],
          }),
          'plan.tip-over',
        ).length === 1,
    }
  },
  'C118 a home-made shade': () => {
    const shade = (more: Partial<ExamplePiece>) =>
      found(
        example({
          pieces: [
            ex('lamp', 'Shade', { ...more, traits: ['cloth, paper or wood shade', ...(more.traits ?? [])] }),
          ],
        }),
        'plan.shade',
      )
    return {
      '60 W refused': shade({ lampType: 'filament, 2 856 K' })[0]!.severity === 'stop',
      'touching the cloth refused':
        shade({ lampType: 'LED, 2 700 K', traits: ['hot lamp'] })[0]!.severity === 'stop',
      'LED with a gap allowed':
        shade({ lampType: 'LED, 2 700 K', traits: ['cool lamp, clear gap all round'] }).length === 0,
      'asks the lamp first': /which lamp/.test(shade({})[0]!.title),
      'a certified light set is asked for': /certified light set/.test(shade({})[0]!.wanted),
    }
  },
  'C119 a pendant on nylon': () => {
    const hungWith = (traits: ExamplePiece['traits']) =>
      found(
        example({ pieces: [ex('lamp', 'Pendant', { weightG: 2100, traits: traits ?? [] })] }),
        'plan.suspension',
      )
    return {
      flagged: hungWith(['hung by line or cord']).length === 1,
      'chain or cable rated 10.5 kg':
        suspensionG(2100) === 10500 && hungWith(['hung by line or cord'])[0]!.wanted.includes('10.5 kg'),
      'breaking load is no working load': /Breaking load is not working load/.test(
        hungWith(['hung by line or cord'])[0]!.because,
      ),
    }
  },
  'C121 a gel fire pot': () => {
    const pot = (outdoors: boolean) =>
      found(
        example({
          pieces: [
            ex('object', 'Fire pot', { traits: ['gel or gas fire'], at: [2500, 2000] }),
            ex('curtains', 'Curtains', {}),
          ],
          more: { room: { ...jobRoom(), kind: outdoors ? 'outdoors' : 'dining room' } },
        }),
        'plan.flame',
      )
    return {
      'indoors flagged':
        pot(false)[0]!.severity === 'stop' &&
        /unvented/.test(pot(false)[0]!.measured) &&
        /curtains/.test(pot(false)[0]!.measured),
      'battery candles offered': pot(false)[0]!.fixes.some((m) => /battery/i.test(m.label)),
      'outdoors allowed with a clear zone':
        pot(true).every((f) => f.severity !== 'stop') && /clear zone/.test(pot(false)[0]!.wanted),
    }
  },
  'C123 four rugs without a gripper': () => {
    const facts = example({
      ...NO_DOOR,
      pieces: [
        ex('rug', 'Kitchen runner'),
        ex('rug', 'Bath mat'),
        ex('rug', 'Dining rug', { traits: ['joined by a taped seam'] }),
        ex('rug', 'Hall runner'),
      ],
    })
    const grip = found(facts, 'plan.rug-grip')
    return {
      'four missing': grip.length === 4,
      'the taped seam is a trip edge': grip.some((f) => /taped seam/.test(f.title)),
      'the bath rug: washable, gripping back': grip.some(
        (f) => /washable/.test(f.wanted) && f.about[0]!.name === 'Bath mat',
      ),
      'the underlay goes on the list': grip.every((f) => /list|washable|underlay/.test(f.wanted)),
    }
  },
  'C124 plants in a house with dog and toddler': () => {
    const person = (kind: 'child' | 'dog' | 'adult') => ({
      id: kind,
      position: 0,
      name: kind,
      kind,
      ageYears: 2,
      standingEyeMm: null,
      seatedEyeMm: null,
      minds: [],
      note: '',
      version: 1,
    })
    const plants = (people: ReturnType<typeof person>[]) =>
      found(
        example({
          pieces: ['Oleander', 'Foxglove', 'Rosemary', 'Fern'].map((n) => ex('plant', n)),
          more: { people },
        }),
        'plan.plants',
      )
    return {
      'oleander and foxglove flagged':
        plants([person('child'), person('dog')])
          .map((f) => f.about[0]!.name)
          .join() === 'Oleander,Foxglove',
      'none when nobody is at risk': plants([person('adult')]).length === 0,
      'another of like height offered': plants([person('dog')]).every((f) => f.fixes.length > 0),
    }
  },
  'C125 frame and mat': () => ({
    'A only, strictly less':
      [25, 60, 75].map((f) => faceNarrowerThanMat(f, 60)).join() === 'true,false,false',
  }),
  'C127 a small print with a wide mat': () => {
    const frame = {
      sheetWidthMm: 203,
      sheetHeightMm: 254,
      overlapMm: 6,
      borderMm: 80,
      bottomBorderMm: 80,
      faceMm: 25,
      rebateMm: 6,
      filletMm: 0,
    }
    const s = frameSizes(frame)
    const facts = example({
      pieces: [ex('picture', 'Print', { widthMm: 203, heightMm: 254, hang: {}, frame })],
    })
    return {
      'window 191 × 242, mat 351 × 402, outer 389 × 440 ± 1':
        s.window.join() === '191,242' &&
        s.mat.join() === '351,402' &&
        near(s.outer[0], 389, 1) &&
        near(s.outer[1], 440, 1),
      'the wall uses the outer size':
        facts.wallPlacements[0]!.widthMm === s.outer[0] && facts.wallPlacements[0]!.heightMm === s.outer[1],
    }
  },
  'C129 a frame between two periods': () => {
    const ranked = rankFrames('traditional', 'modern', [
      { name: 'A', profile: 'ornate', coat: 'gilt' },
      { name: 'B', profile: 'ornate', coat: 'white' },
      { name: 'C', profile: 'flat', coat: 'black' },
    ])
    return {
      'B first, with both reasons': ranked[0]!.offer.name === 'B' && ranked[0]!.reasons.length === 2,
      'A allowed, with a note on the house':
        ranked[1]!.offer.name === 'A' && /house/.test(ranked[1]!.reasons[1]!),
      'C lower for the picture': ranked[2]!.offer.name === 'C' && /picture/.test(ranked[2]!.reasons[0]!),
    }
  },
  'C130 a walnut frame among black ones': () => {
    const facts = (frames: 'each for its picture' | 'one for the room') =>
      example({
        schools: { frames },
        pieces: [
          ...Array.from({ length: 6 }, (_, i) =>
            ex('picture', `Piece ${i}`, {
              widthMm: 300,
              hang: { xMm: 400 + i * 500 },
              frame: { coat: 'black' },
            }),
          ),
          ex('picture', 'Etching', { hang: { xMm: 4000 }, frame: { coat: 'dark timber' } }),
        ],
      })
    return {
      'walnut ok in this school': found(facts('each for its picture'), 'plan.one-frame').length === 0,
      'black suggested where one frame serves the room':
        found(facts('one for the room'), 'plan.one-frame')[0]!.fixes[0]!.label.includes('black') &&
        oddFrames([
          { coat: 'black', profile: 'flat' },
          { coat: 'black', profile: 'flat' },
          { coat: 'dark timber', profile: 'flat' },
        ]).odd.length === 1,
      'the frame is stored with its piece': facts('one for the room').wallPlacements.every(
        (h) => h.frame?.pieceId === h.piece.id,
      ),
    }
  },
  'C031 front legs on, back legs off': () => {
    const facts = example({
      size: [5000, 4000],
      ...NO_DOOR,
      pieces: [
        ex('sofa', 'Sofa', { widthMm: 2000, depthMm: 880, at: [2500, 500] }),
        ex('armchair', 'Chair one', { widthMm: 700, depthMm: 680, at: [2050, 2730], turn: 180 }),
        ex('armchair', 'Chair two', { widthMm: 700, depthMm: 680, at: [2950, 2730], turn: 180 }),
        ex('rug', 'Rug', { widthMm: 2743, depthMm: 1829, at: [2500, 1650] }),
      ],
    })
    const judged = judgeRug([facts.rugs[0]!.box], facts.seats, facts.room)
    return {
      'half on': judged.verdict === 'front legs',
      'both front legs of all three, no back leg':
        judged.seats.length === 3 && judged.seats.every((x) => x.frontOn === 2 && x.legsOn === 2),
      'spans 736 to 2565': near(1650 - 1829 / 2, 736, 2) && near(1650 + 1829 / 2, 2565, 2),
      silent: found(facts, 'plan.rug-legs').length === 0,
    }
  },
  'C038 middles on one line, tops apart': () => {
    const facts = (a: number, b: number) =>
      example({
        schools: { hanging: 'centers on one eye line' },
        pieces: [
          ex('picture', 'Low', { heightMm: 600, hang: { xMm: 1000, centerMm: a } }),
          ex('picture', 'High', { heightMm: 900, hang: { xMm: 3500, centerMm: b } }),
        ],
      })
    const eye = facts(0, 0).eyeLineMm
    const off = (a: number, b: number) => found(facts(a, b), 'plan.eye-line')
    return {
      'tops alike are flagged': off(eye + 40, eye - 110).length === 2,
      'middles on the line are right, tops or not':
        off(eye, eye).length === 0 &&
        judge(facts(eye, eye)).every((f) => !/top|upper edge/.test(`${f.title} ${f.wanted}`)),
    }
  },
  'C040 a very tall piece may hang lower': () => {
    const at = (heightMm: number, centerMm: number) =>
      example({
        heightMm: 2400,
        schools: { hanging: 'centers on one eye line' },
        pieces: [ex('picture', 'Piece', { heightMm, hang: { centerMm } })],
      })
    const off = (heightMm: number, by: number) =>
      found(at(heightMm, at(heightMm, 1500).eyeLineMm + by), 'plan.eye-line').length
    return { 'tall, 160 lower': off(1500, -160) === 0, 'small, 160 lower': off(500, -160) === 1 }
  },
  'C043 crooked on purpose and by accident': () => {
    const facts = example({
      pieces: [
        ex('picture', 'Gilt frame', { hang: { xMm: 1000, turnDeg: 6, onPurpose: true } }),
        ex('picture', 'Small frame', { hang: { xMm: 3500, turnDeg: -1.5 } }),
      ],
    })
    const crooked = found(facts, 'plan.crooked')
    const level = crooked[0]?.fixes[0]?.changes[0]
    return {
      'the marked one is left alone, the other told':
        crooked.length === 1 && crooked[0]?.about[0]?.name === 'Small frame',
      'leveling touches the other alone': !!level && 'id' in level && level.id === 'Small frame hang',
    }
  },
  'C048 a headboard behind its pillows': () => {
    const bed = ex('bed', 'Bed', {
      at: [2500, 1000],
      widthMm: 1800,
      heightMm: 1000,
      mattressMm: 600,
      pillowsMm: 450,
    })
    const panel = ex('other', 'Door panel', {
      widthMm: 2030,
      heightMm: 760,
      depthMm: 40,
      weightG: 14_000,
      hang: { xMm: 2500, centerMm: 980 },
    })
    const [alone, behind] = [example({ pieces: [bed] }), example({ pieces: [bed, panel] })]
    const seen = (facts: PlanFacts) =>
      headboardSeen(
        facts,
        facts.standings.find((s) => s.kind === 'bed')!,
      )!.seenMm
    return {
      '50 ± 2 short': near(seen(alone), -50, 2) && found(alone, 'plan.headboard-hidden').length === 1,
      '310 ± 5 to see with the panel': near(seen(behind), 310, 5),
      'then silent': found(behind, 'plan.headboard-hidden').length === 0,
      'a panel behind is nothing over the bed': found(behind, 'plan.over-bed').length === 0,
    }
  },
  'C052 a lamp switched from bed': () => {
    const of = (switchMm: number) =>
      found(
        example({
          pieces: [
            ex('bed', 'Bed', { at: [2500, 1000] }),
            ex('lamp', 'Bedside lamp', { at: [1400, 300], light: { switchMm } }),
          ],
        }),
        'plan.bed-switch',
      )
    return {
      'A flagged, by 170': /170/.test(of(820)[0]?.title ?? ''),
      'B in reach': of(520).length === 0,
    }
  },
  'C106 a low bed and what stands beside it': () => {
    const of = (topMm: number) =>
      found(
        example({
          heightMm: 2400,
          pieces: [
            ex('bed', 'Platform bed', { at: [2500, 1000], heightMm: 700, mattressMm: 350 }),
            ex('side table', 'Bedside', { at: [1400, 300], heightMm: topMm }),
          ],
        }),
        'plan.bedside-height',
      )
    return {
      'a top made for the high bed is told': of(620).length === 1,
      'one within 100 is not': of(430).length === 0 && of(260).length === 0,
    }
  },
  'C109 something in bloom in every season': () => {
    const facts = example({
      pieces: [
        ex('plant', 'A', { bloomFrom: 5, bloomTo: 6, traits: ['evergreen'] }),
        ex('plant', 'B', { bloomFrom: 6, bloomTo: 8 }),
        ex('plant', 'C', { bloomFrom: 3, bloomTo: 4 }),
      ],
      more: { room: { ...exampleJob({}).room, kind: 'outdoors' } },
    })
    const [gap] = found(facts, 'plan.bloom-gap')
    return {
      'six months without': gap?.title === 'Nothing is in bloom: September to February',
      'an evergreen is no bloom, and is named': /evergreen: A/.test(gap?.measured ?? ''),
      'the client decides of it': /client/.test(gap?.wanted ?? ''),
    }
  },
  'C110 low windows want low shrubs': () => {
    const window = {
      ...exampleDoor,
      id: 'window',
      wallId: 'north',
      kind: 'window',
      name: 'Window',
      startMm: 1500,
      widthMm: 2000,
      sillMm: 650,
      heightMm: 1200,
      hinge: 'none',
      swing: 'none',
      carries: null,
      carriesG: null,
    } as const
    const of = (heightMm: number, grownMm: number, kind: 'outdoors' | 'living room' = 'outdoors') =>
      found(
        example({
          openings: [window],
          pieces: [ex('plant', 'Shrub', { heightMm, grownMm, at: [2500, 500] })],
          more: { room: { ...exampleJob({}).room, heightMm: 2500, kind } },
        }),
        'plan.window-blocked',
      )
    return {
      'A refused, by 850': /850/.test(of(400, 1500)[0]?.title ?? ''),
      'B stays below': of(450, 600).length === 0,
      'what is bought tall stands there now': of(1500, 1500).length === 1,
      'a plant at a window indoors wants its light': of(400, 1500, 'living room').length === 0,
    }
  },
  'C115 cords near a cot': () => {
    const cord = (name: string, x: number) =>
      ex('object', name, {
        widthMm: 2,
        depthMm: 2,
        heightMm: 600,
        at: [x, 1300],
        raised: 700,
        traits: ['corded'],
      })
    const facts = example({
      size: [6000, 4000],
      ...NO_DOOR,
      pieces: [
        ex('cot', 'Cot', { widthMm: 1300, depthMm: 700, at: [2650, 1350] }),
        cord('Camera', 2000 + 1450),
        cord('Curtain cord', 2000 - 700),
        cord('Wipe warmer', 2000 + 2600),
      ],
    })
    const stops = found(facts, 'plan.over-bed')
    const of = (name: string) => stops.find((f) => f.about.some((a) => a.name === name))
    return {
      'the camera at 150, the curtain cord at 700 are out':
        near(of('Camera')?.quantity?.value ?? 0, 150, 5) &&
        near(of('Curtain cord')?.quantity?.value ?? 0, 700, 5),
      'the warmer is far enough': of('Wipe warmer') === undefined,
      'asked for a child that stands, too': stops.every((f) => /stands up/.test(f.wanted)),
    }
  },
  'C120 driftwood in a fire pit': () => {
    const pit = (traits: NonNullable<ExamplePiece['traits']>) =>
      found(
        example({
          pieces: [ex('object', 'Fire pit', { traits })],
          more: { room: { ...jobRoom(), kind: 'outdoors' } },
        }),
        'plan.fuel',
      )
    const [stop] = pit(['open flame', 'burns salty, painted or treated wood'])
    return {
      'the fuel is refused': stop?.severity === 'stop',
      'dry, untreated firewood is offered': /untreated firewood/.test(stop?.fixes[0]?.label ?? ''),
      'that it is free is no reason': /costs nothing/.test(stop?.because ?? ''),
      'with firewood it is silent': pit(['open flame']).length === 0,
    }
  },
  'C122 washing powder in a clear jar': () => {
    const child = {
      id: 'child',
      position: 0,
      name: 'Child',
      kind: 'child' as const,
      ageYears: 3,
      standingEyeMm: null,
      seatedEyeMm: null,
      minds: [],
      note: '',
      version: 1,
    }
    const jar = (raised: number, traits: NonNullable<ExamplePiece['traits']>) =>
      found(
        example({
          pieces: [
            ex('object', 'Jar', {
              widthMm: 150,
              depthMm: 150,
              heightMm: 250,
              at: [2500, 300],
              raised,
              traits: ['decanted cleaner or powder', ...traits],
            }),
          ],
          more: { people: [child] },
        }),
        'plan.decanted',
      )
    const [first] = jar(900, [])
    return {
      'stopped at 900 without a label': first?.severity === 'stop',
      'asks for label and place': /label/.test(first?.wanted ?? '') && /1.?500/.test(first?.wanted ?? ''),
      'the packet is kept': /packet/.test(first?.because ?? ''),
      'a label alone is not enough': jar(900, ['labeled with contents and warning']).length === 1,
      'nor is the height alone': jar(1500, []).length === 1,
      'label and height are': jar(1500, ['labeled with contents and warning']).length === 0,
      'label and lock are':
        jar(900, ['labeled with contents and warning', 'behind a lock or latch']).length === 0,
    }
  },
}

const jobRoom = () => ({ ...ROOM })
const ROOM = {
  id: 'room',
  heightMm: 2500,
  skirtingMm: 0,
  corniceMm: 0,
  lowerWallMm: null,
  northDeg: null,
  latitudeDeg: null,
  kind: null,
  version: 1,
} as const

const table: { id: string; agrees: boolean; failed: string[] }[] = []
test.each(Object.keys(CASES))('%s', (id) => {
  const held = CASES[id]!()
  const failed = Object.entries(held)
    .filter(([, ok]) => !ok)
    .map(([what]) => what)
  table.push({ id, agrees: failed.length === 0, failed })
  expect(failed).toEqual([])
})

afterAll(() => {
  const agree = table.filter((t) => t.agrees).length
  console.error(
    `Cases of plan, wall, light, small rooms, safety and framing: ${agree} of ${table.length} agree`,
  )
  for (const t of table)
    console.error(`  ${t.agrees ? 'agrees' : `DIFFERS: ${t.failed.join('; ')}`}  ${t.id}`)
})
