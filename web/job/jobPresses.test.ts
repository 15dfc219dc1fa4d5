import { beforeEach, describe, expect, test } from 'vitest'
import { effectScope, nextTick, shallowRef } from 'vue'
import type { Checked } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { jobPresses } from './jobPresses.js'

const fix = (label: string) => ({ label, changes: [] })
const finding = (key: string, ...labels: string[]): JudgedFinding => ({
  rule: 'plan.front',
  severity: 'look',
  about: [],
  title: key,
  measured: '',
  wanted: '',
  because: '',
  fixes: labels.map(fix),
  key,
  facts: '',
})
const holds = (label: string): Checked => ({
  offered: [{ fix: fix(label), brings: [], rest: undefined }],
  dropped: [],
})
const fails = (label: string): Checked => ({
  offered: [],
  dropped: [{ fix: fix(label), why: [{ test: 'still there' }] }],
})

describe('a press on a way out', () => {
  const list = shallowRef<readonly JudgedFinding[] | undefined>([])
  const verdicts = shallowRef(new Map<string, Checked>())
  let done: string[] = []
  let also: readonly string[] = []
  let seen = true
  let said: string[] = []
  const presses = () =>
    effectScope(true).run(() =>
      jobPresses({
        found: () => list.value,
        verdict: (f) => verdicts.value.get(f.key),
        tryAlso: (pressed) => (also = pressed.map((f) => f.key)),
        apply: (safe) => done.push(safe.fix.label),
        nameOf: () => '',
        say: (why) => said.push(why),
        inSight: () => seen,
      }),
    )!
  const narrow = finding('narrow', 'Move it', 'Turn it')
  beforeEach(() => {
    list.value = [narrow]
    verdicts.value = new Map()
    done = []
    also = []
    seen = true
    said = []
  })

  test('is done at once when it was tried', () => {
    verdicts.value = new Map([['narrow', holds('Move it')]])
    presses().press(narrow, 'Move it')
    expect(done).toEqual(['Move it'])
  })

  test('is kept while it is tried, and done once when the trial holds', async () => {
    const { press, isWaiting } = presses()
    press(narrow, 'Move it')
    expect(done).toEqual([])
    expect([isWaiting(narrow, 'Move it'), isWaiting(narrow, 'Turn it')]).toEqual([true, false])
    verdicts.value = new Map([['narrow', holds('Move it')]])
    await nextTick()
    expect(done).toEqual(['Move it'])
    verdicts.value = new Map(verdicts.value)
    await nextTick()
    expect(done).toHaveLength(1)
    expect(isWaiting(narrow, 'Move it')).toBe(false)
  })

  test('is kept over a judging anew, by the key of its finding', async () => {
    const { press } = presses()
    press(narrow, 'Turn it')
    list.value = [finding('wet', 'Move it'), finding('narrow', 'Turn it')]
    await nextTick()
    expect(done).toEqual([])
    verdicts.value = new Map([['narrow', holds('Turn it')]])
    await nextTick()
    expect(done).toEqual(['Turn it'])
  })

  test('waits its turn behind another, and each is done once', async () => {
    const wet = finding('wet', 'Dry it')
    list.value = [narrow, wet]
    const { press } = presses()
    press(narrow, 'Move it')
    press(wet, 'Dry it')
    press(wet, 'Dry it')
    verdicts.value = new Map([['narrow', holds('Move it')]])
    await nextTick()
    expect(done).toEqual(['Move it'])
    list.value = [wet]
    verdicts.value = new Map([['wet', holds('Dry it')]])
    await nextTick()
    expect(done).toEqual(['Move it', 'Dry it'])
  })

  test('says why it was not done; the next press says nothing of it any more', async () => {
    const { press, whyNotDone } = presses()
    press(narrow, 'Move it')
    verdicts.value = new Map([['narrow', fails('Move it')]])
    await nextTick()
    expect(done).toEqual([])
    expect(whyNotDone(narrow)).toBe('“Move it” was not done: it would still be there.')
    press(narrow, 'Turn it')
    expect(whyNotDone(narrow)).toBe(
      '“Turn it” was not done: the job has changed, and it is not offered any more.',
    )
  })

  test('on a finding that is gone meanwhile is let go', async () => {
    const { press, isWaiting } = presses()
    press(narrow, 'Move it')
    list.value = []
    await nextTick()
    expect(isWaiting(narrow, 'Move it')).toBe(false)
    list.value = [narrow]
    verdicts.value = new Map([['narrow', holds('Move it')]])
    await nextTick()
    expect(done).toEqual([])
  })

  test('is tried on though another page shows its own findings, and says there why it was not done', async () => {
    const { press, whyNotDone } = presses()
    press(narrow, 'Move it')
    await nextTick()
    expect(also).toEqual(['narrow'])
    seen = false
    verdicts.value = new Map([['narrow', fails('Move it')]])
    await nextTick()
    expect(whyNotDone(narrow)).toBe('')
    expect(said).toEqual(['“Move it” was not done: it would still be there.'])
  })

  test('outlasts a time in which nothing is judged', async () => {
    const { press, isWaiting } = presses()
    press(narrow, 'Move it')
    list.value = undefined
    await nextTick()
    expect(isWaiting(narrow, 'Move it')).toBe(true)
    list.value = [narrow]
    verdicts.value = new Map([['narrow', holds('Move it')]])
    await nextTick()
    expect(done).toEqual(['Move it'])
  })

  test('is let go with the job', async () => {
    const { press, letGo } = presses()
    press(narrow, 'Move it')
    letGo()
    verdicts.value = new Map([['narrow', holds('Move it')]])
    await nextTick()
    expect(done).toEqual([])
  })
})
