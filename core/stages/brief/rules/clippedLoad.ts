import { inRoom } from '../../../model/inRoom.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { BriefFacts } from '../briefFacts.js'
import { held } from './tenure.js'

/** Ways of holding that lend the strength of something else. */
const BORROWED: ReadonlySet<string> = new Set([
  'clipped on',
  'over a door',
  'tension rod',
  'on what is there',
])
/** A thing this light asks nothing of what it hangs on (common practice), grams. */
const LIGHT_G = 500
/** A rod clamped between reveals holds light cloth (common practice), grams. */
const CLAMPED_G = 2_000

export const clippedLoad: Rule<BriefFacts> = {
  name: 'brief.clipped-load',
  title: 'A thing that hangs on something else, and what that carries',
  numbers: `Whatever is clipped on, hangs over a door, on a clamped rod or on what is there, from ${LIGHT_G} g on: its weight and what it hangs on are asked. At a window the load is held against what that may carry besides; a clamped rod takes ${CLAMPED_G / 1000} kg.`,
  source: 'common practice; the maker’s rating decides',
  schools: 'all',
  caution: true,
  check: ({ job, says }) =>
    held(job).flatMap(({ row, kind, collection, pieceKind }): Finding[] => {
      if (!BORROWED.has(row.fixing)) return []
      if ('verdict' in row && !inRoom(row)) return []
      const n = 'count' in row ? row.count : row.quantity
      const weightG = row.weightG === null ? null : row.weightG * n
      if (weightG !== null && weightG <= LIGHT_G) return []
      const cloth = pieceKind === 'curtains' || pieceKind === 'blind'
      // What has hung there all along is no question of the job.
      if (row.fixing === 'on what is there' && 'there' in row && row.there) return []
      const windows = cloth
        ? job.openings.filter((o) => o.kind === 'window' && (row.wallId === null || o.wallId === row.wallId))
        : []
      const rated = windows.flatMap((o) => o.carriesG ?? [])
      const onWindow = row.fixing === 'clipped on' || row.fixing === 'on what is there'
      const bears =
        row.fixing === 'tension rod'
          ? CLAMPED_G
          : onWindow && rated.length > 0 && rated.length === windows.length
            ? Math.min(...rated)
            : null
      if (weightG !== null && bears !== null && weightG <= bears) return []
      const over = weightG !== null && bears !== null ? weightG / bears : undefined
      return [
        {
          rule: 'brief.clipped-load',
          severity: over === undefined ? 'look' : 'stop',
          about: [{ kind, id: row.id, name: row.name }],
          title:
            over === undefined
              ? `${row.name}, ${row.fixing}: what does that carry?`
              : `${row.name} weighs more than what it hangs on may carry`,
          measured:
            weightG === null
              ? 'its weight is not known'
              : `${says.weight(weightG)}${bears === null ? '; what it hangs on is not rated' : ` on ${says.weight(bears)}`}`,
          wanted:
            bears === null
              ? 'its weight, and what it hangs on is rated for'
              : `at most ${says.weight(bears)}`,
          because:
            'A clip and a clamped rod hold as much as what they sit on: light cloth only, or none. Follow the maker’s instructions.',
          fixes:
            onWindow && cloth && weightG !== null && weightG <= CLAMPED_G
              ? [
                  {
                    label: `${row.name}: a tension rod between the reveals, light cloth only`,
                    changes: [put(collection, row.id, { fixing: 'tension rod' })],
                  },
                ]
              : [],
          ...(over === undefined ? {} : { quantity: { value: over, better: 'less' as const } }),
        },
      ]
    }),
}
