import { parentPort } from 'node:worker_threads'
import { Problem, toProblem } from '../http/problem.js'
import { loggable } from '../http/loggable.js'

/** Sends what the work comes to back from a thread: an answer, a problem in its own words, or that it failed. */
export async function answer(work: () => Promise<unknown>): Promise<void> {
  try {
    parentPort?.postMessage({ answer: await work() })
  } catch (error) {
    const problem = toProblem(error)
    const { status, title, detail, more } = problem
    parentPort?.postMessage(
      error instanceof Problem || status < 500
        ? { problem: { status, title, detail, more } }
        : { failed: loggable(error) },
    )
  }
}
