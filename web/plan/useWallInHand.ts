import { computed, type ComputedRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'

/** The wall that is looked at; the address holds it. */
export function useWallInHand(facts: ComputedRef<PlanFacts | undefined>) {
  const route = useRoute()
  const router = useRouter()
  const walls = computed(() => facts.value?.room.walls ?? [])
  const wallId = computed(() => {
    const asked = typeof route.query.wall === 'string' ? route.query.wall : ''
    const found = walls.value.find((w) => w.id === asked)
    // Without one asked for, the wall on which most hangs.
    const count = (id: string) => facts.value?.wallPlacements.filter((h) => h.wallId === id).length ?? 0
    return (found ?? [...walls.value].sort((a, b) => count(b.id) - count(a.id))[0])?.id ?? ''
  })
  const wall = computed(() => walls.value.find((w) => w.id === wallId.value))
  function show(id: string): void {
    void router.replace({ query: { wall: id } })
  }
  function beside(by: 1 | -1): void {
    const at = walls.value.findIndex((w) => w.id === wallId.value)
    const next = walls.value[(at + by + walls.value.length) % walls.value.length]
    if (next) show(next.id)
  }
  return { walls, wallId, wall, show, beside }
}
