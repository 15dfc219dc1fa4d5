import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { describe, expect, test } from 'vitest'
import FaultSummary from './FaultSummary.vue'

const form = (faults: Record<string, string>) =>
  mount(
    {
      components: { FaultSummary },
      props: { faults: { type: Object, required: true } },
      template: `<form>
        <input id="a" :aria-invalid="faults.a ? 'true' : undefined" />
        <input id="b" :aria-invalid="faults.b ? 'true' : undefined" />
        <FaultSummary :faults="faults" />
      </form>`,
    },
    { props: { faults }, attachTo: document.body },
  )

describe('what is wrong with a form', () => {
  test('one fault is said by its field, which has the focus', async () => {
    const at = form({})
    expect(at.find('[role="alert"]').text()).toBe('')
    await at.setProps({ faults: { b: 'Name is empty. Write whose it is.' } })
    await nextTick()
    expect(document.activeElement?.id).toBe('b')
    expect(at.find('[role="alert"]').text()).toBe('')
    at.unmount()
  })

  test('several are counted and the first has the focus; the same again moves nothing', async () => {
    const at = form({})
    const faults = { a: 'Date is empty.', b: 'Amount is not a number.' }
    await at.setProps({ faults })
    await nextTick()
    expect(document.activeElement?.id).toBe('a')
    expect(at.find('[role="alert"]').text()).toBe('2 fields to mend')
    at.find<HTMLInputElement>('#b').element.focus()
    await at.setProps({ faults: { ...faults } })
    await nextTick()
    expect(document.activeElement?.id).toBe('b')
    at.unmount()
  })
})
