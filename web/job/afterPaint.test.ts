import { afterEach, expect, test, vi } from 'vitest'
import { afterPaint } from './afterPaint.js'

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test('many changes before a frame are followed by the work once, after the frame', () => {
  vi.useFakeTimers()
  const frames: (() => void)[] = []
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => frames.push(then))
  const work = vi.fn()
  const find = afterPaint(work)
  find()
  find()
  find()
  expect(work).not.toHaveBeenCalled()
  frames.splice(0).forEach((f) => f())
  vi.advanceTimersByTime(0)
  expect(work).toHaveBeenCalledTimes(1)
  vi.advanceTimersByTime(5000)
  expect(work).toHaveBeenCalledTimes(1)
  find()
  expect(frames).toHaveLength(1)
})

test('a page in the background, which is given no frames, is served all the same', () => {
  vi.useFakeTimers()
  vi.stubGlobal('requestAnimationFrame', () => 0)
  const work = vi.fn()
  afterPaint(work)()
  vi.advanceTimersByTime(399)
  expect(work).not.toHaveBeenCalled()
  vi.advanceTimersByTime(1)
  expect(work).toHaveBeenCalledTimes(1)
})
