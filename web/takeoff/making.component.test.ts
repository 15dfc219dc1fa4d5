import { enableAutoUnmount, flushPromises, mount, RouterLinkStub, type VueWrapper } from '@vue/test-utils'
import { ElButton, ElCheckbox } from 'element-plus'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { exampleJob } from '@bonitas/core/examples/plan/example'
import { makingOf } from '@bonitas/core/job/making/makingOf'
import { deriveJob } from '@bonitas/core/job/derive'
import { hexToLab } from '@bonitas/core/kernel/color/lab'
import { ROWS } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import type { ConsumableKind, Task } from '@bonitas/core/model/vocabulary/making'
import type { PaintLine } from '@bonitas/core/stages/takeoff/paintTakeoff'
import { onBench } from '../testing/bench.js'
import GoodsEditor from './GoodsEditor.vue'
import KitEditor from './KitEditor.vue'
import MakingOnSchedule from './MakingOnSchedule.vue'
import OntoSchedule from './OntoSchedule.vue'
import WorkEditor from './WorkEditor.vue'

enableAutoUnmount(afterEach)
beforeEach(() => vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined })))
afterEach(() => vi.unstubAllGlobals())

const global = { stubs: { RouterLink: RouterLinkStub } }
const { l, a, b } = hexToLab('#eee8dc')
const finish = (id: string, more: object = {}) => ({
  ...ROWS.finishes.make({ id, name: id, labL: l, labA: a, labB: b, ...more }),
  version: 1,
})
/** A room of 18 m of wall whose walls are painted. */
function painted(more: Partial<JobSnapshot> = {}): JobSnapshot {
  return {
    ...exampleJob({ openings: [] }),
    finishes: [finish('oat')],
    finishAssignments: [
      { ...ROWS.finishAssignments.make({ id: 'on', surface: 'walls', finishId: 'oat' }), version: 1 },
    ],
    ...more,
  }
}
const makingIn = (job: JobSnapshot) => makingOf(job, deriveJob(job, '2026-03-01'), [])
const workIn = (job: JobSnapshot, task: Task) => makingIn(job).work.find((w) => w.task === task)!
const goodsIn = (job: JobSnapshot, kind: ConsumableKind) =>
  makingIn(job).consumables.find((c) => c.kind === kind)!
const press = async (shown: VueWrapper, words: string) => {
  const button = shown.findAllComponents(ElButton).find((x) => x.text().includes(words))
  if (!button) throw new Error(`No button says ${words}`)
  await button.trigger('click')
  await flushPromises()
}
const type = async (shown: VueWrapper, label: string, text: string) => {
  const item = shown.findAll('.el-form-item').find((x) => x.find('label').text() === label)
  if (!item) throw new Error(`No field is called ${label}`)
  const field = item.get('input')
  await field.setValue(text)
  await field.trigger('change')
  await flushPromises()
}

