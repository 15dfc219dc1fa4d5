import type { JudgedFinding } from '../findings/finding.js'
import type { RowChange } from '../model/changes.js'
import type { ChosenSet } from '../stages/source/choosing.js'

/** A set of choices with what it brings to the job. */
export interface ToldSet {
  readonly set: ChosenSet
  /** What the rule book would say then and does not say now. */
  readonly brings: readonly JudgedFinding[]
  /** Options that were left out because choosing them brings a stop, each with what it brings. */
  readonly leftOut: readonly { readonly optionId: string; readonly name: string; readonly title: string }[]
  /** False when even the set that is left brings a stop: it is shown and not offered. */
  readonly offered: boolean
}

/** The choices of a set, as rows. */
export const setChanges = (set: Pick<ChosenSet, 'changes'>): RowChange[] =>
  set.changes.map((c) => ({
    collection: 'items',
    id: c.itemId,
    set: { chosenOptionId: c.to?.id ?? null },
  }))
