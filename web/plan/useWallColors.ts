import { computed, type Ref } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import { finishOn } from '@bonitas/core/stages/palette/paletteFacts'
import { useJobStore } from '../job/jobStore.js'

/** The colors a wall is drawn in, above and below its rail. */
export function useWallColors(wallId: Readonly<Ref<string | undefined>>) {
  const store = useJobStore()
  const upper = computed(() => {
    const p = store.derived?.palette
    const on = p && (finishOn(p, `wall:${wallId.value ?? ''}`) ?? finishOn(p, 'walls'))
    return on ? labToHex(on.lab) : '#efefef'
  })
  const lower = computed(() => {
    const on = store.derived && finishOn(store.derived.palette, 'lower')
    return on ? labToHex(on.lab) : upper.value
  })
  return { upper, lower }
}
