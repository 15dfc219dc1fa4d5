import { sized } from '../../model/openingSize.js'
import type { SchoolOf } from '../../model/vocabulary/schools.js'
import { deltaE00, lrv, type LabD65 } from '../../kernel/color/lab.js'
import type { Hue } from '../../model/vocabulary/hue.js'
import type { RoomKind } from '../../model/vocabulary/room.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Finish } from '../../model/rows/finishes.js'
import type { Part } from '../../model/rows/parts.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { SampledColor } from '../../model/rows/sampledColors.js'
import type { Scheme } from '../../model/rows/schemes.js'
import { schemeView, type WornPiece } from './schemeView.js'
import { undertone, type Undertone } from './undertone.js'
import { inRoom } from '../../model/inRoom.js'
import { finishShares, visiblePatches, type FinishShare, type Patch } from './visibleArea.js'
import { withPartsAndOpenings, type SurfaceAreas } from './surfaceAreas.js'
import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'

export interface FinishFacts {
  readonly finish: Finish
  readonly lab: LabD65
  readonly undertone: Undertone
  readonly areaMm2: number
  /** Visible area over all visible area, 0 to 1; 0 for a sample on the bench that is placed nowhere. */
  readonly share: number
  readonly where: readonly Patch['where'][]
}

/** The schools the palette rules ask for. */
export type PaletteSchools = Pick<
  JobSnapshot['schools'],
  | 'colorScheme'
  | 'trimAndCeiling'
  | 'mood'
  | 'textiles'
  | 'pieceAgainstWall'
  | 'timber'
  | 'metals'
  | 'inherited'
>

/** What the palette rules judge: each finish with its undertone and share, and who wears it in the scheme followed. */
export interface PaletteFacts {
  readonly says: Formatter
  /** The school of color scheme; null while the job has chosen none. */
  readonly school: SchoolOf<'colorScheme'> | null
  readonly schools: PaletteSchools
  readonly roomKind: RoomKind | null
  /** The color the room is to be known by. */
  readonly wantedHue: Hue | null
  readonly scheme: Scheme | undefined
  readonly finishes: readonly FinishFacts[]
  readonly finishAssignments: readonly FinishAssignment[]
  /** Finishes still open on a surface: the scheme must work with each. */
  readonly candidates: readonly FinishAssignment[]
  readonly pieces: readonly WornPiece[]
  /** Colors pulled out of what inspires the room. */
  readonly sampledColors: readonly SampledColor[]
  /** The rows behind all schemes: what a fix changes, so that the other schemes are left alone. */
  readonly rows: Pick<PaletteRows, 'finishAssignments' | 'schemeOverrides'>
}

/** The rows of a job that the palette is made of. */
export type PaletteRows = Pick<
  JobSnapshot,
  | 'studio'
  | 'finishes'
  | 'finishAssignments'
  | 'pieces'
  | 'pieceParts'
  | 'schemes'
  | 'schemeOverrides'
  | 'parts'
  | 'openings'
  | 'sampledColors'
> & {
  readonly schools: PaletteSchools
  readonly room: { readonly kind: RoomKind | null }
  readonly brief: { readonly wantedHue: Hue | null }
}

export const labOf = (finish: Pick<Finish, 'labL' | 'labA' | 'labB'>): LabD65 => ({
  l: finish.labL,
  a: finish.labA,
  b: finish.labB,
})

/** Areas of everything in the room that can wear a finish. */
export const wearableAreas = (
  areas: SurfaceAreas | undefined,
  rows: { readonly parts: readonly Part[]; readonly openings: JobSnapshot['openings'] },
): SurfaceAreas | undefined =>
  withPartsAndOpenings(
    areas,
    rows.parts,
    rows.openings.map((o) => ({ ...sized(o), name: o.name || `A ${o.kind}` })),
  )

/**
 * Undertone and share of every finish of the job in one scheme, largest share first, unplaced samples last.
 *
 * @param schemeId the scheme to look at; null for what all schemes share
 */
