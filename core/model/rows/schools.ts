import { choice, type Builder } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { schoolNames, SCHOOLS, TOPICS, type ChosenSchools } from '../vocabulary/schools.js'

type SchoolFields = { -readonly [T in keyof ChosenSchools]: Builder<ChosenSchools[T], false> }

/** The school chosen for each topic, a field each, so that two people may choose at once; null while the job has not. */
export const schools = defineRow({
  name: 'schools',
  table: 'schools',
  stage: 'brief',
  one: true,
  singular: 'the schools',
  order: ['id'],
  fields: Object.fromEntries(
    TOPICS.map((topic) => [topic, choice(SCHOOLS[topic].title, schoolNames(topic)).orNone()]),
  ) as unknown as SchoolFields,
})
export type Schools = RowOf<typeof schools.fields>
