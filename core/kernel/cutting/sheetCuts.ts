/** A rectangle to be cut from a sheet: `along` runs with the length of the sheet, as grain must. */
export interface SheetPiece {
  readonly name: string
  readonly along: number
  readonly across: number
  readonly count: number
  /** May be turned by a quarter: no grain. */
  readonly free: boolean
}

export interface PlacedPiece {
  readonly name: string
  readonly x: number
  readonly y: number
  readonly along: number
  readonly across: number
}

interface Rect {
  readonly x: number
  readonly y: number
  readonly along: number
  readonly across: number
}

/** One sheet: what is cut from it, and the rectangles that are over. */
export interface CutSheet {
  readonly pieces: readonly PlacedPiece[]
  readonly over: readonly Rect[]
}

export interface SheetCuts {
  readonly sheets: readonly CutSheet[]
  /** No way of cutting needs fewer sheets than this. */
  readonly atLeast: number
  readonly proven: boolean
}

type Size = Omit<SheetPiece, 'count'>

const DUST = 1e-6
/** Orders tried before the best is taken and the bound told (some 100 ms for fifty pieces). */
const TRIES = 150

/**
 * Pieces cut from sheets by cuts that go from edge to edge, as a saw must. The largest first, each into the free rectangle it
 * fills best, which is then split in two; several orders and both ways to split are tried, then orders shuffled the same
 * way each time, until the bound is met or the tries are used up. The bound is the larger of the area and of pieces of which no
 * two come from one sheet.
 *
 * @param sheet in the unit of the pieces; `trim` is cut off all round before anything else
 * @throws {RangeError} when a piece is larger than the sheet
 */
export function sheetCuts(
  sheet: { readonly along: number; readonly across: number },
  kerf: number,
  pieces: readonly SheetPiece[],
): SheetCuts {
  // Each piece brings its cut, and so the sheet is one cut larger.
  const room = { along: sheet.along + kerf, across: sheet.across + kerf }
  const all = pieces.flatMap((p): Size[] =>
    Array.from({ length: p.count }, () => ({ ...p, along: p.along + kerf, across: p.across + kerf })),
  )
  // Whatever order they were entered in, they are cut alike.
  all.sort(
    (a, b) =>
      b.along - a.along ||
      b.across - a.across ||
      Number(a.free) - Number(b.free) ||
      a.name.localeCompare(b.name),
  )
  for (const p of all)
    if (ways(p).every((w) => w.along > room.along + DUST || w.across > room.across + DUST))
      throw new RangeError(`${p.name} is larger than the sheet`)
  const atLeast = leastSheets(all, room)
  let best: Sheet[] | undefined
  const better = (order: readonly Size[]) => {
    for (const split of SPLITS) {
      const found = fill(order, room, split)
      if (!best || found.length < best.length || (found.length === best.length && rest(found) > rest(best)))
        best = found
    }
  }
  for (const by of ORDERS) better([...all].sort((a, b) => by(b) - by(a)))
  const next = shuffler()
  for (let i = 0; i < TRIES && (best?.length ?? 0) > atLeast; i++)
    better(
      [...all]
        .map((p) => ({ p, at: p.along * p.across * (0.5 + next()) }))
        .sort((a, b) => b.at - a.at)
        .map(({ p }) => p),
    )
  const found = best ?? []
  return {
    sheets: found.map((s) => ({
      pieces: s.pieces.map((p) => ({ ...p, along: p.along - kerf, across: p.across - kerf })),
      over: s.free
        .map((r) => ({ ...r, along: r.along - kerf, across: r.across - kerf }))
        .filter((r) => r.along > DUST && r.across > DUST),
    })),
    atLeast,
    proven: found.length === atLeast,
  }
}

interface Sheet {
  readonly pieces: PlacedPiece[]
  free: Rect[]
}

const ORDERS: readonly ((p: Size) => number)[] = [
  (p) => p.along * p.across,
  (p) => Math.max(p.along, p.across),
  (p) => p.along,
  (p) => p.across,
  (p) => p.along + p.across,
]
/** The cut that parts what is left: along the sheet or across it first, or so that the largest rectangle stays. */
const SPLITS = ['along', 'across', 'largest'] as const
type Split = (typeof SPLITS)[number]

