import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import { cutDrawing } from '@bonitas/core/stages/takeoff/cutDrawing'
import type { Drawing } from '@bonitas/core/stages/takeoff/trade'
import { saveDrawing, type DrawingFormat } from '../plan/planDownload.js'

/** Saves a cutting plan, its sizes with it. */
export const downloadCuts = (drawing: Drawing, says: Formatter, format: DrawingFormat): Promise<void> =>
  saveDrawing(cutDrawing(drawing, says), format, drawing.name)
