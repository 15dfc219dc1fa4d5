import { ValidationError } from 'yup'
import type { Change, Row } from '@bonitas/core/model/changes'
import type { AnyRowSchema } from '@bonitas/core/model/checks'
import { isCollection, rowDef, SINGLE } from '@bonitas/core/model/registry'
import { isUuid } from '../http/guards.js'
import { Problem, type FieldFault } from '../http/problem.js'

/** The most changes of one group: a list of two thousand items with their options, and room to spare. */
const MOST_CHANGES = 15_000
const MOST_FAULTS = 100

const isRow = (v: unknown): v is Row => typeof v === 'object' && v !== null && !Array.isArray(v)

const malformed = (at: number, text: string) =>
  new Problem(400, 'Not a group of changes', `Change ${at + 1}: ${text}`, {
    errors: [{ field: `changes[${at}]`, text }],
  })

/** One change, its form checked: names of fields become names of columns, so only those of the row pass. */
function readChange(given: unknown, at: number): Change {
  if (!isRow(given)) throw malformed(at, 'Send an object with collection and id.')
  const { collection, id } = given
  if (typeof collection !== 'string' || !isCollection(collection))
    throw malformed(at, 'The collection is not known here. Check its name.')
  if (typeof id !== 'string' || !isUuid(id)) throw malformed(at, 'Id must be a UUID.')
  const fields = rowDef(collection).fields
  if ('set' in given) {
    const { set, was } = given
    if (!isRow(set) || !isRow(was))
      throw malformed(at, 'Send what is set, and what those fields held before.')
    const stray = [...Object.keys(set), ...Object.keys(was)].find(
      (f) => f === 'id' || !Object.hasOwn(fields, f),
    )
    if (stray !== undefined) throw malformed(at, `${stray.slice(0, 40)} cannot be set. Leave it out.`)
    const unsaid = Object.keys(set).find((f) => !Object.hasOwn(was, f))
    if (unsaid !== undefined) throw malformed(at, `Say what ${unsaid} held before.`)
    return { collection, id, set, was }
  }
  if (SINGLE.has(collection)) throw malformed(at, 'A job has exactly one of these. Change that one.')
  if ('add' in given) {
    if (!isRow(given.add) || given.add.id !== id) throw malformed(at, 'Send the whole row, with the same id.')
    return { collection, id, add: given.add }
  }
  if (given.remove !== true || !Number.isInteger(given.seen))
    throw malformed(at, 'Send set and was, add, or remove and the version seen.')
  return { collection, id, remove: true, seen: given.seen as number }
}

/**
 * The changes of a request, their form checked but not yet what the fields hold.
 * @throws {Problem} 400 naming the change and how to fix it
 */
export function readChanges(body: unknown): readonly Change[] {
  const list = isRow(body) ? body.changes : undefined
  if (!Array.isArray(list) || list.length === 0)
    throw new Problem(
      400,
      'Not a group of changes',
      'Send { "changes": [ … ] }, each with its collection and id.',
    )
  if (list.length > MOST_CHANGES)
    throw new Problem(
      413,
      'Too many at once',
      `A group has at most ${MOST_CHANGES} changes. Send it in parts.`,
    )
  return list.map(readChange)
}

// A long group is checked by and by, so that the other requests of this process go on meanwhile.
const AT_ONCE = 200

/**
 * Checks what the fields hold with the same schemas as the form: of a changed row the fields set, of a new one all.
 * @throws {Problem} 400 naming fields and rows, a hundred at most
 */
export async function checkFields(changes: readonly Change[]): Promise<void> {
  const faults: FieldFault[] = []
  for (const [at, change] of changes.entries()) {
    if (at % AT_ONCE === AT_ONCE - 1) await new Promise((done) => setImmediate(done))
    if ('remove' in change) continue
    const schema = rowDef(change.collection).schema() as unknown as AnyRowSchema
    try {
      if ('add' in change) schema.validateSync(change.add, { abortEarly: false })
      else schema.pick(Object.keys(change.set)).validateSync(change.set, { abortEarly: false })
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error
      const inner = error.inner.length > 0 ? error.inner : [error]
      for (const e of inner)
        faults.push({
          field: e.path ?? '',
          text: e.message,
          row: { collection: change.collection, id: change.id },
        })
      if (faults.length >= MOST_FAULTS) break
    }
  }
  if (faults.length === 0) return
  const some = faults.slice(0, MOST_FAULTS)
  throw new Problem(
    400,
    'Some fields need fixing',
    some
      .slice(0, 5)
      .map((f) => f.text)
      .join(' '),
    { errors: some },
  )
}
