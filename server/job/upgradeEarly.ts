import { ROWS } from '@bonitas/core/model/registry'
import { TOPICS } from '@bonitas/core/model/vocabulary/schools'
import { rowsOf, type Row } from './upgradeRows.js'

const SIDES = ['north', 'east', 'south', 'west'] as const
/** A job file of the first six versions as one of the seventh, step by step. */
export const upgradeEarly = (file: Row): Row =>
  [toVersion2, toVersion3, toVersion4, toVersion5, toVersion6, toVersion7].reduce(
    (known, next) => next(known),
    file,
  )

/** Version 7 knows papers that came, claims, things borrowed, and which amounts are guesses. */
function toVersion7(file: Row): Row {
  if (file.version !== 6) return file
  return {
    ...file,
    version: 7,
    photos: rowsOf(file.photos).map((p) => ({ pages: 0, ...p })),
    entries: rowsOf(file.entries).map((e) => ({ guessed: false, ...e })),
    receipts: [],
    claims: [],
    loans: [],
  }
}

/** Version 6 knows deposits, the tax inside each entry, gift cards, proposals and what was heard of an order. */
function toVersion6(file: Row): Row {
  if (file.version !== 5) return file
  const lines = new Map(rowsOf(file.lines).map((l) => [l.id, l]))
  const entries = rowsOf(file.entries)
  const means = new Map(entries.map((e) => [e.eventId, e.means ?? null]))
  const taxed: readonly unknown[] = ['order', 'cancel', 'return']
  return {
    ...file,
    version: 6,
    orders: rowsOf(file.orders).map((o) => ({
      depositMinor: 0,
      depositDueOn: null,
      balanceDueOn: null,
      ...o,
    })),
    entries: entries.map((e) => {
      const line = lines.get(e.lineId)
      const share = Number(line?.amountMinor) > 0 ? Number(line?.taxMinor) / Number(line?.amountMinor) : 0
      return {
        taxMinor: taxed.includes(e.kind) ? Math.round(Number(e.amountMinor) * share) : 0,
        voucherId: null,
        ...e,
        // A reversal takes the money back the way it went.
        means: e.reverses ? (means.get(e.reverses) ?? null) : (e.means ?? null),
      }
    }),
    vouchers: [],
    proposals: [],
    orderEvents: [],
  }
}

/** Version 5 knows more of items, options and suppliers, and what things are made of. */
function toVersion5(file: Row): Row {
  if (file.version !== 4) return file
  return {
    ...file,
    version: 5,
    brief: { ...ROWS.brief.blank(), ...(file.brief as Row) },
    items: rowsOf(file.items).map((i) => ({ ...ROWS.items.blank(), ...i })),
    options: rowsOf(file.options).map((o) => ({ ...ROWS.options.blank(), ...o })),
    suppliers: rowsOf(file.suppliers).map((s) => ({ ...ROWS.suppliers.blank(), ...s })),
    makings: [],
    sightings: [],
    offers: [],
  }
}

/** Version 4 knows where pieces stand and hang, and more facts of each piece. */
function toVersion4(file: Row): Row {
  if (file.version !== 3) return file
  return {
    ...file,
    version: 4,
    pieces: rowsOf(file.pieces).map((p) => ({ traits: [], legsMm: null, ...p })),
    stands: [],
    hangs: [],
    frames: [],
    setOuts: [],
    lights: [],
    houseRules: [],
  }
}

/** Version 3 knows schemes, parts of walls and more of each finish. The name a scheme had becomes the first scheme. */
function toVersion3(file: Row): Row {
  if (file.version !== 2) return file
  const { schemeName, ...brief } = (file.brief ?? {}) as Row
  const named = typeof schemeName === 'string' && schemeName.trim() !== ''
  return {
    ...file,
    version: 3,
    brief: { ...brief, schemeId: named ? 'scheme' : null },
    room: { kind: null, ...(file.room as Row) },
    schemes: named
      ? [
          {
            id: 'scheme',
            position: 0,
            name: schemeName,
            note: '',
            overId: null,
            retired: false,
            storedAt: '',
          },
        ]
      : [],
    parts: [],
    dressings: [],
    pulls: [],
    finishes: rowsOf(file.finishes).map((f) => ({ ...ROWS.finishes.blank(), ...f })),
    placements: rowsOf(file.placements).map((p) => ({ schemeId: null, candidate: false, ...p })),
    pieces: rowsOf(file.pieces).map((p) => ({ ...ROWS.pieces.blank(), ...p })),
  }
}

/**
 * A job file of version 1 as version 2: the rectangle becomes four walls walked to the right from the north one, the
 * school of color moves to the schools, and every row gets the fields it did not have. Damaged parts are left as they
 * are, for the check that follows to name.
 */
function toVersion2(file: Row): Row {
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
    brief: { ...ROWS.brief.blank(), ...brief },
    schools: {
      ...Object.fromEntries(TOPICS.map((t) => [t, null])),
      id: 'schools',
      colorScheme: colorSchool ?? null,
    },
    room: { corniceMm: 0, northDeg: measured ? 0 : null, latitudeDeg: null, ...room },
    walls,
    uses: rowsOf(file.uses).map((u) => ({ kind: 'other', persons: 1, time: 'any time', ...u })),
    // An opening of a room without lengths has no wall to be in.
    openings: measured
      ? rowsOf(file.openings).map(({ wall, ...o }) => ({
          hinge: o.kind === 'door' ? 'left' : 'none',
          swing: o.kind === 'door' ? 'in' : 'none',
          ...o,
          wallId: wallId(wall),
        }))
      : [],
    placements: rowsOf(file.placements).map((p) => ({
      hold: 'applied',
      ...p,
      surface:
        typeof p.surface === 'string' && p.surface.startsWith('wall:')
          ? `wall:${wallId(p.surface.slice(5)) ?? ''}`
          : p.surface,
    })),
    pieces: rowsOf(file.pieces).map(({ side, ...p }, position) => ({
      ...ROWS.pieces.blank(),
      position,
      ...p,
      wallId: wallId(side),
    })),
    items: rowsOf(file.items).map((i) => ({ ...ROWS.items.blank(), ...i })),
    changeOrders: [],
  }
}
