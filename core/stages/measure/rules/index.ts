import { put } from '../../../model/changes.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { lengthText } from '../../../kernel/units/length.js'
import { gapWords, type Suspect } from '../explainGap.js'
import { measureFacts, misfits, type MeasureFacts } from '../measureFacts.js'
import type { Wall } from '../../../model/rows/walls.js'

const wall = (i: number, lengthMm: number, turnDeg = 90): Wall => ({
  id: `w${i}`,
  position: i,
  name: '',
  lengthMm,
  turnDeg,
  face: 'smooth paint',
})

const example = (lengths: readonly number[], more: Partial<MeasureFacts['measures']> = {}): MeasureFacts =>
  measureFacts(
    {
      room: {
        id: 'r',
        heightMm: 2500,
        skirtingMm: 0,
        corniceMm: 0,
        lowerWallMm: null,
        northDeg: 0,
        kind: null,
        latitudeDeg: 48,
      },
      walls: lengths.map((mm, i) => wall(i, mm)),
      ceilings: [],
      diagonals: [],
      openings: [],
      fixtures: [],
      ...more,
    },
    [],
    'metric',
  )

/** A suspect as an edit: the length or the turn set right, or the missed wall put in. */
export function mendOf(suspect: Suspect, walls: readonly Wall[], system: 'metric' | 'imperial'): Mend {
  const at = walls.findIndex((w) => w.id === suspect.wallId)
  const length = lengthText(suspect.lengthMm, system)
  const turned =
    suspect.turnDeg === undefined ? [] : [put('walls', suspect.wallId, { turnDeg: suspect.turnDeg })]
  if (suspect.slip === 'corner turned the other way')
    return {
      label: `Turn ${suspect.turnDeg !== undefined && suspect.turnDeg < 0 ? 'left' : 'right'} at the end of ${suspect.wallName}`,
      changes: turned,
    }
  if (suspect.slip === 'missed wall')
    return {
      label: `Put in a wall of ${length} after ${suspect.wallName}`,
      changes: [
        ...turned,
        ...walls.slice(at + 1).map((w) => put('walls', w.id, { position: w.position + 1 })),
        {
          collection: 'walls',
          add: {
            position: (walls[at]?.position ?? at) + 1,
            name: '',
            lengthMm: suspect.lengthMm,
            turnDeg: suspect.thenTurnDeg ?? 90,
            face: walls[at]?.face ?? 'smooth paint',
          },
        },
      ],
    }
  const why: Readonly<Record<string, string>> = {
    'swapped digits': ', two digits changed about',
    'inch read as centimeter': ', inches and centimeters mixed up',
    'decimal point': ', the point misplaced',
    'tape hooked at 100 mm': ', the tape begun at its 100 mm mark',
    'one digit': ', one digit misread',
  }
  return {
    label: `${suspect.wallName} is ${length}${why[suspect.slip] ?? ''}`,
    changes: [put('walls', suspect.wallId, { lengthMm: suspect.lengthMm })],
  }
}

function notClosed({ closure, suspects, walls, system }: MeasureFacts): Finding[] {
  const { run, state, toleranceMm } = closure
  if (state !== 'gap') return []
  const names = [...new Set(suspects.map((s) => s.wallName))]
  return [
    {
      rule: 'measure.not-closed',
      severity: 'stop',
      about: [{ kind: 'job', id: 'run', name: 'Wall run' }],
      title: `The walls do not close: ${lengthText(run.gapMm, system)} apart`,
      measured: `From the end of the last wall to the first: ${gapWords(run.gap)}, in a run of ${lengthText(run.lengthMm, system)}`,
      wanted: `at most ${lengthText(toleranceMm, system)}`,
      because:
        names.length > 0
          ? `One wrong length moves the end along its own wall. Measure again, likeliest first: ${names.join(', ')}.${names.length > 1 && closure.diagonals.length === 0 ? ' A diagonal tells them apart.' : ''}`
          : 'No single reading explains it: two are wrong, or a corner is not what it seems. Measure a diagonal.',
      mends: suspects.map((s) => mendOf(s, walls, system)),
    },
  ]
}

export const runNotClosed: Rule<MeasureFacts> = {
  name: 'measure.not-closed',
  title: 'The run of walls does not close',
  numbers:
    'Closing error over 15 mm and over one part in 400 of the run. Below that it is spread by the compass (Bowditch) rule.',
  source: 'common practice; compass rule as in surveying handbooks',
  schools: 'all',
  check: notClosed,
  examples: {
    trips: () => example([4200, 3600, 4100, 3600]),
    passes: () => example([4200, 3600, 4190, 3605]),
  },
}

