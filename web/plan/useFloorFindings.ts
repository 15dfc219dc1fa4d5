import { computed, type Ref } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { Standing } from '@bonitas/core/stages/plan/standing'
import { useJobStore } from '../job/jobStore.js'
import { lookLine } from '../job/stageLines.js'

/**
 * What the rule book says of the plan, while a piece is moved of where it is now.
 *
 * @param told findings of the piece that is being moved
 * @param chosen the piece in hand, whose findings come first
 */
export function useFloorFindings(
  told: Ref<readonly JudgedFinding[] | undefined>,
  chosen: Ref<Standing | undefined>,
) {
  const store = useJobStore()
  const all = computed(() => told.value ?? store.plan?.findings ?? [])
  /** What stops each piece. */
  const stopsOf = computed(() => {
    const by = new Map<string, string>()
    for (const f of all.value)
      if (f.severity === 'stop' && !f.accepted)
        for (const r of f.about) if (r.kind === 'stand' && !by.has(r.id)) by.set(r.id, f.title)
    return by
  })
  const findings = computed(() => {
    const s = chosen.value
    const about = (f: JudgedFinding) => f.about.some((r) => r.id === s?.id || r.id === s?.pieceId)
    return s ? [...all.value].sort((a, b) => Number(about(b)) - Number(about(a))) : all.value
  })
  const looks = computed(() => lookLine((store.plan?.findings ?? []).filter((f) => !f.accepted)))
  return { stopsOf, findings, looks }
}
