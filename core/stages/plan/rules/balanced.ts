import type { Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { RoomKind } from '../../../model/vocabulary/room.js'
import { balance, floorBeside } from '../sightLine.js'

// One side may carry three times the other before the room tips (common practice).
const TIPS_AT = 3
// With less of the floor than this a side has no place for an answer.
const LEAST_SIDE = 0.3

/** Where pipes, machines and the way through decide what stands at which wall, and outdoors, where planting answers. */
const PLACED_BY_WORK: ReadonlySet<RoomKind> = new Set<RoomKind>([
  'wet room',
  'service room',
  'kitchen',
  'hall',
  'outdoors',
])

export const balanced: Rule<PlanFacts> = {
  name: 'plan.balance',
  title: 'The room tips to one side of the sight line',
  numbers: `Fronts of all pieces left and right of it; a note from ${TIPS_AT} to 1 on, with three pieces or more and ${LEAST_SIDE * 100} % of the floor on each side; not where pipes and passages decide (wet room, service room, kitchen, hall), nor outdoors.`,
  source: 'common practice',
  schools: 'all',
  check: ({ sight, standings, says, roomKind, room }) => {
    if (roomKind !== null && PLACED_BY_WORK.has(roomKind)) return []
    const tall = standings.filter((s) => s.kind !== 'rug')
    if (!sight || tall.length < 3) return []
    const { left, right } = balance(sight, tall)
    const ratio = Math.max(left, right) / Math.max(1, Math.min(left, right))
    if (ratio < TIPS_AT) return []
    // A line of sight along one wall has little on that side because little fits there.
    const floor = floorBeside(sight, room.corners)
    const roomy = Math.min(floor.left, floor.right) >= LEAST_SIDE * (floor.left + floor.right)
    if (!roomy) return []
    const heavy = left > right ? 'left' : 'right'
    return [
      {
        rule: 'plan.balance',
        severity: 'note',
        about: [{ kind: 'job', id: 'balance', name: 'Balance' }],
        title: `Most of it stands to the ${heavy} of the sight line`,
        measured: `${says.area(left)} of fronts left, ${says.area(right)} right`,
        wanted: `less than ${TIPS_AT} to 1`,
        because: 'A heavy side wants an answer: a tall plant, a picture, a lamp.',
        fixes: [],
      },
    ]
  },
}
