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
