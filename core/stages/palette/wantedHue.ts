import { chroma, hueDeg, type LabD65 } from '../../kernel/color/lab.js'
import type { Hue } from '../../model/vocabulary/hue.js'
import type { PieceKind } from '../../model/vocabulary/piece.js'
import { HUE_CHROMA } from './hueFamilies.js'
import { colorsOf, finishOn, type FinishFacts, type PaletteFacts } from './paletteFacts.js'
import { wornPieces } from './rules/about.js'

/** Where each hue lies on the circle of CIELAB, from and to, in degrees (common practice); a dark orange is called brown. */
const ARCS: Readonly<Record<Exclude<Hue, 'brown'>, readonly [number, number]>> = {
  pink: [330, 15],
  red: [5, 50],
  orange: [45, 75],
  yellow: [70, 110],
  green: [105, 200],
  blue: [195, 295],
  violet: [285, 335],
}
const BROWN_L = 50
const BROWN_ARC = [20, 90] as const

const inArc = (deg: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? deg >= from && deg <= to : deg >= from || deg <= to

/** Whether a color is called by a hue. Near-neutrals are called by none. */
export function isHue(lab: LabD65, hue: Hue): boolean {
  if (chroma(lab) < HUE_CHROMA) return false
  const deg = hueDeg(lab)
  const brown = lab.l < BROWN_L && inArc(deg, BROWN_ARC) && chroma(lab) < 45
  if (hue === 'brown') return brown
  return inArc(deg, ARCS[hue]) && !(brown && (hue === 'red' || hue === 'orange' || hue === 'yellow'))
}

export interface HueCarried {
  readonly hue: Hue
  /** Kinds of things that carry it, each with the names of the pieces. */
  readonly kinds: readonly { readonly kind: PieceKind; readonly names: readonly string[] }[]
  /** Surfaces that carry it. */
  readonly surfaces: readonly string[]
}

const wears = (f: FinishFacts, hue: Hue): boolean => colorsOf(f.finish).some((c) => isHue(c.lab, hue))

/** What carries the color a room is to be known by; undefined where none is wanted. */
export function hueCarried(facts: PaletteFacts): HueCarried | undefined {
  const { wantedHue: hue } = facts
  if (!hue) return undefined
  const by = new Map<PieceKind, string[]>()
  for (const { piece, finish } of wornPieces(facts))
    if (wears(finish, hue)) by.set(piece.kind, [...(by.get(piece.kind) ?? []), piece.name])
  const surfaces = [...new Set(facts.finishAssignments.map((p) => p.surface))].filter((surface) => {
    const on = finishOn(facts, surface)
    return on !== undefined && wears(on, hue)
  })
  return { hue, kinds: [...by].map(([kind, names]) => ({ kind, names })), surfaces }
}
