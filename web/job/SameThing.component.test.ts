import { enableAutoUnmount, flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { emptyJob, itemWith, pieceWith } from '@bonitas/core/examples/emptyJob'
import { options } from '@bonitas/core/model/rows/options'
import { loans } from '@bonitas/core/model/rows/loans'
import { linesOf, onBench } from '../testing/bench.js'
import SameThing from './SameThing.vue'

enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())
const job = () =>
  emptyJob({
    pieces: [
      pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', itemId: 'i', widthMm: 1900 }),
      pieceWith({ id: 'q', name: 'Lamp', kind: 'lamp' }),
      pieceWith({ id: 'r', name: 'Trunk', kind: 'trunk', there: true }),
    ],
    items: [itemWith({ id: 'i', name: 'Settee', chosenOptionId: 'o' }), itemWith({ id: 'j', name: 'Lamp' })],
    options: [
      { ...options.make({ id: 'o', itemId: 'i', name: 'Long', priceMinor: 1, widthMm: 2300 }), version: 1 },
    ],
    loans: [
      {
        ...loans.make({ id: 'l', name: 'Trunk', reason: 'to try', pieceId: 'r', owner: 'an aunt' }),
        version: 1,
      },
    ],
  })
const at = (collection: 'pieces' | 'items' | 'options' | 'loans', id: string) =>
  mount(SameThing, {
    props: { collection, id },
    global: { stubs: { RouterLink: RouterLinkStub } },
    attachTo: document.body,
  })

describe('where the facts of a thing come from', () => {
  test('the size of a piece: from the option, its own when it is given one, and back', async () => {
    const { store, sent } = await onBench(job())
    const shown = at('pieces', 'p')
    expect(shown.text()).toContain('Its size is that of Long')
    expect(store.snapshot!.pieces[0]!.widthMm).toBe(2300)
    await shown.find('button.el-button').trigger('click')
    expect(store.snapshot!.pieces[0]).toMatchObject({ ownSize: true, widthMm: 1900 })
    expect(shown.text()).toContain('Its size is its own')
    await shown.find('button.el-button').trigger('click')
    expect(store.snapshot!.pieces[0]).toMatchObject({ ownSize: false, widthMm: 2300 })
    await vi.waitFor(() => expect(sent.length).toBeGreaterThan(0))
  })

  test('a line says the piece it is drawn as, lets go of it, and is tied to one that is free', async () => {
    const { store } = await onBench(job())
    const drawn = at('items', 'i')
    expect(drawn.text()).toContain('Drawn as Settee')
    await drawn.find('button.el-button').trigger('click')
    expect(store.snapshot!.pieces[0]!.itemId).toBeNull()
    const free = at('items', 'j')
    const lines = await linesOf(free.find('[role="combobox"]'))
    expect(lines.map((l) => l.textContent)).toEqual(['not drawn', 'Settee', 'Lamp'])
    lines[2]!.click()
    await flushPromises()
    expect(store.snapshot!.pieces.find((p) => p.id === 'q')!.itemId).toBe('j')
  })

  test('a piece on loan says whose it is and that no day is set', async () => {
    await onBench(job())
    expect(at('pieces', 'r').text()).toContain('Borrowed from an aunt, no day to give it back')
  })
})
