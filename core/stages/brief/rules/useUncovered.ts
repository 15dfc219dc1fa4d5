import type { Use } from '../../../model/rows/uses.js'
import { type Thing, type UseCoverage, NOTHING } from '../coverage.js'
import type { Fix, Finding, Ref, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { BriefFacts } from '../briefFacts.js'

export const use = (id: string, kind: Use['kind'], more: Partial<Use> = {}) => ({
  id,
  name: id,
  kind,
  persons: 1,
  time: 'any time' as const,
  position: 0,
  version: 1,
  ...more,
})

/** Counts a thing for a use: nothing in the room changes, a fact is told. */
const count = (thing: Thing, use: Use): Fix => ({
  label: `Count ${thing.name} for “${use.name}”`,
  kind: 'answer',
  changes: [
    put(thing.kind === 'piece' ? 'pieces' : 'items', thing.id, { serves: [...thing.serves, use.id] }),
  ],
})

/** Before anything is entered one finding says it for all uses. */
function allUncovered(uses: readonly UseCoverage[]): Finding {
  return {
    rule: 'brief.use-uncovered',
    severity: 'look',
    about: uses.map((u): Ref => ({ kind: 'use', id: u.use.id, name: u.use.name })),
    title: `${uses.length} uses, and nothing entered to serve them`,
    measured: 'No piece and no item',
    wanted: 'a walk through what is there, under Pieces',
    because: 'Function comes before objects: what the room must do is settled before anything is looked at.',
    fixes: [],
  }
}

function uncovered(c: UseCoverage): Finding {
  const could = c.cells.filter((cell) => cell.state === 'could').map((cell) => cell.thing)
  return {
    rule: 'brief.use-uncovered',
    severity: 'look',
    about: [{ kind: 'use', id: c.use.id, name: c.use.name }],
    title: `${c.use.name}: ${c.state === 'uncovered' ? 'nothing serves it' : 'served in part'}`,
    measured: c.says === NOTHING ? 'No piece and no item is counted for it' : c.says,
    wanted: `a piece or an item for it${c.use.persons > 1 ? `, for ${c.use.persons}` : ''}`,
    because:
      c.state === 'uncovered'
        ? 'Function comes before objects: what the room must do is settled before anything is looked at.'
        : 'A use that is served for some of its people, or only by half, is found out on the first evening.',
    fixes: could.slice(0, 4).map((t) => count(t, c.use)),
  }
}

export const useUncovered: Rule<BriefFacts> = {
  name: 'brief.use-uncovered',
  title: 'A use that nothing serves, or only in part',
  numbers:
    'A table or desk serves eating and work from 685 to 790 mm high, a low table from 250 to 560 mm; a person takes 600 mm of seat or table, a bed is 750 mm wide or more.',
  source: 'common practice',
  schools: 'all',
  check: ({ coverage: { uses } }) => {
    const open = uses.filter((u) => u.state !== 'covered')
    return open.length > 1 && open.every((u) => u.cells.length === 0)
      ? [allUncovered(open)]
      : open.map(uncovered)
  },
}
