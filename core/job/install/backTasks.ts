import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { LAST_COAT } from '../../stages/install/follows.js'
import { METHODS } from '../../stages/install/methods.js'
import type { PlanTask } from '../../stages/install/planTask.js'
import { effortFor } from '../../stages/takeoff/making/making.js'
import type { Task } from '../../model/vocabulary/making.js'
import type { PutBack } from '../../stages/brief/puttingBack.js'
import { isHeavy } from './carrying.js'
import { asTask, sumOf, type Draft } from './drafts.js'
import { placesIn } from './placesIn.js'
import { withRow } from './withRow.js'

/** Keys of tasks of putting back begin with it. */
export const BACK = 'back'

/** Minutes for one thing, or for a square meter where it is an area (common practice). */
const MINUTES_BACK = {
  down: 10,
  fill: 5,
  touch: 10,
  lift: 15,
  strips: 10,
  feed: 45,
  original: 15,
  giveBack: 15,
  stripM2: 6,
  pictures: 30,
  round: 45,
} as const

/**
 * The tasks that give the room back as it was: from the list of what is put back, each with its way. Nothing of it is put
 * right by another trade's work: what is wired or plumbed in goes to the licensed trade.
 */
export function backTasks(job: JobSnapshot, list: readonly PutBack[]): PlanTask[] {
  const says = formatterOf(job.studio)
  const placesOf = placesIn(job)
  const painted = new Set(
    list.flatMap(({ work: w }) => (w.kind === 'paint' && w.surface ? placesOf(w.surface) : [])),
  )
  const drafts = list.flatMap((back) => {
    const { surface, of } = back.work
    const at = surface === undefined ? ['room'] : placesOf(surface)
    return draftsOf(job, back, says, [...at, of], at.length > 0 && at.every((p) => painted.has(p)))
  })
  const all: Draft[] =
    drafts.length === 0
      ? []
      : [
          ...drafts,
          {
            ...{
              key: `${BACK}|photographs`,
              step: 'photographs',
              name: 'Pictures of the room as it is given back',
            },
            ...{
              because: ['What is shown is not argued about'],
              minutes: MINUTES_BACK.pictures,
              places: ['room'],
            },
          },
          {
            ...{
              key: `${BACK}|round`,
              step: 'snag list',
              name: 'Walk round with the landlord, keys, readings',
            },
            ...{ because: ['The lease ends'], minutes: MINUTES_BACK.round, places: ['room'] },
          },
        ]
  const rows = [...job.tasks].sort((x, y) => (x.id < y.id ? -1 : 1))
  return all
    .map((d) =>
      withRow(
        asTask(d),
        rows.find((r) => r.key === d.key),
      ),
    )
    .filter((t) => t.row?.leftOut !== true)
}

/**
 * What is done about one line of the list.
 * @param isPainted the wall is painted whole: nothing is touched in by itself
 */
