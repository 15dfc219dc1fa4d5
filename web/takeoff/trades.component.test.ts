import { enableAutoUnmount, flushPromises, mount, RouterLinkStub, type VueWrapper } from '@vue/test-utils'
import { ElButton } from 'element-plus'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { emptyJob, itemWith, optionWith } from '@bonitas/core/examples/emptyJob'
import { ROWS } from '@bonitas/core/model/registry'
import type { Takeoff } from '@bonitas/core/model/rows/takeoffs'
import { linesOf } from '@bonitas/core/testing/takeoffLine'
import { onBench } from '../testing/bench.js'
import CoverOf from './CoverOf.vue'
import TradeBeside from './TradeBeside.vue'
import TradeEditor from './TradeEditor.vue'
import TradeOnSchedule from './TradeOnSchedule.vue'

enableAutoUnmount(afterEach)
beforeEach(() => vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined })))
afterEach(() => vi.unstubAllGlobals())

const rowOf = (line: Partial<Takeoff> & Pick<Takeoff, 'trade'>) => ({
  ...ROWS.takeoffs.make({ id: 'line', name: 'Rails', ...line }),
  version: 1,
})
const stile = {
  ...ROWS.takeoffParts.make({ id: 'part', takeoffId: 'line', name: 'Stile', lengthMm: 800, count: 12 }),
  version: 1,
}
const rails = rowOf({ trade: 'lengths', goodsLengthMm: 2400, jointMm: 3, packMinor: 1000 })
const global = { stubs: { RouterLink: RouterLinkStub } }
const press = async (shown: VueWrapper, words: string) => {
  const button = shown.findAllComponents(ElButton).find((b) => b.text().includes(words))
  if (!button) throw new Error(`No button says ${words}`)
  await button.trigger('click')
  await flushPromises()
}
/** The labels of the fields that are asked. */
const asked = (shown: VueWrapper) => shown.findAll('label').map((l) => l.text())

describe('what a trade asks', () => {
  test.each<[string, Partial<Takeoff> & Pick<Takeoff, 'trade'>, readonly string[], readonly string[]]>([
    ['moldings', { trade: 'lengths' }, ['Length as sold', 'The saw takes'], ['Repeat', 'Fullness']],
    [
      'paper without a pattern',
      { trade: 'wallpaper' },
      ['Width of the roll'],
      ['Repeat', 'Side of a square'],
    ],
    ['paper that is matched', { trade: 'wallpaper', match: 'straight' }, ['Repeat'], ['Side of a square']],
    [
      'squares turned by turns',
      { trade: 'wallpaper', match: 'turned squares' },
      ['Side of a square'],
      ['Repeat'],
    ],
    ['a blind sewn', { trade: 'blinds' }, ['Hem at each side'], ['Beyond the window, each side']],
    [
      'a blind before the wall',
      { trade: 'blinds', inside: false },
      ['Beyond the window, each side'],
      ['Fullness'],
    ],
    ['a blind that is bought', { trade: 'blinds', readyMade: true }, ['Price of the blind'], ['Repeat']],
    ['panels as they are sold', { trade: 'curtains', readyMade: true }, ['In a pack'], ['Hem at the top']],
  ])('%s', async (_, line, there, away) => {
    await onBench(emptyJob({ takeoffs: [rowOf(line)] }))
    const shown = mount(TradeEditor, { props: { row: rowOf(line) }, global, attachTo: document.body })
    for (const word of there) expect(asked(shown), word).toContain(word)
    for (const word of away) expect(asked(shown), word).not.toContain(word)
  })
  test('a piece is added, and named as what it is', async () => {
    const { store } = await onBench(emptyJob({ takeoffs: [rails] }))
    const shown = mount(TradeEditor, { props: { row: rails }, global, attachTo: document.body })
    await press(shown, 'Add a piece')
    expect(store.snapshot?.takeoffParts[0]).toMatchObject({
      takeoffId: 'line',
      name: 'Piece 1',
      widthMm: null,
    })
  })
  test('a cover proposes its pieces from what it is cut for, in one step', async () => {
    const stool = {
      id: 'stool',
      name: 'Stool',
      kind: 'stool',
      widthMm: 600,
      depthMm: 400,
      heightMm: 450,
    } as const
    const cover = rowOf({ trade: 'cover', pieceId: 'stool' })
    const job = emptyJob({ takeoffs: [cover] })
    const piece = { ...ROWS.pieces.blank(), ...stool, version: 1 }
    const { store } = await onBench({ ...job, pieces: [piece] })
    const shown = mount(CoverOf, { props: { row: cover, parts: [] }, global, attachTo: document.body })
    await press(shown, 'Propose its pieces')
    expect(store.snapshot?.takeoffParts.map((p) => [p.name, p.count, p.widthMm, p.lengthMm])).toEqual([
      ['Top', 1, 630, 430],
      ['Front and back', 2, 630, 480],
      ['Sides', 2, 430, 480],
    ])
    store.undo()
    expect(store.snapshot?.takeoffParts).toEqual([])
  })
})

