import { put } from '../../../model/changes.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { beforeWall } from '../elevation.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import type { BeforeWall, Hung, PlanFacts } from '../planFacts.js'
import {
  GRID_SLACK_MM,
  groupOutline,
  mismatchedPairs,
  offGrid,
  PAIR_SLACK_MM,
  type Placed,
} from '../walls/hanging.js'
import { hungRef, kg, lower, mm, wallRef } from './about.js'
import { ex, example } from './example.js'

const PICTURES: ReadonlySet<string> = new Set(['picture', 'mirror', 'object'])
// Nearer than this to the eye line nobody sees a difference (common practice).
const EYE_SLACK_MM = 25
// A piece taller than this may hang lower: its middle would put its top out of reach of the eye.
const TALL_MM = 1_200

const placed = (h: Hung): Placed => h
const setCenter = (h: Hung, centerMm: number, label: string): Mend => ({
  label,
  changes: [put('hangs', h.id, { centerMm: Math.round(centerMm) })],
})

/** Pictures of one wall by the groups they hang in; each by itself when it has no group. */
export function groupsOn(facts: PlanFacts, wallId: string): Hung[][] {
  const groups = new Map<string, Hung[]>()
  for (const h of facts.hangs.filter((x) => x.wallId === wallId && PICTURES.has(x.piece.kind))) {
    const key = h.row.group.trim() || h.id
    groups.set(key, [...(groups.get(key) ?? []), h])
  }
  return [...groups.values()]
}

/** The furniture a picture hangs over: what stands close to the wall under its middle. */
export function furnitureUnder(
  facts: PlanFacts,
  h: Pick<Hung, 'wallId' | 'xMm' | 'widthMm'>,
): BeforeWall | undefined {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return undefined
  return beforeWall(wall, facts.standings, 500)
    .filter((b) => b.leftMm < h.xMm && b.rightMm > h.xMm && b.standing.raisedMm === 0)
    .sort((a, b) => b.topMm - a.topMm)[0]
}

const isStacked = (facts: PlanFacts, h: Hung): boolean =>
  facts.hangs.some(
    (o) =>
      o.id !== h.id &&
      o.wallId === h.wallId &&
      o.topMm < h.bottomMm + 1 &&
      Math.abs(o.xMm - h.xMm) < (o.widthMm + h.widthMm) / 2,
  )

export const eyeLine: Rule<PlanFacts> = {
  name: 'plan.eye-line',
  title: 'A picture hangs off the eye line',
  numbers: `Middle within ${EYE_SLACK_MM} mm of the agreed height. Over furniture it may keep ${NEEDS.overFurniture.mm} to ${NEEDS.overFurnitureMost.mm} mm above it instead; pieces over ${TALL_MM} mm high may hang lower; what is stacked above another goes up from it.`,
  source: 'common practice',
  schools: ['centers on one eye line'],
  check: (facts) =>
    facts.schools.hanging !== 'centers on one eye line'
      ? []
      : facts.hangs.flatMap((h): Finding[] => {
          if (!PICTURES.has(h.piece.kind) || h.piece.kind === 'object') return []
          const off = h.centerMm - facts.eyeLineMm
          if (Math.abs(off) <= EYE_SLACK_MM || isStacked(facts, h) || (h.heightMm > TALL_MM && off < 0))
            return []
          const under = furnitureUnder(facts, h)
          const gap = under ? h.bottomMm - under.topMm : undefined
          const { overFurniture, overFurnitureMost } = facts.needs
          if (gap !== undefined && gap >= overFurniture && gap <= overFurnitureMost) return []
          return [
            {
              rule: 'plan.eye-line',
              severity: 'look',
              about: [hungRef(h), wallRef(facts, h.wallId)],
              title: `${h.name} hangs ${mm(Math.abs(off))} too ${off > 0 ? 'high' : 'low'}`,
              measured: `its middle at ${mm(h.centerMm)}`,
              wanted: `${mm(facts.eyeLineMm)}${facts.eyeLineAgreed ? ', as agreed' : ', proposed'}`,
              because:
                off > 0
                  ? 'No fault is met more often than pictures hung too high.'
                  : 'The eye meets the middle of a picture.',
              school: 'centers on one eye line',
              mends: [setCenter(h, facts.eyeLineMm, `Hang it at ${facts.eyeLineMm}`)],
            },
          ]
        }),
  examples: {
    trips: () =>
      example({
        schools: { hanging: 'centers on one eye line' },
        pieces: [ex('picture', 'Print', { hang: { centerMm: 1700 } })],
      }),
    passes: () =>
      example({
        schools: { hanging: 'centers on one eye line' },
        pieces: [ex('picture', 'Print', { hang: { centerMm: 1480 } })],
      }),
  },
}

