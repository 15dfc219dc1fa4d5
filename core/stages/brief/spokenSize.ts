import { InputError } from '../../kernel/errors/InputError.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import { readLength } from '../../kernel/units/length.js'
import type { Formatter } from '../../kernel/units/formatter.js'

export interface SpokenSize {
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  /** A question when the size is unusual for its kind: the likely slip and what it would mean. */
  readonly question: string | undefined
}

/** Smallest and largest usual width, depth and height of a kind, mm. */
type Range = readonly [number, number]
interface Usual {
  readonly width: Range
  readonly depth: Range
  readonly height: Range
}

// Usual outer sizes of furniture (common practice), wide enough that only a slip of units falls outside.
const USUAL: Readonly<Record<PieceKind, Usual>> = {
  sofa: { width: [1200, 4000], depth: [650, 2600], height: [550, 1300] },
  'sofa bed': { width: [1200, 3500], depth: [650, 2600], height: [300, 1300] },
  armchair: { width: [500, 1300], depth: [500, 1300], height: [600, 1400] },
  chair: { width: [330, 1000], depth: [330, 1100], height: [600, 1300] },
  stool: { width: [200, 1700], depth: [200, 1700], height: [250, 900] },
  bench: { width: [500, 3000], depth: [200, 900], height: [300, 1200] },
  rug: { width: [400, 6000], depth: [400, 8000], height: [1, 60] },
  curtains: { width: [300, 8000], depth: [1, 500], height: [400, 6000] },
  blind: { width: [200, 4000], depth: [1, 300], height: [200, 4000] },
  cushion: { width: [200, 1200], depth: [30, 1200], height: [30, 1200] },
  throw: { width: [600, 3000], depth: [1, 3000], height: [1, 3000] },
  table: { width: [500, 4000], depth: [400, 2000], height: [500, 1150] },
  'low table': { width: [300, 2000], depth: [300, 1600], height: [200, 600] },
  'side table': { width: [200, 1800], depth: [150, 900], height: [250, 1100] },
  desk: { width: [500, 3000], depth: [300, 1200], height: [500, 1600] },
  cabinet: { width: [200, 4000], depth: [120, 1000], height: [200, 3000] },
  'chest of drawers': { width: [250, 2500], depth: [200, 800], height: [300, 1900] },
  wardrobe: { width: [400, 5000], depth: [250, 1000], height: [1200, 3000] },
  trunk: { width: [200, 1800], depth: [150, 1000], height: [100, 1000] },
  shelves: { width: [150, 6000], depth: [80, 800], height: [20, 4000] },
  bed: { width: [700, 2400], depth: [1500, 2700], height: [150, 2600] },
  cot: { width: [400, 1000], depth: [600, 1700], height: [300, 1600] },
  lamp: { width: [50, 2500], depth: [50, 2500], height: [80, 2600] },
  picture: { width: [50, 4000], depth: [1, 200], height: [50, 3500] },
  mirror: { width: [80, 4000], depth: [1, 300], height: [80, 3500] },
  piano: { width: [1100, 1800], depth: [450, 3000], height: [850, 1450] },
  plant: { width: [50, 4000], depth: [50, 4000], height: [50, 6000] },
  object: { width: [10, 2000], depth: [5, 2000], height: [10, 2500] },
  sanitary: { width: [200, 2200], depth: [150, 2000], height: [80, 2400] },
  appliance: { width: [100, 1200], depth: [50, 900], height: [50, 2200] },
  headboard: { width: [600, 4000], depth: [5, 400], height: [300, 2400] },
  screen: { width: [300, 4000], depth: [5, 800], height: [600, 2600] },
  tray: { width: [100, 1200], depth: [80, 900], height: [5, 200] },
  books: { width: [8, 3000], depth: [60, 450], height: [15, 500] },
  other: { width: [10, 6000], depth: [1, 6000], height: [1, 6000] },
}

