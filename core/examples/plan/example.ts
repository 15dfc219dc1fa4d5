import { emptyJob, pieceWith } from '../emptyJob.js'
import { planOf } from '../../job/planFactsOf.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import { NEW_FRAME, NEW_HANG, NEW_LIGHT } from '../../stages/plan/newRows.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'
import type { Frame } from '../../model/rows/frames.js'
import type { WallPlacement } from '../../model/rows/wallPlacements.js'
import type { Light } from '../../model/rows/lights.js'
import type { FloorPlacement } from '../../model/rows/floorPlacements.js'

type Rows = Partial<JobSnapshot>
type PieceRow = JobSnapshot['pieces'][number]

/** A piece of an example and where it stands or hangs; `at` is its middle, from the upper left corner of the room. */
export interface ExamplePiece extends Partial<PieceRow> {
  readonly id: string
  readonly at?: readonly [number, number]
  readonly turn?: number
  readonly raised?: number
  readonly parkedAt?: readonly [number, number]
  readonly hang?: Partial<WallPlacement>
  readonly frame?: Partial<Frame>
  readonly light?: Partial<Light>
}

export interface ExampleRoom {
  readonly pieces?: readonly ExamplePiece[]
  /** Width along the upper wall and depth; 5 by 4 m when absent. */
  readonly size?: readonly [number, number]
  readonly heightMm?: number
  readonly schools?: Partial<JobSnapshot['schools']>
  readonly openings?: JobSnapshot['openings']
  readonly more?: Rows
}

const WALLS = ['north', 'east', 'south', 'west'] as const

/** A door 800 wide in the lower wall, 300 from its left end as seen from inside, that opens into the room. */
export const exampleDoor = {
  id: 'door',
  wallId: 'south',
  kind: 'door',
  name: 'Door',
  startMm: 300,
  widthMm: 800,
  heightMm: 2000,
  sillMm: 0,
  hinge: 'left',
  swing: 'in',
  carries: null,
  carriesG: null,
  version: 1,
} as const

/** A room whose walls are called north (the upper one), east, south and west, with the pieces named. */
export function exampleJob(room: ExampleRoom): JobSnapshot {
  const { size: [w, d] = [5000, 4000], heightMm = 2500, schools = {}, pieces = [], more = {} } = room
  const base = emptyJob()
  const floorPlacements = pieces.flatMap((p): Stored<FloorPlacement>[] => [
    ...(p.at ? [stand(p.id, p.id, p.at, p.turn ?? 0, p.raised ?? 0, false)] : []),
    ...(p.parkedAt ? [stand(`${p.id} parked`, p.id, p.parkedAt, p.turn ?? 0, 0, true)] : []),
  ])
  return {
    ...base,
    room: { ...base.room, heightMm },
    schools: { ...base.schools, ...schools },
    walls: WALLS.map((id, position) => ({
      id,
      position,
      name: `${id[0]?.toUpperCase() ?? ''}${id.slice(1)} wall`,
      lengthMm: position % 2 === 0 ? w : d,
      turnDeg: 90,
      face: 'smooth paint',
      version: 1,
    })),
    openings: room.openings ?? [exampleDoor],
    pieces: pieces.map(
      ({ at: _a, turn: _t, raised: _r, parkedAt: _p, hang: _h, frame: _f, light: _l, ...p }) => pieceWith(p),
    ),
    floorPlacements,
    wallPlacements: pieces.flatMap((p): Stored<WallPlacement>[] =>
      p.hang
        ? [
            {
              ...NEW_HANG,
              into: 'masonry',
              id: `${p.id} hang`,
              pieceId: p.id,
              wallId: 'north',
              xMm: 2500,
              centerMm: 1480,
              version: 1,
              ...p.hang,
            },
          ]
        : [],
    ),
    frames: pieces.flatMap((p): Stored<Frame>[] =>
      p.frame ? [{ ...NEW_FRAME, id: `${p.id} frame`, pieceId: p.id, version: 1, ...p.frame }] : [],
    ),
    lights: pieces.flatMap((p): Stored<Light>[] =>
      p.light
        ? [{ ...NEW_LIGHT, id: `${p.id} light`, name: p.id, pieceId: p.id, version: 1, ...p.light }]
        : [],
    ),
    ...more,
  }
}

function stand(
  id: string,
  pieceId: string,
  [x, y]: readonly [number, number],
  turnDeg: number,
  raisedMm: number,
  parked: boolean,
): Stored<FloorPlacement> {
  return { id, pieceId, optionId: null, number: 1, xMm: x, yMm: y, turnDeg, raisedMm, parked, version: 1 }
}

const jobs = new WeakMap<PlanFacts, JobSnapshot>()

/** The rows an example was made of: a test applies the fixes of a finding to them. */
export const jobOfExample = (facts: PlanFacts): JobSnapshot | undefined => jobs.get(facts)

/** An example as the rules see it. */
export function example(room: ExampleRoom): PlanFacts {
  const job = exampleJob(room)
  const facts = planOf(job)
  if (!facts) throw new Error('the example has no room')
  jobs.set(facts, job)
  return facts
}

const SIZES: Readonly<Partial<Record<PieceKind, readonly [number, number, number]>>> = {
  sofa: [2000, 900, 840],
  'sofa bed': [2000, 950, 840],
  armchair: [800, 850, 900],
  chair: [450, 500, 850],
  'low table': [1000, 600, 420],
  'side table': [500, 500, 560],
  rug: [2440, 3350, 12],
  table: [1600, 900, 740],
  desk: [1400, 700, 740],
  bed: [1600, 2000, 500],
  cot: [700, 1300, 900],
  wardrobe: [1200, 600, 2000],
  'chest of drawers': [900, 450, 800],
  shelves: [900, 300, 1900],
  piano: [1500, 620, 1250],
  lamp: [380, 380, 1560],
  picture: [700, 500, 30],
  mirror: [700, 30, 1800],
  plant: [500, 500, 900],
}

/** A piece of an example by its kind, in a usual size. */
export function ex(kind: PieceKind, id: string, more: Partial<ExamplePiece> = {}): ExamplePiece {
  const [widthMm, depthMm, heightMm] = SIZES[kind] ?? [600, 400, 600]
  return { id, kind, name: id, widthMm, depthMm, heightMm, ...more }
}
