import { LEVELS, type Level } from '../../model/vocabulary/change.js'

export interface LevelLine {
  readonly name: string
  readonly level: Level | null
  /** Landed price of what is chosen, or the target while nothing is. */
  readonly amountMinor: number
  readonly leadDays: number | null
}

/** What one depth of change comes to. */
export interface LevelPrice {
  readonly level: Level
  readonly amountMinor: number
  readonly lines: number
  /** Weeks until the slowest of its lines is here; null while no lead time is known. */
  readonly weeks: number | null
  /** Lines that only this level has, the dearest first. */
  readonly own: readonly LevelLine[]
}

/** Both levels priced side by side: lines of either level and lines of one only. */
export function levelPrices(lines: readonly LevelLine[]): LevelPrice[] {
  return LEVELS.map((level): LevelPrice => {
    const of = lines.filter((l) => l.level === null || l.level === level)
    const leads = of.map((l) => l.leadDays).filter((d): d is number => d !== null)
    return {
      level,
      amountMinor: of.reduce((sum, l) => sum + l.amountMinor, 0),
      lines: of.length,
      weeks: leads.length > 0 ? Math.ceil(Math.max(...leads) / 7) : null,
      own: of.filter((l) => l.level === level).sort((x, y) => y.amountMinor - x.amountMinor),
    }
  })
}

/** True when an item belongs to the level the job has settled on; while it has settled on none, to both. */
export const inLevel = (itemLevel: Level | null, jobLevel: Level | null): boolean =>
  itemLevel === null || jobLevel === null || itemLevel === jobLevel
