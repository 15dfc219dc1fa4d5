import { NEW_BRIEF } from '@bonitas/core/brief/newJob'
import { TOPICS } from '@bonitas/core/brief/schools'
import { NEW_ITEM, NEW_PIECE } from '@bonitas/core/job/emptyJob'

type Row = Record<string, unknown>

const rows = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : [])
const SIDES = ['north', 'east', 'south', 'west'] as const

/**
 * A job file of version 1 as version 2: the rectangle becomes four walls walked to the right from the north one, the
 * school of color moves to the schools, and every row gets the fields it did not have. Damaged parts are left as they
 * are, for the check that follows to name.
 */
export function upgradeBundle(file: Row): Row {
  if (file.version !== 1) return file
  const { colorSchool, ...brief } = (file.brief ?? {}) as Row
  const { lengthMm, widthMm, ...room } = (file.room ?? {}) as Row
  const measured = typeof lengthMm === 'number' && typeof widthMm === 'number'
  const walls = measured
    ? SIDES.map((side, position) => ({
        id: `wall ${side}`,
        position,
        name: `${side[0]?.toUpperCase() ?? ''}${side.slice(1)} wall`,
        lengthMm: position % 2 === 0 ? lengthMm : widthMm,
        turnDeg: 90,
        face: 'smooth paint',
      }))
    : []
  const wallId = (side: unknown) => (measured && typeof side === 'string' ? `wall ${side}` : null)
  return {
    ...file,
    version: 2,
    brief: { ...NEW_BRIEF, ...brief },
    schools: {
      ...Object.fromEntries(TOPICS.map((t) => [t, null])),
      id: 'schools',
      colorScheme: colorSchool ?? null,
    },
    room: { corniceMm: 0, northDeg: measured ? 0 : null, latitudeDeg: null, ...room },
    walls,
    uses: rows(file.uses).map((u) => ({ kind: 'other', persons: 1, time: 'any time', ...u })),
    // An opening of a room without lengths has no wall to be in.
    openings: measured
      ? rows(file.openings).map(({ wall, ...o }) => ({
          hinge: o.kind === 'door' ? 'left' : 'none',
          swing: o.kind === 'door' ? 'in' : 'none',
          ...o,
          wallId: wallId(wall),
        }))
      : [],
    placements: rows(file.placements).map((p) => ({
      hold: 'applied',
      ...p,
      surface:
        typeof p.surface === 'string' && p.surface.startsWith('wall:')
          ? `wall:${wallId(p.surface.slice(5)) ?? ''}`
          : p.surface,
    })),
    pieces: rows(file.pieces).map(({ side, ...p }, position) => ({
      ...NEW_PIECE,
      position,
      ...p,
      wallId: wallId(side),
    })),
    items: rows(file.items).map((i) => ({ ...NEW_ITEM, ...i })),
    changeOrders: [],
  }
}
