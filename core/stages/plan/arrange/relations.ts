import { SEATS, TABLES } from '../needs.js'
import type { Standing } from '../standing.js'

export const RELATIONS = ['knees', 'face', 'beside', 'pulled up', 'apart', 'parallel'] as const
type Relation = (typeof RELATIONS)[number]

/** The relation each piece has to each other: index into RELATIONS plus one, 0 for none; row i says what i wants of j. */
export function relations(all: readonly Standing[]): number[] {
  const seats = all.filter((s) => SEATS.has(s.kind) && s.kind !== 'stool')
  const anchor = [...seats].sort(
    (a, b) => Number(/sofa/.test(b.kind)) - Number(/sofa/.test(a.kind)) || b.widthMm - a.widthMm,
  )[0]
  const tables = all.filter((s) => TABLES.has(s.kind))
  const of = (a: Standing, b: Standing): Relation | undefined => {
    if (a.id === b.id) return undefined
    if (
      (a.kind === 'low table' || (a.kind === 'trunk' && !all.some((s) => s.kind === 'low table'))) &&
      b === anchor
    )
      return 'knees'
    if (a.kind === 'armchair' && b === anchor) return 'face'
    if (a.kind === 'stool' || a.kind === 'chair' || a.kind === 'bench') {
      const to =
        tables.find((t) =>
          /piano/i.test(a.name)
            ? t.kind === 'piano'
            : /desk|sew/i.test(a.name)
              ? t.kind === 'desk'
              : a.piece.serves.some((u) => t.piece.serves.includes(u)),
        ) ?? (a.kind === 'bench' ? undefined : tables[0])
      return b === to ? 'pulled up' : undefined
    }
    if (a.kind === 'side table') {
      const to = seats.find((s) => s.kind === 'armchair') ?? all.find((s) => s.kind === 'bed') ?? anchor
      return b === to ? 'beside' : undefined
    }
    if (a.kind === 'lamp') {
      if (b.kind === 'lamp') return 'apart'
      const to = seats.find((s) => s.kind === 'armchair') ?? anchor
      return b === to ? 'beside' : undefined
    }
    if (/music stand/i.test(a.name) && b.kind === 'piano') return 'beside'
    return undefined
  }
  return all.flatMap((a) =>
    all.map((b) => {
      const r = of(a, b)
      return r ? RELATIONS.indexOf(r) + 1 : 0
    }),
  )
}
