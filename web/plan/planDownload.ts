import type { PlanDrawing } from '@bonitas/core/kernel/geometry/drawing'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { saveText } from '../files/saveFile.js'
import { useJobStore } from '../job/jobStore.js'

export type DrawingFormat = 'svg' | 'dxf'

/** Saves a drawing under its title. What writes drawings is fetched when one is asked for. */
export async function saveDrawing(drawing: PlanDrawing, format: DrawingFormat, title: string): Promise<void> {
  const { writeDxf, writeSvg } = await import('../measure/planFiles.js')
  const text = format === 'dxf' ? writeDxf(drawing) : writeSvg(drawing, title)
  const name = title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  saveText(`${name}.${format}`, text, format === 'dxf' ? 'image/vnd.dxf' : 'image/svg+xml')
}

/** Saves the plan with its pieces. */
export async function downloadPlan(facts: PlanFacts, format: DrawingFormat, roomName: string): Promise<void> {
  const measure = useJobStore().derived?.measure
  const { planDrawing } = await import('@bonitas/core/stages/measure/planDrawing')
  const { pieceMarks, withMarks } = await import('@bonitas/core/stages/plan/drawings')
  const room = measure && planDrawing(measure)
  if (room) await saveDrawing(withMarks(room, pieceMarks(facts)), format, `${roomName} plan`)
}

/** Saves the elevation of one wall. */
export async function downloadElevation(
  facts: PlanFacts,
  wallId: string,
  format: DrawingFormat,
  title: string,
): Promise<void> {
  const { elevationDrawing } = await import('@bonitas/core/stages/plan/drawings')
  const drawing = elevationDrawing(facts, wallId)
  if (drawing) await saveDrawing(drawing, format, title)
}
