import { computed, type ComputedRef, type Ref } from 'vue'
import { fromWall } from '@bonitas/core/stages/plan/planRoom'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { againstWall, alignedTo, mirroredAcross, nearestWall } from '@bonitas/core/stages/plan/snap'
import { useJobStore } from '../job/jobStore.js'
import type { useMoving } from './useMoving.js'

/** What can be done with the piece in hand on the floor plan. */
export function useFloorActs(
  facts: ComputedRef<PlanFacts | undefined>,
  moving: ReturnType<typeof useMoving>,
  chosenId: Ref<string | undefined>,
  otherId: Ref<string | undefined>,
) {
  const store = useJobStore()
  const chosen = computed(() => moving.moved.value ?? moving.of(chosenId.value))
  const chosenRow = computed(() => store.snapshot?.floorPlacements.find((s) => s.id === chosenId.value))
  const other = computed(() => moving.of(otherId.value))

  function put(place: { xMm: number; yMm: number; turnDeg?: number }): void {
    if (chosenRow.value && !chosen.value?.piece.stays)
      store.change('floorPlacements', chosenRow.value.id, place)
  }
  function turn(by: number): void {
    if (chosenId.value && !chosen.value?.piece.stays) moving.step(chosenId.value, 0, 0, by)
  }
  /** The piece in hand as it is kept, with the wall it stands nearest to. */
  function atWall() {
    moving.keep()
    const [s, room] = [moving.of(chosenId.value), facts.value?.room]
    const wall = s && room && nearestWall(s.box, room)
    return s && wall ? { s, wall, alongMm: fromWall(wall, s.box).alongMm } : undefined
  }
  function toWall(): void {
    const at = atWall()
    if (at) put(againstWall(at.s.widthMm, at.s.depthMm, at.wall, at.alongMm))
  }
  function toMiddle(): void {
    const at = atWall()
    if (!at) return
    const { s, wall } = at
    const by = wall.lengthMm / 2 - at.alongMm
    put({ xMm: Math.round(s.box.x + wall.right.x * by), yMm: Math.round(s.box.y + wall.right.y * by) })
  }
  function mirror(): void {
    moving.keep()
    const [row, room] = [chosenRow.value, facts.value?.room]
    if (row && room) put(mirroredAcross(room, row))
  }
  function align(how: Parameters<typeof alignedTo>[2]): void {
    const [s, to] = [moving.of(chosenId.value), other.value]
    if (s && to) put(alignedTo(s.box, to.box, how))
  }
  function park(): void {
    const [row, s] = [chosenRow.value, chosen.value]
    if (!row || !s) return
    const { id: _id, version: _v, ...fields } = row
    chosenId.value = store.add('floorPlacements', {
      ...fields,
      parked: true,
      xMm: row.xMm + 200,
      yMm: row.yMm + 200,
    })
  }
  /** The floor tape-out as a paper, of the piece in hand or of all. */
  function tape(): void {
    const job = store.snapshot
    if (job)
      window.open(
        `/api/jobs/${job.brief.id}/plan/tape-out.pdf${chosenId.value ? `?stand=${chosenId.value}` : ''}`,
        '_blank',
        'noopener',
      )
  }
  return { chosen, chosenRow, other, put, turn, toWall, toMiddle, mirror, align, park, tape }
}
