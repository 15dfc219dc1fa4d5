import {
  paletteFacts,
  roleShares,
  seen,
  meanReflectance,
  type FinishFacts,
  type PaletteRows,
} from './paletteFacts.js'
import { PALETTE_RULES } from './rules/index.js'
import type { Finding } from '../../findings/finding.js'
import type { Scheme } from '../../model/rows/schemes.js'
import type { SurfaceAreas } from './surfaceAreas.js'

/** What can be said of one scheme beside another. */
export interface SchemeSummary {
  readonly scheme: Scheme
  readonly finishes: readonly FinishFacts[]
  readonly shares: ReturnType<typeof roleShares>
  readonly findings: readonly Finding[]
  /** Mean LRV of what is seen. */
  readonly lrv: number | undefined
  /** What its own dressings cost together, minor units; undefined when none has a cost. */
  readonly costMinor: number | undefined
}

/** A scheme judged by itself, at the same scale as any other of the room. */
export function summarizeScheme(
  rows: PaletteRows,
  areas: SurfaceAreas | undefined,
  scheme: Scheme,
): SchemeSummary {
  const facts = paletteFacts(rows, areas, scheme.id)
  const costs = rows.schemeOverrides.filter((d) => d.schemeId === scheme.id).flatMap((d) => d.costMinor ?? [])
  return {
    scheme,
    finishes: seen(facts),
    shares: roleShares(facts),
    findings: PALETTE_RULES.flatMap((rule) => rule.check(facts)),
    lrv: meanReflectance(facts),
    costMinor: costs.length > 0 ? costs.reduce((sum, c) => sum + c, 0) : undefined,
  }
}
