import { computed, onMounted } from 'vue'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useJobStore } from '../job/jobStore.js'

/** The plan of the job on the bench, and the colors its pieces wear. */
export function usePlan() {
  const store = useJobStore()
  onMounted(() => void store.needPlan())
  const facts = computed((): PlanFacts | undefined => store.plan?.facts)
  const colors = computed(
    () => new Map((store.derived?.palette.finishes ?? []).map((f) => [f.finish.id, labToHex(f.lab)])),
  )
  const hexOf = (finishId: string | null) => (finishId && colors.value.get(finishId)) || PLAIN
  const floorHex = computed(() => {
    const on = store.snapshot?.finishAssignments.find((p) => p.surface === 'floor' && !p.candidate)
    return on ? hexOf(on.finishId) : '#f7f7f7'
  })
  return { store, facts, hexOf, floorHex }
}

/** A piece whose finish is not known. */
export const PLAIN = '#e4e4e4'

/** Ink that is read on a color: black or white, whichever stands off more. */
export function inkOn(hex: string): string {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const v = parseInt(hex.slice(i, i + 2), 16) / 255
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4
  })
  return 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0) > 0.18 ? '#1a1a1a' : '#ffffff'
}
