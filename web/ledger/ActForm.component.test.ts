import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { emptyJob } from '@bonitas/core/examples/emptyJob'
import { ApiProblem } from '../api/http.js'
import { onBench } from '../testing/bench.js'
import type { Act } from './act.js'
import ActForm from './ActForm.vue'

enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())
const act = (title: string): Act => ({
  path: 'returns',
  title,
  button: `Enter the ${title.toLowerCase()}`,
  says: '',
  fixed: { lineId: 'l' },
  dayField: 'on',
  day: '2026-11-01',
})

/** A form with its act on its way, and how that ends. */
async function sending() {
  const { store } = await onBench(emptyJob())
  let ends: { done: () => void; fails: (e: unknown) => void } | undefined
  vi.spyOn(store, 'act').mockImplementation(
    () => new Promise((done, fails) => (ends = { done: () => done(undefined), fails })),
  )
  const form = mount(ActForm, { props: { act: act('Return') }, attachTo: document.body })
  await flushPromises()
  await form.find('form').trigger('submit')
  return { form, ends: () => ends! }
}

describe('an act that is on its way', () => {
  test('is done when the answer comes', async () => {
    const { form, ends } = await sending()
    ends().done()
    await flushPromises()
    expect(form.emitted('done')).toHaveLength(1)
  })
  test('does not take away the form of another that was begun meanwhile', async () => {
    const { form, ends } = await sending()
    await form.setProps({ act: act('Refund') })
    ends().done()
    await flushPromises()
    expect(form.emitted('done')).toBeUndefined()
    expect(form.find('button[type="submit"]').attributes('disabled')).toBeUndefined()
    expect(form.text()).toContain('Enter the refund')
  })
  test('when it is refused, that is said by its name over the other, with all that was said', async () => {
    const { form, ends } = await sending()
    await form.setProps({ act: act('Refund') })
    const errors = [{ field: 'on', text: 'The day is before the delivery.' }]
    ends().fails(new ApiProblem(422, 'Refused', 'Refused', errors, undefined))
    await flushPromises()
    expect(form.text()).toContain('Return: The day is before the delivery.')
  })
  test('when it is refused and still there, a fault stands by its field alone', async () => {
    const { form, ends } = await sending()
    const errors = [{ field: 'on', text: 'The day is before the delivery.' }]
    ends().fails(new ApiProblem(422, 'Refused', 'Refused', errors, undefined))
    await flushPromises()
    expect(form.text().split('The day is before the delivery.')).toHaveLength(2)
    expect(form.text()).not.toContain('Return: The day')
  })
})
