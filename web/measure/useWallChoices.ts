import { computed } from 'vue'
import { useJobStore } from '../job/jobStore.js'

/** The walls of the room to choose from, in the order walked; with `none`, no wall comes first under that word. */
export function useWallChoices(none?: string) {
  const store = useJobStore()
  return computed((): { value: string | null; text: string }[] => {
    const measure = store.derived?.measure
    return [
      ...(none === undefined ? [] : [{ value: null, text: none }]),
      ...(measure?.walls ?? []).map((w) => ({ value: w.id, text: measure?.nameOf(w.id) ?? '' })),
    ]
  })
}
