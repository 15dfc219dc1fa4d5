import { describe, expect, test } from 'vitest'
import { emptyJob, pieceWith } from '../examples/emptyJob.js'
import type { RowChange } from './changes.js'
import { prepared } from './prepared.js'

const job = {
  ...emptyJob(),
  pieces: [
    pieceWith({ id: 'fern', name: 'Trailing fern', kind: 'plant' }),
    pieceWith({ id: 'box', name: 'Washbasin', kind: 'other' }),
  ],
}
const after = (...changes: RowChange[]) => prepared(job, changes, () => 'new').after.pieces
const put = (id: string, set: object) => ({ collection: 'pieces', id, set }) as RowChange

describe('what a name proposes', () => {
  test('when a row is entered', () => {
    const row = { name: 'Toilet, wall-hung', kind: 'sanitary' }
    expect(after({ collection: 'pieces', add: row } as RowChange).at(-1)).toMatchObject({
      sanitary: 'toilet',
    })
    const told = { ...row, sanitary: 'basin' }
    expect(after({ collection: 'pieces', add: told } as RowChange).at(-1)).toMatchObject({
      sanitary: 'basin',
    })
  })

  test('when it is said anew what kind it is', () =>
    expect(after(put('box', { kind: 'sanitary' }))[1]).toMatchObject({ sanitary: 'basin' }))

  test('and never again: what was emptied stays empty, another name changes nothing', () => {
    expect(job.pieces[0]).toMatchObject({ species: 'Trailing fern' })
    const [fern] = after(
      put('fern', { species: '' }),
      put('fern', { count: 3 }),
      put('fern', { name: 'Ivy' }),
    )
    expect(fern).toMatchObject({ species: '', count: 3, name: 'Ivy' })
  })
})
