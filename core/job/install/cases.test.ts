import { describe, expect, test } from 'vitest'
import { installExample, installJob, type InstallRoom } from '../../examples/install/example.js'
import { ROWS } from '../../model/registry.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { INSTALL_RULES } from '../../stages/install/rules/index.js'

/** Cases of the practitioners' list, each built from rows a screen can enter. */
const found = (facts: InstallFacts) => INSTALL_RULES.flatMap((rule) => rule.check(facts))
/** Names of tasks in the order in which they begin. */
function orderOf(facts: InstallFacts): string[] {
  const at = (t: InstallFacts['plan']['tasks'][number]) =>
    `${t.start.day} ${String(t.start.minute).padStart(4, '0')}`
  return [...facts.plan.tasks].sort((x, y) => (at(x) < at(y) ? -1 : 1)).map((t) => t.task.key)
}
const everyDay = { weekdays: [...ROWS.quietHours.fields.weekdays.choices!] as never }

describe('C082: clear, plates off, fill and sand, coat, coat, then hang and style', () => {
  const base = installJob({})
  const socket = ROWS.fixtures.make({
    ...{ id: 's', wallId: 'north', kind: 'socket', startMm: 300, bottomMm: 300 },
    ...{ widthMm: 80, heightMm: 80, depthMm: 10 },
  })
  const blemish = { ...socket, id: 'b', kind: 'blemish' as const, startMm: 1300 }
  const room: InstallRoom = {
    painted: ['walls'],
    pieces: [
      {
        id: 'shelf',
        name: 'Shelf',
        kind: 'shelves',
        there: true,
        widthMm: 800,
        depthMm: 300,
        heightMm: 1800,
      },
      { id: 'picture', name: 'Picture', kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400, hang: {} },
    ],
    more: { fixtures: [socket, blemish].map((f) => ({ ...f, version: 1 })), walls: base.walls },
  }
  test('the order', () => {
    const order = orderOf(installExample(room))
    const wanted = [
      'clear',
      'plates off',
      'fill',
      'sand',
      'coat|walls|finish:oat|1',
      'coat|walls|finish:oat|2',
      'hang|wall:north',
      'style',
    ]
    expect(order.filter((k) => wanted.includes(k))).toEqual(wanted)
  })
  test('hung before the second coat is refused', () => {
    const facts = installExample({
      ...room,
      tasks: [{ key: 'hang|wall:north', onDay: '2026-03-03', agreed: true }],
    })
    const early = found(facts).find((f) => f.rule === 'install.too-early')
    expect(early).toMatchObject({ severity: 'stop' })
    expect(early?.measured).toContain('coat 2 of 2')
  })
  test('plates off carries the reminder of the power', () => {
    const plates = installExample(room).plan.tasks.find((t) => t.task.key === 'plates off')
    expect(plates?.task.asks).toMatch(/power off at the board.*proved dead/)
  })
})

