import { array, type InferType } from 'yup'
import { choiceField, noteField, realField, rowSchema } from './checks.js'

/** What a job teaches about the next one. */
export const LESSON_KINDS = ['hours', 'lead time', 'price', 'waste'] as const
export type LessonKind = (typeof LESSON_KINDS)[number]

const lessonSchema = rowSchema(() => ({
  kind: choiceField('Kind', LESSON_KINDS).required('Kind of what was learned is missing.'),
  /** What it is of: a kind of work, a supplier by name, a category of the schedule, a trade of the take-off. */
  of: noteField('Of what', 120),
  /** Minutes for one, days, minor units, or goods: both in the same. */
  planned: realField('Planned', 0, 1e12),
  actual: realField('Came to', 0, 1e12),
}))

/** What was planned beside what it came to, as it stood when a job was closed. */
export const lessonsSchema = () =>
  array(lessonSchema().required())
    .typeError('What was learned must be a list.')
    .max(1000, 'What was learned: at most 1000.')
    .required('What was learned is missing. Give a list, empty for none.')
export type Lesson = InferType<ReturnType<typeof lessonSchema>>
