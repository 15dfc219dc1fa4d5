import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { Worker, type WorkerOptions } from 'node:worker_threads'
import { Problem } from '../http/problem.js'

/** Work nobody else should wait for, by the file that does it. */
export type IsolatedWork = 'paper' | 'jobFile' | 'book'

interface Limits {
  /** Longer than this it is ended. */
  readonly ms: number
  /** The heap it may use. */
  readonly heapMb: number
  /** What the process may grow by meanwhile, whatever for. */
  readonly growMb: number
  /** What is said when one of the limits is met. */
  readonly tooMuch: string
}

/** A problem that arose in a thread, as it travels. */
export interface SentProblem {
  readonly status: number
  readonly title: string
  readonly detail: string
  readonly more: Problem['more']
}

// More at once would take the machine from the requests that only read.
const AT_ONCE = 2
const WATCH_MS = 50
let running = 0
const waiting: (() => void)[] = []

async function turn(): Promise<() => void> {
  if (running >= AT_ONCE) await new Promise<void>((go) => waiting.push(go))
  running++
  return () => {
    running--
    waiting.shift()?.()
  }
}

/** The file of a thread: beside the bundle, or its source where that runs. */
function threadOf(work: IsolatedWork, options: WorkerOptions): Worker {
  const bundled = new URL(`./${work}Thread.mjs`, import.meta.url)
  if (existsSync(fileURLToPath(bundled))) return new Worker(bundled, options)
  const source = JSON.stringify(new URL(`./${work}Thread.ts`, import.meta.url).href)
  return new Worker(`import('tsx/esm/api').then(({ register }) => (register(), import(${source})))`, {
    ...options,
    eval: true,
  })
}

/**
 * Does work on untrusted bytes in a thread of its own, so that nobody else waits for it: with a limit of time, of heap, and
 * of what the process may grow by. Two at once; more wait their turn.
 *
 * @throws {Problem} as the work throws, or 400 when it takes too much
 */
export async function runIsolated<T>(work: IsolatedWork, input: unknown, limits: Limits): Promise<T> {
  const done = await turn()
  try {
    return await inThread<T>(work, input, limits)
  } finally {
    done()
  }
}

async function inThread<T>(work: IsolatedWork, input: unknown, limits: Limits): Promise<T> {
  const thread = threadOf(work, {
    workerData: input,
    resourceLimits: { maxOldGenerationSizeMb: limits.heapMb },
  })
  const before = process.memoryUsage.rss()
  const tooMuch = () => new Problem(400, 'Takes too much to read', limits.tooMuch)
  try {
    return await new Promise<T>((resolve, reject) => {
      const timer = setTimeout(() => reject(tooMuch()), limits.ms)
      const watch = setInterval(() => {
        if (process.memoryUsage.rss() - before > limits.growMb * 1_048_576) reject(tooMuch())
      }, WATCH_MS)
      const end = () => {
        clearTimeout(timer)
        clearInterval(watch)
      }
      thread.on('message', (said: { answer: T } | { problem: SentProblem } | { failed: string }) => {
        end()
        if ('answer' in said) resolve(said.answer)
        else if ('problem' in said)
          reject(new Problem(said.problem.status, said.problem.title, said.problem.detail, said.problem.more))
        else reject(new Error(said.failed))
      })
      thread.on('error', (error: Error & { code?: string }) => {
        end()
        reject(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? tooMuch() : error)
      })
      thread.on('exit', (code) => {
        end()
        reject(new Error(`The thread ended without an answer, code ${code}.`))
      })
    })
  } finally {
    await thread.terminate()
  }
}
