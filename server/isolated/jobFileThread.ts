import { workerData } from 'node:worker_threads'
import { Problem } from '../http/problem.js'
import { readRows } from '../job/bundle.js'
import { answer } from './answer.js'

// A thread that reads a job file: its text, its version, every field.
void answer(async () => {
  const { text, currency } = workerData as { text: Uint8Array; currency: string }
  let file: unknown
  try {
    file = JSON.parse(Buffer.from(text).toString('utf8'))
  } catch {
    throw new Problem(400, 'Not readable', 'The file is not JSON. Choose a job that was exported here.')
  }
  return readRows(file, currency)
})
