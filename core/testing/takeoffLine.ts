import { measureOf } from '../job/measureOf.js'
import { takeoffsOf } from '../job/takeoffsOf.js'
import { exampleJob } from '../examples/plan/example.js'
import type { UnitSystem } from '../kernel/units/length.js'
import { ROWS } from '../model/registry.js'
import type { JobSnapshot } from '../model/snapshot.js'

export type Line = Partial<JobSnapshot['takeoffs'][number]> & Pick<JobSnapshot['takeoffs'][number], 'trade'>
type Part = Partial<JobSnapshot['takeoffParts'][number]> & {
  readonly name: string
  readonly lengthMm: number
}

interface Around {
  readonly room?: Parameters<typeof exampleJob>[0]
  readonly parts?: readonly Part[]
  readonly system?: UnitSystem
}

/** A job with one line of the take-off, as a screen enters it. */
export function jobWith(line: Line, more: Around = {}): JobSnapshot {
  const job = exampleJob({ openings: [], ...more.room })
  return {
    ...job,
    studio: { ...job.studio, system: more.system ?? 'metric' },
    takeoffs: [{ ...ROWS.takeoffs.make({ id: 'line', name: 'Line', ...line }), version: 1 }],
    takeoffParts: (more.parts ?? []).map((p, position) => ({
      ...ROWS.takeoffParts.make({ id: `part ${position}`, takeoffId: 'line', position, ...p }),
      version: 1,
    })),
  }
}

/** The lines of a job's take-off. */
export const linesOf = (job: JobSnapshot) => takeoffsOf(job, measureOf(job))

/** One line reckoned in a room as a screen enters it. */
export function lineOf(line: Line, more: Around = {}) {
  const [found] = linesOf(jobWith(line, more))
  if (!found) throw new Error('no line')
  // Thousands are set apart by a space of their own.
  const plain = (text: string) => text.replaceAll(/[\u00a0\u202f\u2009]/g, ' ')
  return {
    ...found,
    needed: plain(found.needed),
    over: plain(found.over),
    sum: found.sum.map(plain),
    notes: found.notes.map(plain),
  }
}
/** What is noted of a line, as one text. */
export const notes = (line: ReturnType<typeof lineOf>) => line.notes.join(' ')
