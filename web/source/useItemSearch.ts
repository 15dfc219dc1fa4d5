import { computed, ref, watch, type ComputedRef } from 'vue'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { CATEGORIES } from '@bonitas/core/model/vocabulary/category'
import { afterPaint } from '../job/afterPaint.js'

/** What the list of items can be narrowed to. */
export const SHOWN = ['all', 'open', 'chosen', 'ordered', 'over target', ...CATEGORIES] as const
export type Shown = (typeof SHOWN)[number]

/** What is searched of an item; a derived item is made anew when anything of it changes. */
const texts = new WeakMap<DerivedItem, string>()
function textOf(i: DerivedItem): string {
  let text = texts.get(i)
  if (text === undefined) {
    const { name, intent, specification } = i.item
    const options = i.options.map((o) => o.option.name).join(' ')
    text = `${name} ${intent} ${specification} ${options}`.toLowerCase()
    texts.set(i, text)
  }
  return text
}

/** Bought, and no longer to be chosen. */
export const isBought = (i: DerivedItem): boolean => i.state === 'ordered' || i.state === 'delivered'

function isShown(i: DerivedItem, only: Shown): boolean {
  switch (only) {
    case 'all':
      return true
    case 'open':
    case 'chosen':
      return i.state === only
    case 'ordered':
      return isBought(i)
    case 'over target':
      return i.chosenMinor > i.item.targetMinor && i.item.targetMinor > 0
    default:
      return i.item.category === only
  }
}

/** The items by what is searched for in them and in their options, all words of it, and by what they are. */
export function useItemSearch(items: ComputedRef<readonly DerivedItem[]>) {
  const search = ref('')
  const only = ref<Shown>('all')
  watch(
    items,
    afterPaint(() => items.value.forEach(textOf)),
    { immediate: true },
  )
  const filtered = computed(() => {
    const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
    if (words.length === 0 && only.value === 'all') return items.value
    return items.value.filter((i) => isShown(i, only.value) && words.every((w) => textOf(i).includes(w)))
  })
  function showAll(): void {
    search.value = ''
    only.value = 'all'
  }
  return { search, only, filtered, showAll }
}
