import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { item, option, schedule } from '../../examples/source/example.js'
import { SCHOOLS, type ChosenSchools } from '../../model/vocabulary/schools.js'
import type { ItemFacts, SourceFacts } from './sourceFacts.js'
import { moneySchool } from './rules/moneySchool.js'
import { offTheList } from './rules/offTheList.js'
import { pace } from './rules/pace.js'

const NONE = { buying: null, pace: null, money: null }
const told = (
  rule: { check: (facts: SourceFacts) => { title: string }[] },
  items: readonly ItemFacts[],
  schools: Partial<Pick<ChosenSchools, 'buying' | 'pace' | 'money'>>,
  more: Partial<SourceFacts> = {},
) => rule.check(schedule(items, { schools: { ...NONE, ...schools }, ...more })).map((f) => f.title)

const open = (more: Partial<ItemFacts> = {}) =>
  item([], { id: 'desk', name: 'Desk', category: 'furniture', ...more })
const standIn = option({ name: 'Crate', kind: 'placeholder' })

describe('pace', () => {
  const of = (items: readonly ItemFacts[], school: ChosenSchools['pace'], more: Partial<SourceFacts> = {}) =>
    told(pace, items, { pace: school }, more)
  test('a stand-in is wanted in one school, with its day, and by no other', () => {
    const dated = item([option({ name: 'Crate', kind: 'placeholder', reviewOn: '2026-09-01' })])
    expect(of([dated], 'placeholder now')).toEqual([])
    expect(of([item([standIn])], 'placeholder now')).toEqual(['Crate stands in without an end'])
    for (const school of ['slowly', 'all at once', 'best affordable now'] as const)
      expect(of([dated], school)).toEqual(['Crate only stands in'])
  })
  test('an empty place is told only where it is to be filled at once, and not what may wait or goes with another', () => {
    expect(of([open()], 'placeholder now')).toEqual(['Nothing stands in for Desk'])
    expect(of([open({ mayWait: true })], 'placeholder now')).toEqual([])
    expect(of([open({ raised: true })], 'placeholder now')).toEqual([])
    expect(of([open()], 'slowly')).toEqual([])
  })
  test('what comes after the reveal is told, on the day it is not, and what comes in time is offered', () => {
    const slow = item([
      option({ leadDays: 30 }),
      option({ id: 'b', name: 'Arc', leadDays: 3, chosen: false }),
    ])
    const at = (revealOn: string | null) =>
      pace.check(schedule([slow], { schools: { ...NONE, pace: 'all at once' }, revealOn }))
    expect(at('2026-03-31')[0]?.fixes.map((f) => f.label)).toEqual(['Choose Arc, here in 3 days'])
    expect([at('2026-04-01'), at(null)]).toEqual([[], []])
  })
})

describe('buying', () => {
  const list = { buying: 'decide, then buy to the list' } as const
  const bare = { intent: '', serves: 0, targetMinor: 0 }
  test('one of intent, use and target price is a decision; what another line raised is decided with it', () => {
    const choice = (more: Partial<ItemFacts>) =>
      told(offTheList, [item([option()], { ...bare, ...more })], list)
    expect(choice({})).toHaveLength(1)
    for (const more of [{ intent: 'light' }, { serves: 1 }, { targetMinor: 1 }, { raised: true }])
      expect(choice(more)).toEqual([])
    expect(told(offTheList, [item([option({ kind: 'owned' })], bare)], list)).toEqual([])
  })
  test('for finds every open line says what it must do, told as one', () =>
    expect(
      told(offTheList, [open({ intent: '' }), open({ id: 'rug', name: 'Rug', intent: ' ' })], {
        buying: 'leave room for finds',
      }),
    ).toEqual(['A find for Desk and Rug could not be judged']))
})

describe('money', () => {
  test('decor waits for what lasts and is used, not for what may wait or serves nothing', () => {
    const vase = item([option({ name: 'Vase' })], { id: 'vase', name: 'Vase', category: 'decor', serves: 0 })
    const of = (...beside: readonly ItemFacts[]) =>
      told(moneySchool, [vase, ...beside], { money: 'lasting pieces first' })
    expect(of(open())).toEqual(['Vase comes before Desk'])
    for (const rest of [[open({ mayWait: true })], [open({ serves: 0 })], []]) expect(of(...rest)).toEqual([])
    const given = item([option({ landedMinor: 0 })], { category: 'decor' })
    expect(told(moneySchool, [given, open()], { money: 'lasting pieces first' })).toEqual([])
  })
  test('a dearer choice says why; what does not fit, is sold out or only stands in is no less', () => {
    const than = (more: Parameters<typeof option>[0]) =>
      told(
        moneySchool,
        [item([option(), option({ id: 'b', name: 'Arc', landedMinor: 5_000, chosen: false, ...more })])],
        {
          money: 'lowest outlay',
        },
      )
    expect(than({})).toEqual(['Why Stem lamp, and not Arc?'])
    for (const more of [{ stock: 'sold out' }, { kind: 'placeholder' }, { landedMinor: 11_500 }] as const)
      expect(than(more)).toEqual([])
  })
  test('a fourth splurge is one too many, and what was to save does', () => {
    const lines = (n: number) =>
      Array.from({ length: n }, (_each, i) => open({ id: `i${i}`, name: `Line ${i}`, spend: 'splurge' }))
    const of = (items: readonly ItemFacts[]) =>
      told(moneySchool, items, { money: 'splurge on few, save on the rest' })
    expect([of(lines(3)), of(lines(4))]).toEqual([[], ['4 lines are splurges']])
    const save = (targetMinor: number) => item([option()], { spend: 'save', targetMinor })
    expect([of([save(12_000)]), of([save(11_999)])]).toEqual([[], ['Floor lamp was to save']])
  })
})

test('no school chosen, nothing said; the order of the lines changes nothing', () => {
  const any = fc.record({
    spend: fc.constantFrom('save', 'even', 'splurge'),
    category: fc.constantFrom('decor', 'furniture', 'light'),
    intent: fc.constantFrom('', 'light'),
    serves: fc.nat({ max: 1 }),
    targetMinor: fc.constantFrom(0, 10_000),
    kind: fc.constantFrom('new', 'placeholder', 'owned', 'none'),
  } as const)
  const chosen = fc.record({
    buying: fc.constantFrom(...SCHOOLS.buying.schools.map((s) => s.name)),
    pace: fc.constantFrom(...SCHOOLS.pace.schools.map((s) => s.name)),
    money: fc.constantFrom(...SCHOOLS.money.schools.map((s) => s.name)),
  })
  fc.assert(
    fc.property(fc.array(any, { maxLength: 7 }), chosen, (rows, schools) => {
      const items = rows.map(({ kind, ...more }, i) =>
        item(kind === 'none' ? [] : [option({ id: `o${i}`, name: `Option ${i}`, kind })], {
          ...more,
          id: `i${i}`,
          name: `Line ${i}`,
        }),
      )
      const ids = (list: readonly ItemFacts[], by: Partial<typeof schools>) =>
        [offTheList, pace, moneySchool].flatMap((rule) =>
          rule.check(schedule(list, { schools: { ...NONE, ...by } })).map(
            (f) =>
              `${f.rule} ${f.severity} ${f.about
                .map((r) => r.id)
                .sort()
                .join(' ')}`,
          ),
        )
      expect(ids(items, {})).toEqual([])
      expect(ids([...items].reverse(), schools).sort()).toEqual(ids(items, schools).sort())
    }),
  )
})
