import type { Finding, Rule } from '../../../findings/finding.js'
import { put, type RowChange } from '../../../model/changes.js'
import type { SetDown, StylingFacts } from '../stylingFacts.js'
import { placeRef } from './places.js'

export const moreThanThere: Rule<StylingFacts> = {
  name: 'handover.more-than-there',
  title: 'More set out than there is',
  numbers: 'All places of a piece on and in others together, against its number.',
  source: 'arithmetic',
  schools: 'all',
  check: (facts) => {
    const places = facts.units.flatMap((u) => u.levels.flatMap((l) => l.things))
    const by = new Map<string, SetDown[]>()
    for (const t of places) by.set(t.pieceId, [...(by.get(t.pieceId) ?? []), t])
    return [...by.values()].flatMap((rows): Finding[] => {
      const [first] = rows
      if (!first || first.setDown <= first.inAll) return []
      return [
        {
          rule: 'handover.more-than-there',
          severity: 'look',
          about: rows.map(placeRef),
          title: `${first.name} is set out ${first.setDown} times, and there is ${first.inAll}`,
          measured: `${first.setDown} set out`,
          wanted: `at most ${first.inAll}`,
          because: 'A thing has one place.',
          fixes: rows
            .flatMap((keep) => {
              // One place keeps as many as there are, the others none.
              const rest = rows.filter((r) => r.id !== keep.id)
              const changes: RowChange[] = [
                ...(keep.count > keep.inAll ? [put('shelfPlacements', keep.id, { count: keep.inAll })] : []),
                ...rest.map((r): RowChange => ({ collection: 'shelfPlacements', id: r.id, remove: true })),
              ]
              return changes.length > 0
                ? [{ label: rest.length > 0 ? `Leave it in one place` : `Set out ${keep.inAll}`, changes }]
                : []
            })
            .slice(0, 1),
        },
      ]
    })
  },
}
