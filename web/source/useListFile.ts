import { computed, ref, shallowRef } from 'vue'
import type { Grid } from '@bonitas/core/stages/source/table/grid'
import { useTask } from '../worker/useTask.js'
import type { ListResult } from './list.worker.js'
import { t } from './words.js'

const MOST_BYTES = 20_000_000

/**
 * A list as it comes in, from a file or pasted: its sheets, the one looked at, and what is wrong with it.
 *
 * @param begun called when another list comes in
 */
export function useListFile(begun: () => void) {
  const task = useTask<ListResult>(
    () => new Worker(new URL('./list.worker.ts', import.meta.url), { type: 'module' }),
  )
  const fileName = ref('')
  const sheets = shallowRef<ListResult['sheets']>([])
  const sheetAt = ref(0)
  const trouble = ref('')
  const grid = computed<Grid>(() => sheets.value[sheetAt.value]?.grid ?? [])

  async function choose(file: File): Promise<void> {
    trouble.value = ''
    if (!/\.(xlsx|csv|txt|tsv)$/i.test(file.name)) {
      trouble.value = t('aListIsAFile')
      return
    }
    if (file.size > MOST_BYTES) {
      trouble.value = t('theFileIsOver20')
      return
    }
    begun()
    fileName.value = file.name
    sheetAt.value = 0
    try {
      const result = await task.run({ bytes: await file.arrayBuffer(), name: file.name })
      if (!result) return
      sheets.value = result.sheets
      trouble.value =
        result.trouble ?? (result.sheets.every((s) => s.grid.length === 0) ? t('theFileHoldsNoRows') : '')
    } catch {
      trouble.value = t('theFileCannotBeRead')
    }
  }
  /** Rows as a sheet puts them on the clipboard: a line each, cells parted by tabs. */
  function pasted(event: ClipboardEvent): void {
    const text = event.clipboardData?.getData('text/plain') ?? ''
    if (!/[\t\n]/.test(text)) return
    event.preventDefault()
    begun()
    fileName.value = 'pasted rows'
    sheets.value = [{ name: 'pasted', grid: text.split(/\r?\n/).map((l) => l.split('\t')) }]
    sheetAt.value = 0
  }

  return { task, fileName, sheets, sheetAt, grid, trouble, choose, pasted }
}