describe('minutes of a kind of work', () => {
  test('typed for a square meter they are kept; emptied they are the usual again', async () => {
    const { store } = await onBench(painted())
    const shown = mount(WorkEditor, { props: { work: workIn(store.snapshot!, 'wash and sand') }, global })
    await type(shown, 'Minutes for 1 m²', '8')
    expect(store.snapshot?.efforts).toMatchObject([{ task: 'wash and sand', minutes: 8, leftOut: false }])
    await shown.setProps({ work: workIn(store.snapshot!, 'wash and sand') })
    await type(shown, 'Minutes for 1 m²', '')
    expect(store.snapshot?.efforts).toMatchObject([{ minutes: null }])
    await shown.setProps({ work: workIn(store.snapshot!, 'wash and sand') })
    expect(shown.get('input').element.value).toBe('5')
  })
  test('a studio in feet types them for a hundred square feet', async () => {
    const job = painted()
    const studio = { ...job.studio, system: 'imperial' as const, locale: 'en-US', currency: 'USD' }
    const { store } = await onBench({ ...job, studio })
    const shown = mount(WorkEditor, { props: { work: workIn(store.snapshot!, 'wash and sand') }, global })
    // 5 minutes for a square meter are 46.45 for 100 square feet: the usual is said as one would say it.
    expect(shown.get('input').element.value).toBe('46.5')
    await type(shown, 'Minutes for 100 sq ft', '60')
    expect(store.snapshot?.efforts[0]?.minutes).toBeCloseTo(60 / 9.290304, 9)
  })
  test('what is no number is said beside the field, and nothing is kept', async () => {
    const { store } = await onBench(painted())
    const shown = mount(WorkEditor, { props: { work: workIn(store.snapshot!, 'wash and sand') }, global })
    await type(shown, 'Minutes for 1 m²', 'long')
    expect(shown.text()).toContain('Minutes for 1 m² is not a number')
    await type(shown, 'Minutes for 1 m²', '-4')
    expect(shown.text()).toContain('is out of range')
    expect(store.snapshot?.efforts).toEqual([])
  })
  test('left out it takes no time', async () => {
    const { store } = await onBench(painted())
    const shown = mount(WorkEditor, { props: { work: workIn(store.snapshot!, 'tape edges') }, global })
    shown.getComponent(ElCheckbox).vm.$emit('update:modelValue', true)
    await flushPromises()
    expect(workIn(store.snapshot!, 'tape edges')).toMatchObject({ leftOut: true, minutes: 0 })
  })
})

describe('a consumable', () => {
  test('is priced, put on the schedule, and brought up to date when the room changes', async () => {
    const { store } = await onBench(painted())
    const shown = mount(GoodsEditor, { props: { goods: goodsIn(store.snapshot!, 'masking tape') }, global })
    await type(shown, 'Price of a pack', '4.20')
    await shown.setProps({ goods: goodsIn(store.snapshot!, 'masking tape') })
    await type(shown, 'A pack holds, m', '25')
    const goods = () => makingIn(store.snapshot!).consumables
    const onto = mount(MakingOnSchedule, { props: { goods: goods() }, global })
    await press(onto, 'Put “Masking tape” on the schedule')
    const { items, options } = store.snapshot!
    // 36 m of edges and a tenth over, from rolls of 25 m.
    expect(items).toMatchObject([{ name: 'Masking tape', chosenOptionId: options[0]?.id }])
    expect(options).toMatchObject([{ name: '2 rolls', priceMinor: 840 }])
    store.change('consumables', store.snapshot!.consumables[0]!.id, { sparePacks: 1 })
    await onto.setProps({ goods: goods() })
    expect(onto.text()).toContain('is on the schedule at €8.40, the take-off says €12.60')
    await press(onto, 'Bring it up to date')
    expect(store.snapshot?.options).toMatchObject([{ name: '3 rolls', priceMinor: 1260 }])
    store.undo()
    expect(store.snapshot?.options).toMatchObject([{ priceMinor: 840 }])
  })
  test('on the schedule and no longer needed, or its option taken out: both are told', async () => {
    const row = { ...ROWS.consumables.make({ id: 'tape', kind: 'masking tape', packMinor: 420 }), version: 1 }
    const { store } = await onBench(painted({ consumables: [row] }))
    const goods = () => makingIn(store.snapshot!).consumables
    const onto = mount(MakingOnSchedule, { props: { goods: goods() }, global })
    await press(onto, 'Put “Masking tape” on the schedule')
    store.remove('options', store.snapshot!.options[0]!.id)
    await onto.setProps({ goods: goods() })
    expect(onto.text()).toContain('Masking tape: Its option there is gone')
    await press(onto, 'Put it among the options')
    expect(store.snapshot?.options).toMatchObject([{ name: '1 roll', priceMinor: 420 }])
    expect(store.snapshot?.consumables[0]?.optionId).toBe(store.snapshot?.options[0]?.id)
    store.remove('finishAssignments', 'on')
    await onto.setProps({ goods: goods() })
    expect(onto.text()).toContain('“Masking tape” is on the schedule at €4.20, the take-off says €0')
  })
  test('a price below nothing is refused beside its field', async () => {
    const { store } = await onBench(painted())
    const shown = mount(GoodsEditor, { props: { goods: goodsIn(store.snapshot!, 'masking tape') }, global })
    await type(shown, 'Price of a pack', '-4')
    expect(store.snapshot?.consumables).toEqual([])
    expect(shown.text()).toContain('Price of a pack')
    expect(shown.find('[aria-invalid="true"]').exists()).toBe(true)
  })
})

