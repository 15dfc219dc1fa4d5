import { computed, nextTick, ref } from 'vue'
import { voucherLeft } from '@bonitas/core/job/deriveLedger'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import { ledgerActs } from './ledgerActs.js'

/** The act that is being entered on a page of the Ledger, and the one said to be done. */
export function useActs() {
  const store = useJobStore()
  const { money } = useLocale()
  const act = ref<Act>()
  const said = ref('')
  const panel = ref<HTMLElement>()
  let opener: HTMLElement | null = null
  const acts = computed(() => {
    const job = store.snapshot
    const left = job ? voucherLeft(job) : new Map<string, number>()
    const vouchers = (job?.vouchers ?? []).map((v) => ({
      id: v.id,
      name: v.name,
      kind: v.kind,
      leftMinor: left.get(v.id) ?? 0,
    }))
    return ledgerActs({ money, today: store.day, vouchers })
  })
  function begin(next: Act): void {
    opener = document.activeElement as HTMLElement | null
    said.value = ''
    act.value = next
    void nextTick(() => panel.value?.scrollIntoView({ block: 'nearest' }))
  }
  function close(): void {
    act.value = undefined
    void nextTick(() => {
      const { value: place } = panel
      // What was pressed may be gone with what it did: then what was entered is said where it stands.
      if (opener?.isConnected) opener.focus()
      else if (place) {
        place.tabIndex = -1
        place.focus()
      }
    })
  }
  function done(): void {
    said.value = `${act.value?.title ?? ''}: entered.`
    close()
  }
  return { act, acts, said, panel, begin, close, done }
}
