import { ROWS } from '../model/registry.js'
import { emptyJob, pieceWith } from './emptyJob.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { ROOM_KINDS } from '../model/vocabulary/room.js'
import type { Sample } from '../stages/palette/library/sample.js'
import { seededNumbers } from '../kernel/random/seededNumbers.js'

/** A room out of a seed: a kept floor, a few pieces, schools as they come. */
export function randomRoom(seed: number, samples: readonly Sample[]): JobSnapshot {
  const next = seededNumbers(seed)
  const pick = <T>(of: readonly T[]): T => {
    const picked = of[Math.floor(next() * of.length)]
    if (picked === undefined) throw new Error('nothing to pick from')
    return picked
  }
  const floor = pick(
    samples.filter((s) => s.material === 'timber' || s.material === 'tile' || s.material === 'stone'),
  )
  const empty = emptyJob()
  const long = 2500 + Math.floor(4000 * next())
  const wide = 2200 + Math.floor(3000 * next())
  const kinds = ['sofa', 'armchair', 'rug', 'curtains', 'cushion', 'throw', 'lamp', 'low table'] as const
  return emptyJob({
    room: {
      ...empty.room,
      heightMm: 2500,
      kind: pick([...ROOM_KINDS.filter((k) => k !== 'outdoors'), null]),
      lowerWallMm: next() < 0.3 ? 900 : null,
    },
    walls: [long, wide, long, wide].map((lengthMm, i) => ({
      id: `w${i}`,
      position: i,
      name: `Wall ${i}`,
      lengthMm,
      turnDeg: 90,
      face: 'smooth paint',
      version: 1,
    })),
    schools: {
      ...empty.schools,
      colorScheme: pick([null, 'two mains and one accent', 'quiet neutral', 'drawn from one piece'] as const),
      trimAndCeiling: pick([null, 'contrast', 'one envelope, light', 'one envelope, dark'] as const),
      mood: pick([null, 'bright and airy', 'warm cocoon'] as const),
      pieceAgainstWall: pick([null, 'stand out', 'tone in'] as const),
      metals: pick([null, 'one for all'] as const),
    },
    finishes: [
      {
        ...ROWS.finishes.blank(),
        id: 'floor',
        name: floor.name,
        material: floor.material,
        role: 'stays',
        labL: floor.lab.l,
        labA: floor.lab.a,
        labB: floor.lab.b,
        sealed: true,
        colors: [],
        readings: [],
        version: 1,
      },
      {
        ...ROWS.finishes.blank(),
        id: 'brass',
        name: 'Brass',
        material: 'metal',
        role: 'metal',
        labL: 60,
        labA: -3,
        labB: 33,
        colors: [],
        readings: [],
        version: 1,
      },
    ],
    finishAssignments: [
      { ...ROWS.finishAssignments.blank(), id: 'f', surface: 'floor', finishId: 'floor', version: 1 },
    ],
    pieces: kinds
      .filter(() => next() < 0.7)
      .map((kind, i) =>
        pieceWith({
          id: `${kind} ${i}`,
          kind,
          widthMm: 400 + Math.floor(1800 * next()),
          depthMm: 600,
          heightMm: 700,
          wallId: `w${i % 4}`,
          finishId: kind === 'lamp' ? 'brass' : null,
        }),
      ),
    sampledColors:
      next() < 0.5
        ? []
        : [1, 2, 3].map((n) => ({
            id: `p${n}`,
            position: n,
            name: `pull ${n}`,
            labL: 30 + 50 * next(),
            labA: 80 * next() - 40,
            labB: 80 * next() - 40,
            share: 0.2,
            photoId: null,
            version: 1,
          })),
  })
}
