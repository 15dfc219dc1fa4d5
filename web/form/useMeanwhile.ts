import { ref, watch } from 'vue'
import { t } from './words.js'

/**
 * What is being typed over may become another thing meanwhile, by another tab or another member. It is shown, and not
 * wiped unseen: leaving the field keeps neither, Enter keeps what was typed, Esc takes the other.
 *
 * @param shown what the field would show if nothing were typed
 * @param typing whether something is typed that is not kept yet
 * @param say shows a message beside the field
 */
export function useMeanwhile(shown: () => string, typing: () => boolean, say: (text: string) => void) {
  const met = ref(false)
  watch(shown, (now) => {
    if (!typing()) return
    met.value = true
    const became = now === '' ? 'empty' : `“${now.slice(0, 80)}”`
    say(t('meanwhileThisBecameBecameIn', { became }))
  })
  return {
    /** Whether another thing came, and nothing was decided yet. */
    met,
    /** @param knowing whether it is kept by Enter, with the other in sight */
    mayKeep: (knowing: boolean): boolean => !met.value || knowing,
    settled(): void {
      met.value = false
    },
  }
}