describe('a line and the schedule', () => {
  const job = emptyJob({ takeoffs: [rails], takeoffParts: [stile] })
  const lineIn = (store: Awaited<ReturnType<typeof onBench>>['store']) => linesOf(store.snapshot!)[0]!
  test('is put on it in one step, and undone in one', async () => {
    const { store } = await onBench(job)
    const shown = mount(TradeOnSchedule, { props: { line: lineIn(store) }, global })
    expect(shown.text()).toContain('6 lengths at €60 together.')
    await press(shown, 'Put it on the schedule')
    const item = store.snapshot!.items[0]!
    expect(store.snapshot!.takeoffs[0]).toMatchObject({ itemId: item.id, optionId: item.chosenOptionId })
    await shown.setProps({ line: lineIn(store) })
    expect(shown.text()).toContain('“Rails” is on the schedule')
    store.undo()
    expect([store.snapshot!.items.length, store.snapshot!.takeoffs[0]?.itemId]).toEqual([0, null])
  })
  test('a line that waits says what for, and asks for no price that is given', async () => {
    const { store } = await onBench({ ...job, takeoffParts: [] })
    const shown = mount(TradeOnSchedule, { props: { line: lineIn(store) }, global })
    expect(shown.text()).toContain('once it is known: the pieces, or walls to go along')
    expect(shown.text()).not.toContain('A price is wanting')
  })
  test('brings up to date what it raised, and leaves alone what was chosen instead', async () => {
    const raised = optionWith({ id: 'raised', itemId: 'item', name: '4 lengths', priceMinor: 4000 })
    const other = optionWith({ id: 'other', itemId: 'item', name: 'Oak', priceMinor: 9900 })
    const { store } = await onBench({
      ...job,
      items: [itemWith({ id: 'item', name: 'Rails', chosenOptionId: 'other' })],
      options: [raised, other],
      takeoffs: [{ ...rails, itemId: 'item', optionId: 'raised' }],
    })
    const shown = mount(TradeOnSchedule, { props: { line: lineIn(store) }, global })
    expect(shown.text()).toContain('The schedule says €40, the take-off €60')
    await press(shown, 'Bring it up to date')
    expect(store.snapshot!.options.map((o) => [o.id, o.priceMinor])).toEqual([
      ['raised', 6000],
      ['other', 9900],
    ])
  })
  test('without a price it says what is wanting, and offers nothing', async () => {
    const { store } = await onBench({ ...job, takeoffs: [{ ...rails, packMinor: null }] })
    const shown = mount(TradeOnSchedule, { props: { line: lineIn(store) }, global })
    expect(shown.text()).toContain('A price is wanting')
    expect(shown.findAll('button')).toHaveLength(0)
  })
  test('what goes with it and is not there yet is put on the schedule once', async () => {
    const line = (store: Awaited<ReturnType<typeof onBench>>['store']) => ({
      ...lineIn(store),
      goesWith: [{ name: 'Glue', quantity: '1 kg' }],
    })
    const { store } = await onBench(job)
    const shown = mount(TradeOnSchedule, { props: { line: line(store) }, global })
    expect(shown.text()).not.toContain('Glue')
    await press(shown, 'Put it on the schedule')
    await shown.setProps({ line: line(store) })
    await press(shown, 'Put them on the schedule')
    const [item, glue] = store.snapshot!.items
    expect(glue).toMatchObject({ forItemId: item!.id, companion: 'Glue', specification: '1 kg' })
    expect(shown.text()).not.toContain('With it go')
  })
})

describe('ways beside each other', () => {
  const [line] = linesOf(emptyJob({ takeoffs: [rails], takeoffParts: [stile] }))
  test('are a table where there are two; nothing is shown where there is none', async () => {
    await onBench(emptyJob())
    expect(
      mount(TradeBeside, { props: { line: line! } })
        .find('table')
        .exists(),
    ).toBe(false)
    const beside = [
      { name: 'As laid', needed: '4 boards', costMinor: 4000 },
      { name: 'The other way', needed: '5 boards' },
    ]
    const shown = mount(TradeBeside, { props: { line: { ...line!, beside } } })
    await flushPromises()
    expect(shown.findAll('tbody tr').map((r) => r.findAll('td').map((d) => d.text()))).toEqual([
      ['As laid', '4 boards', '40.00'],
      ['The other way', '5 boards', '—'],
    ])
  })
})
