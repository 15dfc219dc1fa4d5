import type { BeforeWall } from '@bonitas/core/stages/plan/planFacts'

/** Pixels: a line of lettering, and how wide one of its letters is about. */
const LINE = 15
const LETTER = 5.2
/** A piece smaller than this has its name in a tooltip only. */
const LEAST = { wide: 44, high: 16 }

/** A name on an elevation, by the middle of its line, in millimeters above the floor. */
export interface ElevationLabel {
  readonly id: string
  readonly xMm: number
  readonly heightMm: number
}

interface Box {
  readonly left: number
  readonly right: number
  readonly low: number
  readonly high: number
}
const meet = (a: Box, b: Box) => a.left < b.right && b.left < a.right && a.low < b.high && b.low < a.high
const boxOf = (b: BeforeWall): Box => ({
  left: b.leftMm,
  right: b.rightMm,
  low: b.standing.raisedMm,
  high: b.topMm,
})

/**
 * Where the names of what stands before a wall are written: in the middle of the piece, else at its top or its foot, and only
 * where nothing that stands nearer and no other name runs over them.
 * @param before from the wall into the room, as it is drawn
 * @param px millimeters to a pixel
 */
export function elevationLabels(before: readonly BeforeWall[], px: number): ElevationLabel[] {
  const written: Box[] = []
  // What stands nearest is seen whole: its name comes first.
  return before
    .map((b, i) => ({ b, nearer: before.slice(i + 1).map(boxOf) }))
    .reverse()
    .flatMap(({ b, nearer }): ElevationLabel[] => {
      const box = boxOf(b)
      const wide = (box.right - box.left) / px
      const high = (box.high - box.low) / px
      const letters = b.standing.name.length * LETTER
      if (b.standing.kind === 'lamp' || wide <= LEAST.wide || high <= LEAST.high || letters > wide) return []
      const half = (LINE / 2) * px
      const xMm = (box.left + box.right) / 2
      const places = [(box.low + box.high) / 2, box.high - 1.2 * half, box.low + 1.2 * half]
      for (const heightMm of places) {
        const line = {
          left: xMm - (letters / 2) * px,
          right: xMm + (letters / 2) * px,
          low: heightMm - half,
          high: heightMm + half,
        }
        if ([...nearer, ...written].some((o) => meet(o, line))) continue
        written.push(line)
        return [{ id: b.standing.id, xMm, heightMm }]
      }
      return []
    })
}
