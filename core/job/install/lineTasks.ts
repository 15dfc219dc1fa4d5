import { capital } from '../../kernel/capital.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Step } from '../../model/vocabulary/install.js'
import type { Task } from '../../model/vocabulary/making.js'
import { FLOOR_TRADES } from '../../model/vocabulary/takeoff.js'
import { WAITS } from '../../stages/install/methods.js'
import type { Wanted } from '../../stages/takeoff/making/making.js'
import { amountText } from '../../stages/takeoff/making/making.js'
import { ONE, USUAL_TASKS } from '../../stages/takeoff/making/usual.js'
import { isHeavy } from './carrying.js'
import type { Draft } from './drafts.js'

/** To which step work belongs, and by what it is put together into one task: each place for itself, or all in one. */
const STEP_OF: Readonly<Partial<Record<Task, readonly [Step, 'each' | 'all']>>> = {
  'cover the floor': ['protect', 'all'],
  'tape edges': ['protect', 'all'],
  'take fittings down': ['take off', 'all'],
  'strip old paper': ['strip', 'all'],
  'clear glue': ['strip', 'all'],
  'fill holes': ['fill', 'all'],
  'wash and sand': ['sand', 'all'],
  'touch in': ['coat', 'all'],
  'make good the floor': ['floor', 'all'],
  'hang paper': ['paper', 'each'],
  'hang squares of paper': ['paper', 'each'],
  'lay tile': ['tile', 'each'],
  'lay boards': ['floor', 'each'],
  'lay carpet': ['floor', 'each'],
  'lay stairs': ['floor', 'each'],
  'fit moldings': ['moldings', 'each'],
  'cut sheets': ['workshop', 'each'],
  'make up curtains': ['workshop', 'each'],
  'make up covers': ['workshop', 'each'],
  'put up a rail or a blind': ['curtains', 'each'],
  'tie on': ['furnish', 'each'],
  'mark out': ['hang', 'each'],
  'drive picture hooks': ['hang', 'each'],
  'drill and plug': ['hang', 'each'],
  'set hollow-wall anchors': ['hang', 'each'],
  'screw into studs': ['hang', 'each'],
  'hang by rail or string': ['hang', 'each'],
  'press adhesive strips': ['hang', 'each'],
  'stick on': ['hang', 'each'],
  'fix to the building': ['fit', 'each'],
}
/** What sticks to young paint lifts it. */
const STICKS: ReadonlySet<Task> = new Set<Task>(['press adhesive strips', 'stick on'])
const HOOKS: ReadonlySet<Task> = new Set<Task>([
  'hang by rail or string',
  'press adhesive strips',
  'stick on',
])

const NAMES: Readonly<Partial<Record<Step, string>>> = {
  protect: 'Cover the floor, tape the edges',
  'take off': 'Fittings down',
  strip: 'Strip old paper and glue',
  fill: 'Fill holes',
  sand: 'Wash and sand',
  coat: 'Touch in',
  floor: 'Make good the floor',
}

interface Group {
  readonly step: Step
  readonly key: string
  readonly sticks: boolean
  readonly list: Wanted[]
}

/** The work that the room and its lines ask for, coats and plates apart, put together into tasks. */
export function lineTasks(
  job: JobSnapshot,
  wanted: readonly Wanted[],
  minutesEach: (task: Task) => number,
  places: { readonly of: (on: string) => readonly string[]; readonly wallName: (id: string) => string },
  says: Formatter,
): Draft[] {
  const groups = new Map<string, Group>()
  for (const w of wanted) {
    const found = STEP_OF[w.task]
    if (!found || w.amount <= 0 || minutesEach(w.task) === 0) continue
    const [step, by] = found
    const sticks = STICKS.has(w.task)
    const key = by === 'all' ? step : `${sticks ? 'stick' : step}|${groupPlace(step, w)}`
    const group = groups.get(key) ?? { step, key, sticks, list: [] }
    group.list.push(w)
    groups.set(key, group)
  }
  return [...groups.values()].map((g) => draftOf(job, g, minutesEach, places, says))
}

