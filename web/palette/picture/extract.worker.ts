import {
  extractColors,
  REDUCED_PX,
  type ExtractedColor,
} from '@bonitas/core/stages/palette/extraction/extractColors'
import type { WhiteGains } from '@bonitas/core/stages/palette/extraction/labPlanes'

/** A picture to look at: its file, and the correction of a cast when there is one. */
export interface ExtractAsk {
  readonly picture: Blob
  readonly gains?: WhiteGains | undefined
}
/** The colors, with the time it took; or that the picture cannot be read. */
export type ExtractResult =
  | {
      readonly colors: readonly ExtractedColor[]
      readonly decodeMs: number
      readonly extractMs: number
    }
  | { readonly unreadable: true }

addEventListener('message', ({ data }: MessageEvent<ExtractAsk>) => {
  void extract(data)
})

async function extract({ picture, gains }: ExtractAsk): Promise<void> {
  const say = (answer: ExtractResult | { readonly done: number }) => postMessage(answer)
  try {
    const started = performance.now()
    const bitmap = await createImageBitmap(picture, { resizeWidth: REDUCED_PX, resizeQuality: 'medium' })
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
    const context = canvas.getContext('2d', { willReadFrequently: true })
    if (!context) throw new Error('no canvas')
    context.drawImage(bitmap, 0, 0)
    const { data, width, height } = context.getImageData(0, 0, bitmap.width, bitmap.height)
    bitmap.close()
    const decoded = performance.now()
    say({ done: 0.4 })
    const colors = extractColors(
      { width, height, data },
      { gains, progress: (part) => say({ done: 0.4 + 0.6 * part }) },
    )
    say({ colors, decodeMs: decoded - started, extractMs: performance.now() - decoded })
  } catch {
    say({ unreadable: true })
  }
}
