import { computed, onMounted } from 'vue'
import { bookOf } from '@bonitas/core/job/handover/book/bookOf'
import { wordsOf } from '@bonitas/core/job/handover/book/bookWords'
import { ROWS } from '@bonitas/core/model/registry'
import type { RichText } from '@bonitas/core/model/richText'
import type { BookSection } from '@bonitas/core/model/vocabulary/handover'
import { request } from '../api/http.js'
import { useJobStore } from '../job/jobStore.js'
import { useTakeoffs } from '../takeoff/useTakeoffs.js'

/** The book of the job on the bench, as it would be made now, and the words of its parts. */
export function useBook() {
  const store = useJobStore()
  const { lines } = useTakeoffs()
  onMounted(() => {
    void store.needPlan()
    store.needInstall()
  })
  const findings = computed(() => [
    ...(store.findings ?? []),
    ...(store.plan?.findings ?? []),
    ...(store.install?.findings ?? []),
  ])
  const book = computed(() =>
    store.snapshot && store.derived
      ? bookOf({
          ...{ job: store.snapshot, derived: store.derived, plan: store.plan?.facts },
          ...{ lines: lines.value, findings: findings.value, today: store.day },
        })
      : undefined,
  )
  const words = (section: BookSection) =>
    wordsOf(store.snapshot?.bookTexts ?? [], store.snapshot?.bookWords, section)

  function setWords(section: BookSection, body: RichText): void {
    const { row } = words(section)
    if (row) store.change('bookTexts', row.id, { body })
    else store.add('bookTexts', { ...ROWS.bookTexts.blank(), section, body })
  }
  /** Back to what the studio says, or to what there was to begin with. */
  function forget(section: BookSection): void {
    const { row } = words(section)
    if (row) store.remove('bookTexts', row.id)
  }
  /** These words begin the part in every book of the studio; null takes the studio's own away. */
  async function forStudio(section: BookSection, body: RichText | null): Promise<void> {
    await request(`/studio/book-words/${encodeURIComponent(section)}`, {
      method: 'PUT',
      body: { words: body },
    })
    await store.refresh()
  }
  return { store, lines, findings, book, words, setWords, forget, forStudio }
}
