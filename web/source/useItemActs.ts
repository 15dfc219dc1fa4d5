import type { DerivedItem, DerivedOption } from '@bonitas/core/job/deriveItems'
import { ROWS } from '@bonitas/core/model/registry'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { isBought } from './useItemSearch.js'
import { t } from './words.js'

/** What is done with items and their options. */
export function useItemActs() {
  const store = useJobStore()

  /** An option is chosen, or let go again; of what is bought nothing is chosen any more. */
  function toggle(i: DerivedItem, o: DerivedOption): void {
    if (isBought(i)) return
    store.change('items', i.item.id, { chosenOptionId: o.chosen ? null : o.option.id })
  }
  function newItem(): string {
    const job = store.snapshot
    const all = job?.items ?? []
    return store.add('items', {
      ...ROWS.items.blank(),
      serves: [],
      demands: [],
      name: t('itemAll', { all: all.length + 1 }),
      category: 'furniture',
      targetMinor: 0,
      neededOn: job?.brief.installOn ?? null,
      position: nextPosition(all),
    })
  }
  function newOption(i: DerivedItem): string {
    return store.add('options', {
      ...ROWS.options.blank(),
      traits: [],
      lookedAt: [],
      itemId: i.item.id,
      name: t('optionOptions', { options: i.options.length + 1 }),
      priceMinor: i.item.targetMinor,
    })
  }
  const removeItem = (i: DerivedItem) => store.remove('items', i.item.id)
  function removeOption(i: DerivedItem, o: DerivedOption): void {
    if (o.chosen) store.change('items', i.item.id, { chosenOptionId: null })
    store.remove('options', o.option.id)
  }
  return { toggle, newItem, newOption, removeItem, removeOption }
}