describe('C084: pipework in the wall comes before any finish', () => {
  const room = (face: 'tile' | 'smooth paint', paper: boolean): InstallRoom => {
    const base = installJob({})
    return {
      pieces: [
        {
          ...{ id: 'tap', name: 'Wall tap', kind: 'sanitary', fixing: 'plumbed in', wallId: 'north' },
          ...{ widthMm: 200, depthMm: 200, heightMm: 100, hang: { xMm: 2500, centerMm: 1100 } },
        },
        {
          ...{
            id: 'vanity',
            name: 'Vanity',
            kind: 'cabinet',
            fixing: 'screwed to the wall',
            wallId: 'north',
          },
          ...{ widthMm: 900, depthMm: 450, heightMm: 500 },
        },
      ],
      more: {
        walls: base.walls.map((w) => (w.id === 'north' ? { ...w, face } : w)),
        // The feed of the old deck tap, far below where the new one hangs.
        fixtures: [
          {
            ...ROWS.fixtures.make({
              ...{ id: 'f', wallId: 'north', kind: 'water or waste', startMm: 2450, bottomMm: 450 },
              ...{ widthMm: 100, heightMm: 100, depthMm: 50 },
            }),
            version: 1,
          },
        ],
        takeoffs: paper
          ? [
              {
                ...ROWS.takeoffs.make({
                  ...{ id: 'paper', name: 'Paper', trade: 'wallpaper', wallIds: ['north'], itemId: 'p' },
                  ...{ goodsWidthMm: 530, goodsLengthMm: 10_050 },
                }),
                version: 1,
              },
            ]
          : [],
      },
    }
  }
  test('rough-in, patch, paper, vanity, tap', () => {
    const order = orderOf(installExample(room('smooth paint', true)))
    const wanted = [
      'hidden|piece:tap',
      'patch|piece:tap',
      'paper|takeoff:paper',
      'fit|piece:vanity',
      'connect|piece:tap',
    ]
    expect(order.filter((k) => wanted.includes(k))).toEqual(wanted)
  })
  test('rough-in and patch are there although only the tap was chosen', () => {
    const steps = installExample(room('smooth paint', false)).plan.tasks.map((t) => t.task.step)
    expect(steps).toEqual(expect.arrayContaining(['hidden work', 'patch', 'connect']))
  })
  test('told where the wall behind is tile that is kept', () => {
    expect(found(installExample(room('tile', false))).map((f) => f.rule)).toContain('install.into-kept')
    expect(found(installExample(room('smooth paint', false))).map((f) => f.rule)).not.toContain(
      'install.into-kept',
    )
  })
})

describe('C085: fronts are off, sanded, lacquered, hard, back on', () => {
  const DAY = 8 * 60
  const facts = installExample({
    pieces: [
      {
        ...{
          id: 'k',
          name: 'Kitchen units',
          kind: 'cabinet',
          there: true,
          verdict: 'rework',
          finishId: 'oat',
        },
        ...{ widthMm: 3600, depthMm: 600, heightMm: 800, serves: ['cook'] },
      },
    ],
    uses: [{ id: 'cook', name: 'Cook daily' }],
    crew: [{ ...everyDay, skills: ['fitter', 'painter', 'decorator'], hands: 2 }],
    tasks: [
      { key: 'fronts off|piece:k', minutes: DAY },
      { key: 'fronts sand|piece:k', minutes: 2 * DAY },
      { key: 'fronts coat 1|piece:k', minutes: DAY },
      { key: 'fronts coat 2|piece:k', minutes: DAY },
      { key: 'fronts on|piece:k', minutes: DAY },
    ],
  })
  test('eleven days out of use', () => expect(facts.outOfUse).toMatchObject([{ pieceId: 'k', days: 11 }]))
  test('the client is told before it is agreed, and that brushing in place chips and peels', () => {
    const told = found(facts).find((f) => f.rule === 'install.out-of-use')
    expect(told?.title).toMatch(/^Kitchen units: out of use for 11.days$/)
    expect(told?.because).toContain('Brushed in place it chips and peels')
    expect(told?.measured).toContain('Cook daily')
  })
})

describe('C086: decor on an unfinished corner waits; a plant may hide it for now', () => {
  const facts = installExample({
    works: [{ id: 'panel', what: 'Panelling of the corner', wallId: 'north', readyOn: null, done: false }],
    pieces: [
      { id: 'picture', name: 'Picture', kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400, hang: {} },
      {
        id: 'cabinet',
        name: 'Cabinet',
        kind: 'cabinet',
        wallId: 'north',
        widthMm: 900,
        depthMm: 400,
        heightMm: 800,
      },
      {
        id: 'plant',
        name: 'Fig',
        kind: 'plant',
        wallId: 'north',
        widthMm: 600,
        depthMm: 600,
        heightMm: 1600,
      },
    ],
  })
  const of = (key: string) => facts.plan.tasks.find((t) => t.task.key === key)
  test('pictures and cabinet are blocked by it', () => {
    for (const key of ['hang|wall:north', 'furnish|piece:cabinet'])
      expect(of(key)?.waits).toContainEqual({ key: 'work:panel', lag: 0, why: 'building work' })
    expect(found(facts).find((f) => f.rule === 'install.no-date')?.title).toBe(
      'Panelling of the corner: no day',
    )
  })
  test('the plant is not, and is marked temporary', () => {
    expect(of('furnish|piece:plant')?.waits.some((w) => w.why === 'building work')).toBe(false)
    expect(of('furnish|piece:plant')?.task.temporary).toBe(true)
  })
})

