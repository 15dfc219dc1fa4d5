import type { Rule, Finding } from '../../../findings/finding.js'
import type { BriefFacts } from '../briefFacts.js'
import { held } from './tenure.js'
import { STRIP_PAIR_G, stripsFor } from '../adhesiveStrips.js'
import { put } from '../../../model/changes.js'

export const stripsOverload: Rule<BriefFacts> = {
  name: 'brief.strips-overload',
  title: 'Adhesive strips that will not carry their load',
  numbers:
    'A pair carries 1.8 kg, four pairs at most; on smooth paint, tile or timber only, never over a bed or cot. Rounded up to whole pairs.',
  source: 'common practice; the maker’s rating decides',
  schools: 'all',
  caution: true,
  check: ({ job, says }) =>
    held(job).flatMap(({ row, kind, collection }): Finding[] => {
      if (row.fixing !== 'adhesive strips') return []
      const wall = job.walls.find((w) => w.id === row.wallId)
      const overBed = job.pieces.some(
        (p) => (p.kind === 'bed' || p.kind === 'cot') && p.wallId !== null && p.wallId === row.wallId,
      )
      const strips = stripsFor(row.weightG ?? null, wall?.face ?? 'smooth paint', overBed, says)
      if ('pairs' in strips) return []
      return [
        {
          rule: 'brief.strips-overload',
          severity: row.weightG == null && !overBed ? 'look' : 'stop',
          about: [{ kind, id: row.id, name: row.name }],
          title: `${row.name} hangs on adhesive strips: ${strips.refused}`,
          measured:
            row.weightG == null
              ? 'Weight not known'
              : `${says.weight(row.weightG)} on ${wall?.face ?? 'smooth paint'}`,
          wanted: `at most four pairs of ${says.weight(STRIP_PAIR_G)} on a smooth face, nothing over a bed or a cot`,
          because:
            'A strip is not a screw: what falls off a wall falls on someone. Follow the maker’s instructions.',
          fixes: [
            {
              label: `Let ${row.name} lean, held against tipping`,
              changes: [put(collection, row.id, { fixing: 'leans' })],
            },
            {
              label: `${row.name}: one that stands free`,
              changes: [put(collection, row.id, { fixing: 'stands free' })],
            },
          ],
        },
      ]
    }),
}