export const underCeiling: Rule<PlanFacts> = {
  name: 'plan.under-ceiling',
  title: 'A picture crowds the ceiling',
  numbers: `Less than ${NEEDS.underCeiling.mm} mm between its top and the ceiling: stacking upward wants a high room.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.hangs.flatMap((h): Finding[] => {
      const ceiling = facts.room.heightMm
      if (ceiling === null || !PICTURES.has(h.piece.kind) || ceiling - h.topMm >= facts.needs.underCeiling)
        return []
      const left = ceiling - h.topMm
      return [
        {
          rule: 'plan.under-ceiling',
          severity: left < 0 ? 'stop' : 'look',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title:
            left < 0
              ? `${h.name} reaches through the ceiling`
              : `${h.name} ends ${mm(left)} under the ceiling`,
          measured: `top at ${mm(h.topMm)} in a room of ${mm(ceiling)}`,
          wanted: `${mm(facts.needs.underCeiling)} or more above it`,
          because: 'Pictures are stacked upward only where the ceiling is high.',
          mends: [
            setCenter(
              h,
              ceiling - facts.needs.underCeiling - h.heightMm / 2,
              'Lower it to clear the ceiling',
            ),
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        heightMm: 2400,
        pieces: [ex('picture', 'Upper', { hang: { centerMm: 2140 }, heightMm: 500 })],
      }),
    passes: () =>
      example({
        heightMm: 3000,
        pieces: [ex('picture', 'Upper', { hang: { centerMm: 2140 }, heightMm: 500 })],
      }),
  },
}

export const grid: Rule<PlanFacts> = {
  name: 'plan.grid',
  title: 'A picture is out of line in the grid',
  numbers: `Rows, columns and gaps of a group even within ${GRID_SLACK_MM} mm.`,
  source: 'common practice',
  schools: ['straight grid'],
  check: (facts) =>
    facts.schools.hanging !== 'straight grid'
      ? []
      : facts.room.walls.flatMap((w) =>
          groupsOn(facts, w.id)
            .filter((g) => g.length > 2)
            .flatMap((g) =>
              offGrid(g.map(placed)).map((o): Finding => ({
                rule: 'plan.grid',
                severity: 'look',
                about: [{ kind: 'hang', id: o.id, name: o.name }, wallRef(facts, w.id)],
                title: `${o.name} is ${mm(o.offMm)} out of line`,
                measured: mm(o.offMm),
                wanted: `${GRID_SLACK_MM} mm or less`,
                because: 'Even rows make many pictures calm; one shifted by a finger’s width spoils it.',
                school: 'straight grid',
                mends: [
                  {
                    label: 'Bring it into line',
                    changes: [put('hangs', o.id, { xMm: o.xMm, centerMm: o.centerMm })],
                  },
                ],
              })),
            ),
        ),
  examples: {
    trips: () => example({ schools: { hanging: 'straight grid' }, pieces: panels(15) }),
    passes: () => example({ schools: { hanging: 'straight grid' }, pieces: panels(0) }),
  },
}

function panels(shift: number) {
  return [0, 1, 2, 3].map((i) =>
    ex('picture', `Panel ${i + 1}`, {
      widthMm: 300,
      heightMm: 400,
      hang: { group: 'grid', xMm: 1500 + i * 380 + (i === 2 ? shift : 0), centerMm: 1480 },
    }),
  )
}

export const mirrored: Rule<PlanFacts> = {
  name: 'plan.mirrored',
  title: 'A mirrored pair hangs at two heights',
  numbers: `Each pair about the middle of a group within ${PAIR_SLACK_MM} mm of each other, measured up from the floor; heights along the row may differ.`,
  source: 'common practice',
  schools: ['staggered, symmetrical about the middle'],
  check: (facts) =>
    facts.schools.hanging !== 'staggered, symmetrical about the middle'
      ? []
      : facts.room.walls.flatMap((w) =>
          groupsOn(facts, w.id)
            .filter((g) => g.length > 1)
            .flatMap((g) =>
              mismatchedPairs(g.map(placed)).map(({ one, two, byMm }): Finding => ({
                rule: 'plan.mirrored',
                severity: 'look',
                about: [one, two].map((h) => ({ kind: 'hang' as const, id: h.id, name: h.name })),
                title: `${one.name} and ${lower(two.name)} differ by ${mm(byMm)}`,
                measured: `${mm(one.centerMm)} and ${mm(two.centerMm)} above the floor`,
                wanted: 'one height for the pair',
                because:
                  'Staggered heights are wanted unequal, but each pair about the middle must match; measure up from the floor, not down from a ceiling that may fall.',
                school: 'staggered, symmetrical about the middle',
                mends: [
                  {
                    label: `Both at ${Math.round(one.centerMm)}`,
                    changes: [put('hangs', two.id, { centerMm: Math.round(one.centerMm) })],
                  },
                  {
                    label: `Both at ${Math.round(two.centerMm)}`,
                    changes: [put('hangs', one.id, { centerMm: Math.round(two.centerMm) })],
                  },
                ],
              })),
            ),
        ),
  examples: {
    trips: () =>
      example({ schools: { hanging: 'staggered, symmetrical about the middle' }, pieces: holders(1730) }),
    passes: () =>
      example({ schools: { hanging: 'staggered, symmetrical about the middle' }, pieces: holders(1750) }),
  },
}

function holders(last: number) {
  return [
    [-750, 1750],
    [-250, 1400],
    [250, 1400],
    [750, last],
  ].map(([x = 0, y = 0], i) =>
    ex('picture', `Holder ${i + 1}`, {
      widthMm: 120,
      heightMm: 200,
      hang: { group: 'row', xMm: 2500 + x, centerMm: y },
    }),
  )
}

// Most art hangs two thirds to three quarters as wide as the furniture under it (common practice); beyond these it looks lost or top-heavy.
const GROUP_LEAST = 0.5
const GROUP_MOST = 0.8

export const overFurniture: Rule<PlanFacts> = {
  name: 'plan.over-furniture',
  title: 'A picture floats above the furniture, or does not suit its width',
  numbers: `${NEEDS.overFurniture.mm} to ${NEEDS.overFurnitureMost.mm} mm above it; two thirds to three quarters of its width, noted under ${GROUP_LEAST * 100} and over ${GROUP_MOST * 100} %.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.walls.flatMap((w) =>
      groupsOn(facts, w.id).flatMap((g): Finding[] => {
        const outline = groupOutline(g.map(placed))
        const middle = (outline.leftMm + outline.rightMm) / 2
        const under = furnitureUnder(facts, { wallId: w.id, xMm: middle, widthMm: outline.widthMm })
        if (!under || outline.bottomMm > under.topMm + 900) return []
        const gap = outline.bottomMm - under.topMm
        const part = outline.widthMm / under.standing.widthMm
        const { overFurniture: least, overFurnitureMost: most } = facts.needs
        const floats = gap > most + 0.5 || gap < least - 0.5
        const wide = part > GROUP_MOST || part < GROUP_LEAST
        if (!floats && !wide) return []
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
                : `${names} hangs ${mm(gap)} above ${lower(under.standing.name)}`
              : `${names} is ${Math.round(part * 100)} % as wide as ${lower(under.standing.name)}`,
            measured: `lower edge ${mm(outline.bottomMm)}, ${mm(gap)} above it; ${Math.round(part * 100)} % of its width`,
            wanted: `${least} to ${most} mm above, two thirds to three quarters of its width`,
            because: 'So far above, the two read apart; near it they read as one.',
            mends: floats
              ? [
                  {
                    label: `${by > 0 ? 'Lower' : 'Raise'} ${g.length > 1 ? 'all' : 'it'} by ${mm(Math.abs(by))}`,
                    changes: g.map((h) => put('hangs', h.id, { centerMm: Math.round(h.centerMm - by) })),
                  },
                ].filter(() => !wide)
              : [],
          },
        ]
      }),
    ),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('picture', 'Print', { widthMm: 1400, heightMm: 500, hang: { centerMm: 1540 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('sofa', 'Sofa', { at: [2500, 450] }),
          ex('picture', 'Print', { widthMm: 1400, heightMm: 500, hang: { centerMm: 1290 } }),
        ],
      }),
  },
}

