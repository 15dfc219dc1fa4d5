import type { Studio, JobSnapshot } from '../model/snapshot.js'
import { judgeWhole } from './fixes/judgeWhole.js'

/**
 * What accepted findings rest on once the studio writes otherwise. A finding is accepted with the figures it was read
 * with; when only their writing changes, what was accepted stays accepted.
 *
 * @param today ISO day of the studio
 * @returns the facts of every acceptance that stood and still does, by its id, where they are written otherwise now
 */
export function acceptedAnew(job: JobSnapshot, studio: Studio, today: string): Map<string, string> {
  const found = (of: JobSnapshot) => judgeWhole(of, today)
  const stood = new Map(
    found(job).flatMap(({ key, severity, accepted }) =>
      accepted ? [[key, { severity, id: accepted.id }] as const] : [],
    ),
  )
  if (stood.size === 0) return new Map()
  return new Map(
    found({ ...job, studio }).flatMap((f) => {
      const before = stood.get(f.key)
      // Graver than what was accepted is another thing, and is asked again.
      return before?.severity === f.severity && !f.accepted ? [[before.id, f.facts] as const] : []
    }),
  )
}