export const runOpen: Rule<MeasureFacts> = {
  name: 'measure.run-open',
  title: 'The run of walls is not finished',
  numbers:
    'Turns that do not add up to 360°, with half a degree allowed for each corner, growing as its square root.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, suspects, walls, system }) =>
    closure.state !== 'open' || walls.length < 3
      ? []
      : [
          {
            rule: 'measure.run-open',
            severity: 'look',
            about: [{ kind: 'job', id: 'run', name: 'Wall run' }],
            title: `${closure.run.stillToTurnDeg}° still to turn`,
            measured: `Turns come to ${Math.round(Math.abs(closure.run.turnDeg) * 10) / 10}° over ${walls.length} walls`,
            wanted: '360° once round',
            because:
              suspects.length > 0
                ? suspects.map((s) => `${s.wallName}: ${s.because}`).join('. ')
                : 'Walk on to the corner where you began; the last wall is the check of all the others.',
            mends: suspects.map((s) => mendOf(s, walls, system)),
          },
        ],
  examples: { trips: () => example([4200, 3600, 4200]), passes: () => example([4200, 3600, 4200, 3600]) },
}

export const runCrossed: Rule<MeasureFacts> = {
  name: 'measure.crossed',
  title: 'The walls cross each other',
  numbers: 'Two walls that are not neighbors meet.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, nameOf, walls }) =>
    closure.state !== 'crossed' || !closure.crossed
      ? []
      : [
          {
            rule: 'measure.crossed',
            severity: 'stop',
            about: closure.crossed.map((i) => ({
              kind: 'wall' as const,
              id: walls[i]?.id ?? '',
              name: nameOf(walls[i]?.id ?? ''),
            })),
            title: closure.crossed.map((i) => nameOf(walls[i]?.id ?? '')).join(' crosses '),
            measured: 'The outline cuts through itself',
            wanted: 'an outline that runs round the room once',
            because: 'A corner is turned the wrong way, or two lengths are exchanged. No area can be given.',
            mends: [],
          },
        ],
  examples: {
    trips: () =>
      // A chimney breast entered deeper than the room.
      example([], {
        walls: [
          wall(0, 4000),
          wall(1, 3000),
          wall(2, 1500),
          wall(3, 3500, -90),
          wall(4, 1000, -90),
          wall(5, 3500),
          wall(6, 1500),
          wall(7, 3000),
        ],
      }),
    passes: () => example([4200, 3600, 4200, 3600]),
  },
}

export const diagonalOff: Rule<MeasureFacts> = {
  name: 'measure.diagonal-off',
  title: 'A measured diagonal disagrees with the walls',
  numbers: 'Off by more than 10 mm and more than one part in 300 of the diagonal.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, nameOf, system }) =>
    closure.state !== 'closed'
      ? []
      : closure.diagonals
          .filter((d) => !d.agrees)
          .map((d): Finding => {
            const names = [d.diagonal.fromWallId, d.diagonal.toWallId].map(nameOf)
            return {
              rule: 'measure.diagonal-off',
              severity: 'look',
              about: [{ kind: 'job', id: d.diagonal.id, name: 'Diagonal' }],
              title: `Diagonal ${names.join(' to ')}: ${lengthText(Math.abs(Math.round(d.offMm)), system)} ${d.offMm > 0 ? 'longer' : 'shorter'} than the walls make it`,
              measured: `${lengthText(d.diagonal.lengthMm, system)} measured, ${lengthText(Math.round(d.computedMm), system)} from the walls`,
              wanted: 'the two alike',
              because: d.corner
                ? `The walls close, so the room is out of square: the corner at the end of ${nameOf(d.corner.wallId)} turns ${d.corner.turnDeg}°, not what was entered.`
                : 'The walls close, so a corner between is not square, or two errors cancel. Measure the other diagonal.',
              mends: [],
            }
          }),
  examples: {
    trips: () =>
      example([4200, 3600, 4200, 3600], {
        diagonals: [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5600 }],
      }),
    passes: () =>
      example([4200, 3600, 4200, 3600], {
        diagonals: [{ id: 'd', fromWallId: 'w0', toWallId: 'w2', lengthMm: 5532 }],
      }),
  },
}

