import { computed, type ComputedRef } from 'vue'
import { hexToLab } from '@bonitas/core/kernel/color/lab'
import { ROWS } from '@bonitas/core/model/registry'
import type { Surface } from '@bonitas/core/model/vocabulary/surface'
import { dressChanges, layChanges } from '@bonitas/core/stages/palette/wear'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import type { PaletteRow } from './paletteRows.js'
import { t } from './words.js'

/** What a new finish begins as: a middle gray, so that it is seen to be nobody's choice yet. */
const NEW_COLOR = '#a8a8a8'
const NEW_PART = { kind: 'panel fields', count: 4, widthMm: 600, heightMm: 900 } as const

/** What is done in the palette: finishes, pieces and parts of walls made, given and split off. */
export function usePaletteActs(rows: ComputedRef<readonly PaletteRow[]>) {
  const store = useJobStore()
  const facts = computed(() => store.derived?.palette)

  /** A row wears a finish, or none. */
  function wear(row: PaletteRow, finishId: string | null): void {
    const job = store.snapshot
    if (!job || !facts.value) return
    const { scheme } = facts.value
    const worn = facts.value.pieces.find((p) => p.id === row.id)
    const finish = job.finishes.find((f) => f.id === finishId) ?? null
    if (row.partId !== undefined) {
      if (finishId) store.change('pieceParts', row.partId, { finishId })
      else store.remove('pieceParts', row.partId)
      return
    }
    if (row.kind === 'piece' && worn) store.apply(dressChanges(job, scheme, worn, finishId))
    else if (row.surface) store.apply(layChanges(job, scheme, row.surface, finish))
  }

  function newFinish(): string {
    const n = (store.snapshot?.finishes.length ?? 0) + 1
    return store.add('finishes', {
      ...ROWS.finishes.blank(),
      name: t('finishN', { n }),
      labL: hexToLab(NEW_COLOR).l,
      labA: 0,
      labB: 0,
      colors: [],
      readings: [],
      paintKit: { spreadM2PerL: 12, lossPpm: 0, tins: [] },
    })
  }
  function newPiece(): string {
    const n = (store.snapshot?.pieces.length ?? 0) + 1
    return store.add('pieces', {
      ...ROWS.pieces.blank(),
      serves: [],
      position: nextPosition(store.snapshot?.pieces ?? []),
      name: t('pieceN', { n }),
      kind: 'other',
      widthMm: 600,
      depthMm: 400,
      heightMm: 800,
    })
  }
  function newPart(): string {
    const n = (store.snapshot?.parts.length ?? 0) + 1
    const name = n > 1 ? `${t('panelFields')} ${n}` : t('panelFields')
    return store.add('parts', { ...NEW_PART, name, wallId: null })
  }

  /** The walls and openings that could wear a finish of their own and do not yet. */
  const splits = computed(() => {
    const taken = new Set(rows.value.map((r) => r.surface))
    return [
      ...(store.derived?.areas?.walls ?? []).map((w) => ({ surface: `wall:${w.wallId}`, text: w.name })),
      ...(store.derived?.surfaces?.openings ?? []).map((o) => ({
        surface: `opening:${o.openingId}`,
        text: o.name,
      })),
    ].filter((s) => !taken.has(s.surface as Surface))
  })
  /**
   * One wall or opening gets a finish of its own, at first the one it wears with the others.
   *
   * @returns the finish, undefined when no finish is on any surface yet
   */
  function split(surface: Surface): string | undefined {
    const job = store.snapshot
    const all = facts.value?.finishAssignments ?? []
    const of = surface.startsWith('wall:') ? 'walls' : 'doors'
    const like = all.find((p) => p.surface === of) ?? all[0]
    const finish = job?.finishes.find((f) => f.id === like?.finishId)
    if (!job || !finish) return undefined
    store.apply(layChanges(job, facts.value?.scheme, surface, finish))
    return finish.id
  }

  return { wear, newFinish, newPiece, newPart, splits, split }
}
