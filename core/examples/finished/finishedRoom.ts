import { hexToLab } from '../../kernel/color/lab.js'
import { ROWS } from '../../model/registry.js'
import type { Finish } from '../../model/rows/finishes.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Person } from '../../model/rows/people.js'
import type { Room } from '../../model/rows/room.js'
import type { ShelfPlacement } from '../../model/rows/shelfPlacements.js'
import type { Shelf } from '../../model/rows/shelves.js'
import type { JobSnapshot, Stored } from '../../model/snapshot.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import type { UseKind } from '../../model/vocabulary/use.js'
import { exampleJob, type ExamplePiece } from '../plan/example.js'

type Sides = 'north' | 'east' | 'south' | 'west'

/** A room that is done, told in the fewest words: walls go north, east, south, west, ids are readable. */
export interface Finished {
  /** What it is called, and what kind of room of those that want an eye of their own. */
  readonly name: string
  readonly place: string
  readonly agreedMinor: number
  readonly size: readonly [number, number]
  readonly heightMm: number
  readonly room: Partial<Room>
  readonly brief?: Partial<JobSnapshot['brief']>
  readonly schools: Partial<JobSnapshot['schools']>
  readonly faces?: Partial<Record<Sides, JobSnapshot['walls'][number]['face']>>
  readonly openings: readonly (Partial<Opening> &
    Pick<Opening, 'id' | 'kind' | 'startMm' | 'widthMm'> & { wallId: Sides })[]
  readonly fixtures?: readonly (Partial<Fixture> &
    Pick<Fixture, 'id' | 'kind' | 'startMm'> & { wallId: Sides })[]
  readonly people: readonly (Partial<Person> & Pick<Person, 'name' | 'kind'>)[]
  readonly uses: Readonly<Record<string, readonly [string, UseKind, number?]>>
  readonly focus?: readonly string[]
  /** Finish by id: its color, and what else is said of it. */
  readonly finishes: Readonly<Record<string, readonly [string, Partial<Finish>?]>>
  readonly on: readonly (readonly [Surface, string])[]
  readonly pieces: readonly ExamplePiece[]
  /** Parts of pieces with finishes of their own: piece, part, percent, finish. */
  readonly parts?: readonly (readonly [string, string, number, string])[]
  readonly shelves?: readonly (Partial<Shelf> & Pick<Shelf, 'pieceId' | 'clearHeightMm'>)[]
  readonly standing?: readonly (Partial<ShelfPlacement> & Pick<ShelfPlacement, 'pieceId' | 'hostId'>)[]
  /** What a fixture of the room gives: fixture, lumens, height of the light over the floor. */
  readonly fixtureLights?: readonly (readonly [fixtureId: string, lumens: number, headMm: number])[]
  readonly more?: Partial<JobSnapshot>
}

const stored = <T extends object>(row: T) => ({ ...row, version: 1 }) as Stored<T>

/** The rows of a finished room. */
export function finishedRoom(of: Finished): JobSnapshot {
  const job = exampleJob({
    size: of.size,
    heightMm: of.heightMm,
    schools: of.schools,
    openings: of.openings.map((o) =>
      stored(ROWS.openings.make({ heightMm: 2000, sillMm: 0, hinge: 'none', swing: 'none', ...o })),
    ),
    pieces: of.pieces.map((p) => ({ there: true, ...p })),
  })
  return {
    ...job,
    client: { ...job.client, name: 'Example' },
    brief: {
      ...job.brief,
      roomName: of.name,
      place: of.place,
      agreedMinor: of.agreedMinor,
      beforeReason: 'taken at the first visit, with the client',
      ...of.brief,
    },
    room: { ...job.room, ...of.room },
    walls: job.walls.map((w) => ({ ...w, face: of.faces?.[w.id as Sides] ?? w.face })),
    fixtures: (of.fixtures ?? []).map((f) =>
      stored(ROWS.fixtures.make({ widthMm: 80, heightMm: 80, bottomMm: 300, depthMm: 10, ...f })),
    ),
    people: of.people.map((p, position) => stored(ROWS.people.make({ id: p.name, position, ...p }))),
    uses: Object.entries(of.uses).map(([id, [name, kind, persons = 1]], position) =>
      stored(ROWS.uses.make({ id, name, kind, persons, position })),
    ),
    focalPoints: (of.focus ?? []).map((name, position) =>
      stored(ROWS.focalPoints.make({ id: name, name, position })),
    ),
    finishes: Object.entries(of.finishes).map(([id, [hex, more]]) => {
      const lab = hexToLab(hex)
      return stored(
        ROWS.finishes.make({
          id,
          name: id,
          labL: lab.l,
          labA: lab.a,
          labB: lab.b,
          wear: 'hard-wearing',
          ...more,
        }),
      )
    }),
    finishAssignments: of.on.map(([surface, finishId]) =>
      stored(ROWS.finishAssignments.make({ id: `${surface} ${finishId}`, surface, finishId })),
    ),
    pieceParts: (of.parts ?? []).map(([pieceId, name, percent, finishId]) =>
      stored(ROWS.pieceParts.make({ id: `${pieceId} ${name}`, pieceId, name, percent, finishId })),
    ),
    shelves: (of.shelves ?? []).map((s, position) =>
      stored(ROWS.shelves.make({ id: `shelves ${position}`, position, ...s })),
    ),
    shelfPlacements: (of.standing ?? []).map((s, position) =>
      stored(ROWS.shelfPlacements.make({ id: `${s.pieceId} on ${s.hostId}`, position, ...s })),
    ),
    lights: [
      ...job.lights,
      ...(of.fixtureLights ?? []).map(([fixtureId, lumens, headMm]) =>
        stored(
          ROWS.lights.make({
            id: `${fixtureId} light`,
            name: fixtureId,
            fixtureId,
            lumens,
            beamDeg: 120,
            aim: 'down',
            headMm,
          }),
        ),
      ),
    ],
    ...of.more,
  }
}
