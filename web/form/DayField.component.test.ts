import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { emptyJob } from '@bonitas/core/examples/emptyJob'
import { onBench } from '../testing/bench.js'
import DayField from './DayField.vue'

beforeEach(() => onBench(emptyJob()))
enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

/** A field whose model is kept, as by a form. */
const field = (day: string) => {
  const at = mount(DayField, {
    props: {
      label: 'Agreed on',
      modelValue: day,
      'onUpdate:modelValue': (to: string) => at.setProps({ modelValue: to }),
    },
    attachTo: document.body,
  })
  return at
}
type At = ReturnType<typeof field>
const shown = (at: At) => at.find('input').element.value
async function typed(at: At, text: string): Promise<void> {
  const input = at.find('input')
  await input.setValue(text)
  await input.trigger('change')
  await flushPromises()
}

describe('a day that belongs to no row', () => {
  test('is shown in the order of the country, and kept as it sorts', async () => {
    const at = field('2026-03-14')
    expect(shown(at)).toBe('14/03/2026')
    await typed(at, '2.4.27')
    expect([at.props('modelValue'), shown(at)]).toEqual(['2027-04-02', '02/04/2027'])
    await typed(at, '')
    expect(at.props('modelValue')).toBe('')
  })

  test('what is no day stays, with its message, and is never taken for the day before', async () => {
    const at = field('2026-03-14')
    await typed(at, '31/2/2026')
    expect(shown(at)).toBe('31/2/2026')
    expect(at.props('modelValue')).toBe('31/2/2026')
    const says = document.getElementById(at.find('input').attributes('aria-describedby') ?? '')
    expect(says?.textContent).toMatch(/^Agreed on is not a day\. Write it as \d\d\/\d\d\/\d{4}/)
    await typed(at, '31/2/2026')
    expect(at.find('input').attributes('aria-invalid')).toBe('true')
    await typed(at, '28/2/2026')
    expect([at.props('modelValue'), at.find('input').attributes('aria-invalid')]).toEqual([
      '2026-02-28',
      undefined,
    ])
  })

  test('another day from outside takes its place', async () => {
    const at = field('2026-03-14')
    await at.setProps({ modelValue: '2026-05-01' })
    expect(shown(at)).toBe('01/05/2026')
  })
})