// Heavier things want two fixings or a known rating (common practice).
const HEAVY_G = 5_000
/** What a fixing carries in a wall when its maker's figure is not known (common practice), grams. */
const CUSTOMARY_G: Readonly<Record<string, Readonly<Record<string, number | undefined>>>> = {
  'picture hook': { masonry: 10_000, plasterboard: 5_000, timber: 10_000 },
  'screw and plug': { masonry: 20_000, plasterboard: 2_000, timber: 20_000 },
  'hollow-wall anchor': { plasterboard: 15_000 },
  'screw into a stud': { timber: 25_000, plasterboard: 25_000 },
  'adhesive strips': { masonry: 1_800, plasterboard: 1_800, timber: 1_800 },
  'rail and cord': { masonry: 10_000, timber: 10_000, plasterboard: 5_000 },
}

/** Load on one fixing, what it bears, and why that is not enough; undefined when it is. */
export function loadFault(
  h: Pick<Hung, 'piece' | 'row'>,
  face: string,
): { severity: 'stop' | 'look'; measured: string; wanted: string; because: string } | undefined {
  const weight = h.piece.weightG
  if (h.row.fixing === 'string on a nail')
    return {
      severity: 'stop',
      measured: 'a string on a nail',
      wanted: 'a rated fixing',
      because: 'A hanging string is not an anchor.',
    }
  if (weight === null)
    return h.piece.widthMm * h.piece.heightMm > 250_000
      ? {
          severity: 'look',
          measured: 'weight not known',
          wanted: 'its weight, glass and frame included',
          because: 'What one fixing carries is only known with the weight.',
        }
      : undefined
  const each = weight / h.row.hooks
  if (h.row.fixing === 'adhesive strips' && face !== 'smooth paint' && face !== 'tile' && face !== 'timber')
    return {
      severity: 'stop',
      measured: `strips on ${face}`,
      wanted: 'a smooth, painted face',
      because: 'Strips do not hold there at any number.',
    }
  const rated = h.row.ratedG ?? CUSTOMARY_G[h.row.fixing]?.[h.row.into]
  if (rated == null)
    return weight > HEAVY_G || h.row.into !== 'not known'
      ? {
          severity: 'look',
          measured: `${kg(each)} on each ${h.row.fixing} into ${h.row.into === 'not known' ? 'a wall not known' : h.row.into}`,
          wanted: 'a fixing made for that wall, with its rated load',
          because: 'What the wall is made of decides what holds; ask before drilling.',
        }
      : undefined
  if (each <= rated) return undefined
  return {
    severity: 'stop',
    measured: `${kg(each)} on each of ${h.row.hooks}`,
    wanted: `${kg(rated)} or less on one${h.row.ratedG ? '' : ' (customary; the maker’s figure decides)'}`,
    because: 'A fixing past its rating lets go without warning.',
  }
}

