import type { Minor } from '../../kernel/money/currency.js'

/** What an option costs over the time the client stays: whole purchases, since half a table cannot be bought. */
export interface StayCost {
  readonly purchases: number
  readonly totalMinor: Minor
}

/**
 * Cost over a stay: as many purchases as its years of service need. A price divided by years alone misleads for a short
 * stay (common practice).
 * @param years of service, above 0
 * @param stayYears above 0
 */
export function stayCost(landedMinor: Minor, years: number, stayYears: number): StayCost {
  const purchases = Math.max(1, Math.ceil(stayYears / years - 1e-9))
  return { purchases, totalMinor: purchases * landedMinor }
}

/** Cost of a year of service, rounded half up. */
export const costPerYear = (landedMinor: Minor, years: number): Minor => Math.round(landedMinor / years)

/** Cost of one use over the years of service, rounded half up. */
export const costPerUse = (landedMinor: Minor, years: number, usesPerYear: number): Minor =>
  Math.round(landedMinor / (years * usesPerYear))

// Common practice: from three quarters of the price of new, reworking is no longer the saving it looks.
const TOO_NEAR_NEW = 0.75

export interface ReworkAdvice {
  /** Rework over new. */
  readonly ratio: number
  readonly tooNear: boolean
  /** Reworking keeps a layout nobody likes: no price rescues that. */
  readonly disliked: boolean
  readonly rework: boolean
}

/**
 * Rework against new: worth it where the layout pleases and new would cost far more.
 * @param layout null while nobody asked: then it is taken to please
 */
export function reworkAdvice(
  reworkMinor: Minor,
  newMinor: Minor,
  layout: 'liked' | 'disliked' | null = null,
): ReworkAdvice {
  const ratio = newMinor > 0 ? reworkMinor / newMinor : Infinity
  const tooNear = ratio >= TOO_NEAR_NEW
  const disliked = layout === 'disliked'
  return { ratio, tooNear, disliked, rework: !tooNear && !disliked }
}

/** Made against bought: money and hours on one side, the shop on the other. Hours are worth money in comparison only. */
export function madeAgainstBought(
  boughtMinor: Minor,
  hours: number,
  hourMinor: Minor,
  shopMinor: Minor,
): { readonly hoursMinor: Minor; readonly withHoursMinor: Minor; readonly comparisonMinor: Minor } {
  const hoursMinor = Math.round(hours * hourMinor)
  return {
    hoursMinor,
    withHoursMinor: boughtMinor + hoursMinor,
    comparisonMinor: shopMinor - boughtMinor,
  }
}
