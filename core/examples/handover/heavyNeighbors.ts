import { finishWith, shelfFacts, shelfJob } from './example.js'
import type { StylingFacts } from '../../stages/handover/stylingFacts.js'

const unit = { id: 'Unit', size: [820, 300, 2000], shelves: [{ levels: 5 }] } as const
const jars = (bowl: number) =>
  shelfFacts(
    shelfJob(
      [unit],
      [
        { id: 'Jar', size: [220, 220, 280], finishId: 'Iron', on: 'Unit', level: 2 },
        { id: 'Bowl', size: [300, 280, bowl], finishId: 'Iron', on: 'Unit', level: 2 },
      ],
      { finishes: [finishWith({ id: 'Iron', material: 'metal', labL: 25 })] },
    ),
  )

/** Breaks the rule `handover.heavy-neighbors`. */
export const violates = (): StylingFacts => jars(160)

/** Keeps it, by as little as matters. */
export const complies = (): StylingFacts => jars(60)
