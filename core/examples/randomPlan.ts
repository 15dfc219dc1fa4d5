import type { JobSnapshot } from '../model/snapshot.js'
import { ex, exampleJob, type ExamplePiece } from './plan/example.js'
import { seededNumbers } from '../kernel/random/seededNumbers.js'
import type { PieceKind } from '../model/vocabulary/piece.js'

const SETS: readonly {
  readonly leastM2: number
  readonly kinds: readonly (readonly [PieceKind, string])[]
}[] = [
  {
    leastM2: 13,
    kinds: [
      ['sofa', 'Sofa'],
      ['low table', 'Low table'],
      ['armchair', 'Armchair'],
      ['lamp', 'Lamp'],
      ['shelves', 'Bookcase'],
      ['plant', 'Palm'],
    ],
  },
  {
    leastM2: 17,
    kinds: [
      ['sofa', 'Sofa'],
      ['low table', 'Low table'],
      ['armchair', 'Armchair'],
      ['armchair', 'Armchair two'],
      ['cabinet', 'Cabinet'],
      ['lamp', 'Lamp'],
      ['plant', 'Palm'],
    ],
  },
  {
    leastM2: 11,
    kinds: [
      ['bed', 'Bed'],
      ['side table', 'Bedside'],
      ['wardrobe', 'Wardrobe'],
      ['chest of drawers', 'Chest'],
    ],
  },
  {
    leastM2: 10,
    kinds: [
      ['desk', 'Desk'],
      ['chair', 'Desk chair'],
      ['shelves', 'Bookcase'],
      ['armchair', 'Armchair'],
      ['lamp', 'Lamp'],
    ],
  },
  {
    leastM2: 14,
    kinds: [
      ['table', 'Table'],
      ['cabinet', 'Sideboard'],
      ['plant', 'Palm'],
    ],
  },
]

/** A furnished room that nobody thought up: rectangular or with a corner taken out, one door, one window, one socket. */
export function randomPlan(seed: number): JobSnapshot {
  const random = seededNumbers(seed)
  const between = (low: number, high: number, step = 10) =>
    low + Math.floor((random() * (high - low)) / step) * step
  const set = SETS[Math.floor(random() * SETS.length)] ?? SETS[0]
  const kinds = set?.kinds ?? []
  // Room enough that a decorator would try it.
  let [w, d] = [0, 0]
  do {
    w = between(3_000, 6_200)
    d = between(2_900, 5_400)
  } while ((w * d) / 1e6 < (set?.leastM2 ?? 12) * 1.15)
  const notch = random() < 0.35 ? ([between(300, 900), between(300, 900)] as const) : undefined
  const pieces = kinds.map(([kind, id]): ExamplePiece =>
    ex(kind, id, { at: [Math.round(w / 2), Math.round(d / 2)] }),
  )
  const job = exampleJob({ size: [w, d], pieces })
  const base = { face: 'smooth paint' as const, version: 1 }
  const walls = notch
    ? [
        { ...base, id: 'north', position: 0, name: 'North wall', lengthMm: w - notch[0], turnDeg: 90 },
        { ...base, id: 'breast', position: 1, name: 'Breast', lengthMm: notch[1], turnDeg: -90 },
        { ...base, id: 'niche', position: 2, name: 'Niche', lengthMm: notch[0], turnDeg: 90 },
        { ...base, id: 'east', position: 3, name: 'East wall', lengthMm: d - notch[1], turnDeg: 90 },
        { ...base, id: 'south', position: 4, name: 'South wall', lengthMm: w, turnDeg: 90 },
        { ...base, id: 'west', position: 5, name: 'West wall', lengthMm: d, turnDeg: 90 },
      ]
    : job.walls
  const window = between(900, Math.min(1_800, d - 1_000))
  return {
    ...job,
    walls,
    openings: [
      {
        id: 'door',
        wallId: 'south',
        kind: 'door',
        name: 'Door',
        startMm: between(100, w - 1_000),
        widthMm: 800,
        heightMm: 2_000,
        sillMm: 0,
        hinge: random() < 0.5 ? 'left' : 'right',
        swing: random() < 0.7 ? 'in' : 'out',
        carries: null,
        carriesG: null,
        version: 1,
      },
      {
        id: 'window',
        wallId: 'west',
        kind: 'window',
        name: 'Window',
        startMm: between(200, d - window - 200),
        widthMm: window,
        heightMm: 1_300,
        sillMm: 850,
        hinge: 'none',
        swing: 'none',
        carries: null,
        carriesG: null,
        version: 1,
      },
    ],
    fixtures: [
      {
        id: 'socket',
        wallId: 'north',
        kind: 'socket',
        name: 'Socket',
        startMm: between(200, w - 1_200),
        widthMm: 80,
        heightMm: 80,
        bottomMm: 300,
        depthMm: 10,
        radiusMm: null,
        version: 1,
      },
      {
        id: 'socket two',
        wallId: 'east',
        kind: 'socket',
        name: 'Socket two',
        startMm: between(200, d - 1_200),
        widthMm: 80,
        heightMm: 80,
        bottomMm: 300,
        depthMm: 10,
        radiusMm: null,
        version: 1,
      },
    ],
  }
}

/** The same with its pieces anywhere, turned anyhow: more is wrong here than in any room. */
export function strewnPlan(seed: number): JobSnapshot {
  const next = seededNumbers(seed)
  const job = randomPlan(seed)
  return {
    ...job,
    floorPlacements: job.floorPlacements.map((s) => ({
      ...s,
      xMm: Math.round(next() * 4000),
      yMm: Math.round(next() * 3000),
      turnDeg: 90 * Math.floor(next() * 4),
    })),
  }
}
