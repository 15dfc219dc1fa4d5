import { computed, ref } from 'vue'
import { addDays } from '@bonitas/core/kernel/units/days'
import { OWN } from '@bonitas/core/job/install/own'
import { ROWS } from '@bonitas/core/model/registry'
import type { TaskRow } from '@bonitas/core/model/rows/tasks'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { PlannedTask } from '@bonitas/core/stages/install/workPlan'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from '../job/jobStore.js'
import { t } from './words.js'

type Task = PlannedTask['task']

/**
 * What a person says of tasks of the plan: rows are begun with the first word said. They are read from the job itself: the plan
 * follows a moment later.
 */
export function useTaskRows() {
  const store = useJobStore()
  const { day } = useLocale()

  /** The row of a task; of two that were begun at once everybody reads the same. */
  function rowOf({ key }: Pick<Task, 'key'>): JobSnapshot['tasks'][number] | undefined {
    const rows = store.snapshot?.tasks ?? []
    if (key.startsWith(`${OWN}|`)) return rows.find((r) => `${OWN}|${r.id}` === key)
    return rows
      .filter((r) => r.key === key)
      .reduce<JobSnapshot['tasks'][number] | undefined>(
        (first, r) => (first && first.id < r.id ? first : r),
        undefined,
      )
  }

  function change(task: Task, part: Partial<TaskRow>): void {
    const row = rowOf(task)
    if (row) store.change('tasks', row.id, part)
    else store.add('tasks', { ...ROWS.tasks.blank(), key: task.key, ...part })
  }

  /** The id of the row of a task; one is begun where there is none. */
  function rowIdOf(task: Task): string {
    return rowOf(task)?.id ?? store.add('tasks', { ...ROWS.tasks.blank(), key: task.key })
  }

  /** The day a task is moved from: the agreed one, the one just given, or where it stands. */
  function standsOn({ task, start }: PlannedTask): string {
    const onDay = rowOf(task)?.onDay ?? null
    return onDay !== null && (task.agreed || onDay !== task.onDay) ? onDay : start.day
  }

  /** What was moved last, and to which day. */
  const asked = ref<{ readonly key: string; readonly onDay: string }>()

  /** Moves a task by days: an agreed one to another day, any other so that it does not begin before. */
  function move(planned: PlannedTask, days: number): void {
    const { task } = planned
    if (rowOf(task)?.doneOn || days === 0) return
    const from = standsOn(planned)
    const to = addDays(from, days)
    const onDay = to < store.day ? store.day : to
    if (onDay === from) return
    change(task, { onDay })
    asked.value = { key: task.key, onDay }
  }

  /** What a move came to, once the plan has followed: read out. */
  const said = computed(() => {
    const planned = store.install?.tasks.find((x) => x.task.key === asked.value?.key)
    const onDay = asked.value?.onDay
    if (!planned || onDay === undefined || planned.task.onDay !== onDay) return ''
    const { name, agreed } = planned.task
    return agreed || planned.start.day <= onDay
      ? t('movedTo', { name, from: day(planned.start.day) })
      : t('cannotBefore', { name, day: day(planned.start.day) })
  })

  /** The tasks as they would be with one of them moved, for the plan to be shown while the bar is held. */
  function moved(planned: PlannedTask, days: number): JobSnapshot['tasks'] {
    const { task } = planned
    const known = rowOf(task) ?? { ...ROWS.tasks.make({ id: 'held', key: task.key }), version: 1 }
    const row = { ...known, onDay: addDays(standsOn(planned), days) }
    return [...(store.snapshot?.tasks ?? []).filter((r) => r.id !== row.id), row]
  }
  const lefts = computed(() => (store.snapshot?.tasks ?? []).filter((r) => r.leftOut))
  return { rowOf, rowIdOf, change, move, moved, said, lefts }
}
