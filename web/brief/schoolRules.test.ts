import { expect, test } from 'vitest'
import { SCHOOLS, TOPICS } from '@bonitas/core/model/vocabulary/schools'
import { RULES_OF_STAGE } from '@bonitas/core/job/rulesOfStage'
import { heardBy } from './schoolRules.js'

test.each(TOPICS)('%s: a rule listens to it', (topic) => expect(heardBy(topic)).not.toEqual([]))

test('a rule names only schools there are', () => {
  const names: ReadonlySet<string> = new Set(
    Object.values(SCHOOLS).flatMap((topic) => topic.schools.map((s) => s.name)),
  )
  const named = Object.values(RULES_OF_STAGE).flatMap((rules) =>
    rules.flatMap((r) => (r.schools === 'all' ? [] : r.schools)),
  )
  expect(named.filter((n) => !names.has(n))).toEqual([])
})
