/** The tasks that wait for each other in a ring, which no order can do. */
export class CircularNetwork extends Error {
  constructor(readonly ids: readonly string[]) {
    super(`tasks wait for each other in a ring: ${ids.join(', ')}`)
  }
}

interface Waiting {
  readonly id: string
  readonly after: readonly { readonly id: string }[]
}

/**
 * Every task after those it waits for; the order they were named in where nothing else decides.
 *
 * @throws CircularNetwork
 * @throws RangeError when a task waits for one that is not there
 */
export function inOrder<T extends Waiting>(tasks: readonly T[]): T[] {
  const { waiting, next } = waitsOf(tasks)
  const order: T[] = []
  const ready = tasks.filter((t) => waiting.get(t.id) === 0)
  for (let task = ready.shift(); task; task = ready.shift()) {
    order.push(task)
    for (const then of next.get(task.id) ?? []) {
      const left = (waiting.get(then.id) ?? 0) - 1
      waiting.set(then.id, left)
      if (left === 0) ready.push(then)
    }
  }
  if (order.length < tasks.length) {
    const done = new Set(order)
    throw new CircularNetwork(tasks.filter((t) => !done.has(t)).map((t) => t.id))
  }
  return order
}

/** How many others each task waits for, and which wait for it. */
export function waitsOf<T extends Waiting>(
  tasks: readonly T[],
): { readonly waiting: Map<string, number>; readonly next: ReadonlyMap<string, readonly T[]> } {
  const known = new Set(tasks.map((t) => t.id))
  const waiting = new Map<string, number>()
  const next = new Map<string, T[]>()
  for (const task of tasks) {
    const before = new Set(task.after.map((l) => l.id))
    for (const other of before) {
      if (!known.has(other)) throw new RangeError(`${task.id} waits for ${other}, which is not there`)
      const list = next.get(other)
      if (list) list.push(task)
      else next.set(other, [task])
    }
    waiting.set(task.id, before.size)
  }
  return { waiting, next }
}
