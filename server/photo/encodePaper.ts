import { Problem } from '../http/problem.js'
import { runIsolated } from '../isolated/runIsolated.js'
import { encodePicture, PICTURE_LIMIT, type Encoded } from './encode.js'

export interface EncodedPaper extends Encoded {
  /** Pages of a PDF; 0 for a picture. */
  readonly pages: number
}

/** What is sent as a photo of some kind, as it is kept: only a paper may be a PDF. */
export const encodeUpload = async (kind: string, bytes: Buffer): Promise<EncodedPaper> =>
  kind === 'paper' ? encodePaper(bytes) : { ...(await encodePicture(bytes)), pages: 0 }

/** Whether bytes say that they are a PDF. */
const isPdf = (bytes: Buffer): boolean => bytes.subarray(0, 1024).includes('%PDF-')

/**
 * A receipt or invoice as it is kept: a photo encoded anew, or a PDF whose pages are laid into a new one, without
 * scripts, links, forms, attachments or a trace of who made it.
 *
 * @throws {Problem} 400 for anything that is neither, or cannot be read; 413 over 20 MB
 */
export async function encodePaper(bytes: Buffer): Promise<EncodedPaper> {
  if (!isPdf(bytes)) return { ...(await encodePicture(bytes)), pages: 0 }
  if (bytes.length > PICTURE_LIMIT)
    throw new Problem(413, 'Too large', 'The PDF is over 20 MB. Choose a smaller one.')
  // A PDF can be made to take minutes and all memory: it is read where that hurts nobody.
  const made = await runIsolated<EncodedPaper>('paper', bytes, {
    ms: 20_000,
    heapMb: 512,
    growMb: 700,
    tooMuch: 'The PDF takes too long, or too much, to read. Print it to a new PDF, or take a photo of it.',
  })
  // Bytes that crossed a thread are no Buffer any more.
  return { ...made, picture: Buffer.from(made.picture), thumbnail: Buffer.from(made.thumbnail) }
}
