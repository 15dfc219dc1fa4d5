import sharp from 'sharp'
import { Problem } from '../http/problem.js'

/** The largest picture taken in, bytes. */
export const PICTURE_LIMIT = 20 * 1024 * 1024
const LONGEST_PX = 3_000
const THUMBNAIL_PX = 480
// A photo of 12 megapixels is usual; past a hundred something is wrong, or meant to fill the memory.
const MOST_PIXELS = 100_000_000
const FORMATS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp', 'gif', 'tiff', 'avif', 'heif'])

/** A picture as it is kept. */
export interface Picture {
  readonly photoId: string
  readonly mime: string
  readonly picture: Buffer
  readonly thumbnail: Buffer
}

export interface Encoded {
  readonly mime: string
  readonly picture: Buffer
  readonly thumbnail: Buffer
  readonly size: { readonly widthPx: number; readonly heightPx: number }
}

const refused = (detail: string) =>
  new Problem(400, 'Not a picture that can be read', detail, { errors: [{ field: 'picture', text: detail }] })

/**
 * Encodes a picture anew: turned upright, in sRGB, at most 3 000 px long, without a trace of where, when and with what
 * it was taken. Nothing of the file that came in is kept.
 *
 * @throws {Problem} 400 for anything that is no picture, naming what to do
 */
export async function encodePicture(bytes: Buffer): Promise<Encoded> {
  if (bytes.length === 0) throw refused('The file is empty. Choose a photo.')
  if (bytes.length > PICTURE_LIMIT)
    throw new Problem(413, 'Too large', 'The picture is over 20 MB. Choose a smaller one.')
  const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
  try {
    const { format } = await open().metadata()
    // What draws itself from text (SVG, PDF) can reach for other files: it is not taken as a picture.
    if (!FORMATS.has(format))
      throw refused('The file is not a photo. Choose a JPEG, PNG, WebP, AVIF, GIF or TIFF.')
    const upright = open().rotate().flatten({ background: '#ffffff' }).toColorspace('srgb')
    const [kept, thumbnail] = await Promise.all([
      upright
        .clone()
        .resize({ width: LONGEST_PX, height: LONGEST_PX, fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: 86, mozjpeg: false })
        .toBuffer({ resolveWithObject: true }),
      upright
        .clone()
        .resize({ width: THUMBNAIL_PX, height: THUMBNAIL_PX, fit: 'inside' })
        .jpeg({ quality: 80 })
        .toBuffer(),
    ])
    return {
      mime: 'image/jpeg',
      picture: kept.data,
      thumbnail,
      size: { widthPx: kept.info.width, heightPx: kept.info.height },
    }
  } catch (error) {
    if (error instanceof Problem) throw error
    throw refused(
      'The file is not a photo that can be read. Choose a JPEG, PNG or WebP; a HEIC from a phone must be saved as JPEG first.',
    )
  }
}