test('C096: what sticks to paint younger than its maker’s wait is told, and what hangs on a hook is not', () => {
  const decals = (tasks: NonNullable<InstallRoom['tasks']> = []) =>
    installExample({
      painted: ['walls'],
      pieces: [
        {
          ...{
            id: 'd',
            name: 'Decals',
            kind: 'object',
            count: 600,
            fixing: 'adhesive strips',
            wallId: 'north',
          },
          ...{ widthMm: 60, depthMm: 1, heightMm: 60, weightG: 5 },
        },
      ],
      // The walls were painted a fortnight ago.
      tasks: [
        { key: 'coat|walls|finish:oat|1', doneOn: '2026-02-16' },
        { key: 'coat|walls|finish:oat|2', doneOn: '2026-02-16' },
        ...tasks,
      ],
    })
  const stick = decals().plan.tasks.find((t) => t.task.key.startsWith('stick'))
  expect(stick && stick.start.day >= '2026-03-16').toBe(true)
  const agreed = decals([{ key: stick?.task.key ?? '', onDay: '2026-03-02', agreed: true }])
  expect(found(agreed).find((f) => f.rule === 'install.too-early')).toMatchObject({ severity: 'look' })
})

describe('C083: finish one sight line before others are begun', () => {
  const HALF = 240
  const own = (
    id: string,
    wallId: string,
    name: string,
    halves: number,
    step: 'furnish' | 'fit' | 'hang' | 'paper',
  ) => ({
    ...{ id, key: 'own', wallId, name, step, minutes: halves * HALF },
  })
  const tasks = [
    own('sofa', 'north', 'Sofa', 1, 'furnish'),
    own('boxes', 'north', 'Box shelves', 2, 'fit'),
    own('art', 'north', 'Lamp and art', 1, 'hang'),
    own('paper', 'south', 'Anteroom paper', 3, 'paper'),
    own('brackets', 'east', 'Fireplace brackets', 2, 'fit'),
  ]
  const at = (installOn: string, more: InstallRoom = {}) =>
    installExample({
      tasks,
      crew: [{ name: 'One', hands: 1, from: 480, until: 960 }],
      brief: { installOn },
      ...more,
    })
  const about = (facts: InstallFacts) => found(facts).find((f) => f.rule === 'install.one-sight-line')

  test('four half days: the main wall whole, the rest listed as open', () => {
    const facts = at('2026-03-03')
    expect(facts.sightLines?.first.map((l) => l.tasks.map((t) => t.name).sort())).toEqual([
      ['Box shelves', 'Lamp and art', 'Sofa'],
    ])
    const finding = about(facts)!
    expect(finding.title).toBe('Finish North wall first')
    expect(finding.wanted).toMatch(/Anteroom paper.*left open/)
    expect(finding.wanted).toContain('Fireplace brackets')
  })
  test('the way out finishes it in time, and the finding goes', () => {
    const facts = at('2026-03-03')
    const { changes } = about(facts)!.fixes[0]!
    const onDay = new Map(
      changes.flatMap((c) => ('set' in c ? [[c.id, (c.set as { onDay: string }).onDay] as const] : [])),
    )
    expect([...onDay.keys()].sort()).toEqual(['brackets', 'paper'])
    const after = at('2026-03-03', { tasks: tasks.map((t) => ({ ...t, onDay: onDay.get(t.id) ?? null })) })
    expect(about(after)).toBeUndefined()
    const wall = after.plan.tasks.filter((t) => ['Sofa', 'Box shelves', 'Lamp and art'].includes(t.task.name))
    expect(wall.every((t) => t.finish.day <= '2026-03-03')).toBe(true)
    expect(after.plan.readyOn).toBe(facts.plan.readyOn)
  })
  test('time for all: silent', () => expect(about(at('2026-03-31'))).toBeUndefined())
})
