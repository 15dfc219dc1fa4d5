import type { LabD65 } from '@bonitas/core/kernel/color/lab'
import type { Near } from '@bonitas/core/kernel/color/nearest'
import type { Sample } from '@bonitas/core/stages/palette/library/sample'
import type { Material, SHEENS } from '@bonitas/core/model/vocabulary/finish'

/** Which samples count; what is left out does not narrow. */
export interface SampleFilter {
  readonly materials?: readonly Material[] | undefined
  readonly lrvFrom?: number | undefined
  readonly lrvTo?: number | undefined
  /** The word of the undertone: "yellow", "none". */
  readonly undertone?: string | undefined
  readonly sheen?: (typeof SHEENS)[number] | undefined
  readonly priceToMinor?: number | undefined
}

/** What the page sends: the samples once, then questions. */
export type NearestAsk =
  | { readonly samples: readonly Sample[] }
  | { readonly ask: number; readonly lab: LabD65; readonly count: number; readonly filter: SampleFilter }

export interface NearestAnswer {
  readonly ask: number
  readonly found: readonly Near[]
}
