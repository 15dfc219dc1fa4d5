import { mount } from '@vue/test-utils'
import { describe, expect, test } from 'vitest'
import LineChart from './LineChart.vue'
import type { Series } from './lineView.js'

const series: Series[] = [
  { name: 'bound', form: 'dashed', points: [0, 10, 20].map((x) => ({ x, y: 3 * x })) },
  { name: 'paid', form: 'full', points: [0, 20].map((x) => ({ x, y: x })) },
]
const chart = () =>
  mount(LineChart, {
    props: {
      name: 'Used up',
      series,
      steps: true,
      saysX: (x: number) => `day ${x}`,
      saysY: (y: number) => `€${y}`,
    },
  })

describe('a chart that is read', () => {
  test('at rest its value is the last of every line', () => {
    const reading = chart().get('[role="slider"]')
    expect(reading.attributes()).toMatchObject({
      'aria-label': 'Values of Used up, by arrow keys',
      'aria-valuemax': '2',
      'aria-valuetext': 'bound €60, paid €20',
    })
  })

  test('the arrow keys walk it, and stop at its ends', async () => {
    const reading = chart().get('[role="slider"]')
    const says = async (key: string) => {
      await reading.trigger('keydown', { key })
      return reading.attributes('aria-valuetext')
    }
    expect(await says('ArrowLeft')).toBe('day 10: bound €30, paid €0')
    expect(await says('Home')).toBe('day 0: bound €0, paid €0')
    expect(await says('ArrowLeft')).toBe('day 0: bound €0, paid €0')
    expect(await says('End')).toBe('day 20: bound €60, paid €20')
    expect(await says('ArrowRight')).toBe('day 20: bound €60, paid €20')
    // Other keys are the page’s.
    expect(await says('Tab')).toBe('day 20: bound €60, paid €20')
  })

  test('which line is which is told by form, inside of the drawing', () => {
    const drawing = chart().get('.reading > svg')
    expect(drawing.findAll('text').map((t) => t.text())).toEqual(expect.arrayContaining(['bound', 'paid']))
    expect(drawing.findAll('path.dashed')).toHaveLength(2)
    expect(drawing.findAll('path.full')).toHaveLength(2)
  })
})
