import { makePdf } from '../pdf/makePdf.js'

/**
 * A drawing as a PDF of one page, A3 across, fonts embedded.
 * @param svg drawn in the proportions of the page
 */
export const pdfOfDrawing = (svg: string, title: string): Promise<Buffer> =>
  makePdf({
    pageSize: 'A3',
    pageOrientation: 'landscape',
    pageMargins: 0,
    info: { title },
    content: [{ svg, width: 1190, absolutePosition: { x: 0, y: 0 } }],
  })