export function paletteFacts(
  rows: PaletteRows,
  areas: SurfaceAreas | undefined,
  schemeId: string | null,
): PaletteFacts {
  const { scheme, finishAssignments, candidates, pieces } = schemeView(rows, schemeId)
  const shares = new Map<string, FinishShare>(
    finishShares(
      visiblePatches(
        wearableAreas(areas, rows),
        finishAssignments,
        pieces,
        rows.studio.locale,
        rows.pieceParts,
      ),
    ).map((s) => [s.finishId, s]),
  )
  const finishes = rows.finishes.map((finish): FinishFacts => {
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
  return {
    says: formatterOf(rows.studio),
    school: rows.schools.colorScheme,
    schools: rows.schools,
    roomKind: rows.room.kind,
    wantedHue: rows.brief.wantedHue,
    scheme,
    finishes: finishes.sort((x, y) => y.areaMm2 - x.areaMm2),
    finishAssignments,
    candidates,
    pieces,
    sampledColors: rows.sampledColors,
    rows: { finishAssignments: rows.finishAssignments, schemeOverrides: rows.schemeOverrides },
  }
}

/** Finishes that are seen. */
export const seen = (facts: PaletteFacts): FinishFacts[] => facts.finishes.filter((f) => f.share > 0)

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

/** Where a finish is worn, by its placements and pieces: the rows a fix would give another finish. */
export function wearers(facts: PaletteFacts, finishId: string) {
  return {
    finishAssignments: facts.finishAssignments.filter((p) => p.finishId === finishId),
    pieces: facts.pieces.filter((p) => p.finishId === finishId && inRoom(p)),
  }
}

/** Every color of a finish: its own first, then the further ones, with their parts of the finish. */
export function colorsOf(finish: Finish): { readonly lab: LabD65; readonly part: number }[] {
  const rest = finish.colors.reduce((sum, c) => sum + c.share, 0)
  return [
    { lab: labOf(finish), part: Math.max(0, 1 - rest) },
    ...finish.colors.map((c) => ({ lab: { l: c.l, a: c.a, b: c.b }, part: c.share })),
  ]
}

/** The finish on the wall behind a piece: of its own wall, else of the walls. */
export function wallBehind(facts: PaletteFacts, piece: Pick<Piece, 'wallId'>): FinishFacts | undefined {
  const on = (surface: string) => facts.finishAssignments.find((p) => p.surface === surface)
  const placed = (piece.wallId && on(`wall:${piece.wallId}`)) || on('walls')
  return placed && facts.finishes.find((f) => f.finish.id === placed.finishId)
}

/** The finish laid on a surface, when one is. */
export function finishOn(facts: PaletteFacts, surface: string): FinishFacts | undefined {
  const placed = facts.finishAssignments.find((p) => p.surface === surface)
  return placed && facts.finishes.find((f) => f.finish.id === placed.finishId)
}

export const finishWorn = (facts: PaletteFacts, piece: Pick<Piece, 'finishId'>): FinishFacts | undefined =>
  facts.finishes.find((f) => f.finish.id === piece.finishId)

/** Lightness of the whole room: mean LRV of what is seen, weighed by area. */
export function meanReflectance(facts: PaletteFacts): number | undefined {
  const list = seen(facts)
  const all = list.reduce((sum, f) => sum + f.share, 0)
  return all > 0 ? list.reduce((sum, f) => sum + f.share * lrv(f.lab), 0) / all : undefined
}

// Two finishes in one view read as one, as a mistake, or as two on purpose (common practice): up to 4 the eye takes
// them for the same at arm's length and in different textures, from 9 on nobody does.
export const MATCH_DELTA_E = 4
export const CLEAR_DELTA_E = 9

export type Likeness = 'merges' | 'near miss' | 'clear'

// One cloth beside another, one paint beside another: with the same texture the eye tells them apart sooner (common practice).
export const MATCH_SAME_DELTA_E = 2

/** What decides how near two colors must be to read as one. */
export type Surface = Pick<Finish, 'material' | 'sheen' | 'texture'>

/** Up to which ΔE00 two finishes read as one: less where material, texture and sheen are the same. */
export const matchLimit = (one: Surface, two: Surface): number =>
  one.material === two.material && one.sheen === two.sheen && one.texture === two.texture
    ? MATCH_SAME_DELTA_E
    : MATCH_DELTA_E

/**
 * The three zones of likeness. Neither nearer nor farther is better by itself; the middle is the mistake.
 * @param matchTo up to which ΔE00 they read as one
 */
export function likeness(
  one: LabD65,
  two: LabD65,
  matchTo = MATCH_DELTA_E,
): { readonly zone: Likeness; readonly deltaE: number } {
  const deltaE = deltaE00(one, two)
  return {
    deltaE,
    zone: deltaE <= matchTo ? 'merges' : deltaE < CLEAR_DELTA_E ? 'near miss' : 'clear',
  }
}
