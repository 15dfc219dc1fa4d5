import { onBeforeUnmount, onMounted, shallowRef } from 'vue'

/** Keys that the stage on screen adds; the key help lists them first. */
export const stageKeys = shallowRef<readonly (readonly [string, string])[]>([])

/** Declares the keys of a stage for as long as it is on screen. */
export function useStageKeys(keys: readonly (readonly [string, string])[]): void {
  onMounted(() => (stageKeys.value = keys))
  onBeforeUnmount(() => {
    if (stageKeys.value === keys) stageKeys.value = []
  })
}

/** True when a key press is meant for a field and not for the screen. */
export function typing(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return !!target?.closest('input, textarea, select, [contenteditable], .el-select')
}

/**
 * Keys of a whole page, wherever the focus is: nothing is lost when what had it goes away. A field that is being typed
 * in, an open dialog and what was handled already keep their keys.
 */
export function usePageKeys(handle: (event: KeyboardEvent) => void): void {
  const listen = (event: KeyboardEvent) => {
    if (event.defaultPrevented || typing(event) || document.querySelector('[role="dialog"]')) return
    if (event.ctrlKey || event.metaKey || event.altKey) return
    // In the panel and the strip arrows scroll, and nothing is taken out by them.
    const aside = event.target instanceof Element && event.target.closest('.panel, .strip')
    if (aside && (event.key.startsWith('Arrow') || event.key === 'Delete' || event.key === 'Backspace'))
      return
    handle(event)
  }
  onMounted(() => window.addEventListener('keydown', listen))
  onBeforeUnmount(() => window.removeEventListener('keydown', listen))
}
