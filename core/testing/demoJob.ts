import { readFileSync } from 'node:fs'
import type { JobSnapshot } from '../model/snapshot.js'
import { TERN } from './habits.js'

const FILE = new URL('../../demo/jobs/1-music-and-reading-room.json', import.meta.url)

/** The demo's first job as its file has it; ids are short names, which the pure functions do not mind. */
export const demoJob = (): JobSnapshot => ({
  ...(JSON.parse(readFileSync(FILE, 'utf8')) as Omit<JobSnapshot, 'studio'>),
  studio: TERN,
})
