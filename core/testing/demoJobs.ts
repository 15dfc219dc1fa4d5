import { readdirSync, readFileSync } from 'node:fs'
import { emptyJob } from '../examples/emptyJob.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { TERN } from './habits.js'

const FOLDER = new URL('../../demo/jobs/', import.meta.url)

/** All jobs of the demo, by the names of their files. */
export const demoJobs = (): { readonly name: string; readonly job: JobSnapshot }[] =>
  readdirSync(FOLDER)
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => ({
      name: file.replace('.json', ''),
      job: {
        // A file says nothing of lists that are empty.
        ...emptyJob(),
        ...(JSON.parse(readFileSync(new URL(file, FOLDER), 'utf8')) as Omit<JobSnapshot, 'studio'>),
        studio: TERN,
      },
    }))
