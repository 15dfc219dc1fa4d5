import type { JobSnapshot } from '../../model/snapshot.js'

/** A surface of the palette as the walls and faces it is. */
export function placesIn(job: JobSnapshot): (on: string) => readonly string[] {
  const alone = new Set(job.finishAssignments.map((a) => a.surface as string))
  const walls = job.walls.map((w) => `wall:${w.id}`)
  return (on) => {
    if (on === 'walls') return walls.filter((w) => !alone.has(w))
    if (on === 'lower') return walls
    const part = job.parts.find((p) => on === `part:${p.id}`)
    if (part) return [on, ...(part.wallId === null ? walls : [`wall:${part.wallId}`])]
    return [on]
  }
}