const SEPARATORS = /\s*(?:[x×*]|\bby\b|,\s|;)\s*/i
const UNIT = /(mm|cm|m|ft|feet|foot|yd|in|inch|inches|"|″|”|'|’|′)\s*$/i
const IMPERIAL = /['"′″’”]|\b(?:ft|feet|foot|in|inch|inches)\b|\d\s*\/\s*\d|[½¼¾⅛⅜⅝⅞⅓⅔]/i

/** Splits a spoken size into its numbers: at ×, x, by or commas, or at the spaces when there are none of these. */
function parts(text: string): string[] {
  const cut = text.split(SEPARATORS).filter((p) => p.trim() !== '')
  if (cut.length > 1) return cut
  // Spaces part the numbers, but a fraction and a unit belong to the number before them: 6' 6 35 1/2 33 in.
  const found = text.match(
    /\d+(?:[.,]\d+)?\s*(?:'|′|’|ft\b|feet\b)(?:\s*\d+(?!\s*(?:'|′|’|ft\b|feet\b))(?:\s+\d+\s*\/\s*\d+)?\s*(?:"|″|”|in\b)?)?|\d+\s+\d+\s*\/\s*\d+\s*(?:"|″|”|in\b)?|\d+\s*\/\s*\d+\s*(?:"|″|”|in\b)?|\d+(?:[.,]\d+)?\s*(?:mm\b|cm\b|m\b|in\b|"|″|”)?/gi,
  )
  return found ?? []
}

/**
 * Reads width × depth × height as they are spoken on a walk through a room: `1980 900 840`, `198 x 90 x 84 cm`,
 * `6'6 x 35 1/2 x 33`. Numbers without a unit take the unit of the last one, inches when any of them is imperial,
 * and otherwise the first of the studio's units in which all three are usual for the kind.
 *
 * @param kind decides what is usual; two numbers will do for a flat thing (rug, picture, mirror)
 * @throws {InputError} `SIZE_NOT_READ`, `SIZE_OUT_OF_RANGE`
 */
export function parseSize(text: string, kind: PieceKind, says: Formatter): SpokenSize {
  const { system } = says
  const refuse = (code: string, what: string): never => {
    throw new InputError(code, {
      what,
      where: 'Size',
      fix:
        system === 'metric'
          ? 'Write width, depth, height: 1980 900 840.'
          : `Write width x depth x height: 6'6 x 35 1/2 x 33.`,
    })
  }
  if (text.length > 80) refuse('SIZE_NOT_READ', 'is longer than a size')
  const found = parts(text.trim())
  const flat =
    kind === 'rug' || kind === 'picture' || kind === 'mirror' || kind === 'throw' || kind === 'blind'
  if (found.length !== 3 && !(flat && found.length === 2))
    refuse('SIZE_NOT_READ', found.length < 3 ? 'needs three numbers' : 'has more than three numbers')
  const shared = UNIT.exec(found[found.length - 1] ?? '')?.[1]
  const imperial = IMPERIAL.test(text)
  const bareUnits =
    shared && !/['’′]/.test(shared)
      ? [shared]
      : imperial
        ? ['in']
        : system === 'metric'
          ? ['mm', 'cm', 'm']
          : ['in', 'cm', 'mm']
  const usual = USUAL[kind]
  const read = (unit: string): [number, number, number] => {
    const mm = found.map((p) =>
      readLength(UNIT.test(p) || /\//.test(p) || /'/.test(p) ? p : `${p} ${unit}`, {
        label: 'Size',
        system,
        minMm: 1,
        maxMm: 20_000,
      }),
    )
    const [a = 1, b = 1, c] = mm
    if (c !== undefined) return [a, b, c]
    return kind === 'rug' || kind === 'throw' ? [a, b, 10] : [a, 30, b]
  }
  const tries = bareUnits.flatMap((unit): { unit: string; size: [number, number, number] }[] => {
    try {
      return [{ unit, size: read(unit) }]
    } catch (error) {
      if (bareUnits.length === 1) throw error
      return []
    }
  })
  const first = tries[0] ?? refuse('SIZE_OUT_OF_RANGE', 'is not a size of a thing in a room')
  const fits = tries.find((t) => isUsual(t.size, usual))
  const [widthMm, depthMm, heightMm] = (fits ?? first).size
  return {
    widthMm,
    depthMm,
    heightMm,
    question: fits ? undefined : question(first.size, kind, usual, found, says),
  }
}

function isUsual([w, d, h]: readonly [number, number, number], { width, depth, height }: Usual): boolean {
  const inside = (mm: number, [low, high]: Range) => mm >= low && mm <= high
  // Width and depth are told in either order.
  return (
    inside(h, height) && ((inside(w, width) && inside(d, depth)) || (inside(d, width) && inside(w, depth)))
  )
}

function question(
  size: readonly [number, number, number],
  kind: PieceKind,
  usual: Usual,
  found: readonly string[],
  says: Formatter,
): string {
  const said = says.sides(size)
  const other = [25.4, 10, 0.1, 1 / 25.4].map(
    (k) => size.map((mm) => Math.round(mm * k)) as unknown as typeof size,
  )
  const at = other.findIndex((s) => isUsual(s, usual))
  const meant = other[at]
  const unit = ['inches', 'centimeters', 'a digit too many', 'millimeters taken for inches'][at]
  if (meant)
    return `${said} is unusual for ${article(kind)}. ${unit === 'inches' || unit === 'centimeters' ? `Are these ${unit}` : `Is it ${unit ?? ''}`}: ${(found[0] ?? '').trim()} = ${says.typed(meant[0])}?`
  const names = ['width', 'depth', 'height'] as const
  const odd = names.find((n, i) => (size[i] ?? 0) < usual[n][0] || (size[i] ?? 0) > usual[n][1]) ?? 'width'
  return `${said} is unusual for ${article(kind)}: its ${odd} is mostly ${says.span(usual[odd][0], usual[odd][1])}. Measured right?`
}

const article = (kind: string) => `${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}`
