import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { useTask } from './useTask.js'

/** A worker that does what the test says. */
class Hand extends EventTarget {
  asked: unknown[] = []
  ended = false
  postMessage(ask: unknown): void {
    this.asked.push(ask)
  }
  terminate(): void {
    this.ended = true
  }
  says(data: unknown): void {
    this.dispatchEvent(Object.assign(new Event('message'), { data }))
  }
  fails(message: string): void {
    this.dispatchEvent(Object.assign(new Event('error'), { message }))
  }
}

const hands: Hand[] = []
const task = () =>
  useTask<{ sum: number }>(() => {
    const hand = new Hand()
    hands.push(hand)
    return hand as unknown as Worker
  })

beforeEach(() => {
  hands.length = 0
  // Outside a component there is nothing to be unmounted.
  vi.spyOn(console, 'warn').mockImplementation(() => undefined)
})
afterEach(() => vi.restoreAllMocks())

describe('heavy work', () => {
  test('says how far it is, gives its result, and ends its worker', async () => {
    const { done, run } = task()
    expect(done.value).toBeUndefined()
    const result = run({ of: [1, 2] })
    expect(hands[0]!.asked).toEqual([{ of: [1, 2] }])
    expect(done.value).toBe(0)
    hands[0]!.says({ done: 0.5 })
    expect(done.value).toBe(0.5)
    hands[0]!.says({ sum: 3 })
    expect(await result).toEqual({ sum: 3 })
    expect([done.value, hands[0]!.ended]).toEqual([undefined, true])
  })
  test('stopped, it comes to nothing and says nothing more', async () => {
    const { done, run, stop } = task()
    const result = run({})
    stop()
    expect(await result).toBeUndefined()
    expect([done.value, hands[0]!.ended]).toEqual([undefined, true])
  })
  test('asked anew, the older question ends without an answer', async () => {
    const { run } = task()
    const [older, newer] = [run({ n: 1 }), run({ n: 2 })]
    expect(await older).toBeUndefined()
    expect(hands.map((h) => h.ended)).toEqual([true, false])
    hands[1]!.says({ sum: 2 })
    expect(await newer).toEqual({ sum: 2 })
  })
  test('what fails in the worker is thrown, in its words, and the next question has a worker of its own', async () => {
    const { done, run } = task()
    const result = run({})
    hands[0]!.fails('out of memory')
    await expect(result).rejects.toThrow('out of memory')
    expect([done.value, hands[0]!.ended]).toEqual([undefined, true])
    const again = run({})
    hands[1]!.says({ sum: 1 })
    expect(await again).toEqual({ sum: 1 })
  })
  test('stopping what does not run is nothing', () => expect(() => task().stop()).not.toThrow())
})
