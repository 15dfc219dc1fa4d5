import { gapWords } from '@bonitas/core/stages/measure/explainGap'
import type { MeasureFacts } from '@bonitas/core/stages/measure/measureFacts'
import { t } from './words.js'

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
        word: t('nothingMeasured'),
        text: t('beginAtAnyCornerAnd'),
      }
    case 'open':
      return {
        word:
          run.stillToTurnDeg > 0 && count > 2
            ? t('stillToTurnDegStillToTurn', { stillToTurnDeg: run.stillToTurnDeg })
            : t('walkOn'),
        text: t('countCount2LengthMmSoFar', {
          count,
          count2: count === 1 ? 'wall' : 'walls',
          lengthMm: length(run.lengthMm),
          gap: gapWords(run.gap, length),
        }),
      }
    case 'gap':
      return {
        word: t('doesNotCloseGapMm', { gapMm: length(run.gapMm) }),
        text: t('gapAllowedToleranceMmInA', {
          gap: gapWords(run.gap, length),
          toleranceMm: length(c.toleranceMm),
          lengthMm: length(run.lengthMm),
        }),
      }
    case 'crossed':
      return {
        word: t('theWallsCross'),
        text: t('aCornerIsTurnedThe'),
      }
    default:
      return {
        word: run.gapMm < 1 ? t('closesExactly') : t('closesWithinGapMm', { gapMm: length(run.gapMm) }),
        text:
          run.gapMm < 1
            ? t('lengthMmAllRound', { lengthMm: length(run.lengthMm) })
            : t('ofToleranceMmAllowedSpreadOver', { toleranceMm: length(c.toleranceMm) }),
      }
  }
}
