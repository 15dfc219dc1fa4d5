/** A job in the list of jobs: where it is, and where its money stands. */
export interface JobLine {
  readonly id: string
  readonly roomName: string
  readonly place: string
  readonly clientName: string
  readonly installOn: string | null
  /** The day it was handed over and closed. */
  readonly closedOn: string | null
  readonly agreedMinor: number
  readonly reserveMinor: number
  readonly paidMinor: number
  readonly orderedMinor: number
  readonly chosenMinor: number
  readonly freeMinor: number
}