export const load: Rule<PlanFacts> = {
  name: 'plan.load',
  title: 'A fixing carries more than it is rated for',
  numbers:
    'Weight over the number of hooks against the rated load, or the customary one for that fixing and wall; a string is no fixing at all.',
  source: 'common practice; the maker’s figure decides',
  schools: 'all',
  check: (facts) =>
    facts.hangs.flatMap((h): Finding[] => {
      const face = facts.room.walls.find((w) => w.id === h.wallId)?.face ?? 'smooth paint'
      const fault = loadFault(h, face)
      if (!fault) return []
      const weight = h.piece.weightG
      const rated = h.row.ratedG ?? CUSTOMARY_G[h.row.fixing]?.[h.row.into]
      const enough = weight !== null && rated != null ? Math.ceil(weight / rated) : undefined
      return [
        {
          rule: 'plan.load',
          severity: fault.severity,
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title:
            fault.severity === 'stop'
              ? `${h.name} is too heavy for what holds it`
              : `What holds ${lower(h.name)}?`,
          measured: fault.measured,
          wanted: fault.wanted,
          because: fault.because,
          mends:
            enough !== undefined && enough > h.row.hooks && enough <= 4
              ? [
                  {
                    label: `Use ${enough} fixings`,
                    changes: [put('hangs', h.id, { hooks: enough, hookSpanMm: Math.round(h.widthMm * 0.6) })],
                  },
                ]
              : [],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('picture', 'Print', { weightG: 3400, hang: { fixing: 'adhesive strips', ratedG: 1800 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('picture', 'Print', {
            weightG: 3400,
            hang: { fixing: 'adhesive strips', ratedG: 1800, hooks: 2, hookSpanMm: 400 },
          }),
        ],
      }),
  },
}

export const hungOver: Rule<PlanFacts> = {
  name: 'plan.hung-over',
  title: 'A picture hangs over a window, a switch or another picture',
  numbers: 'Any part of it over an opening, over a switch, vent or socket, or in another hung piece.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.hangs.flatMap((h, i): Finding[] => {
      const box = { l: h.xMm - h.widthMm / 2, r: h.xMm + h.widthMm / 2, b: h.bottomMm, t: h.topMm }
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      const meets = (l: number, r: number, b: number, t: number) =>
        Math.min(box.r, r) - Math.max(box.l, l) > 1 && Math.min(box.t, t) - Math.max(box.b, b) > 1
      const met = [
        ...facts.room.openings
          .filter(
            (o) =>
              o.wallId === h.wallId &&
              meets(o.startMm, o.startMm + o.widthMm, o.sillMm, o.sillMm + o.heightMm),
          )
          .map((o) => o.name || o.kind),
        ...facts.room.fixtures
          .filter(
            (f) =>
              f.wallId === h.wallId &&
              f.kind !== 'ceiling point' &&
              meets(f.startMm, f.startMm + f.widthMm, f.bottomMm, f.bottomMm + f.heightMm),
          )
          .map((f) => f.name || f.kind),
        ...facts.hangs
          .slice(i + 1)
          .filter(
            (o) =>
              o.wallId === h.wallId &&
              meets(o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2, o.bottomMm, o.topMm),
          )
          .map((o) => o.name),
        ...(wall && (box.l < -1 || box.r > wall.lengthMm + 1) ? ['the corner of the wall'] : []),
      ]
      const [first] = met
      if (!first) return []
      return [
        {
          rule: 'plan.hung-over',
          severity: 'stop',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title: `${h.name} hangs over ${lower(first)}`,
          measured: met.map(lower).join(', '),
          wanted: 'a free place on the wall',
          because: 'Two things cannot have one place.',
          mends: freePlace(facts, h),
        },
      ]
    }),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('picture', 'One', { hang: { xMm: 2500 } }),
          ex('picture', 'Two', { hang: { xMm: 2700 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('picture', 'One', { hang: { xMm: 2000 } }),
          ex('picture', 'Two', { hang: { xMm: 3000 } }),
        ],
      }),
  },
}

