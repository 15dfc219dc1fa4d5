import type { Rule, Finding } from '../../../findings/finding.js'
import type { SourceFacts } from '../sourceFacts.js'
import { SAME_SIZE_MM } from '../ties.js'
import { put } from '../../../model/changes.js'

/** The plan was drawn in one size and another is bought. */
export const sizeDiffers: Rule<SourceFacts> = {
  name: 'source.size-differs',
  title: 'Drawn in another size than is bought',
  numbers: `A side that differs by more than ${SAME_SIZE_MM} mm, which is more than makers round; what is there already was measured and is left alone.`,
  source: 'common practice',
  schools: 'all',
  check: ({ ties }) =>
    ties.sizes.map(({ piece, option, drawn, bought }): Finding => {
      const size = ties.says.sides
      const grows = bought.some((mm, n) => mm > (drawn[n] ?? mm))
      return {
        rule: 'source.size-differs',
        severity: 'look',
        about: [
          { kind: 'item', id: option.itemId, name: piece.name },
          { kind: 'piece', id: piece.id, name: piece.name },
          { kind: 'option', id: option.id, name: option.name },
        ],
        title: `${piece.name} is drawn in another size than ${option.name} has`,
        measured: `drawn ${size(drawn)}, chosen ${size(bought)}`,
        wanted: grows
          ? 'room for the one chosen, tried on the plan, or another option'
          : 'the size that will stand there',
        because: 'Passages, doors and the rug under it are judged by the size that is drawn.',
        // A larger one may stand in a way or a door: that is tried on the plan, never done with one click.
        fixes: grows
          ? []
          : [
              {
                label: `Draw it as ${option.name} is`,
                changes: [put('pieces', piece.id, { ownSize: false })],
              },
            ],
      }
    }),
}
