import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { emptyJob, pieceWith } from '@bonitas/core/examples/emptyJob'
import { onBench, type Bench } from '../testing/bench.js'
import RowField from './RowField.vue'

let bench: Bench
const settee = pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', widthMm: 1980 })
beforeEach(async () => {
  bench = await onBench(emptyJob({ pieces: [settee] }))
})
enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

const field = (more: Record<string, unknown> = {}) =>
  mount(RowField, {
    props: {
      collection: 'pieces',
      row: bench.store.snapshot!.pieces[0]!,
      field: 'widthMm',
      kind: 'length',
      ...more,
    },
    attachTo: document.body,
  })

/** Spaces that do not break are spaces. */
const plain = (text: string) => text.replace(/\s/g, ' ')

/** The message that stands open. */
const message = () => document.querySelector('#over .fault')?.textContent ?? ''

describe('a field of a row', () => {
  test('has the label of its description, and what it holds as it is read', async () => {
    const at = field()
    await flushPromises()
    const input = at.find('input')
    expect(at.find('label').text()).toBe('Width')
    expect(at.find('label').attributes('for')).toBe(input.attributes('id'))
    expect(plain(input.element.value)).toBe('1 980')
  })

  test('what is typed is kept on Enter, in the unit it was typed in', async () => {
    const input = field().find('input')
    await input.trigger('focus')
    await input.setValue('2.1 m')
    await input.trigger('keydown', { key: 'Enter' })
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(2100)
  })

  test('what cannot be kept stays, with a message the field points to; Esc puts back what was there', async () => {
    const at = field()
    const input = at.find('input')
    await input.trigger('focus')
    await input.setValue('wide')
    await input.trigger('blur')
    await flushPromises()
    expect(input.element.value).toBe('wide')
    expect(input.attributes('aria-invalid')).toBe('true')
    const says = document.getElementById(input.attributes('aria-describedby') ?? '')?.textContent
    expect(says).toMatch(/^Width/)
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(1980)
    await input.trigger('keydown', { key: 'Escape' })
    expect([plain(input.element.value), input.attributes('aria-invalid')]).toEqual(['1 980', undefined])
  })

  test('out of its limits it says them, in the units of the studio', async () => {
    const at = field()
    const input = at.find('input')
    await input.trigger('focus')
    await input.setValue('99 m')
    await input.trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect(plain(message())).toContain('20 000 mm')
    expect(bench.sent).toEqual([])
  })

  test('what was typed and not kept is there again after a reload of the page', async () => {
    const input = field().find('input')
    await input.trigger('focus')
    await input.setValue('2,2')
    const again = field().find('input')
    await flushPromises()
    expect(again.element.value).toBe('2,2')
  })

  test('another’s change shows where nothing is typed, and leaves what is being typed alone', async () => {
    const at = field()
    await at.setProps({ row: { ...settee, widthMm: 1700 } })
    const input = at.find('input')
    expect(plain(input.element.value)).toBe('1 700')
    await input.trigger('focus')
    await input.setValue('wide')
    await input.trigger('blur')
    await at.setProps({ row: { ...settee, widthMm: 1500 } })
    expect(input.element.value).toBe('wide')
    // Shown for another row, the field is that row's; back at this one, what was typed is there again.
    await at.setProps({ row: { ...settee, id: 'q', widthMm: 1200 } })
    expect([plain(input.element.value), input.attributes('aria-invalid')]).toEqual(['1 200', undefined])
    await at.setProps({ row: settee })
    expect(input.element.value).toBe('wide')
  })

  test('what another wrote while this was typed is shown, and wiped by Enter only', async () => {
    const at = field()
    const input = at.find('input')
    await input.trigger('focus')
    await input.setValue('2100')
    await at.setProps({ row: { ...settee, widthMm: 1700 } })
    await flushPromises()
    expect(plain(message())).toContain('became “1 700” in another place')
    await input.trigger('blur')
    expect([input.element.value, bench.store.snapshot!.pieces[0]!.widthMm]).toEqual(['2100', 1980])
    await input.trigger('keydown', { key: 'Escape' })
    await flushPromises()
    expect([plain(input.element.value), message()]).toEqual(['1 700', ''])
    await input.trigger('focus')
    await input.setValue('2100')
    await at.setProps({ row: { ...settee, widthMm: 1600 } })
    await input.trigger('keydown', { key: 'Enter' })
    expect(bench.store.snapshot!.pieces[0]!.widthMm).toBe(2100)
  })
})
