import { ROWS } from '../../model/registry.js'
import { hexToLab } from '../../kernel/color/lab.js'
import { emptyJob } from '../emptyJob.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { paletteFacts, type PaletteFacts } from '../../stages/palette/paletteFacts.js'
import type { Finish } from '../../model/rows/finishes.js'
import type { Piece } from '../../model/rows/pieces.js'

/** A finish told by name and color; worn by one box of a piece unless `placed` is false or surfaces are named. */
export interface ExampleFinish extends Partial<Omit<Finish, 'name' | 'id'>> {
  readonly name: string
  readonly hex: string
  readonly placed?: boolean
  readonly stays?: boolean
  /** Surfaces it is laid on, instead of a piece. */
  readonly on?: readonly ('walls' | 'lower' | 'ceiling' | 'floor' | 'trim' | 'doors')[]
  /** Still one of several: laid on the surface as open. */
  readonly open?: boolean
  /** What the piece that wears it is, where it stands and how large it is. */
  readonly piece?: Partial<Piece>
}

export interface ExampleRoom {
  readonly schools?: Partial<JobSnapshot['schools']>
  readonly kind?: JobSnapshot['room']['kind']
  readonly wantedHue?: JobSnapshot['brief']['wantedHue']
  readonly sampledColors?: readonly { readonly name: string; readonly hex: string; readonly share?: number }[]
}

// A plain room of 4 by 5 m, 2.5 m high, with four walls.
const AREAS = {
  walls: ['north', 'east', 'south', 'west'].map((name) => ({
    wallId: name,
    name,
    upperMm2: 9e6,
    lowerMm2: 2e6,
  })),
  floorMm2: 20e6,
  ceilingMm2: 20e6,
  trimMm2: 1.8e6,
  doorsMm2: 1.7e6,
}

/** A small room for the examples of the rule book: every finish on a piece of its own, the first the largest. */
export function room(
  finishes: readonly ExampleFinish[],
  more: string | ExampleRoom = 'two mains and one accent',
): PaletteFacts {
  const { schools, kind, wantedHue, sampledColors }: ExampleRoom =
    typeof more === 'string'
      ? { schools: { colorScheme: more as JobSnapshot['schools']['colorScheme'] } }
      : more
  const rows = finishes.map((f): Finish & { version: number } => {
    const { l, a, b } = hexToLab(f.hex)
    const { hex: _h, placed: _p, stays: _s, on: _o, open: _n, piece: _i, ...fields } = f
    return {
      ...ROWS.finishes.blank(),
      material: 'textile',
      role: 'second',
      labL: l,
      labA: a,
      labB: b,
      ...fields,
      id: f.name,
      colors: fields.colors ?? [],
      readings: [],
      version: 1,
    }
  })
  const pieces = finishes.flatMap((f, i): (Piece & { version: number })[] =>
    f.placed === false || f.on
      ? []
      : [
          {
            ...ROWS.pieces.blank(),
            id: `piece ${f.name}`,
            name: `${f.name} piece`,
            kind: 'other',
            widthMm: 1000,
            depthMm: 500,
            heightMm: 1000 - 20 * i,
            finishId: f.name,
            position: i,
            stays: f.stays ?? false,
            serves: [],
            version: 1,
            ...f.piece,
          },
        ],
  )
  const finishAssignments = finishes.flatMap((f) =>
    (f.on ?? []).map((surface) => ({
      ...ROWS.finishAssignments.blank(),
      id: `${surface} ${f.name}`,
      surface,
      finishId: f.name,
      candidate: f.open ?? false,
      version: 1,
    })),
  )
  const empty = emptyJob()
  const job = emptyJob({
    schools: { ...empty.schools, ...schools },
    room: { ...empty.room, kind: kind ?? null },
    brief: { ...empty.brief, wantedHue: wantedHue ?? null },
    finishes: rows,
    pieces,
    finishAssignments,
    sampledColors: (sampledColors ?? []).map((p, position) => {
      const { l, a, b } = hexToLab(p.hex)
      return {
        id: p.name,
        position,
        name: p.name,
        labL: l,
        labA: a,
        labB: b,
        share: p.share ?? 0.2,
        photoId: null,
        version: 1,
      }
    }),
  })
  const facts = paletteFacts(job, AREAS, null)
  jobs.set(facts, job)
  return facts
}

const jobs = new WeakMap<PaletteFacts, JobSnapshot>()

/** The facts of an example after some of its rows were changed: what a fix is tried on. */
export function roomAfter(
  facts: PaletteFacts,
  change: (job: JobSnapshot) => JobSnapshot,
): PaletteFacts | undefined {
  const job = jobs.get(facts)
  return job && paletteFacts(change(job), AREAS, null)
}
