import type { Finding, Rule } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { frameFit } from '../frameFit.js'
import { put } from '../../../model/changes.js'
import { chosenOf, about } from './chosen.js'

/** A print, and the frame that was chosen for it. */
export const frameSize: Rule<SourceFacts> = {
  name: 'source.frame-size',
  title: 'A frame of another size or number than its prints',
  numbers:
    'Sheet and frame more than 3 mm apart on a side: a mat fills what is over, and what is too small does not take it. One frame to a print.',
  source: 'arithmetic; how far a mat covers the sheet is common practice',
  schools: 'all',
  check: ({ items, says }) =>
    items.flatMap((i): Finding[] => {
      const { framed } = i
      const o = chosenOf(i)
      if (!framed || !o) return []
      const fit = frameFit(framed.sheetMm, framed.openingMm)
      const few = framed.frames < framed.prints
      if (fit.fits === 'as it is' && !few) return []
      return [
        ...(few
          ? [
              {
                rule: 'source.frame-size',
                severity: 'look' as const,
                about: [
                  ...about(i, o),
                  { kind: 'item' as const, id: framed.frameItemId, name: framed.frameName },
                ],
                title: `${says.count(framed.frames, 'frame')} for ${says.count(framed.prints, 'print')}`,
                measured: `${framed.frames} of ${framed.prints}`,
                wanted: 'a frame to each',
                because: 'A print is not finished art: it hangs once it is framed.',
                fixes: [
                  {
                    label: `Buy ${framed.prints} frames`,
                    changes: [put('items', framed.frameItemId, { quantity: framed.prints })],
                  },
                ],
              },
            ]
          : []),
        ...(fit.fits === 'as it is'
          ? []
          : [
              {
                rule: 'source.frame-size',
                severity: fit.fits === 'not at all' ? ('stop' as const) : ('note' as const),
                about: about(i, o),
                title:
                  fit.fits === 'not at all'
                    ? `${o.name} does not go into ${framed.frameName}`
                    : `${o.name} wants a mat in ${framed.frameName}`,
                measured: `sheet ${says.sides(framed.sheetMm)}, frame ${says.sides(framed.openingMm)}`,
                wanted:
                  fit.fits === 'not at all'
                    ? `a frame for ${says.sides(framed.sheetMm)} or larger`
                    : `a mat cut to ${says.sides(fit.cutMm)}, with borders of ${says.lengths(fit.bordersMm)}; or a frame of its size`,
                because:
                  'Prints and frames are sold by different sizes; the mat between them is a line of its own.',
                fixes: [],
              },
            ]),
      ]
    }),
}
