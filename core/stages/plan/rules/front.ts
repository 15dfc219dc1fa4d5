import type { Side } from '../needs.js'
import { freeBefore } from '../free.js'
import type { Standing } from '../standing.js'
import type { PlanFacts } from '../planFacts.js'
import { boxGap } from '../../../kernel/geometry/box.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { type NeedKey, NEEDS } from '../../../model/vocabulary/need.js'
import { lower, ref } from './about.js'
import { tightSides, belongsBefore } from './space.js'
import { inTurn, nudge } from '../nudge.js'
import { put, type RowChange } from '../../../model/changes.js'

/** While a piece is dragged only it and what stands near it is judged anew. */
export const nearMoved = (facts: PlanFacts, s: Standing): boolean =>
  !facts.moved || s.id === facts.moved.id || boxGap(s.box, facts.moved.box) < 1_500

const SIDE_WORD: Readonly<Record<Side, string>> = {
  front: 'before',
  back: 'behind',
  left: 'beside',
  right: 'beside',
}

export const front: Rule<PlanFacts> = {
  name: 'plan.front',
  title: 'Too little floor before, behind or beside a piece',
  numbers:
    (
      [
        'seatFront',
        'chairBehind',
        'deskChair',
        'bedSide',
        'bedFoot',
        'drawersFront',
        'storageFront',
        'shelvesFront',
        'pianoFront',
        'cotFront',
        'fixtureFrontWish',
        'fixtureFront',
        'showerFront',
      ] as NeedKey[]
    )
      .map((k) => `${lower(NEEDS[k].title)} ${NEEDS[k].mm}`)
      .join(', ') +
    ' mm. Drawers, cabinets, desks and beds stop below 450, a toilet or basin below its code distance.',
  source: `${NEEDS.drawersFront.source}; ${NEEDS.chairBehind.source}; ${NEEDS.fixtureFront.source}; the rest common practice`,
  schools: 'all',
  check: (facts) =>
    facts.standings
      .filter((s) => nearMoved(facts, s))
      .flatMap((s) =>
        tightSides(facts, s).map((j): Finding => {
          const stop = j.stopMm !== undefined && j.free.mm < j.stopMm
          const wider = s.kind === 'table'
          return {
            rule: 'plan.front',
            severity: stop ? 'stop' : 'look',
            about: [ref(s), ...j.free.pieces.map(ref)],
            title: `${facts.says.length(j.free.mm)} ${SIDE_WORD[j.need.side]} ${lower(s.name)}`,
            measured: `${facts.says.length(j.free.mm)} to ${lower(j.free.against)}`,
            quantity: { value: j.free.mm, better: 'more' },
            wanted: `${facts.says.length(stop ? j.stopMm : j.wantMm)} (${lower(NEEDS[j.need.need].title)})`,
            because:
              s.kind === 'sanitary'
                ? 'One stands, turns and bends there; the local code decides.'
                : 'One has to stand, open and turn there.',
            fixes: inTurn([
              nudge(facts, s, (m) => freeEnough(facts, m, wider ? j.wantMm : 0)),
              j.free.piece
                ? nudge(
                    facts,
                    j.free.piece,
                    (m) =>
                      freeBefore(
                        s,
                        j.need.side,
                        facts.room,
                        facts.solid
                          .filter((o) => o.id !== s.id && !belongsBefore(s, o))
                          .map((o) => (o.id === m.id ? m : o)),
                      ).mm >= j.wantMm,
                  )
                : [],
              wider && facts.withFixes && !s.piece.stays
                ? [
                    {
                      label: `Keep ${lower(s.name)} for another room`,
                      changes: [
                        { collection: 'floorPlacements', id: s.id, remove: true },
                        put('pieces', s.pieceId, { verdict: 'move' }),
                      ] satisfies RowChange[],
                    },
                  ]
                : [],
            ]),
          }
        }),
      ),
}

/**
 * A first test of a place: every side is free enough. Who passes behind a table is not asked again for each place tried:
 * where one passes now, room to pass is kept.
 */
function freeEnough(facts: PlanFacts, moved: Standing, tableMm: number): boolean {
  const now = { ...facts, solid: facts.solid.map((o) => (o.id === moved.id ? moved : o)) }
  return tightSides(now, moved, tableMm).length === 0
}
