import { computed, nextTick, ref } from 'vue'
import { voucherLeft } from '@bonitas/core/job/deriveLedger'
import { useLocale } from '../form/useLocale.js'
import { isPanelOverPage, showPanel } from '../job/panel.js'
import { useJobStore } from '../job/jobStore.js'
import type { Act } from './act.js'
import { ledgerActs } from './ledgerActs.js'
import { t } from './words.js'

/** The act that is being entered on a page of the Ledger, and the one said to be done. */
export function useActs() {
  const store = useJobStore()
  const { says } = useLocale()
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
    return ledgerActs({ says: says.value, today: store.day, vouchers })
  })
  function begin(next: Act): void {
    opener = document.activeElement as HTMLElement | null
    said.value = ''
    void showPanel()
      .then(() => {
        act.value = next
        return nextTick()
      })
      .then(() => panel.value?.scrollIntoView({ block: 'nearest' }))
  }
  function close(): void {
    act.value = undefined
    void nextTick(() => {
      const { value: place } = panel
      // What was pressed may be gone with what it did, or lie under the panel: then what was entered is said where it stands.
      if (opener?.isConnected && !isPanelOverPage()) opener.focus()
      else if (place) {
        place.tabIndex = -1
        place.focus()
      }
    })
  }
  function done(): void {
    said.value = t('titleEntered', { title: act.value?.title ?? '' })
    close()
  }
  return { act, acts, said, panel, begin, close, done }
}
