import { elevationDrawing, pieceMarks, withMarks } from '@bonitas/core/stages/plan/drawings'
import { planDrawing } from '@bonitas/core/stages/measure/planDrawing'
import type { PlanDrawing } from '@bonitas/core/kernel/geometry/drawing'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { useJobStore } from '../job/jobStore.js'

export type DrawingFormat = 'svg' | 'dxf'

async function save(drawing: PlanDrawing, format: DrawingFormat, title: string): Promise<void> {
  const { writeDxf, writeSvg } = await import('../measure/planFiles.js')
  const text = format === 'dxf' ? writeDxf(drawing) : writeSvg(drawing, title)
  const link = document.createElement('a')
  link.href = URL.createObjectURL(
    new Blob([text], { type: format === 'dxf' ? 'image/vnd.dxf' : 'image/svg+xml' }),
  )
  link.download = `${title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')}.${format}`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Saves the plan with its pieces. */
export async function downloadPlan(facts: PlanFacts, format: DrawingFormat, roomName: string): Promise<void> {
  const measure = useJobStore().derived?.measure
  const room = measure && planDrawing(measure)
  if (room) await save(withMarks(room, pieceMarks(facts)), format, `${roomName} plan`)
}

/** Saves the elevation of one wall. */
export async function downloadElevation(
  facts: PlanFacts,
  wallId: string,
  format: DrawingFormat,
  title: string,
): Promise<void> {
  const drawing = elevationDrawing(facts, wallId)
  if (drawing) await save(drawing, format, title)
}
