import type { LabD65 } from '../color/lab.js'
import { undertone, type Undertone } from './undertone.js'
import type { Finish, Piece, Placement } from './schema.js'
import {
  finishShares,
  visiblePatches,
  type FinishShare,
  type Patch,
  type SurfaceAreas,
} from './visibleArea.js'

export interface FinishFacts {
  readonly finish: Finish
  readonly lab: LabD65
  readonly undertone: Undertone
  readonly areaMm2: number
  /** Visible area over all visible area, 0 to 1; 0 for a sample on the bench that is placed nowhere. */
  readonly share: number
  readonly where: readonly Patch['where'][]
}

/** What the palette rules judge: each finish with its undertone and share, and who wears it. */
export interface PaletteFacts {
  /** The school of color scheme; null while the job has chosen none. */
  readonly school: string | null
  readonly finishes: readonly FinishFacts[]
  readonly placements: readonly Placement[]
  readonly pieces: readonly Piece[]
}

export const labOf = (finish: Pick<Finish, 'labL' | 'labA' | 'labB'>): LabD65 => ({
  l: finish.labL,
  a: finish.labA,
  b: finish.labB,
})

/** Undertone and share of every finish of the job, largest share first, unplaced samples last. */
export function paletteFacts(
  school: string | null,
  areas: SurfaceAreas | undefined,
  finishes: readonly Finish[],
  placements: readonly Placement[],
  pieces: readonly Piece[],
): PaletteFacts {
  const shares = new Map<string, FinishShare>(
    finishShares(visiblePatches(areas, placements, pieces)).map((s) => [s.finishId, s]),
  )
  const facts = finishes.map((finish): FinishFacts => {
    const seen = shares.get(finish.id)
    const lab = labOf(finish)
    return {
      finish,
      lab,
      undertone: undertone(finish.material, lab),
      areaMm2: seen?.areaMm2 ?? 0,
      share: seen?.share ?? 0,
      where: seen?.where ?? [],
    }
  })
  return { school, finishes: facts.sort((x, y) => y.areaMm2 - x.areaMm2), placements, pieces }
}

/** Shares of mains, second and accent over what can change: the school's 60/30/10 is judged on these. */
export function roleShares(facts: PaletteFacts): {
  main: number
  second: number
  accent: number
  fixed: number
} {
  const of = (roles: readonly string[]) =>
    facts.finishes.filter((f) => roles.includes(f.finish.role)).reduce((sum, f) => sum + f.share, 0)
  const changeable = of(['main', 'second', 'accent'])
  const part = (role: string) => (changeable > 0 ? of([role]) / changeable : 0)
  return { main: part('main'), second: part('second'), accent: part('accent'), fixed: of(['stays']) }
}

/** Where a finish is worn, by its placements and pieces: the rows a mend would give another finish. */
export function wearers(facts: PaletteFacts, finishId: string) {
  return {
    placements: facts.placements.filter((p) => p.finishId === finishId),
    pieces: facts.pieces.filter((p) => p.finishId === finishId),
  }
}
