import { computed, nextTick, type ComputedRef } from 'vue'
import { itemsWithoutPiece } from '@bonitas/core/model/oneThing'
import { ROWS } from '@bonitas/core/model/registry'
import type { Category } from '@bonitas/core/model/vocabulary/category'
import { kindOfName } from '@bonitas/core/stages/brief/kindOfName'
import { firstPlace } from '@bonitas/core/stages/plan/firstPlace'
import { OFF_FLOOR } from '@bonitas/core/stages/plan/needs'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { toStand } from '@bonitas/core/stages/plan/toStand'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'

const DRAWN: readonly Category[] = ['furniture', 'textiles', 'light', 'decor', 'fixtures']

/**
 * What is not in the room yet: pieces without a place on the floor, and lines that nobody has drawn; and what sets them in.
 *
 * @param focus takes the eye and the keys to a place that was just given
 */
export function useWaiting(facts: ComputedRef<PlanFacts | undefined>, focus: (id: string) => Promise<void>) {
  const store = useJobStore()
  const waiting = computed(() => {
    const job = store.snapshot
    if (!job || !facts.value) return []
    // The next of each: one button a piece.
    const all = toStand(facts.value, job.floorPlacements, job.wallPlacements)
    return all.filter((w, i) => all[i - 1]?.piece !== w.piece)
  })
  const undrawn = computed(() => {
    const job = store.snapshot
    return job ? itemsWithoutPiece(job.items, job.pieces).filter((i) => DRAWN.includes(i.category)) : []
  })

  async function place(pieceId: string, number: number): Promise<void> {
    const piece = facts.value?.pieces.find((p) => p.id === pieceId)
    if (!piece || !facts.value) return
    const at = firstPlace(facts.value, piece)
    await focus(store.add('floorPlacements', { pieceId, optionId: null, number, parked: false, ...at }))
  }

  /** A line becomes a piece to come, in the size of its option, and stands in the room. */
  async function draw(itemId: string): Promise<void> {
    const job = store.snapshot
    const item = job?.items.find((i) => i.id === itemId)
    if (!job || !item) return
    const option =
      job.options.find((o) => o.id === item.chosenOptionId) ?? job.options.find((o) => o.itemId === item.id)
    const kind = item.pieceKind ?? kindOfName(item.name) ?? 'other'
    const id = store.add('pieces', {
      ...ROWS.pieces.blank(),
      name: item.name,
      itemId,
      kind,
      count: Math.min(20, item.quantity),
      position: nextPosition(job.pieces),
      serves: [...item.serves],
      traits: [],
      widthMm: option?.widthMm ?? item.maxWidthMm ?? 600,
      depthMm: option?.depthMm ?? item.maxDepthMm ?? 400,
      heightMm: option?.heightMm ?? item.maxHeightMm ?? 600,
      fixing: item.fixing,
      weightG: item.weightG ?? null,
      originalAt: item.originalAt,
      wallId: item.wallId ?? null,
    })
    await nextTick()
    if (!OFF_FLOOR.has(kind)) await place(id, 1)
  }

  return { waiting, undrawn, place, draw }
}
