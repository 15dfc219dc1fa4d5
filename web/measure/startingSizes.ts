import type { UnitSystem } from '@bonitas/core/kernel/units/length'

const INCH = 25.4
const inches = <K extends string>(of: Readonly<Record<K, number>>): Readonly<Record<K, number>> =>
  Object.fromEntries(
    Object.entries<number>(of).map(([k, v]) => [k, Math.round(v * INCH * 1e6) / 1e6]),
  ) as Record<K, number>

/** Usual sizes to begin from (common practice), round in the measures of the country; each is measured and overwritten. */
export const STARTING_SIZES = {
  metric: {
    radiator: { widthMm: 1000, heightMm: 600, bottomMm: 120, depthMm: 100 },
    socket: { widthMm: 80, heightMm: 80, bottomMm: 300, depthMm: 10 },
    switch: { widthMm: 80, heightMm: 80, bottomMm: 1050, depthMm: 10 },
    'ceiling point': { widthMm: 0, heightMm: 0, bottomMm: 0, depthMm: 1500 },
    'built-in': { widthMm: 1200, heightMm: 2400, bottomMm: 0, depthMm: 600 },
  },
  imperial: {
    radiator: inches({ widthMm: 40, heightMm: 24, bottomMm: 5, depthMm: 4 }),
    socket: inches({ widthMm: 2.75, heightMm: 4.5, bottomMm: 14, depthMm: 0.5 }),
    switch: inches({ widthMm: 2.75, heightMm: 4.5, bottomMm: 46, depthMm: 0.5 }),
    'ceiling point': inches({ widthMm: 0, heightMm: 0, bottomMm: 0, depthMm: 60 }),
    'built-in': inches({ widthMm: 48, heightMm: 96, bottomMm: 0, depthMm: 24 }),
  },
} as const satisfies Readonly<Record<UnitSystem, unknown>>

export const STARTING_FIXTURES = ['radiator', 'socket', 'switch', 'ceiling point', 'built-in'] as const

export type StartingFixture = (typeof STARTING_FIXTURES)[number]
