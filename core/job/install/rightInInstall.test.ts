import { describe, expect, test } from 'vitest'
import { installExample, installJob, type InstallRoom } from '../../examples/install/example.js'
import { INSTALL_RULES } from '../../stages/install/rules/index.js'
import { rightInInstall } from './rightInInstall.js'

const rightOf = (room: InstallRoom) => {
  const facts = installExample(room)
  const early = INSTALL_RULES.flatMap((r) => r.check(facts)).some((f) => f.rule === 'install.too-early')
  return rightInInstall(installJob(room), facts.plan, early)
}

describe('what of the plan is right', () => {
  test('painted in good time: ready before, drying kept', () => {
    const right = rightOf({ painted: ['walls'], brief: { installOn: '2026-03-31' } })
    expect(right.some((r) => /^Ready \d+ days before/.test(r))).toBe(true)
    expect(right.some((r) => /waits? for drying kept/.test(r))).toBe(true)
  })
  test('too late or agreed too early: not said', () => {
    expect(
      rightOf({ painted: ['walls'], brief: { installOn: '2026-03-02' } }).some((r) => r.startsWith('Ready')),
    ).toBe(false)
    const early = rightOf({
      painted: ['walls'],
      tasks: [{ key: 'coat|walls|finish:oat|2', onDay: '2026-03-02', agreed: true }],
    })
    expect(early.some((r) => r.includes('drying kept'))).toBe(false)
  })
  test('nothing planned says nothing', () => expect(rightOf({})).toEqual([]))
})
