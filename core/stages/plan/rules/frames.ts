import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import { avoidingCount, laySetOut, type Avoided } from '../walls/setOut.js'
import { faceNarrowerThanMat, filtersUv, oddFrames } from '../walls/framing.js'
import { hungRef, listed, lower, mm } from './about.js'
import { ex, example } from './example.js'

type Framed = Hung & { readonly frame: NonNullable<Hung['frame']> }
const framed = (facts: PlanFacts): Framed[] => facts.hangs.filter((h): h is Framed => h.frame !== undefined)
const set = (h: Framed, fields: Readonly<Record<string, unknown>>, label: string) => ({
  label,
  changes: [put('frames', h.frame.id, fields)],
})

export const matWider: Rule<PlanFacts> = {
  name: 'plan.mat-wider',
  title: 'The frame is as wide as the mat, or wider',
  numbers: 'Face of the frame strictly narrower than the border of the mat.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    framed(facts)
      .filter(
        (h) =>
          !faceNarrowerThanMat(
            h.frame.faceMm,
            Math.min(h.frame.borderMm, h.frame.bottomBorderMm || h.frame.borderMm),
          ),
      )
      .map((h): Finding => ({
        rule: 'plan.mat-wider',
        severity: 'look',
        about: [hungRef(h)],
        title: `The frame of ${lower(h.name)} is not narrower than its mat`,
        measured: `face ${mm(h.frame.faceMm)}, border ${mm(h.frame.borderMm)}`,
        wanted: 'a face narrower than the border',
        because: 'Equal bands compete; the wider mat gives the picture its air.',
        mends: [
          set(
            h,
            { borderMm: h.frame.faceMm * 2, bottomBorderMm: h.frame.faceMm * 2 },
            `A mat of ${mm(h.frame.faceMm * 2)}`,
          ),
        ],
      })),
  examples: {
    trips: () =>
      example({
        pieces: [
          ex('picture', 'Print', { hang: {}, frame: { faceMm: 60, borderMm: 60, bottomBorderMm: 60 } }),
        ],
      }),
    passes: () =>
      example({
        pieces: [
          ex('picture', 'Print', { hang: {}, frame: { faceMm: 25, borderMm: 60, bottomBorderMm: 60 } }),
        ],
      }),
  },
}

// An hour or two of sun in June is more than a work on paper bears in a year at the limiting illuminance.
const SUNNY_H = 1

export const paperGuard: Rule<PlanFacts> = {
  name: 'plan.paper-guard',
  title: 'Paper art without conservation board, or in the light without a UV filter',
  numbers: `Plain paper board is a look; glazing without a UV filter on a wall the sun reaches for more than ${SUNNY_H} h a day in June is a look. Filters of 97 % and more count as conservation grade.`,
  source:
    'CIE 157:2004 for what light does to works on paper, and museum framing practice for the filter, both from memory; the hours are common practice',
  schools: 'all',
  check: (facts) =>
    // Several of one piece share one frame: it is told once.
    framed(facts)
      .filter((h, i, all) => all.findIndex((o) => o.piece.id === h.piece.id && o.wallId === h.wallId) === i)
      .flatMap((h): Finding[] => {
        const sun = facts.sunOnWall.get(h.wallId) ?? 0
        const acid = h.frame.board === 'plain paper board' && h.frame.borderMm > 0
        const open = sun > SUNNY_H && !filtersUv(h.frame.glazing)
        return [
          ...(acid
            ? [
                {
                  rule: 'plan.paper-guard',
                  severity: 'look' as const,
                  about: [hungRef(h), { kind: 'job' as const, id: 'board', name: 'Board' }],
                  title: `The mat of ${lower(h.name)} is plain paper`,
                  measured: h.frame.board,
                  wanted: 'conservation board',
                  because: 'Plain paper mats turn acid and yellow the work within years.',
                  mends: [set(h, { board: 'conservation board' }, 'Conservation board')],
                },
              ]
            : []),
          ...(open
            ? [
                {
                  rule: 'plan.paper-guard',
                  severity: 'look' as const,
                  about: [hungRef(h), { kind: 'job' as const, id: 'light', name: 'Light' }],
                  title: `${h.name} hangs in the light without a UV filter`,
                  measured: `the sun stands in a window beside or across from it ${sun.toFixed(1)} h a day in June`,
                  wanted: 'UV-filtering glazing, or another wall',
                  because: 'Light fades for good; how much it reflects is a separate choice of glass.',
                  mends: [
                    set(
                      h,
                      {
                        glazing:
                          h.frame.glazing === 'acrylic' ? 'UV-filtering acrylic' : 'UV-filtering glass',
                      },
                      'Glazing with a UV filter',
                    ),
                  ],
                },
              ]
            : []),
        ]
      }),
  examples: {
    trips: () =>
      example({ pieces: [ex('picture', 'Print', { hang: {}, frame: { board: 'plain paper board' } })] }),
    passes: () => example({ pieces: [ex('picture', 'Print', { hang: {}, frame: {} })] }),
  },
}