export const pastWall: Rule<MeasureFacts> = {
  name: 'measure.past-wall',
  title: 'An opening or fixture does not fit in its wall',
  numbers: 'From left and width past the end of the wall; sill and height past the ceiling there.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    misfits(facts).map((m): Finding => ({
      rule: 'measure.past-wall',
      severity: 'look',
      about: [{ kind: 'opening', id: m.id, name: m.name }],
      title: `${m.name} does not fit in its wall`,
      measured: m.text,
      wanted: 'inside its wall and under its ceiling',
      because: 'What stands out of the wall is cut off in every area until it is put right.',
      mends: [],
    })),
  examples: {
    trips: () => example([4200, 3600, 4200, 3600], { openings: [opening(3800)] }),
    passes: () => example([4200, 3600, 4200, 3600], { openings: [opening(1000)] }),
  },
}

function opening(startMm: number) {
  return {
    id: 'o',
    wallId: 'w0',
    kind: 'door' as const,
    name: 'Door',
    startMm,
    widthMm: 800,
    heightMm: 2000,
    sillMm: 0,
    hinge: 'left' as const,
    swing: 'in' as const,
  }
}

export const northUnknown: Rule<MeasureFacts> = {
  name: 'measure.north-unknown',
  title: 'Windows without a compass direction',
  numbers: 'A window is entered and the bearing of the first wall, or the latitude, is not.',
  source: 'common practice',
  schools: 'all',
  check: ({ measures: { room, openings } }) => {
    const missing = [
      room.northDeg == null && 'the bearing of the first wall',
      room.latitudeDeg == null && 'the latitude',
    ].filter(Boolean)
    if (missing.length === 0 || !openings.some((o) => o.kind === 'window')) return []
    return [
      {
        rule: 'measure.north-unknown',
        severity: 'note',
        about: [{ kind: 'job', id: 'north', name: 'North' }],
        title: 'Which way do the windows look?',
        measured: `Not known: ${missing.join(' and ')}`,
        wanted: 'one bearing for the whole room, and where on earth it lies',
        because: 'Colors are judged in the room’s own light: when the sun comes in depends on both.',
        mends: [],
      },
    ]
  },
  examples: {
    trips: () => {
      const facts = example([4200, 3600, 4200, 3600], { openings: [{ ...opening(1000), kind: 'window' }] })
      return { ...facts, measures: { ...facts.measures, room: { ...facts.measures.room, northDeg: null } } }
    },
    passes: () => example([4200, 3600, 4200, 3600], { openings: [{ ...opening(1000), kind: 'window' }] }),
  },
}

export const wayInIncomplete: Rule<MeasureFacts> = {
  name: 'measure.way-in-incomplete',
  title: 'A part of the way in lacks a measure',
  numbers: 'Lift cars, landings and turns need a third measure before a large piece can be tried in them.',
  source: 'common practice',
  schools: 'all',
  check: ({ wayIn }) =>
    wayIn.incomplete.map((p): Finding => ({
      rule: 'measure.way-in-incomplete',
      severity: 'note',
      about: [{ kind: 'passage', id: p.id, name: p.name || p.kind }],
      title: `${p.name || p.kind}: ${p.kind === 'turn' ? 'the width after the turn' : 'the depth'} is missing`,
      measured: 'Width and height only',
      wanted: p.kind === 'turn' ? 'the width on both sides of the turn' : 'width, height and depth',
      because: 'A large piece is tilted and turned there; two measures do not say whether it goes.',
      mends: [],
    })),
  examples: {
    trips: () => ({ ...example([4200, 3600, 4200, 3600]), wayIn: passageFacts(null) }),
    passes: () => ({ ...example([4200, 3600, 4200, 3600]), wayIn: passageFacts(1400) }),
  },
}

function passageFacts(lengthMm: number | null): MeasureFacts['wayIn'] {
  const passage = {
    id: 'p',
    position: 0,
    kind: 'lift car' as const,
    name: '',
    widthMm: 1100,
    heightMm: 2100,
    lengthMm,
  }
  return {
    passages: [passage],
    narrowest: passage,
    lowest: passage,
    incomplete: lengthMm === null ? [passage] : [],
  }
}

export const MEASURE_RULES: readonly Rule<MeasureFacts>[] = [
  runNotClosed,
  runCrossed,
  runOpen,
  diagonalOff,
  pastWall,
  northUnknown,
  wayInIncomplete,
]