const ways = (p: Pick<Size, 'along' | 'across' | 'free'>) =>
  p.free
    ? [
        { along: p.along, across: p.across },
        { along: p.across, across: p.along },
      ]
    : [{ along: p.along, across: p.across }]

/** The largest rectangle that is over: of as many sheets the way that leaves most in one. */
const rest = (sheets: readonly Sheet[]): number =>
  Math.max(0, ...sheets.flatMap((s) => s.free.map((r) => r.along * r.across)))

function fill(order: readonly Size[], room: { along: number; across: number }, split: Split): Sheet[] {
  const sheets: Sheet[] = []
  for (const p of order) {
    const into = bestPlace(p, sheets) ?? opened(p, sheets, room)
    const { sheet, rect, way } = into
    sheet.pieces.push({ name: p.name, x: rect.x, y: rect.y, ...way })
    sheet.free = [...sheet.free.filter((r) => r !== rect), ...parted(rect, way, split)]
  }
  return sheets
}

interface Place {
  readonly sheet: Sheet
  readonly rect: Rect
  readonly way: { readonly along: number; readonly across: number }
}

/** The free rectangle that is filled best: the least left on its tighter side. */
function bestPlace(p: Size, sheets: readonly Sheet[]): Place | undefined {
  let best: (Place & { readonly left: number }) | undefined
  for (const sheet of sheets)
    for (const rect of sheet.free)
      for (const way of ways(p)) {
        if (way.along > rect.along + DUST || way.across > rect.across + DUST) continue
        const left = Math.min(rect.along - way.along, rect.across - way.across)
        if (!best || left < best.left) best = { sheet, rect, way, left }
      }
  return best
}

function opened(p: Size, sheets: Sheet[], room: { along: number; across: number }): Place {
  const rect = { x: 0, y: 0, ...room }
  const sheet: Sheet = { pieces: [], free: [rect] }
  sheets.push(sheet)
  const way = ways(p).find((w) => w.along <= room.along + DUST && w.across <= room.across + DUST)
  return { sheet, rect, way: way ?? { along: p.along, across: p.across } }
}

/** What is left of a rectangle when a corner of it is cut away, as the two rectangles of one cut from edge to edge. */
function parted(r: Rect, way: { along: number; across: number }, split: Split): Rect[] {
  const [dx, dy] = [r.along - way.along, r.across - way.across]
  const alongFirst =
    split === 'along' ||
    (split === 'largest' && Math.max(r.along * dy, dx * way.across) > Math.max(dx * r.across, way.along * dy))
  const below = { x: r.x, y: r.y + way.across, along: alongFirst ? r.along : way.along, across: dy }
  const beside = { x: r.x + way.along, y: r.y, along: dx, across: alongFirst ? way.across : r.across }
  return [below, beside].filter((x) => x.along > DUST && x.across > DUST)
}

/** By area, and by pieces no two of which can come from one sheet (a greedy clique: any such set is a bound). */
function leastSheets(all: readonly Size[], room: { along: number; across: number }): number {
  const area = all.reduce((sum, p) => sum + p.along * p.across, 0)
  const together = (a: Size, b: Size) =>
    ways(a).some((v) =>
      ways(b).some(
        (w) =>
          (v.along + w.along <= room.along + DUST && Math.max(v.across, w.across) <= room.across + DUST) ||
          (v.across + w.across <= room.across + DUST && Math.max(v.along, w.along) <= room.along + DUST),
      ),
    )
  const apart: Size[] = []
  for (const p of [...all].sort((a, b) => b.along * b.across - a.along * a.across))
    if (apart.every((o) => !together(o, p))) apart.push(p)
  return Math.max(Math.ceil(area / (room.along * room.across) - 1e-9), apart.length)
}

/** Numbers from 0 to 1, the same each time: a plan of cuts does not change when it is looked at again. */
function shuffler(): () => number {
  let state = 0x2545f491
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 0x1_0000_0000
  }
}
