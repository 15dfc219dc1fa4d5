import { hexToLab } from '../../kernel/color/lab.js'
import { deriveJob } from '../../job/derive.js'
import { deriveInstall } from '../../job/install/deriveInstall.js'
import { takeoffsOf } from '../../job/takeoffsOf.js'
import { ROWS, type Rows } from '../../model/registry.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { exampleJob, type ExamplePiece } from '../plan/example.js'

/** A Monday. */
export const MONDAY = '2026-03-02'

type Given<C extends keyof Rows> = Partial<Rows[C]>

/** A room of an example and who works in it, as rows a screen can enter. */
export interface InstallRoom {
  /** Surfaces painted oat over sound paint. */
  readonly painted?: readonly string[]
  readonly pieces?: readonly ExamplePiece[]
  readonly crew?: readonly Given<'crew'>[]
  readonly closures?: readonly Given<'closures'>[]
  readonly quietHours?: readonly Given<'quietHours'>[]
  readonly tasks?: readonly Given<'tasks'>[]
  readonly items?: readonly Given<'items'>[]
  readonly options?: readonly Given<'options'>[]
  readonly works?: readonly Given<'works'>[]
  readonly people?: readonly Given<'people'>[]
  readonly uses?: readonly Given<'uses'>[]
  readonly brief?: Partial<JobSnapshot['brief']>
  readonly finish?: Given<'finishes'>
  readonly more?: Partial<JobSnapshot>
}

const made = <C extends keyof Rows>(collection: C, rows: readonly Given<C>[] = [], least: object = {}) =>
  rows.map((row, i) => ({
    ...(ROWS[collection].make({ id: `${collection} ${i + 1}`, ...least, ...row } as never) as Rows[C]),
    version: 1,
  }))

/** Five by four meters, 2.5 m high, walls north, east, south and west, a door in the south wall. */
export function installJob(room: InstallRoom): JobSnapshot {
  const base = exampleJob({ pieces: room.pieces ?? [] })
  const { l, a, b } = hexToLab('#eee8dc')
  const oat = { id: 'oat', name: 'Oat', labL: l, labA: a, labB: b, ...room.finish }
  const rows = {
    ...base,
    brief: { ...base.brief, ...room.brief },
    finishes: made('finishes', [oat]),
    finishAssignments: made(
      'finishAssignments',
      (room.painted ?? []).map(
        (surface) => ({ id: surface, surface, finishId: 'oat' }) as Given<'finishAssignments'>,
      ),
    ),
    crew: made('crew', room.crew, { name: 'Somebody' }),
    closures: made('closures', room.closures, { what: 'Holiday' }),
    quietHours: made('quietHours', room.quietHours, { what: 'Nap' }),
    tasks: made('tasks', room.tasks),
    items: made('items', room.items, { category: 'furniture', targetMinor: 0 }),
    options: made('options', room.options, { priceMinor: 0 }),
    works: made('works', room.works),
    people: made('people', room.people, { position: 0, note: '' }),
    uses: made('uses', room.uses, { position: 0 }),
  }
  return { ...rows, ...room.more }
}

/** What the rules of the plan of the work see of a room. */
export function installExample(room: InstallRoom, today = MONDAY): InstallFacts {
  const job = installJob(room)
  const derived = deriveJob(job, today)
  return deriveInstall(job, derived, takeoffsOf(job, derived.measure), today).facts
}
