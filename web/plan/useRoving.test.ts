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

  test('what hangs is walked by its own mark, round and round, and the focus goes along', () => {
    const focusedOn: string[] = []
    const root = {
      querySelector: (wanted: string) => ({ focus: () => focusedOn.push(wanted) }),
    } as unknown as Element
    const pieces = piecesOf([
      { x: 1, y: -1900 },
      { x: 1, y: -1200 },
    ])
    const { step } = useRoving(
      ref(root),
      computed(() => pieces),
      ref('p1'),
      'hang',
    )
    step(1)
    step(-1)
    // Round: after the last comes the first, and before the last the first as well.
    expect(focusedOn).toEqual(['[data-hang="p0"]', '[data-hang="p0"]'])
  })
})
