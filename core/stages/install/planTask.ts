import type { UsualFigure } from '../../model/usualFigure.js'
import type { ThreePoint } from '../../kernel/schedule/threePoint.js'
import type { TaskRow } from '../../model/rows/tasks.js'
import type { Skill, Step } from '../../model/vocabulary/install.js'

/** Why one task waits for another. */
export type WaitKind = 'order' | 'dries' | 'hardens' | 'arrives' | 'building work'

export interface TaskWait {
  readonly key: string
  /** Minutes, day and night. */
  readonly lag: number
  readonly why: WaitKind
}

/** One task of the plan, as the room asks for it and a person has changed it. */
export interface PlanTask {
  readonly key: string
  readonly step: Step
  readonly name: string
  /** What asks for it: places with their amounts. */
  readonly because: readonly string[]
  readonly skill: Skill
  /** Named by a person; else whoever can do it. */
  readonly crewId: string | null
  readonly hands: number
  /** Minutes of work. */
  readonly estimate: ThreePoint
  /** How the likeliest time is reckoned: `28.9 m² × 6 min`. */
  readonly sum: string
  /** What closed jobs of the studio have made of this step; undefined while they say nothing. */
  readonly usual: UsualFigure | undefined
  /** Surfaces and things it is done to: `wall:…`, `ceiling`, `piece:…`; `room` for all of it. */
  readonly places: ReadonlySet<string>
  readonly elsewhere: boolean
  readonly loud: boolean
  readonly dryMinutes: number
  /** Before anything sticks to it, leans on it or stands on it; undefined where nothing must wait longer. */
  readonly hardMinutes: number | undefined
  /** It sticks to its surface, or puts weight on it: it waits until that is hard. */
  readonly needsHard: boolean
  readonly caution: string | undefined
  readonly asks: string | undefined
  readonly first: string | undefined
  /** Lines of the schedule whose goods it needs. */
  readonly needs: readonly string[]
  readonly pieceIds: readonly string[]
  /** Of tasks of one step on one surface: which comes first. */
  readonly turn: number
  /** Not before this day; on it when it is agreed. */
  readonly onDay: string | null
  readonly agreed: boolean
  /** Put off past the promised day: it holds up nothing at other places. */
  readonly putOff: boolean
  /** Steps that are not done meanwhile, not even elsewhere. */
  readonly notWhile: readonly Step[]
  readonly doneOn: string | null
  /** Only until the building work is done: a plant before a raw patch. */
  readonly temporary: boolean
  readonly row: TaskRow | undefined
}

/** Goods that are to come, or building work to be done, before tasks can begin. */
export interface Arrival {
  readonly key: string
  readonly name: string
  readonly itemId: string | null
  /** How it stands with it. */
  readonly state: 'open' | 'chosen' | 'ordered' | 'building work'
  /** As last heard, or as it would come if it were ordered today; null where nobody knows. */
  readonly on: string | null
  /** The day last said, where it is past and nothing came. */
  readonly missedOn: string | null
  readonly supplierName: string
  readonly leadDays: number | null
  /** The day a person wants it by, whatever the plan says. */
  readonly neededOn: string | null
  /** By how many days orders of this supplier came late before. */
  readonly lateDays: readonly number[]
}
