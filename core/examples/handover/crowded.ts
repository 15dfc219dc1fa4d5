import { shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const tray = (n: number) =>
  shelfFacts(
    shelfJob(
      [{ id: 'Tray', kind: 'tray', size: [400, 300, 40] }],
      [{ id: 'Shells', count: n, size: [60, 60, 40], on: 'Tray', level: 0 }],
    ),
  )

/** Breaks the rule `handover.crowded`. */
export const violates = (): StylingFacts => tray(4)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => tray(3)