function draftsOf(
  job: JobSnapshot,
  { work, what, how }: PutBack,
  says: Formatter,
  places: readonly string[],
  isPainted: boolean,
): Draft[] {
  const { kind, of, areaMm2, count } = work
  const { piece, kind: thing, heavy } = thingOf(job, of)
  const common = { because: [how], places, pieceIds: piece ? [piece.id] : [], asks: null }
  const one = (
    part: string,
    step: Draft['step'],
    name: string,
    each: number,
    more: Partial<Draft> = {},
  ): Draft => ({
    ...common,
    ...{ key: `${BACK}|${part}|${of}`, step, name, minutes: count * each, ...more },
  })
  switch (kind) {
    case 'nothing':
      return []
    case 'paint':
      return paintedBack(job, work, what, says, common)
    case 'cover': {
      const area = areaMm2 > 0
      return [
        one('off', 'strip', `${what}: taken up or stripped`, MINUTES_BACK.lift, {
          ...(area
            ? {
                minutes: (areaMm2 / 1e6) * MINUTES_BACK.stripM2,
                sum: sumOf('area', areaMm2, MINUTES_BACK.stripM2, says),
              }
            : {}),
          ...{ asks: METHODS.strip.asks ?? null, loud: false },
        }),
      ]
    }
    case 'drill':
      return [
        one('down', 'take off', `${what}: taken down`, MINUTES_BACK.down, {
          hands: heavy ? 2 : 1,
          ...(heavy ? { caution: METHODS.furnish.caution } : {}),
        }),
        // What is sanded may be old paint, in a house that is somebody else’s.
        one('holes', 'fill', `${what}: holes filled, sanded`, MINUTES_BACK.fill, {
          asks: METHODS.sand.asks ?? null,
        }),
        ...(isPainted ? [] : [one('touch', 'coat', `${what}: touched in`, MINUTES_BACK.touch, { turn: 1 })]),
      ]
    case 'glue':
      return [
        one('off', 'strip', `${what}: warmed, lifted, glue cleared`, MINUTES_BACK.lift, { dryHours: 0 }),
      ]
    case 'wire':
    case 'plumb':
      return [
        one('feed', 'connect', `${what}: the original put back`, MINUTES_BACK.feed, {
          skill: kind === 'wire' ? 'electrician' : 'plumber',
        }),
      ]
    case 'lift':
      return [one('off', 'strip', what, MINUTES_BACK.lift, { dryHours: 0 })]
    case 'strips':
      return [one('off', 'strip', `${what}: off its strips`, MINUTES_BACK.strips, { dryHours: 0 })]
    case 'original':
      return [
        one('original', 'put back on', `${what}: the original put back`, MINUTES_BACK.original, {
          hands: heavy ? 2 : 1,
          // A shade or a lamp hangs where there is current.
          asks: thing === 'lamp' ? (METHODS['take off'].asks ?? null) : null,
        }),
      ]
    case 'give back':
      return [
        one('give', 'furnish', `${what}: given back`, MINUTES_BACK.giveBack, { elsewhere: true, hands: 1 }),
      ]
  }
}

/** The piece or the line that a key speaks of: what it is, and whether two carry it. */
function thingOf(job: JobSnapshot, of: string) {
  const id = of.slice(of.indexOf(':') + 1)
  const piece = of.startsWith('piece:') ? job.pieces.find((p) => p.id === id) : undefined
  const item = of.startsWith('item:') ? job.items.find((i) => i.id === id) : undefined
  const weightG = piece?.weightG ?? item?.weightG ?? null
  const kind = piece?.kind ?? item?.pieceKind ?? null
  return { piece, kind, heavy: isHeavy({ weightG, kind }) }
}

/** What nobody measured is taken as half a day for each going over, not as nothing (common practice). */
const UNMEASURED = 240

/** A deep color is closed with primer and gets two pale coats, each after the one before is dry. */
function paintedBack(
  job: JobSnapshot,
  { of, areaMm2 }: PutBack['work'],
  what: string,
  says: Formatter,
  common: Pick<Draft, 'because' | 'places' | 'pieceIds' | 'asks'>,
): Draft[] {
  const each = (task: Task) => effortFor(job.efforts, task).minutesEach
  const part = (key: string, step: Draft['step'], name: string, task: Task, more: Partial<Draft>): Draft => ({
    ...common,
    ...{ key: `${BACK}|${key}|${of}`, step, name: `${what}: ${name}` },
    ...(areaMm2 > 0
      ? { minutes: (areaMm2 / 1e6) * each(task), sum: sumOf('area', areaMm2, each(task), says) }
      : { minutes: UNMEASURED, because: [...common.because, 'not measured: taken as half a day'] }),
    ...more,
  })
  const coat = (key: string, step: 'prime' | 'coat', name: string, task: Task, turn: number) =>
    part(key, step, name, task, { turn })
  return [
    part('sand', 'sand', 'washed and sanded', 'wash and sand', { asks: METHODS.sand.asks ?? null }),
    coat('prime', 'prime', 'primed', 'prime', 0),
    coat('first', 'coat', 'first pale coat', 'paint with a roller', 1),
    coat('second', 'coat', 'second pale coat', 'paint with a roller', LAST_COAT),
  ]
}
