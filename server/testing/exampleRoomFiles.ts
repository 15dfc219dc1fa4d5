import { FINISHED } from '@bonitas/core/examples/finished/index'
import { exportJob } from '../job/bundle.js'

/** A row on a line, a list on as many: what changed in a room is then seen in a line of its own. */
function asLines(file: Readonly<Record<string, unknown>>): string {
  const parts = Object.entries(file)
    .filter(([, value]) => !Array.isArray(value) || value.length > 0)
    .map(([name, value]) => {
      if (!Array.isArray(value)) return `${JSON.stringify(name)}: ${JSON.stringify(value)}`
      return `${JSON.stringify(name)}: [\n  ${value.map((row) => JSON.stringify(row)).join(',\n  ')}\n ]`
    })
  return `{\n ${parts.join(',\n ')}\n}\n`
}

/** The rooms that are done as job files: name of the file and its text, as an export would write it. */
export function exampleRoomFiles(): Map<string, string> {
  return new Map(
    FINISHED.map((job) => [
      `${job.brief.roomName.toLowerCase().replaceAll(/[^a-z]+/g, '-')}.json`,
      asLines(exportJob(job, [])),
    ]),
  )
}
