import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { computed, ref } from 'vue'
import { readingOrder, useRoving } from './useRoving.js'

const place = fc.record({ x: fc.integer({ min: 0, max: 9000 }), y: fc.integer({ min: 0, max: 9000 }) })
const piecesOf = (boxes: readonly { x: number; y: number }[]) => boxes.map((box, i) => ({ id: `p${i}`, box }))

describe('one stop of Tab for the pieces of a drawing', () => {
  test('the order is that of the drawing, however the pieces are listed', () => {
    fc.assert(
      fc.property(fc.uniqueArray(place, { selector: (p) => `${p.x} ${p.y}` }), (boxes) => {
        const pieces = piecesOf(boxes)
        const order = readingOrder(pieces).map((p) => p.id)
        expect(readingOrder([...pieces].reverse()).map((p) => p.id)).toEqual(order)
        expect([...order].sort()).toEqual(pieces.map((p) => p.id).sort())
      }),
    )
  })

  test('it is the piece that had the focus, then the one in hand, then the first; one that is gone is left', () => {
    const pieces = ref(
      piecesOf([
        { x: 5, y: 9 },
        { x: 5, y: 1 },
        { x: 1, y: 1 },
      ]),
    )
    const inHand = ref<string>()
    const { stop, focused } = useRoving(
      ref(undefined),
      computed(() => pieces.value),
      inHand,
    )
    expect(stop.value).toBe('p2')
    inHand.value = 'p0'
    expect(stop.value).toBe('p0')
    const target = { closest: () => ({ dataset: { stand: 'p1' } }) } as unknown as Element
    focused({ target } as unknown as FocusEvent)
    expect(stop.value).toBe('p1')
    pieces.value = pieces.value.slice(0, 1)
    expect(stop.value).toBe('p0')
  })
})
