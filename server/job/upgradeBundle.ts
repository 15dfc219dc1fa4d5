import { proposed } from '@bonitas/core/model/proposed'
import { measuredAnew, RENAMED } from '@bonitas/core/model/renamed'
import { ROWS } from '@bonitas/core/model/registry'
import { TOPICS } from '@bonitas/core/model/vocabulary/schools'

import { tieByName } from './tieByName.js'

type Row = Record<string, unknown>

const rows = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : [])
const SIDES = ['north', 'east', 'south', 'west'] as const

/** A job file of an earlier version as the present one, step by step. */
export function upgradeBundle(file: Row): Row {
  return [
    toVersion2,
    toVersion3,
    toVersion4,
    toVersion5,
    toVersion6,
    toVersion7,
    toVersion8,
    toVersion9,
    toVersion10,
    toVersion11,
  ].reduce((known, next) => next(known), file)
}

/**
 * Version 11 knows what sanitary ware and which plant a piece is, by themselves and not by its name; how crooked a thing
 * hangs, and where a lamp is switched.
 */
function toVersion11(file: Row): Row {
  if (file.version !== 10) return file
  return {
    ...file,
    version: 11,
    pieces: rows(file.pieces).map((p) => {
      const piece = { ...PIECE_FACTS, ...p }
      return { ...piece, ...proposed('pieces', piece) }
    }),
    wallPlacements: rows(file.wallPlacements).map((p) => ({ turnDeg: 0, onPurpose: false, ...p })),
    lights: rows(file.lights).map((l) => ({ switchMm: null, ...l })),
  }
}
const PIECE_FACTS: Row = {
  sanitary: null,
  species: '',
  grownMm: null,
  bloomFrom: null,
  bloomTo: null,
  mattressMm: null,
  pillowsMm: null,
}

/** Version 10 keeps the prices of paint by the cubic meter, so that one told by the gallon comes back as it was typed. */
function toVersion10(file: Row): Row {
  if (file.version !== 9) return file
  const brief = measuredAnew('brief', {
    backPrimerMinor: 0,
    backPaintMinor: 0,
    ...(file.brief as Row | undefined),
  })
  return { ...file, brief, version: 10 }
}

/** Version 9 calls the limits of a brief its constraints. */
function toVersion9(file: Row): Row {
  if (file.version !== 8) return file
  const { limits, ...others } = file
  return { constraints: rows(limits), ...others, version: 9 }
}

/**
 * Version 8 ties piece, line, option and loan of one thing, knows which update of a supplier was entered, and calls
 * collections by the terms of the trade.
 */
function toVersion8(file: Row): Row {
  if (file.version !== 7) return file
  const { items, entries, ...others } = file
  const named = Object.fromEntries(Object.entries(others).map(([key, rows]) => [RENAMED[key] ?? key, rows]))
  return {
    ...named,
    version: 8,
    ...tieByName(file),
    acceptances: rows(file.acceptances).map((a) => ({ ...a, finding: byRuleNow(String(a.finding)) })),
    items: rows(items).map(({ focusId, ...i }) => ({ ...i, focalPointId: focusId ?? null })),
    entries: rows(entries).map(({ guessed, ...e }) => {
      const entry = { estimated: guessed ?? false, ...e }
      return (e.kind === 'delivery' || e.kind === 'return') && !e.reverses
        ? withUpdate(entry)
        : { updateId: '', ...entry }
    }),
    orderEvents: rows(file.orderEvents).map((e) =>
      NOTED_UPDATES.includes(e.kind) ? withUpdate(e) : { updateId: '', ...e },
    ),
  }
}

/** Rules that have another name since version 8; what was accepted goes by it. */
const RULES_NOW: Readonly<Record<string, string>> = {
  'palette.shouts': 'palette.dominates',
  'palette.lamps-turn': 'palette.metameric-shift',
  'plan.let-out-blocked': 'plan.extended-blocked',
  'plan.let-out-foot': 'plan.extended-foot',
  'ledger.guessed': 'ledger.estimated',
  'brief.focus-empty': 'brief.focal-point-empty',
  'brief.limit-broken': 'brief.constraint-broken',
}

function byRuleNow(key: string): string {
  const [rule = '', ...about] = key.split('|')
  return [RULES_NOW[rule] ?? rule, ...about].join('|')
}

const NOTED_UPDATES: readonly unknown[] = [
  'acknowledged',
  'delayed',
  'shipped',
  'delivered',
  'refused',
  'credited',
]

/** What was noted from an update of the supplier named it at the end of its note. */
function withUpdate(row: Row): Row {
  const [, note = row.note, updateId = ''] = /^(.*?)\s*\[([\w.-]{1,60})\]$/s.exec(String(row.note)) ?? []
  return { ...row, note, updateId }
}

/** Version 7 knows papers that came, claims, things borrowed, and which amounts are guesses. */
function toVersion7(file: Row): Row {
  if (file.version !== 6) return file
  return {
    ...file,
    version: 7,
    photos: rows(file.photos).map((p) => ({ pages: 0, ...p })),
    entries: rows(file.entries).map((e) => ({ guessed: false, ...e })),
    receipts: [],
    claims: [],
    loans: [],
  }
}

/** Version 6 knows deposits, the tax inside each entry, gift cards, proposals and what was heard of an order. */
function toVersion6(file: Row): Row {
  if (file.version !== 5) return file
  const lines = new Map(rows(file.lines).map((l) => [l.id, l]))
  const entries = rows(file.entries)
  const means = new Map(entries.map((e) => [e.eventId, e.means ?? null]))
  const taxed: readonly unknown[] = ['order', 'cancel', 'return']
  return {
    ...file,
    version: 6,
    orders: rows(file.orders).map((o) => ({
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
    items: rows(file.items).map((i) => ({ ...ROWS.items.blank(), ...i })),
    options: rows(file.options).map((o) => ({ ...ROWS.options.blank(), ...o })),
    suppliers: rows(file.suppliers).map((s) => ({ ...ROWS.suppliers.blank(), ...s })),
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
    pieces: rows(file.pieces).map((p) => ({ traits: [], legsMm: null, ...p })),
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
    finishes: rows(file.finishes).map((f) => ({ ...ROWS.finishes.blank(), ...f })),
    placements: rows(file.placements).map((p) => ({ schemeId: null, candidate: false, ...p })),
    pieces: rows(file.pieces).map((p) => ({ ...ROWS.pieces.blank(), ...p })),
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
      ...ROWS.pieces.blank(),
      position,
      ...p,
      wallId: wallId(side),
    })),
    items: rows(file.items).map((i) => ({ ...ROWS.items.blank(), ...i })),
    changeOrders: [],
  }
}
