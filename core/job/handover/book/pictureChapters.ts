import { labToHex } from '../../../kernel/color/lab.js'
import { listed } from '../../../kernel/listed.js'
import { formatterOf } from '../../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { picturePairs } from '../../../stages/handover/pictures.js'
import { planDrawing } from '../../../stages/measure/planDrawing.js'
import { whereUsed } from '../../../stages/palette/board.js'
import { elevationDrawing, pieceMarks, withMarks } from '../../../stages/plan/drawings.js'
import type { PlanFacts } from '../../../stages/plan/planFacts.js'
import type { DerivedJob } from '../../derive.js'
import type { BookBlock } from './book.js'

/** The finishes that are seen, each in the area it has of the room, the largest first. */
export function paletteBlocks({ ribbon }: Pick<DerivedJob, 'ribbon'>): BookBlock[] {
  const tiles = [...ribbon]
    .sort((a, b) => b.share - a.share || (a.finish.id < b.finish.id ? -1 : 1))
    .map((f) => ({
      name: f.finish.name,
      hex: labToHex(f.lab),
      share: f.share,
      about: [f.finish.code, f.finish.material, f.finish.sheen === 'none' ? '' : f.finish.sheen]
        .filter(Boolean)
        .join(', '),
      where: whereUsed(f, 4),
    }))
  return tiles.length > 0 ? [{ kind: 'palette', tiles }] : []
}

/** The plan with what stands in it, and each wall that something hangs on or stands before. */
export function roomBlocks(
  job: JobSnapshot,
  { measure, areas }: Pick<DerivedJob, 'measure' | 'areas'>,
  plan: PlanFacts | undefined,
): BookBlock[] {
  const says = formatterOf(job.studio)
  const room = planDrawing(measure)
  if (!room) return []
  const stands = [...new Set(plan?.standings.map((s) => s.name) ?? [])]
  const facts: (readonly [string, string])[] = areas
    ? [
        ['Floor', says.area(areas.floorMm2)],
        ['Around the walls', says.run(areas.perimeterMm)],
      ]
    : []
  const walls = (plan?.room.walls ?? []).flatMap((wall): BookBlock[] => {
    const hung = plan?.wallPlacements.filter((w) => w.wallId === wall.id) ?? []
    if (!plan || hung.length === 0) return []
    const drawing = elevationDrawing(plan, wall.id)
    const names = [...new Set(hung.map((h) => h.name))]
    return drawing
      ? [{ kind: 'drawing', name: wall.name, drawing, says: `Elevation of ${wall.name}: ${listed(names)}.` }]
      : []
  })
  return [
    ...(facts.length > 0 ? [{ kind: 'facts' as const, facts }] : []),
    {
      kind: 'drawing',
      name: 'Plan',
      drawing: plan ? withMarks(room, pieceMarks(plan)) : room,
      says: stands.length > 0 ? `Plan of the room with ${listed(stands)}.` : 'Plan of the room.',
    },
    ...walls,
  ]
}

/** Pictures of before and after from the same place, those of after alone where there is none of before. */
export const pairBlocks = (job: JobSnapshot, { brief }: Pick<DerivedJob, 'brief'>): BookBlock[] =>
  picturePairs(brief.standpoints, job.photos)
    .filter((p) => p.after)
    .map((p) => ({ kind: 'pair', name: p.name, beforeId: p.before?.id, afterId: p.after?.id }))

/** The picture on the cover: the first of after, else of before. */
export function coverOf(job: JobSnapshot, { brief }: Pick<DerivedJob, 'brief'>): string | undefined {
  const pairs = picturePairs(brief.standpoints, job.photos)
  return (pairs.find((p) => p.after)?.after ?? pairs.find((p) => p.before)?.before)?.id
}
