import type { JSONContent } from '@tiptap/core'
import type { RichBlock, RichText } from '@bonitas/core/model/richText'

type Kind = RichBlock['kind']
type Words = RichBlock['runs']

const runs = (node: JSONContent): Words => {
  const all: Words = []
  for (const child of node.content ?? []) {
    const text = child.type === 'hardBreak' ? '\n' : (child.text ?? '')
    if (text === '') continue
    const marks = new Set(child.marks?.map((m) => m.type))
    const [bold, italic] = [marks.has('bold'), marks.has('italic')]
    const last = all.at(-1)
    if (last && last.bold === bold && last.italic === italic) last.text += text
    else all.push({ text, bold, italic })
  }
  return all
}

/** What an editor holds, as the words are kept: lists and quotes as paragraphs of their kind, however deep they were put. */
export function wordsOfDoc(doc: JSONContent): RichText {
  const words: RichText = []
  const read = (node: JSONContent, kind: Kind): void => {
    const inside: Kind =
      node.type === 'heading'
        ? 'heading'
        : node.type === 'bulletList'
          ? 'bullet'
          : node.type === 'orderedList'
            ? 'number'
            : node.type === 'blockquote'
              ? 'quote'
              : kind
    if (node.type === 'paragraph' || node.type === 'heading') words.push({ kind: inside, runs: runs(node) })
    else for (const child of node.content ?? []) read(child, inside)
  }
  read(doc, 'paragraph')
  // What was never written, or ends in empty lines, is not kept.
  while (words.at(-1)?.runs.length === 0) words.pop()
  return words
}

const text = (of: Words): JSONContent[] =>
  of.flatMap(({ text: all, bold, italic }) =>
    all.split(/(\n)/u).flatMap((part): JSONContent[] => {
      if (part === '') return []
      if (part === '\n') return [{ type: 'hardBreak' }]
      const marks = [...(bold ? [{ type: 'bold' }] : []), ...(italic ? [{ type: 'italic' }] : [])]
      return [{ type: 'text', text: part, ...(marks.length > 0 ? { marks } : {}) }]
    }),
  )

const LISTS: Partial<Record<Kind, string>> = {
  bullet: 'bulletList',
  number: 'orderedList',
  quote: 'blockquote',
}

/** Kept words as an editor takes them; what stands in a row of one kind is one list. */
export function docOfWords(words: RichText): JSONContent {
  const content: JSONContent[] = []
  for (const { kind, runs: of } of words) {
    const paragraph: JSONContent = { type: 'paragraph', content: text(of) }
    const list = LISTS[kind]
    if (kind === 'heading') content.push({ type: 'heading', attrs: { level: 3 }, content: text(of) })
    else if (list === undefined) content.push(paragraph)
    else {
      const entry = kind === 'quote' ? paragraph : { type: 'listItem', content: [paragraph] }
      const last = content.at(-1)
      if (last?.type === list) last.content?.push(entry)
      else content.push({ type: list, content: [entry] })
    }
  }
  return { type: 'doc', content: content.length > 0 ? content : [{ type: 'paragraph' }] }
}

/** Whether words are the same, whichever way their fields are ordered: a database has its own order. */
export function sameWords(a: RichText, b: RichText): boolean {
  const plain = (words: RichText) =>
    JSON.stringify(words.map((w) => [w.kind, w.runs.map((r) => [r.text, r.bold, r.italic])]))
  return plain(a) === plain(b)
}
