/** When something is in use: from and until, apart from each other, in order. */
export type Busy = (readonly [from: number, until: number])[]

/** The first place in the list that ends after a moment. */
function placeOf(busy: Busy, at: number): number {
  let [low, high] = [0, busy.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((busy[middle]?.[1] ?? 0) > at) high = middle
    else low = middle + 1
  }
  return low
}

/** Until when it is in use, where it is at any time of a span; undefined where it is free. */
export function busyUntil(busy: Busy, from: number, until: number): number | undefined {
  const next = busy[placeOf(busy, from)]
  return next && next[0] < until ? next[1] : undefined
}

/** Takes a span; spans that meet become one. */
export function occupy(busy: Busy, from: number, until: number): void {
  const at = placeOf(busy, from)
  const first = at > 0 && busy[at - 1]?.[1] === from ? at - 1 : at
  let [begin, end, last] = [from, until, first]
  for (let next = busy[last]; next && next[0] <= end; next = busy[last]) {
    begin = Math.min(begin, next[0])
    end = Math.max(end, next[1])
    last++
  }
  busy.splice(first, last - first, [begin, end])
}
