import type { JobSnapshot } from '../../model/snapshot.js'
import type { Coverage } from './coverage.js'
import type { LevelPrice } from './levels.js'
import type { RentedChange } from './rentedChanges.js'
import type { Storage } from './storage.js'
import type { Standpoint } from './standpoints.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** What the rules of the brief judge: the rows, and what was computed from them. */
export interface BriefFacts {
  readonly job: JobSnapshot
  readonly today: string
  readonly coverage: Coverage
  readonly changes: readonly RentedChange[]
  readonly standpoints: readonly Standpoint[]
  readonly levels: readonly LevelPrice[]
  /** What may be spent: agreed budget with its change orders, less reserve and a fee inside the budget. */
  readonly toSpendMinor: number
  /** Pieces that stand on the floor of a plan that is judged: what the plan says of them is not said again. */
  readonly toldInPlan: ReadonlySet<string>
  /** What is kept out of sight, before and after. */
  readonly storage: Storage
  readonly wallName: (id: string) => string
  readonly says: Formatter
}
