import { describe, expect, test } from 'vitest'
import { judgeWhole } from '../../job/fixes/judgeWhole.js'
import { FINISHED } from './index.js'

const TODAY = '2026-03-01'

/** What is said of each room that is done, and why a practitioner would sign it all the same and want to hear it. */
const SAID: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'Family bathroom': {
    'plan.wet-lamp': 'current beside water: the rating of the fitting is asked whatever the room looks like',
  },
  Courtyard: {
    'plan.bloom-gap': 'hellebores are green in November and December, and not in flower',
  },
  'One-room flat': {
    'plan.tip-over':
      'screen and wardrobe stand free because nothing may be drilled: asked until somebody answers',
    'plan.sight-end': 'the first thing seen is the wardrobe: true, and there is no other wall for it',
  },
  'Small bedroom': {
    'plan.tip-over': 'the wardrobe stands free because nothing may be drilled',
    'brief.clipped-load': 'what hangs over a door hangs on the door: what it bears is asked',
  },
  Kitchen: {
    'plan.sight-end': 'the first thing seen is the refrigerator: true, and there is no other wall for it',
  },
  Balcony: {
    'plan.bloom-gap': 'thyme and rosemary are green in winter, and not in flower from September on',
  },
}

describe.each(FINISHED.map((job) => [job.brief.roomName, job] as const))('%s', (name, job) => {
  const found = judgeWhole(job, TODAY, true)
  test('what is said of it is worth saying, and nothing else is said', () => {
    expect([...new Set(found.map((f) => f.rule))].sort()).toEqual(Object.keys(SAID[name] ?? {}).sort())
  })
  test('nothing is a stop in a room a practitioner signed', () => {
    expect(found.filter((f) => f.severity === 'stop').map((f) => f.title)).toEqual([])
  })
})
