// Widths one meets of each kind, mm (common practice): outside them a slip of the unit is likelier than such a piece.
export const PLAUSIBLE: Readonly<Record<string, readonly [number, number]>> = {
  sofa: [1_100, 4_000],
  'sofa bed': [1_100, 3_000],
  armchair: [500, 1_400],
  chair: [350, 800],
  bed: [700, 2_200],
  cot: [500, 1_000],
  table: [500, 4_000],
  desk: [600, 3_000],
  'low table': [300, 2_000],
  wardrobe: [400, 4_000],
  piano: [1_200, 3_000],
  rug: [400, 6_000],
  'chest of drawers': [300, 2_200],
}

/** What a width that cannot be meant may mean: inches or centimeters read as millimeters. */
export function likelyWidth(
  kind: string,
  widthMm: number,
): { readonly mm: number; readonly unit: 'in' | 'cm' } | undefined {
  const range = PLAUSIBLE[kind]
  if (!range || (widthMm >= range[0] && widthMm <= range[1])) return undefined
  const fits = (v: number) => v >= range[0] && v <= range[1]
  const [inches, centimeters] = [Math.round(widthMm * 25.4), widthMm * 10]
  return fits(inches)
    ? { mm: inches, unit: 'in' }
    : fits(centimeters)
      ? { mm: centimeters, unit: 'cm' }
      : undefined
}
