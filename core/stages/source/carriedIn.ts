/** How a thing passes the way in, as far as the choice of an option needs to know. */
export interface CarriedIn {
  readonly verdict: 'passes' | 'legs off' | 'not at all' | 'not known'
  /** The tightest place, and what is spare there; below zero is what is missing. */
  readonly where: string
  readonly spareMm: number
}