/** The nearest free place at the same height on the same wall. */
function freePlace(facts: PlanFacts, h: Hung): Mend[] {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return []
  const taken = [
    ...facts.room.openings
      .filter((o) => o.wallId === h.wallId && o.sillMm < h.topMm && o.sillMm + o.heightMm > h.bottomMm)
      .map((o) => [o.startMm, o.startMm + o.widthMm] as const),
    ...facts.room.fixtures
      .filter(
        (f) =>
          f.wallId === h.wallId &&
          f.kind !== 'ceiling point' &&
          f.bottomMm < h.topMm &&
          f.bottomMm + f.heightMm > h.bottomMm,
      )
      .map((f) => [f.startMm, f.startMm + f.widthMm] as const),
    ...facts.hangs
      .filter((o) => o.id !== h.id && o.wallId === h.wallId && o.bottomMm < h.topMm && o.topMm > h.bottomMm)
      .map((o) => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2] as const),
  ]
  for (let by = 0; by < wall.lengthMm; by += 10)
    for (const x of [h.xMm + by, h.xMm - by]) {
      const [l, r] = [x - h.widthMm / 2, x + h.widthMm / 2]
      if (l < 0 || r > wall.lengthMm || taken.some(([a, b]) => l < b && r > a)) continue
      return [
        {
          label: `Hang it ${Math.round(by)} mm to the ${x > h.xMm ? 'right' : 'left'}`,
          changes: [put('hangs', h.id, { xMm: Math.round(x) })],
        },
      ]
    }
  return []
}

