import { ONE } from '../../stages/takeoff/making/usual.js'
import { amountText, toldMinutes } from '../../stages/takeoff/making/making.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import type { Amount } from '../../model/vocabulary/making.js'
import type { Skill, Step } from '../../model/vocabulary/install.js'
import { METHODS } from '../../stages/install/methods.js'
import type { PlanTask } from '../../stages/install/planTask.js'

/** A task as the room asks for it, before its method and a person's changes are read into it. */
export interface Draft {
  readonly key: string
  readonly step: Step
  readonly name: string
  readonly because: readonly string[]
  readonly minutes: number
  readonly sum?: string
  readonly places: readonly string[]
  readonly skill?: Skill
  readonly hands?: number
  readonly elsewhere?: boolean
  readonly dryHours?: number
  readonly hardDays?: number
  readonly needsHard?: boolean
  readonly caution?: string
  /** Null where the question of the step is not its own. */
  readonly asks?: string | null
  readonly loud?: boolean
  readonly needs?: readonly string[]
  readonly pieceIds?: readonly string[]
  readonly turn?: number
  readonly temporary?: boolean
}

/** `28.9 m² × 6 min = 2 h 55 min`. */
export function sumOf(by: Amount, amount: number, minutesEach: number, says: Formatter): string {
  const minutes = toldMinutes((amount / ONE[by]) * minutesEach)
  const each = says.system === 'imperial' && by !== 'count' ? '' : ` × ${says.figure(minutesEach)} min`
  return `${amountText(by, amount, says)}${each} = ${says.duration(minutes)}`
}

/** A draft with all that its method says of it. */
export function asTask(draft: Draft): PlanTask {
  const method = METHODS[draft.step]
  const likely = toldMinutes(draft.minutes)
  return {
    ...{ key: draft.key, step: draft.step, name: draft.name, because: draft.because },
    ...{ skill: draft.skill ?? method.skill, crewId: null, hands: draft.hands ?? method.hands },
    estimate: { best: toldMinutes(likely * method.best), likely, worst: toldMinutes(likely * method.worst) },
    sum: draft.sum ?? '',
    usual: undefined,
    places: new Set(draft.places),
    elsewhere: draft.elsewhere ?? false,
    loud: draft.loud ?? method.loud,
    dryMinutes: 60 * (draft.dryHours ?? method.dryHours),
    hardMinutes: draft.hardDays === undefined ? undefined : 1440 * draft.hardDays,
    needsHard: draft.needsHard ?? false,
    caution: draft.caution ?? method.caution,
    asks: draft.asks === null ? undefined : (draft.asks ?? method.asks),
    first: method.first,
    ...{ needs: draft.needs ?? [], pieceIds: draft.pieceIds ?? [], turn: draft.turn ?? 0 },
    ...{
      onDay: null,
      agreed: false,
      putOff: false,
      notWhile: [],
      doneOn: null,
      temporary: draft.temporary ?? false,
      row: undefined,
    },
  }
}
