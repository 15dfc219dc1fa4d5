/** From and until, in minutes after midnight of one day. */
export type Window = readonly [from: number, until: number]

export const DAY_MINUTES = 1440

/**
 * When somebody works, as minutes after midnight of the first day of a plan: windows one after another, and the minutes worked
 * before each. Local time: the hour that summer time gives or takes lies in the night.
 */
export interface WorkTime {
  readonly starts: Float64Array
  readonly ends: Float64Array
  /** Minutes worked before each window. */
  readonly before: Float64Array
  /** All of them. */
  readonly minutes: number
}

/** @param windowsOn of the nth day, in order and apart from each other */
export function workTime(days: number, windowsOn: (day: number) => readonly Window[]): WorkTime {
  const windows: Window[] = []
  for (let day = 0; day < days; day++)
    for (const [from, until] of windowsOn(day))
      if (until > from) windows.push([day * DAY_MINUTES + from, day * DAY_MINUTES + until])
  const before = new Float64Array(windows.length)
  let minutes = 0
  windows.forEach(([from, until], i) => {
    before[i] = minutes
    minutes += until - from
  })
  return {
    starts: Float64Array.from(windows, (w) => w[0]),
    ends: Float64Array.from(windows, (w) => w[1]),
    before,
    minutes,
  }
}

/** The first window for which a test holds; as many as there are when none does. Windows hold it from one on to the last. */
function firstWindow(length: number, holds: (i: number) => boolean): number {
  let [low, high] = [0, length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (holds(middle)) high = middle
    else low = middle + 1
  }
  return low
}

/** The first moment at or after one at which somebody works; infinite after the last. */
export function nextOpen({ starts, ends }: WorkTime, at: number): number {
  const i = firstWindow(ends.length, (n) => (ends[n] ?? 0) > at)
  return i === ends.length ? Infinity : Math.max(at, starts[i] ?? 0)
}

/** Minutes worked up to a moment. */
export function workedUntil({ starts, ends, before, minutes }: WorkTime, at: number): number {
  const i = firstWindow(ends.length, (n) => (ends[n] ?? 0) > at)
  if (i === ends.length) return minutes
  return (before[i] ?? 0) + Math.max(0, at - (starts[i] ?? 0))
}

/** When so much work that begins at a moment is done; what takes no time is done at once. Infinite when days run out. */
export function finishOf(time: WorkTime, start: number, work: number): number {
  if (work <= 0) return start
  return momentOf(time, workedUntil(time, start) + work)
}

/** The moment at which so many minutes have been worked. */
function momentOf({ starts, before, minutes }: WorkTime, worked: number): number {
  if (worked > minutes + DUST) return Infinity
  const i = firstWindow(before.length, (n) => (before[n] ?? 0) >= worked - DUST) - 1
  return i < 0 ? (starts[0] ?? Infinity) : (starts[i] ?? 0) + worked - (before[i] ?? 0)
}

/** The latest moment to begin so much work that must be done by a moment; minus infinity when days run out. */
export function latestStartOf(time: WorkTime, finish: number, work: number): number {
  if (work <= 0) return finish
  const worked = workedUntil(time, finish) - work
  if (worked < -DUST) return -Infinity
  // The window in which the first of these minutes is worked: at its start when it was all worked before.
  const i = firstWindow(time.before.length, (n) => (time.before[n] ?? 0) > worked + DUST) - 1
  return i < 0 ? -Infinity : (time.starts[i] ?? 0) + Math.max(0, worked - (time.before[i] ?? 0))
}

// Binary dust of fractions of a minute.
const DUST = 1e-6
