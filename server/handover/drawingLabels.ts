import type { Mark, PlanDrawing } from '@bonitas/core/kernel/geometry/drawing'
import type { Setting } from '../pdf/setting.js'
import type { TaggedSheet } from '../pdf/taggedSheet.js'

type Named = Extract<Mark, { kind: 'text' }>
type Outline = Extract<Mark, { kind: 'outline' }>

/** How the name of a thing is written into it: its lines at a size, upright or along its length; or by a number with a key. */
export interface Label {
  readonly mark: Named
  readonly lines: readonly string[]
  readonly size: number
  readonly turned: boolean
}

/** The names of a drawing that fit in their things, and those that are told below it. */
export interface Labels {
  readonly at: ReadonlyMap<Mark, Label>
  readonly key: readonly string[]
}

const NAMED: ReadonlySet<string> = new Set(['PIECE', 'RUG', 'HANG'])
const SIZES = [8, 7, 6] as const
const LEADING = 1.15
const INSET = 3

export const labelSet = (size: number): Setting => ({
  size,
  leading: size * LEADING,
  weight: 400,
  color: '#1a1a1a',
})

/** The thing a name stands in: the smallest outline of its layer around it. */
function boxAround(marks: readonly Mark[], text: Named): { wide: number; high: number } | undefined {
  const boxes = marks
    .filter((m): m is Outline => m.kind === 'outline' && m.layer === text.layer && m.closed)
    .filter((m) => text.id === undefined || m.id === text.id)
    .map(({ points }) => {
      const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)]
      const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
      return { left, right, top, bottom, wide: right - left, high: bottom - top }
    })
    .filter((b) => text.at.x >= b.left && text.at.x <= b.right && text.at.y >= b.top && text.at.y <= b.bottom)
    .sort((a, b) => a.wide * a.high - b.wide * b.high)
  return boxes[0]
}

/** Fits every name into its thing: in one or more lines, along the longer side where that is upright; else it gets a number. */
export function labelsOf(sheet: TaggedSheet, { marks }: PlanDrawing, scale: number): Labels {
  const at = new Map<Mark, Label>()
  const key: string[] = []
  for (const mark of marks) {
    if (mark.kind !== 'text' || !NAMED.has(mark.layer)) continue
    const box = boxAround(marks, mark)
    if (!box) continue
    const [wide, high] = [box.wide * scale - INSET, box.high * scale - INSET]
    const fitted = SIZES.flatMap((size): Label[] => [
      ...fit(sheet, mark, { size, wide, high, turned: false }),
      ...fit(sheet, mark, { size, wide: high, high: wide, turned: true }),
    ])[0]
    if (fitted) {
      at.set(mark, fitted)
      continue
    }
    const known = key.indexOf(mark.text)
    if (known < 0) key.push(mark.text)
    const number = String((known < 0 ? key.length - 1 : known) + 1)
    at.set(mark, { mark, lines: [number], size: 6, turned: false })
  }
  return { at, key }
}

function fit(
  sheet: TaggedSheet,
  mark: Named,
  { size, wide, high, turned }: { size: number; wide: number; high: number; turned: boolean },
): Label[] {
  if (wide < 10) return []
  const set = labelSet(size)
  // A word that is wider than its thing is not broken.
  if (mark.text.split(' ').some((word) => sheet.measure(word, set) > wide)) return []
  const lines: string[] = []
  for (const word of mark.text.split(' ')) {
    const last = lines.at(-1)
    const longer = last === undefined ? word : `${last} ${word}`
    if (last !== undefined && sheet.measure(longer, set) <= wide) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines.length * set.leading <= high ? [{ mark, lines, size, turned }] : []
}
