import { computed, type Ref } from 'vue'
import { rowOf } from '@bonitas/core/model/applyChanges'
import type { Change } from '@bonitas/core/model/changes'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { inverseOf, type Did } from '@bonitas/core/model/undo'
import type { Group } from './groups.js'
import { isAct, type Step } from './history.js'
import type { JobLink } from './jobLink.js'
import { t } from './words.js'

/** Undo and redo of what was done in this tab on the stage in sight; each says what it did. */
export function jobUndo(
  link: JobLink,
  page: {
    readonly stored: Ref<JobSnapshot | undefined>
    readonly stage: Ref<string>
    readonly said: Ref<string>
    readonly refusal: Ref<string>
  },
) {
  const { stored, stage, said, refusal } = page
  const lastStep = computed(() =>
    link.historyCount.value >= 0 ? link.history?.last(stage.value) : undefined,
  )
  const nextStep = computed(() =>
    link.historyCount.value >= 0 ? link.history?.next(stage.value) : undefined,
  )

  /** Sends what takes a step back, or does it again, as a group of its own. */
  function turned(step: Step, word: 'Undo' | 'Redo'): Step | undefined {
    const changes = inverseOf(step.did)
    if (!stored.value || changes.length === 0) return undefined
    const before = stored.value
    const group: Group = {
      key: crypto.randomUUID(),
      name: `${word} “${step.name}”`,
      at: step.at,
      changes,
      undoes: true,
    }
    const did = changes.map(({ collection, id, ...c }: Change): Did => {
      const now = rowOf(before, collection, id) ?? null
      const after = 'add' in c ? { ...c.add, version: 1 } : 'set' in c ? { ...now, ...c.set } : null
      return { collection, id, before: now, after }
    })
    refusal.value = ''
    link.send(group)
    said.value = `${word === 'Undo' ? t('undone') : t('doneAgain')}: ${step.name}.`
    return { key: group.key, name: step.name, at: step.at, did }
  }

  /** Who holds something that is about to be kept, a piece that is being moved by keys: it is kept first, and then undone. */
  const holding = new Set<() => void>()
  const keepHeld = () => holding.forEach((keep) => keep())
  /** @returns what to call when nothing is held any more */
  function beforeUndo(keep: () => void): () => void {
    holding.add(keep)
    return () => void holding.delete(keep)
  }

  /** Takes back what was done last on the stage in sight. */
  function undo(): void {
    keepHeld()
    const step = link.history?.last(stage.value)
    if (!step) {
      said.value = t('nothingToUndoOnThisPage')
      return
    }
    if (isAct(step)) {
      said.value = t('actMoneyIsNotUndone', { act: step.act })
      return
    }
    const by = turned(step, 'Undo')
    if (by) link.history?.undid(step, by)
  }

  /** Does again what was undone last on the stage in sight. */
  function redo(): void {
    keepHeld()
    const step = link.history?.next(stage.value)
    const by = step && turned(step, 'Redo')
    if (step && by) link.history?.redid(step, by)
  }

  return { lastStep, nextStep, undo, redo, beforeUndo }
}
