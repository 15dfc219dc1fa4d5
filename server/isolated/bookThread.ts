import { workerData } from 'node:worker_threads'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { makeBook } from '../handover/makeBook.js'
import { answer } from './answer.js'
import type { BookAsked } from '../handover/makeBook.js'

// A thread that makes the book of a job: what is in it is judged, drawn and set where nobody waits for it.
void answer(() => {
  const { job, ...rest } = workerData as Omit<BookAsked, 'job'> & { readonly job: string }
  return makeBook({ job: JSON.parse(job) as JobSnapshot, ...rest })
})