// Curved, stone and textured faces take no flat art without more ado (common practice).
const REFUSE: ReadonlySet<string> = new Set(['stone or brick', 'tile'])
export const faceRefuses: Rule<PlanFacts> = {
  name: 'plan.face-refuses',
  title: 'A wall face that takes no hook',
  numbers:
    'Anything hung by a hook or nail on stone, brick or tile; strips on anything but smooth paint, tile or timber are judged with the load.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.hangs.flatMap((h): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === h.wallId)
      if (
        !wall ||
        !REFUSE.has(wall.face) ||
        (h.row.fixing !== 'picture hook' && h.row.fixing !== 'string on a nail')
      )
        return []
      return [
        {
          rule: 'plan.face-refuses',
          severity: 'look',
          about: [hungRef(h), wallRef(facts, h.wallId)],
          title: `${wall.name} is ${wall.face}: a ${h.row.fixing} does not go in`,
          measured: wall.face,
          wanted: 'a plug, a rail with cords, or another wall',
          because: 'Stone and tile crack or turn the nail; find cables and pipes before drilling.',
          mends: [
            {
              label: 'Screw and plug',
              changes: [put('hangs', h.id, { fixing: 'screw and plug' })],
            },
            {
              label: 'Rail and cord',
              changes: [put('hangs', h.id, { fixing: 'rail and cord' })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () =>
      example({ pieces: [ex('picture', 'Print', { hang: {} })], more: { walls: walls('stone or brick') } }),
    passes: () =>
      example({ pieces: [ex('picture', 'Print', { hang: {} })], more: { walls: walls('smooth paint') } }),
  },
}

const walls = (face: 'stone or brick' | 'smooth paint') =>
  ['north', 'east', 'south', 'west'].map((id, position) => ({
    id,
    position,
    name: id,
    lengthMm: position % 2 ? 4000 : 5000,
    turnDeg: 90,
    face,
    version: 1,
  }))
