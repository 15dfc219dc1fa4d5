import { schedule, item, option } from './example.js'
import type { SourceFacts } from '../../stages/source/sourceFacts.js'

/** Breaks the rule `source.dearer-over-the-stay`. */
export const violates = (): SourceFacts =>
  schedule(
    [
      item([
        option({ years: 2, landedMinor: 26_000 }),
        option({ id: 'a', name: 'Lasting', chosen: false, years: 12, landedMinor: 120_000 }),
      ]),
    ],
    { stayYears: 12 },
  )

/** Keeps it, by as little as matters. */
export const complies = (): SourceFacts =>
  schedule(
    [
      item([
        option({ years: 2, landedMinor: 26_000 }),
        option({ id: 'a', name: 'Lasting', chosen: false, years: 12, landedMinor: 120_000 }),
      ]),
    ],
    { stayYears: 3 },
  )
