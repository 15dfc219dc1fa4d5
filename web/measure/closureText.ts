import { gapWords } from '@bonitas/core/stages/measure/explainGap'
import type { MeasureFacts } from '@bonitas/core/stages/measure/measureFacts'

/**
 * How far the walls close, in a word and a sentence.
 *
 * @param count of walls
 * @param length a length in the units of the studio
 */
export function closureText(
  c: MeasureFacts['closure'],
  count: number,
  length: (mm: number) => string,
): { readonly word: string; readonly text: string } {
  const { run } = c
  switch (c.state) {
    case 'empty':
      return {
        word: 'Nothing measured',
        text: 'Begin at any corner and walk round with the room on your right hand.',
      }
    case 'open':
      return {
        word: run.stillToTurnDeg > 0 && count > 2 ? `${run.stillToTurnDeg}° still to turn` : 'Walk on',
        text: `${count} ${count === 1 ? 'wall' : 'walls'}, ${length(run.lengthMm)} so far; back to the start: ${gapWords(run.gap, length)}`,
      }
    case 'gap':
      return {
        word: `Does not close: ${length(run.gapMm)}`,
        text: `${gapWords(run.gap, length)}; allowed ${length(c.toleranceMm)} in a run of ${length(run.lengthMm)}. Areas are uncertain.`,
      }
    case 'crossed':
      return {
        word: 'The walls cross',
        text: 'A corner is turned the wrong way, or two lengths are exchanged.',
      }
    default:
      return {
        word: run.gapMm < 1 ? 'Closes exactly' : `Closes within ${length(run.gapMm)}`,
        text:
          run.gapMm < 1
            ? `${length(run.lengthMm)} all round`
            : `of ${length(c.toleranceMm)} allowed; spread over the walls by the compass rule`,
      }
  }
}
