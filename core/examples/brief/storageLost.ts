import { example } from './example.js'
import { pieceWith } from '../emptyJob.js'
import { shelves } from '../../model/rows/shelves.js'
import type { BriefFacts } from '../../stages/brief/briefFacts.js'

const row = (id: string, pieceId: string, fullPercent: number | null) => ({
  ...shelves.make({ id, pieceId, clearHeightMm: 500, closed: true, fullPercent }),
  version: 1,
})
const cabinetGoes = (fullPercent: number) =>
  example({
    pieces: [
      pieceWith({ id: 'Wall cabinet', kind: 'cabinet', there: true, verdict: 'let go', reason: 'old' }),
      pieceWith({ id: 'Bin', kind: 'trunk', widthMm: 500 }),
    ],
    shelves: [row('in cabinet', 'Wall cabinet', fullPercent), row('in bin', 'Bin', null)],
  })

/** Breaks the rule `brief.storage-lost`. */
export const violates = (): BriefFacts => cabinetGoes(52)

/** Keeps it, by as little as matters. */
export const complies = (): BriefFacts => cabinetGoes(50)
