import { vi } from 'vitest'

export interface WorkerBench {
  /** Sends a message, and resolves with what is sent back until an answer that is no word of progress. */
  readonly ask: (data: unknown) => Promise<{ readonly progress: readonly number[]; readonly answer: unknown }>
  /** Sends a message that is answered by nothing. */
  readonly tell: (data: unknown) => void
}

/**
 * The entry file of a worker, run here: what it listens to and what it says go through this bench. What is sent either
 * way is copied as between threads, so that what cannot be sent fails here too.
 *
 * @param load imports the file
 */
export async function workerBench(load: () => Promise<unknown>): Promise<WorkerBench> {
  const heard: ((event: { readonly data: unknown }) => void)[] = []
  const waiting: ((message: unknown) => void)[] = []
  vi.stubGlobal('addEventListener', (kind: string, listener: (event: { data: unknown }) => void) => {
    if (kind === 'message') heard.push(listener)
  })
  vi.stubGlobal('postMessage', (message: unknown) =>
    waiting.forEach((listener) => listener(structuredClone(message))),
  )
  vi.resetModules()
  await load()
  const tell = (data: unknown) => heard.forEach((listener) => listener({ data: structuredClone(data) }))
  return {
    tell,
    ask: (data) =>
      new Promise<{ progress: number[]; answer: unknown }>((resolve) => {
        const progress: number[] = []
        waiting.length = 0
        waiting.push((message) => {
          if (typeof message === 'object' && message !== null && 'done' in message)
            progress.push(message.done as number)
          else resolve({ progress, answer: message })
        })
        tell(data)
      }),
  }
}
