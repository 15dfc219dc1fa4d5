import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { linesOf } from '../testing/bench.js'
import ChoiceBox from './ChoiceBox.vue'

beforeEach(() => {
  document.body.innerHTML = '<section id="over"></section>'
})
enableAutoUnmount(afterEach)

const box = (more: Record<string, unknown> = {}) =>
  mount(ChoiceBox, {
    props: {
      label: 'Verdict',
      value: null,
      choices: [{ value: null, text: 'not judged' }, 'keep', 'let go'],
      ...more,
    },
    attachTo: document.body,
  })
const described = (of: Element | null) =>
  document.getElementById(of?.getAttribute('aria-describedby') ?? '')?.textContent

describe('one of a few words', () => {
  test('nothing chosen is a line like any other, and what is chosen is said', async () => {
    const at = box()
    await flushPromises()
    expect(described(at.find('input').element)).toBe('not judged')
    await at.setProps({ value: 'keep' })
    expect(described(at.find('input').element)).toBe('keep')
  })

  test('a line that is taken is told once, and not when it is the one that stood', async () => {
    const at = box({ value: 'keep' })
    const lines = await linesOf(at.find('[role="combobox"]'))
    lines[1]!.click()
    await flushPromises()
    expect(at.emitted('choose')).toBeUndefined()
    ;(await linesOf(at.find('[role="combobox"]')))[0]!.click()
    await flushPromises()
    expect(at.emitted('choose')).toEqual([[null]])
  })

  test('in a table it is words until it is reached, and words again when it is left', async () => {
    const at = box({ bare: true, value: 'let go' })
    const rest = at.find('button')
    expect([rest.attributes('role'), rest.attributes('aria-label'), rest.text()]).toEqual([
      'combobox',
      'Verdict',
      'let go',
    ])
    expect(described(rest.element)).toBe('let go')
    await rest.trigger('focus')
    await flushPromises()
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Verdict')
    expect(at.find('button').exists()).toBe(false)
    ;(document.activeElement as HTMLElement).blur()
    await flushPromises()
    expect(at.find('button').exists()).toBe(true)
  })

  test('a fault is said of the input', async () => {
    const at = box({ fault: true })
    await flushPromises()
    expect(at.find('input').attributes('aria-invalid')).toBe('true')
    await at.setProps({ fault: false })
    await flushPromises()
    expect(at.find('input').attributes('aria-invalid')).toBeUndefined()
  })
})
