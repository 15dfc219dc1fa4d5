import type { ExampleFinish } from './example.js'

export const example = (
  name: string,
  hex: string,
  patternKind: NonNullable<ExampleFinish['patternKind']>,
  patternRepeatMm: number,
): ExampleFinish => ({ name, hex, patternKind, patternRepeatMm })

export const PLAID = example('Plaid sofa', '#B8A06A', 'plaid', 240)

export const STRIPE = example('Stripe blind', '#B49C68', 'stripe', 90)
