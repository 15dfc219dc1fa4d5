import type { Collection } from '@bonitas/core/model/registry'

/** A field of a row, as a place where something is being typed. */
export interface DraftPlace {
  readonly jobId: string
  readonly collection: Collection
  readonly id: string
  readonly field: string
}

const keyOf = ({ jobId, collection, id, field }: DraftPlace) =>
  `bonitas.draft.${jobId}.${collection}.${id}.${field}`

/** What was typed into a field and is not kept in the job yet: it outlives a reload of the tab. */
export const draftOf = (place: DraftPlace): string | null => sessionStorage.getItem(keyOf(place))

export function keepDraft(place: DraftPlace, text: string): void {
  try {
    sessionStorage.setItem(keyOf(place), text)
  } catch {
    // A store that is full keeps what it has; the text still stands in the field.
  }
}

export const dropDraft = (place: DraftPlace): void => sessionStorage.removeItem(keyOf(place))
