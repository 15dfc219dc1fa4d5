import { array, string, type InferType } from 'yup'
import { choiceField, flagField, rowSchema } from './checks.js'
import type { BookSection } from './vocabulary/handover.js'

/** What a paragraph is. */
export const BLOCK_KINDS = ['paragraph', 'heading', 'bullet', 'number', 'quote'] as const

const runSchema = rowSchema(() => ({
  text: string()
    .label('Text')
    .typeError('Text must be text.')
    .defined('Text is missing. Give it, or leave the run out.')
    .nonNullable('Text cannot be null.')
    .max(4000, 'Text: at most 4000 characters in a piece.'),
  bold: flagField('Bold'),
  italic: flagField('Italic'),
}))
const blockSchema = rowSchema(() => ({
  kind: choiceField('Kind of paragraph', BLOCK_KINDS).required('Kind of paragraph is missing.'),
  runs: array(runSchema())
    .typeError('Runs must be a list.')
    .max(400, 'Runs: at most 400 in a paragraph.')
    .required('Runs are missing. Give a list, empty for an empty paragraph.'),
}))

/** Words as they are set: paragraphs, headings and lists, each of runs that are plain, bold or italic. */
export const richTextSchema = () =>
  array(blockSchema())
    .typeError('Words must be a list of paragraphs.')
    .max(200, 'Words: at most 200 paragraphs.')
    .required('Words are missing. Give a list, empty for none.')

/** Words for parts of the book. */
export type BookWords = Partial<Record<BookSection, RichText>>
export type RichText = InferType<ReturnType<typeof richTextSchema>>
export type RichBlock = RichText[number]
