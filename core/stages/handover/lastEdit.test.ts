import { expect, test } from 'vitest'
import { pieceWith } from '../../examples/emptyJob.js'
import { editCandidates } from './lastEdit.js'

const pieces = [
  pieceWith({ id: 'tin', name: 'Biscuit tin', kind: 'object' }),
  pieceWith({ id: 'bell', name: 'Bell', kind: 'object', reason: 'from the first flat' }),
  pieceWith({ id: 'tray', name: 'Tray', kind: 'tray', serves: ['tea'] }),
  pieceWith({ id: 'print', name: 'Print', kind: 'picture', itemId: 'line' }),
  pieceWith({ id: 'clock', name: 'Clock', kind: 'object', sentimental: true }),
  pieceWith({ id: 'piano', name: 'Piano', kind: 'piano', stays: true }),
  pieceWith({ id: 'sofa', name: 'Sofa', kind: 'sofa' }),
  pieceWith({ id: 'jug', name: 'Jug', kind: 'object', traits: ['not to be on view'] }),
]
const edit = editCandidates(pieces, (p) => (p.itemId === 'line' ? 'repeat the red' : ''))

test('only what has no use, no intent and no love is proposed to go', () => {
  expect(edit.without.map((c) => c.piece.id)).toEqual(['tin'])
})
test('what has one of the three says which', () => {
  expect(edit.with.map((c) => [c.piece.id, c.use, c.intent, c.love])).toEqual([
    ['bell', false, false, true],
    ['print', false, true, false],
    ['tray', true, false, false],
  ])
})
test('what is loved or stays is never proposed; seats and what is off view are no matter of an edit', () => {
  expect(edit.never.map((p) => p.id)).toEqual(['clock', 'piano'])
  const named = [...edit.without, ...edit.with].map((c) => c.piece.id)
  expect(named).not.toContain('sofa')
  expect(named).not.toContain('jug')
})
test('the order in which things were entered is no matter', () => {
  const turned = editCandidates([...pieces].reverse(), (p) => (p.itemId === 'line' ? 'repeat the red' : ''))
  expect(turned.without).toEqual(edit.without)
  expect(turned.with).toEqual(edit.with)
})
