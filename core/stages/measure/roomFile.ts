import { array, ValidationError } from 'yup'
import { roundMm } from '../../kernel/units/mm.js'
import { InputError } from '../../kernel/errors/InputError.js'
import { distance, minus, signedArea, type Point } from '../../kernel/geometry/polygon.js'
import { ceilings as ceilingsRow, type Ceiling } from '../../model/rows/ceilings.js'
import { diagonals as diagonalsRow, type Diagonal } from '../../model/rows/diagonals.js'
import { fixtures as fixturesRow, type Fixture } from '../../model/rows/fixtures.js'
import { openings as openingsRow, type Opening } from '../../model/rows/openings.js'
import { room as roomRow, type Room } from '../../model/rows/room.js'
import { walls as wallsRow, type Wall } from '../../model/rows/walls.js'

export const ROOM_FORMAT = 'bonitas room'
export const ROOM_VERSION = 1

/** A measured room on its own: what a room file holds. */
export interface RoomFile {
  readonly room: Room
  readonly walls: readonly Wall[]
  readonly ceilings: readonly Ceiling[]
  readonly diagonals: readonly Diagonal[]
  readonly openings: readonly Opening[]
  readonly fixtures: readonly Fixture[]
}

const PARTS = {
  walls: wallsRow.schema,
  ceilings: ceilingsRow.schema,
  diagonals: diagonalsRow.schema,
  openings: openingsRow.schema,
  fixtures: fixturesRow.schema,
} as const

const MOST_ROWS = 500

/** A room as text, readable and without loss. */
export function writeRoom(room: RoomFile): string {
  const plain = (row: object) => {
    const { version: _v, ...rest } = row as { version?: number }
    return rest
  }
  return `${JSON.stringify(
    {
      format: ROOM_FORMAT,
      version: ROOM_VERSION,
      room: plain(room.room),
      ...Object.fromEntries(Object.keys(PARTS).map((p) => [p, room[p as keyof typeof PARTS].map(plain)])),
    },
    null,
    2,
  )}\n`
}

const refuse = (code: string, what: string, fix: string): never => {
  throw new InputError(code, { what, where: 'Room file', fix })
}

/**
 * Reads a room file whole or not at all. Ids are kept as they are in the file; whoever takes the room in gives its
 * rows ids of their own.
 *
 * @throws {InputError} `ROOM_NOT_READ`, `ROOM_VERSION`, `ROOM_DAMAGED` naming the part, the row and the field
 */
export function readRoom(text: string): RoomFile {
  let file: Record<string, unknown>
  try {
    file = JSON.parse(text) as Record<string, unknown>
  } catch {
    return refuse('ROOM_NOT_READ', 'is not JSON, or is cut short', 'Choose a room that was saved here.')
  }
  if (typeof file !== 'object' || (file as unknown) === null || file.format !== ROOM_FORMAT)
    return refuse('ROOM_NOT_READ', 'is not a room of this program', 'Choose a room that was saved here.')
  if (file.version !== ROOM_VERSION)
    return refuse(
      'ROOM_VERSION',
      `has version ${String(file.version).slice(0, 20)}; this program reads version ${ROOM_VERSION}`,
      'Save it again with the program that reads it.',
    )
  const check = (name: string, validate: () => unknown) => {
    try {
      validate()
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      const { inner, path, message } = error
      const first = inner[0] ?? { path, message }
      const at = `${name}${first.path?.startsWith('[') ? '' : '.'}${first.path ?? ''}`.replace(/\.$/, '')
      refuse(
        'ROOM_DAMAGED',
        `is damaged at ${at}: ${first.message.replace(/\.$/, '')}`,
        'Nothing was changed. Choose another file.',
      )
    }
  }
  // What files were saved without is not known.
  if (typeof file.room === 'object' && file.room !== null) file.room = { kind: null, ...file.room }
  check('room', () => roomRow.schema().validateSync(file.room, { abortEarly: false, strict: true }))
  for (const [name, schema] of Object.entries(PARTS)) {
    const rows = withNew(file, name)
    if (!Array.isArray(rows) || rows.length > MOST_ROWS)
      refuse(
        'ROOM_DAMAGED',
        `is damaged: ${name} is ${Array.isArray(rows) ? 'too long' : 'not a list'}`,
        'Nothing was changed. Choose another file.',
      )
    check(name, () =>
      array((schema as typeof wallsRow.schema)()).validateSync(rows, { abortEarly: false, strict: true }),
    )
  }
  const room = file as unknown as RoomFile
  const ids = new Set<string>()
  for (const w of room.walls) {
    if (ids.has(w.id))
      refuse('ROOM_DAMAGED', 'names two walls alike', 'Nothing was changed. Choose another file.')
    ids.add(w.id)
  }
  const named = [
    ...room.ceilings.map((c) => c.wallId),
    ...room.openings.map((o) => o.wallId),
    ...room.fixtures.map((f) => f.wallId),
    ...room.diagonals.flatMap((d) => [d.fromWallId, d.toWallId]),
  ]
  if (named.some((id) => !ids.has(id)))
    refuse('ROOM_DAMAGED', 'names a wall that it does not hold', 'Nothing was changed. Choose another file.')
  return room
}

/** Facts that rooms saved earlier do not name. */
const NEW_FACTS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  openings: { carries: null, carriesG: null },
  fixtures: { radiusMm: null },
}

/** The rows of a part of a room file, with what is new since it was saved as not known. */
function withNew(file: Record<string, unknown>, name: string): unknown {
  const more = NEW_FACTS[name]
  if (more && Array.isArray(file[name]))
    file[name] = (file[name] as readonly unknown[]).map((row) =>
      typeof row === 'object' && row !== null ? { ...more, ...row } : row,
    )
  return file[name]
}

/** Walls from an outline: lengths to the millimeter, turns to a thousandth of a degree, walked to the right. */
export function wallsFromOutline(outline: readonly Point[], mmPerUnit = 1): Omit<Wall, 'id'>[] {
  const points = outline.map((p) => ({ x: p.x * mmPerUnit, y: p.y * mmPerUnit }))
  const distinct = points.filter((p, i) => distance(p, points[(i + 1) % points.length] ?? p) >= 0.5)
  if (distinct.length < 3)
    return refuse(
      'OUTLINE_TOO_SHORT',
      'holds no outline of three walls or more',
      'Draw the room as one closed polyline.',
    )
  const corners = signedArea(distinct) >= 0 ? distinct : [...distinct].reverse()
  return corners.map((p, i) => {
    const [b, c] = [corners[(i + 1) % corners.length] ?? p, corners[(i + 2) % corners.length] ?? p]
    const [one, two] = [minus(b, p), minus(c, b)]
    const turn = (Math.atan2(one.x * two.y - one.y * two.x, one.x * two.x + one.y * two.y) * 180) / Math.PI
    const lengthMm = roundMm(distance(p, b))
    if (lengthMm > 50_000)
      refuse(
        'OUTLINE_TOO_LARGE',
        `has a wall of ${Math.round(lengthMm / 1000)} m`,
        'Check the units of the drawing.',
      )
    return {
      position: i,
      name: '',
      lengthMm,
      turnDeg: Math.round(turn * 1000) / 1000,
      face: 'smooth paint' as const,
    }
  })
}
