import type { RecordFacts } from '../../stages/handover/recordFacts.js'
import { pictureOf, recordsOf, rowsOf } from './records.js'

const palm = (seenAs: 'borrowed' | null): RecordFacts =>
  recordsOf({
    photos: [...pictureOf('before', 'wall:north'), ...pictureOf('after', 'wall:north')],
    pictureMarks: rowsOf('pictureMarks', [
      { id: 'palm', photoId: 'after wall:north', x: 0.2, y: 0.6, name: 'Potted palm', seenAs },
    ]),
  })

/** Breaks the rule `handover.seen-in-picture`. */
export const violates = (): RecordFacts => palm(null)

/** Keeps it, by as little as matters. */
export const complies = (): RecordFacts => palm('borrowed')
