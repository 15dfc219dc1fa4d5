import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { shallowRef } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { demoJob } from '@bonitas/core/testing/demoJob'
import { changedSince, fixChecks } from './fixChecks.js'
import type { FixesAnswer, FixesAsk } from './fixes.worker.js'

const sent: FixesAsk[] = []
let tell: (answer: FixesAnswer) => void
let fail: () => void

beforeEach(() => {
  sent.length = 0
  vi.stubGlobal(
    'Worker',
    class {
      addEventListener(kind: string, hear: (event: unknown) => void): void {
        if (kind === 'message') tell = (data) => hear({ data })
        else fail = () => hear({})
      }
      postMessage(ask: FixesAsk): void {
        sent.push(ask)
      }
    },
  )
})
afterEach(() => vi.unstubAllGlobals())

const finding = (key: string, fixes = 1): JudgedFinding => ({
  rule: 'plan.front',
  severity: 'look',
  about: [],
  title: key,
  measured: '',
  wanted: '',
  because: '',
  fixes: Array.from({ length: fixes }, (_x, n) => ({ label: `way ${n}`, changes: [] })),
  key,
  facts: '',
})
const PANEL = Symbol('a panel')
const NONE = { offered: [], dropped: [] }
const asked = (n: number) => vi.waitFor(() => expect(sent).toHaveLength(n))

describe('ways out tried in a worker', () => {
  test('a verdict belongs to the finding it was asked for; an answer to an older question is not heard', async () => {
    const stored = shallowRef<JobSnapshot | undefined>(demoJob())
    const { check, verdict } = fixChecks(stored, shallowRef('2026-11-23'))
    const [a, b, plain] = [finding('a'), finding('b'), finding('plain', 0)]
    check(PANEL, [a, plain, b])
    await asked(1)
    expect(sent[0]?.findings).toEqual([a, b])
    tell({ nth: 1, at: 1, checked: NONE })
    expect(verdict(b)).toBe(NONE)
    expect(verdict(a)).toBeUndefined()

    const c = finding('c')
    check(PANEL, [a, b, c])
    await asked(2)
    // What is known is not asked again.
    expect(sent[1]?.findings).toEqual([a, c])
    tell({ nth: 1, at: 0, checked: NONE })
    expect(verdict(a)).toBeUndefined()
    tell({ nth: 2, at: 0, checked: NONE })
    expect(verdict(a)).toBe(NONE)
  })

  test('of a job only what changed is sent again', async () => {
    const job = demoJob()
    const stored = shallowRef<JobSnapshot | undefined>(job)
    const { check } = fixChecks(stored, shallowRef('2026-11-23'))
    check(PANEL, [finding('a')])
    await asked(1)
    expect(sent[0]?.changed).toEqual(job)
    const pieces = job.pieces.slice(1)
    stored.value = { ...job, pieces }
    check(PANEL, [finding('b')])
    await asked(2)
    expect(sent[1]?.changed).toEqual({ pieces })
    expect({ ...sent[0]?.changed, ...sent[1]?.changed }).toEqual(stored.value)
    expect(changedSince(job, job)).toEqual({})
  })

  test('a verdict on the job as it was holds no more, and is asked anew', async () => {
    const job = demoJob()
    const stored = shallowRef<JobSnapshot | undefined>(job)
    const { check, verdict } = fixChecks(stored, shallowRef('2026-11-23'))
    const a = finding('a')
    check(PANEL, [a])
    await asked(1)
    tell({ nth: 1, at: 0, checked: NONE })
    expect(verdict(a)).toBe(NONE)
    // Another tab writes: until it is tried again, nothing is offered.
    stored.value = { ...job, pieces: job.pieces.slice(1) }
    expect(verdict(a)).toBeUndefined()
    check(PANEL, [a])
    await asked(2)
  })

  test('what cannot be tried is not offered', async () => {
    const { check, verdict } = fixChecks(shallowRef(demoJob()), shallowRef('2026-11-23'))
    const a = finding('a', 2)
    check(PANEL, [a])
    await asked(1)
    fail()
    expect(verdict(a)?.offered).toEqual([])
    expect(verdict(a)?.dropped).toHaveLength(2)
  })
})
