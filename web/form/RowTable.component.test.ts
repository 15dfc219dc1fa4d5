import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { h } from 'vue'
import { emptyJob, pieceWith } from '@bonitas/core/examples/emptyJob'
import type { Piece } from '@bonitas/core/model/rows/pieces'
import { linesOf, onBench, type Bench } from '../testing/bench.js'
import RowTable from './RowTable.vue'
import type { TableColumn } from './tableColumn.js'

const settee = pieceWith({ id: 'a', name: 'Settee', kind: 'sofa', widthMm: 1980 })
const stool = pieceWith({ id: 'b', name: 'Stool', kind: 'stool', widthMm: 420 })
const columns: readonly TableColumn<Piece>[] = [
  { id: 'name', head: 'Piece', kind: 'text', label: (p, i) => `Name of ${i + 1}, ${p.kind}` },
  { id: 'kind', head: 'Kind', choices: ['sofa', 'stool', { value: 'chair', text: 'a chair' }] },
  { id: 'widthMm', head: 'Width', kind: 'length', figure: true },
  { id: 'note', head: 'Said of it', quietHead: true },
]

let bench: Bench
beforeEach(async () => {
  bench = await onBench(emptyJob({ pieces: [settee, stool] }))
})
enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

const table = async (more: Record<string, unknown> = {}, slots: Record<string, unknown> = {}) => {
  const at = mount(RowTable, {
    props: {
      collection: 'pieces' as const,
      rows: bench.store.snapshot!.pieces,
      columns: columns as readonly TableColumn<{ readonly id: string }>[],
      nameOf: (row: { readonly id: string }) => (row as Piece).name,
      ...more,
    },
    slots: slots as never,
    attachTo: document.body,
  })
  await flushPromises()
  return at
}
type At = Awaited<ReturnType<typeof table>>
const labels = (at: At) =>
  at
    .findAll('tbody [aria-label]')
    .map((l) => l.attributes('aria-label'))
    .filter(Boolean)

describe('rows of a collection as a table', () => {
  test('a head for each column, a quiet one for readers only, and a row for each row', async () => {
    const at = await table()
    expect(at.findAll('th').map((th) => th.text())).toEqual(['Piece', 'Kind', 'Width', 'Said of it'])
    expect(at.findAll('th')[3]!.find('.visually-hidden').exists()).toBe(true)
    expect(at.findAll('tbody tr')).toHaveLength(2)
  })

  test('every cell is named by its head and its row, or as the column says', async () => {
    expect(labels(await table()).slice(0, 3)).toEqual([
      'Name of 1, sofa',
      'Kind of Settee',
      'Width of Settee',
    ])
  })

  test('a field and a choice change the row they stand in, and no other', async () => {
    const at = await table()
    const width = at.findAll('tbody tr')[1]!.find('input')
    await width.trigger('focus')
    await width.setValue('45 cm')
    await width.trigger('keydown', { key: 'Enter' })
    const lines = await linesOf(at.findAll('tbody tr')[1]!.find('[role="combobox"]'))
    expect(lines.map((l) => l.textContent)).toEqual(['sofa', 'stool', 'a chair'])
    lines[2]!.click()
    await flushPromises()
    expect(bench.store.snapshot!.pieces).toEqual([
      settee,
      { ...stool, widthMm: 450, kind: 'chair', version: expect.any(Number) as number },
    ])
  })

  test('the row that has the focus is the one in hand', async () => {
    const at = await table({ chosen: 'a' })
    expect(at.findAll('tbody tr').map((tr) => tr.classes('chosen'))).toEqual([true, false])
    await at.findAll('tbody tr')[1]!.find('input').trigger('focusin')
    expect(at.emitted('update:chosen')?.at(-1)).toEqual(['b'])
  })

  test('rows can be taken out only where that is said, each by its own name', async () => {
    const removals = (at: At) => at.findAll('button[aria-label^="Remove"]')
    expect(removals(await table())).toHaveLength(0)
    const at = await table({ removable: true })
    const buttons = removals(at)
    expect(buttons.map((b) => b.attributes('aria-label'))).toEqual(['Remove Settee', 'Remove Stool'])
    await buttons[0]!.trigger('click')
    await flushPromises()
    expect(bench.store.snapshot!.pieces.map((p) => p.id)).toEqual(['b'])
    bench.store.undo()
    expect(bench.store.snapshot!.pieces.map((p) => p.id).sort()).toEqual(['a', 'b'])
  })

  test('a page draws a cell itself, says more after one, and a last row has the sums', async () => {
    const at = await table(
      { sums: { name: 'in all', widthMm: '2 400' } },
      {
        'cell-note': ({ row, index }: { row: Piece; index: number }) => h('i', `${index}: ${row.name}`),
        'after-name': ({ row }: { row: Piece }) => h('u', row.kind),
      },
    )
    expect(at.findAll('tbody i').map((i) => i.text())).toEqual(['0: Settee', '1: Stool'])
    expect(at.findAll('tbody u').map((u) => u.text())).toEqual(['sofa', 'stool'])
    expect(at.findAll('tfoot td').map((td) => td.text())).toEqual(['in all', '', '2 400', ''])
  })

  test('a warning stands by the field of its row, whose value is kept', async () => {
    const warned = columns.map((c) =>
      c.id === 'widthMm'
        ? { ...c, warning: (p: Piece) => (p.widthMm > 1000 ? 'Past the wall' : undefined) }
        : c,
    )
    const at = await table({ columns: warned })
    expect(at.findAll('tbody tr').map((tr) => tr.text().includes('Past the wall'))).toEqual([true, false])
  })

  test('a list past sixty rows is the same table, drawn without Element Plus', async () => {
    const many = (n: number) =>
      Array.from({ length: n }, (_, i) => pieceWith({ id: `p${i}`, name: `Piece ${i}`, kind: 'chair' }))
    const [short, long] = [await table({ rows: many(60) }), await table({ rows: many(61) })]
    expect([short.find('.el-table').exists(), long.find('.el-table').exists()]).toEqual([true, false])
    expect(long.findAll('tbody tr')).toHaveLength(61)
    expect(labels(long).slice(0, 3)).toEqual(labels(short).slice(0, 3))
    await long.findAll('tbody tr')[60]!.find('textarea').trigger('focusin')
    expect(long.emitted('update:chosen')?.at(-1)).toEqual(['p60'])
  })

  test('an empty list is a table without rows', async () => {
    expect((await table({ rows: [] })).findAll('tbody tr')).toHaveLength(0)
  })
})