export const oneFrame: Rule<PlanFacts> = {
  name: 'plan.one-frame',
  title: 'A frame that differs from those of the room',
  numbers: 'Profile and finish against what most frames have.',
  source: 'common practice',
  schools: ['one for the room'],
  check: (facts) => {
    if (facts.schools.frames !== 'one for the room') return []
    const all = framed(facts)
    const { odd } = oddFrames(all.map((h) => ({ h, coat: h.frame.coat, profile: h.frame.profile })))
    const like = all.find((h) => !odd.some((o) => o.h === h))
    if (!like || all.length < 2) return []
    return odd.map(({ h }): Finding => ({
      rule: 'plan.one-frame',
      severity: 'look',
      about: [hungRef(h)],
      title: `The frame of ${lower(h.name)} is another than the rest`,
      measured: `${h.frame.profile}, ${h.frame.coat}`,
      wanted: `${like.frame.profile}, ${like.frame.coat}`,
      because: 'In this school one frame makes one room.',
      school: 'one for the room',
      mends: [
        set(
          h,
          { profile: like.frame.profile, coat: like.frame.coat },
          `${like.frame.profile}, ${like.frame.coat}, like the others`,
        ),
      ],
    }))
  },
  examples: {
    trips: () =>
      example({
        schools: { frames: 'one for the room' },
        pieces: [
          ...blacks(),
          ex('picture', 'Etching', {
            hang: { xMm: 4200 },
            frame: { coat: 'dark timber', profile: 'molded' },
          }),
        ],
      }),
    passes: () =>
      example({
        schools: { frames: 'each for its picture' },
        pieces: [
          ...blacks(),
          ex('picture', 'Etching', {
            hang: { xMm: 4200 },
            frame: { coat: 'dark timber', profile: 'molded' },
          }),
        ],
      }),
  },
}

const blacks = () =>
  [0, 1, 2].map((i) => ex('picture', `Print ${i + 1}`, { hang: { xMm: 1000 + i * 900 }, frame: {} }))

/** Sockets and switches of a wall, which a stile must not meet. */
export const avoidedOn = (facts: PlanFacts, wallId: string): Avoided[] =>
  facts.room.fixtures
    .filter((f) => f.wallId === wallId && (f.kind === 'socket' || f.kind === 'switch'))
    .map((f) => ({
      name: f.name || f.kind,
      leftMm: f.startMm,
      rightMm: f.startMm + f.widthMm,
      bottomMm: f.bottomMm,
      topMm: f.bottomMm + f.heightMm,
    }))

// Fields narrower than this are no panels but battens.
const LEAST_FIELD_MM = 80

export const setOutClash: Rule<PlanFacts> = {
  name: 'plan.set-out',
  title: 'A panel stile meets a socket, or the fields do not come out',
  numbers: `Equal fields of ${LEAST_FIELD_MM} mm and more; no stile, batten or molding over a socket or switch.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.setOuts.flatMap((s): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === s.wallId)
      const avoided = avoidedOn(facts, s.wallId)
      const laid = laySetOut(s, avoided)
      const past = wall && s.endMm > wall.lengthMm + 1
      const small = laid.stiles.length > 0 && laid.fieldMm < LEAST_FIELD_MM
      if (laid.clashes.length === 0 && !past && !small) return []
      const count = avoidingCount(
        small
          ? { ...s, count: Math.max(1, Math.floor((s.endMm - s.startMm - s.stileMm) / (300 + s.stileMm))) }
          : s,
        avoided,
      )
      const name = s.name || s.kind
      return [
        {
          rule: 'plan.set-out',
          severity: past || small ? 'stop' : 'look',
          about: [{ kind: 'setOut', id: s.id, name }],
          title: past
            ? `${name} runs past the wall`
            : small
              ? `${name}: the fields do not come out`
              : `${name}: ${listed([...new Set(laid.clashes.map((c) => lower(c.name)))])} on a stile`,
          measured: past
            ? `ends at ${mm(s.endMm)} on ${mm(wall.lengthMm)}`
            : small
              ? `fields of ${mm(laid.fieldMm)}`
              : listed(laid.clashes.map((c) => `stile ${c.stile} over ${lower(c.name)} by ${mm(c.overMm)}`)),
          wanted: past ? mm(Math.floor(wall.lengthMm)) : 'equal fields, nothing on a stile',
          because: 'Panels want equal gaps, and a socket sits in a field or not at all.',
          mends: past
            ? [
                {
                  label: 'End it at the corner',
                  changes: [put('setOuts', s.id, { endMm: Math.floor(wall.lengthMm) })],
                },
              ]
            : count === undefined
              ? []
              : [
                  {
                    label: `${count} fields of ${mm(laySetOut({ ...s, count }).fieldMm)}`,
                    changes: [put('setOuts', s.id, { count })],
                  },
                ],
        },
      ]
    }),
  examples: {
    trips: () => example({ more: { fixtures: [SOCKET], setOuts: [{ ...PANELS, count: 5 }] } }),
    passes: () => example({ more: { fixtures: [SOCKET], setOuts: [{ ...PANELS, count: 4 }] } }),
  },
}

// Five fields put a stile at 1 964 to 2 054; four put it elsewhere.
const SOCKET = {
  id: 'socket',
  wallId: 'north',
  kind: 'socket',
  name: 'Socket',
  startMm: 2000,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  version: 1,
} as const
const PANELS = {
  id: 'panels',
  wallId: 'north',
  kind: 'wainscot panels',
  name: 'Panels',
  startMm: 0,
  endMm: 5000,
  bottomMm: 140,
  heightMm: 700,
  stileMm: 90,
  depthMm: 20,
  openingId: null,
  version: 1,
} as const
