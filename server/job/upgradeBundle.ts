import { proposed } from '@bonitas/core/model/proposed'
import { measuredAnew, RENAMED } from '@bonitas/core/model/renamed'

import { tieByName } from './tieByName.js'
import { upgradeEarly } from './upgradeEarly.js'
import { rowsOf, type Row } from './upgradeRows.js'

/** A job file of an earlier version as the present one, step by step. */
export function upgradeBundle(file: Row): Row {
  const steps = [
    upgradeEarly,
    toVersion8,
    toVersion9,
    toVersion10,
    toVersion11,
    toVersion12,
    toVersion13,
    toVersion14,
    toVersion15,
    toVersion16,
    toVersion17,
    toVersion18,
    toVersion19,
  ]
  return steps.reduce((known, next) => next(known), file)
}

/** Version 19 knows the words of the book, and how a job is closed and what it taught. */
function toVersion19(file: Row): Row {
  if (file.version !== 18) return file
  return {
    ...file,
    version: 19,
    brief: { closedOn: null, closedGaps: [], learned: [], bookPrices: false, ...(file.brief as Row) },
    bookTexts: [],
    takeoffs: rowsOf(file.takeoffs).map((r) => ({ leftPacks: null, ...r })),
    finishRecords: rowsOf(file.finishRecords).map((r) => ({ leftMl: null, ...r })),
  }
}

/**
 * Version 18 knows which steps are not done at the same time, exactly where a thing stands on its shelf, and what is handed over:
 * where things came from, finishes as applied, care, seasons, pictures of after.
 */
function toVersion18(file: Row): Row {
  if (file.version !== 17) return file
  const withThe = (name: string, more: Row) => ({
    [name]: rowsOf(file[name]).map((r) => ({ ...more, ...r })),
  })
  return {
    ...file,
    version: 18,
    ...withThe('tasks', { notWhile: [] }),
    ...withThe('shelves', { bearsG: null }),
    ...withThe('shelfPlacements', { xMm: null, onId: null }),
    ...{ seasonalSets: [], registerEntries: [], finishRecords: [], careNotes: [] },
    ...{ edits: [], pictureMarks: [] },
  }
}

/** Version 17 knows who works when, what is asked of a task, and where what is moved out stands. */
function toVersion17(file: Row): Row {
  if (file.version !== 16) return file
  return {
    ...file,
    version: 17,
    brief: { holdingPlace: '', holdingM3: null, ...(file.brief as Row) },
    finishes: rowsOf(file.finishes).map((r) => ({ recoatHours: null, hardDays: null, ...r })),
    ...{ crew: [], closures: [], quietHours: [], tasks: [] },
  }
}

/** Version 16 knows how work is reckoned in a job, how what it takes is sold, and stairs. */
function toVersion16(file: Row): Row {
  if (file.version !== 15) return file
  const stair = { riserMm: null, goingMm: null, stairMm: null, landingMm: 0 }
  const takeoffs = rowsOf(file.takeoffs).map((r) => ({ ...stair, ...r }))
  return { ...file, version: 16, takeoffs, efforts: [], consumables: [] }
}

/** Version 15 tells which item buys the paint. Until then it was the first that names a paint and that no line of the take-off raised. */
function toVersion15(file: Row): Row {
  if (file.version !== 14) return file
  const paints = rowsOf(file.finishes).filter((f) => f.material === 'paint' || f.material === 'primer')
  const raised = rowsOf(file.takeoffs).map((t) => t.itemId)
  const first = [...rowsOf(file.items)]
    .sort((a, b) => Number(a.position) - Number(b.position))
    .find(
      (i) => i.category === 'surfaces' && paints.some((f) => f.id === i.finishId) && !raised.includes(i.id),
    )
  return {
    ...file,
    version: 15,
    items: rowsOf(file.items).map((i) => ({ buysPaint: i === first ? 'all paint' : null, ...i })),
  }
}

/** Version 14 knows which option a line of the take-off raised, and what tiles, moldings, covers and blinds are reckoned by. */
function toVersion14(file: Row): Row {
  if (file.version !== 13) return file
  const more = { optionId: null, thickMm: null, springDeg: null, pipingMm: 0, inside: true }
  return { ...file, version: 14, takeoffs: rowsOf(file.takeoffs).map((r) => ({ ...more, ...r })) }
}

/** Version 13 knows lines of the take-off and the pieces they cut. */
function toVersion13(file: Row): Row {
  return file.version === 12 ? { ...file, version: 13, takeoffs: [], takeoffParts: [] } : file
}

/**
 * Version 12 knows shelves and what stands on them, parts of a piece, what a window carries, the value of a work, the layout
 * and the color that are wanted, and who accepted what on which day.
 */
function toVersion12(file: Row): Row {
  if (file.version !== 11) return file
  const withThe = (name: string, more: Row) => ({
    [name]: rowsOf(file[name]).map((r) => ({ ...more, ...r })),
  })
  return {
    ...file,
    version: 12,
    brief: { wantedHue: null, ...(file.brief as Row) },
    shelves: [],
    shelfPlacements: [],
    pieceParts: [],
    ...withThe('openings', { carries: null, carriesG: null }),
    ...withThe('fixtures', { radiusMm: null }),
    ...withThe('pieces', { valueMinor: null }),
    ...withThe('frames', { glare: false }),
    ...withThe('items', { layout: null, demandsOff: [] }),
    ...withThe('acceptances', { by: '', on: null }),
  }
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
    pieces: rowsOf(file.pieces).map((p) => {
      const piece = { ...PIECE_FACTS, ...p }
      return { ...piece, ...proposed('pieces', piece) }
    }),
    wallPlacements: rowsOf(file.wallPlacements).map((p) => ({ turnDeg: 0, onPurpose: false, ...p })),
    lights: rowsOf(file.lights).map((l) => ({ switchMm: null, ...l })),
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
  return { constraints: rowsOf(limits), ...others, version: 9 }
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
    acceptances: rowsOf(file.acceptances).map((a) => ({ ...a, finding: byRuleNow(String(a.finding)) })),
    items: rowsOf(items).map(({ focusId, ...i }) => ({ ...i, focalPointId: focusId ?? null })),
    entries: rowsOf(entries).map(({ guessed, ...e }) => {
      const entry = { estimated: guessed ?? false, ...e }
      return (e.kind === 'delivery' || e.kind === 'return') && !e.reverses
        ? withUpdate(entry)
        : { updateId: '', ...entry }
    }),
    orderEvents: rowsOf(file.orderEvents).map((e) =>
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