describe('paint on the schedule', () => {
  const tin = (costMinor: number) => ({ costMinor, volumeMl: 5000, counts: [1] })
  const line = (finishId: string, costMinor: number): PaintLine => ({
    ...{ finishId, name: finishId, isPrimer: finishId === 'primer' },
    steps: [
      {
        on: 'walls',
        substrate: 'sound paint',
        surface: 'Walls',
        areaM2: 30,
        coats: 2,
        because: 'as a rule',
        liters: 5,
      },
    ],
    ...{ liters: 5, spreadM2PerL: 12, lossPpm: 0, offered: [{ ml: 5000, priceMinor: costMinor }] },
    tins: tin(costMinor),
  })
  const lines = [line('oat', 9000), line('clay', 7000), line('primer', 4000)]
  const bench = () =>
    onBench(painted({ finishes: [finish('oat'), finish('clay'), finish('primer', { material: 'primer' })] }))
  test('one color on its own takes its own price and never that of all; the others can follow', async () => {
    const { store } = await bench()
    const shown = mount(OntoSchedule, { props: { lines: [lines[0]!], totalMinor: 9000 }, global })
    await press(shown, 'Put “oat” on the schedule')
    await shown.setProps({ lines, totalMinor: 20_000 })
    expect(shown.text()).not.toContain('the take-off says')
    await press(shown, 'Put 2 colors on the schedule')
    expect(store.snapshot?.items.map((i) => [i.name, i.finishId, i.buysPaint])).toEqual([
      ['oat', 'oat', 'of its finish'],
      ['clay', 'clay', 'of its finish'],
      ['primer', 'primer', 'of its finish'],
    ])
    await shown.setProps({ lines: [line('oat', 9500), lines[1]!, lines[2]!], totalMinor: 20_500 })
    expect(shown.text()).toContain('“oat” is on the schedule at €90, the take-off says €95')
  })
  test('one line for all follows the sum, and no color is asked for beside it', async () => {
    const { store } = await bench()
    const shown = mount(OntoSchedule, { props: { lines, totalMinor: 20_000 }, global })
    await press(shown, 'One line for all')
    expect(store.snapshot?.items).toMatchObject([{ name: 'Paint and primer', buysPaint: 'all paint' }])
    await shown.setProps({ lines, totalMinor: 24_000 })
    expect(shown.text()).toContain('is on the schedule at €200, the take-off says €240')
    expect(shown.findAllComponents(ElButton).map((x) => x.text())).toEqual(['Bring it up to date'])
  })
})

describe('the spreading rate from a data sheet', () => {
  test.each([
    ['metric', 'en-IE', 'Dry film, µm', '40', '10'],
    // A mil is 25.4 µm: 40 % over 40 µm is 10 m² a liter, 407.46 sq ft a US gallon.
    ['imperial', 'en-US', 'Dry film, mil', '1.5748', '407.5'],
  ] as const)('%s: solids over the dry film, used at one press', async (system, locale, film, dry, rate) => {
    const job = painted()
    const { store } = await onBench({ ...job, studio: { ...job.studio, system, locale } })
    const shown = mount(KitEditor, { props: { finish: store.snapshot!.finishes[0]! }, global })
    await type(shown, 'Volume solids, %', '140')
    expect(shown.text()).toContain('Volume solids are 1 to 100 %')
    await type(shown, 'Volume solids, %', '40')
    await type(shown, film, dry)
    expect(shown.text()).toContain('In theory')
    await press(shown, 'Use this rate')
    expect(store.snapshot?.finishes[0]?.paintKit?.spreadM2PerL).toBeCloseTo(10, 1)
    expect(shown.get('input').element.value).toBe(rate)
  })
})