/** Hooks are one task a wall; lines of the take-off and single things each their own. */
function groupPlace(step: Step, { at = [], where }: Wanted): string {
  const wall = at.find((a) => a.startsWith('wall:'))
  if (step === 'hang' && wall && !at.some((a) => a.startsWith('item:'))) return wall
  return at.find((a) => /^(takeoff|piece|item):/.test(a)) ?? wall ?? where
}

function draftOf(
  job: JobSnapshot,
  { step, key, sticks, list }: Group,
  minutesEach: (task: Task) => number,
  {
    of,
    wallName,
  }: { readonly of: (on: string) => readonly string[]; readonly wallName: (id: string) => string },
  says: Formatter,
): Draft {
  const at = [...new Set(list.flatMap((w) => w.at ?? []))]
  const line = job.takeoffs.find((t) => at.includes(`takeoff:${t.id}`))
  const minutes = list.reduce((sum, w) => {
    const { by } = USUAL_TASKS[w.task]
    return sum + (w.amount / ONE[by]) * minutesEach(w.task)
  }, 0)
  const things = job.pieces.filter((p) => at.includes(`piece:${p.id}`))
  const wall = at.find((a) => a.startsWith('wall:'))?.slice('wall:'.length)
  const items = [
    ...things.flatMap((p) => (p.itemId === null ? [] : [p.itemId])),
    ...(line?.itemId == null ? [] : [line.itemId]),
    ...at.flatMap((a) => (a.startsWith('item:') ? [a.slice('item:'.length)] : [])),
  ]
  const because = list.map(
    (w) => `${capital(w.task)}: ${amountText(USUAL_TASKS[w.task].by, w.amount, says)}, ${w.where}`,
  )
  const workshop = step === 'workshop'
  const name =
    step === 'hang'
      ? `${sticks ? 'Stick on' : 'Hang'}: ${wall === undefined ? '' : `${wallName(wall)}, `}${things.map((p) => p.name).join(', ') || (list[0]?.where ?? '')}`
      : (line?.name ?? NAMES[step] ?? list[0]?.where ?? '')
  return {
    ...{ key, step, because: [...new Set(because)], minutes, needsHard: sticks },
    name:
      line && step === 'curtains'
        ? `${line.name}: put up`
        : line && workshop
          ? `${line.name}: make up`
          : name,
    // At the floor and at a window the places follow from the trade.
    places: workshop ? (line ? [`takeoff:${line.id}`] : at) : [...at.flatMap(of), ...placesOfLine(job, line)],
    elsewhere: workshop,
    pieceIds: things.map((p) => p.id),
    needs: [...new Set(items)].map((id) => `arrives|item:${id}`),
    ...(step === 'paper' ? { hardDays: WAITS.stuckDays / 4 } : {}),
    ...(list.every((w) => HOOKS.has(w.task)) ? { loud: false } : {}),
    // Fittings are no plates: what is asked of those is asked with them.
    ...(step === 'take off' ? { asks: null } : {}),
    ...(step === 'hang' && things.some(isHeavy) ? { hands: 2 } : {}),
    turn: step === 'coat' ? TOUCHED_IN : 0,
  }
}

/** Touching in comes when all else is painted. */
const TOUCHED_IN = 200

function placesOfLine(job: JobSnapshot, line: JobSnapshot['takeoffs'][number] | undefined): string[] {
  if (!line) return []
  const wallId = job.openings.find((o) => o.id === line.openingId)?.wallId
  return [
    ...line.wallIds.map((id) => `wall:${id}`),
    ...(wallId === undefined ? [] : [`wall:${wallId}`]),
    ...(FLOOR_TRADES.has(line.trade) ? ['floor'] : []),
    ...(line.pieceId === null ? [] : [`piece:${line.pieceId}`]),
  ]
}
