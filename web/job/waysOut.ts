import type { Checked, Refusal, SafeFix } from '@bonitas/core/job/fixes/checkFixes'
import { MOST_OFFERED } from '@bonitas/core/job/fixes/mostOffered'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { t } from './words.js'

/** A way out as it is drawn: it can be taken once it has been tried. */
export interface WayOut {
  readonly label: string
  /** What may be applied; undefined until it has been tried. */
  readonly safe?: SafeFix
  /** What is to be seen then: what is left of the finding, and lighter things that come. */
  readonly then: string
}

export interface WaysOut {
  readonly ways: readonly WayOut[]
  /** Why none is offered, where there were some. */
  readonly none: string
}

/**
 * The ways out of a finding as the panel shows them: all of them, still, until they are tried; then those that hold.
 * @param nameOf the name of a piece
 */
export function waysOut(
  finding: JudgedFinding,
  checked: Checked | undefined,
  nameOf: (pieceId: string) => string,
): WaysOut {
  if (!checked)
    return { ways: finding.fixes.slice(0, MOST_OFFERED).map(({ label }) => ({ label, then: '' })), none: '' }
  const ways = checked.offered.map((safe): WayOut => ({
    label: safe.fix.label,
    safe,
    then: [
      ...(safe.rest ? [t('stillLeft', { title: safe.rest.title })] : []),
      ...safe.brings.slice(0, 2).map((f) => t('thenToSee', { title: f.title })),
      ...(safe.brings.length > 2 ? [t('andMoreToSee', { n: safe.brings.length - 2 })] : []),
    ].join(' · '),
  }))
  const [first] = checked.dropped
  const reason = first?.why[0]
  return {
    ways,
    none:
      ways.length === 0 && first && reason
        ? t('noWayOut', { fix: first.fix.label, why: said(reason, nameOf) })
        : '',
  }
}

/** Why a way out that was pressed before it had been tried was not done. */
export function whyNot(checked: Checked, label: string, nameOf: (pieceId: string) => string): string {
  const reason = checked.dropped.find((d) => d.fix.label === label)?.why[0]
  return reason
    ? t('notDone', { fix: label, why: said(reason, nameOf) })
    : t('notDoneAnyMore', { fix: label })
}

const KEPT = {
  stays: (name: string) => t('nameStays', { name }),
  loved: (name: string) => t('nameIsLoved', { name }),
  'serves alone': (name: string) => t('nameServesAlone', { name }),
} as const

/** Why a way out does not hold, in words. */
function said(reason: Refusal, nameOf: (pieceId: string) => string): string {
  if (reason.test === 'kept') return KEPT[reason.by](nameOf(reason.pieceId))
  if (reason.test === 'material') return t('notMadeOfIt', { name: reason.on, material: reason.material })
  if (reason.test === 'row') return t('itCannotBeDone')
  if (reason.test === 'still there') return t('itWouldStillBeThere')
  return t('itWouldBring', { title: reason.title })
}
