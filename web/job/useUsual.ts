import type { LessonKind } from '@bonitas/core/model/lesson'
import { ENOUGH_JOBS, usualFigure } from '@bonitas/core/model/usualFigure'
import { useLocale } from '../form/useLocale.js'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** What closed jobs of the studio came to against their plans, in words; empty while they say nothing. */
export function useUsual() {
  const store = useJobStore()
  const { says } = useLocale()
  return (kind: LessonKind, of: string): string => {
    const figure = usualFigure(store.snapshot?.lessons, kind, of)
    if (!figure) return ''
    const { percent } = says.value
    const [middle, low, high] = [figure.middle, figure.low, figure.high].map(percent)
    return figure.jobs >= ENOUGH_JOBS
      ? t('usualIs', { n: figure.jobs, middle: middle ?? '', low: low ?? '', high: high ?? '' })
      : t('usualSoFar', { n: figure.jobs, middle: middle ?? '' })
  }
}
