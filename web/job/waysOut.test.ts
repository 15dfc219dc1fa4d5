import { describe, expect, test } from 'vitest'
import type { Checked, Refusal } from '@bonitas/core/job/fixes/checkFixes'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { waysOut } from './waysOut.js'

const fix = (label: string) => ({ label, changes: [] })
const finding = (title: string, ...labels: string[]): JudgedFinding => ({
  rule: 'plan.front',
  severity: 'look',
  about: [],
  title,
  measured: '',
  wanted: '',
  because: '',
  fixes: labels.map(fix),
  key: title,
  facts: '',
})
const nameOf = () => 'Tea table'

describe('ways out as they are shown', () => {
  test('before they are tried all stand there, and none can be taken', () => {
    const { ways, none } = waysOut(finding('narrow', 'Move it', 'Turn it'), undefined, nameOf)
    expect(ways.map((w) => [w.label, w.safe])).toEqual([
      ['Move it', undefined],
      ['Turn it', undefined],
    ])
    expect(none).toBe('')
  })

  test('then those that hold, with what is to be seen after', () => {
    const checked: Checked = {
      offered: [
        {
          fix: fix('Turn it'),
          brings: [finding('a'), finding('b'), finding('c')],
          rest: finding('one side'),
        },
      ],
      dropped: [{ fix: fix('Move it'), why: [{ test: 'still there' }] }],
    }
    const { ways, none } = waysOut(finding('narrow', 'Move it', 'Turn it'), checked, nameOf)
    expect(ways).toHaveLength(1)
    expect(ways[0]?.safe?.fix.label).toBe('Turn it')
    expect(ways[0]?.then).toBe('left then: one side · then to see: a · then to see: b · and 1 more')
    expect(none).toBe('')
  })

  test.each<[Refusal, string]>([
    [{ test: 'still there' }, 'it would still be there'],
    [{ test: 'row', says: 'x' }, 'it cannot be done'],
    [{ test: 'material', material: 'paint', on: 'Curtains' }, 'Curtains is not made of paint'],
    [{ test: 'kept', pieceId: 'p', by: 'stays', how: 'moved' }, 'Tea table stays as it is'],
    [{ test: 'kept', pieceId: 'p', by: 'loved', how: 'removed' }, 'Tea table is dear to somebody'],
    [{ test: 'kept', pieceId: 'p', by: 'serves alone', how: 'removed' }, 'Tea table alone serves a use'],
    [{ test: 'new', rule: 'r', severity: 'stop', title: 'a stop' }, 'it would bring “a stop”'],
    [{ test: 'caution', rule: 'r', title: 'a fall' }, 'it would bring “a fall”'],
  ])('where none holds, the first says why: %o', (why, text) => {
    const checked: Checked = { offered: [], dropped: [{ fix: fix('Move it'), why: [why] }] }
    expect(waysOut(finding('narrow', 'Move it'), checked, nameOf)).toEqual({
      ways: [],
      none: `No way out holds. “Move it”: ${text}.`,
    })
  })
})
