import { listed } from '../../../kernel/listed.js'
import { formatterOf } from '../../../kernel/units/formatter.js'
import { oneThing } from '../../../model/oneThing.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { COMES_DOWN, COMES_OFF, PASTED_PAPER, REMOVABLE_FINISH } from '../../../stages/handover/removal.js'
import { inRoom } from '../../../model/inRoom.js'
import { inScheme } from '../../inScheme.js'
import { addMonths, type CareDue } from '../careOf.js'
import { entryOf } from '../registerOf.js'
import type { BookBlock } from './book.js'

const MONTHS = 12

/** One time something is due. */
export interface CareDay {
  readonly on: string
  readonly care: CareDue
}

/** Each time each thing is due within a year of a day, the soonest first. */
export function yearOfCare(care: readonly CareDue[], from: string): CareDay[] {
  const until = addMonths(from, MONTHS)
  return care
    .flatMap((c): CareDay[] => {
      if (c.nextOn === null) return []
      const every = c.month === null ? (c.everyMonths ?? MONTHS) : MONTHS
      // What is overdue is due at once; after it the usual steps go on.
      const first = c.nextOn < from ? from : c.nextOn
      const days: CareDay[] = []
      for (let n = 0, on = first; on < until; n++, on = addMonths(first, n * every))
        days.push({ on, care: c })
      return days
    })
    .sort((a, b) => a.on.localeCompare(b.on) || (a.care.key < b.care.key ? -1 : 1))
}

/** What to do in each month of the first year, how often, what swaps with the seasons and what blooms when. */
export function careBlocks(job: JobSnapshot, care: readonly CareDue[], from: string): BookBlock[] {
  const says = formatterOf(job.studio)
  const months = new Map<string, string[]>()
  for (const { on, care: c } of yearOfCare(care, from)) {
    const key = on.slice(0, 7)
    months.set(key, [...(months.get(key) ?? []), `${c.thing || 'The room'}: ${c.what}`])
  }
  const often = (c: CareDue) =>
    c.month !== null
      ? `every year in ${says.month(c.month)}`
      : c.everyMonths === null
        ? 'when it asks for it'
        : c.everyMonths === 1
          ? 'every month'
          : c.everyMonths === MONTHS
            ? 'every year'
            : `every ${says.number(c.everyMonths)} months`
  const cautions = [...new Set(care.flatMap((c) => c.caution ?? []))]
  return [
    ...(care.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'What each thing asks for',
            head: ['Thing', 'What to do', 'How often'],
            rows: [...care]
              .sort((a, b) => (a.thing < b.thing ? -1 : a.thing > b.thing ? 1 : 0))
              .map((c) => [c.thing || 'The room', c.what, often(c)]),
            widths: [3, 7, 3],
          },
        ]
      : []),
    ...cautions.map((text) => ({ kind: 'caution' as const, text })),
    ...(months.size > 0
      ? [
          {
            kind: 'table' as const,
            name: 'The first year',
            head: ['Month', 'What is due'],
            rows: [...months].map(([key, what]) => [
              `${says.month(Number(key.slice(5)))} ${key.slice(0, 4)}`,
              [...new Set(what)].join('\n'),
            ]),
            widths: [2, 9],
          },
        ]
      : []),
    ...seasons(job, says.month),
    ...bloom(job, says.month),
  ]
}

function seasons(job: JobSnapshot, month: (n: number) => string): BookBlock[] {
  const rows = job.seasonalSets.map((s) => [
    s.name,
    `${month(s.fromMonth)} to ${month(s.toMonth)}`,
    listed(s.pieceIds.flatMap((id) => job.pieces.find((p) => p.id === id)?.name ?? [])),
    s.storedAt,
  ])
  return rows.length === 0
    ? []
    : [
        {
          kind: 'table',
          name: 'Swapped with the seasons',
          head: ['Set', 'On view', 'Things', 'Else stored at'],
          rows,
          widths: [3, 3, 5, 3],
        },
      ]
}

function bloom(job: JobSnapshot, month: (n: number) => string): BookBlock[] {
  const rows = job.pieces
    .filter((p) => p.bloomFrom !== null && inRoom(p))
    .map((p) => [
      p.name,
      p.species,
      p.bloomTo === null || p.bloomTo === p.bloomFrom
        ? month(p.bloomFrom ?? 1)
        : `${month(p.bloomFrom ?? 1)} to ${month(p.bloomTo)}`,
    ])
  return rows.length === 0
    ? []
    : [{ kind: 'table', name: 'In bloom', head: ['Where', 'Plant', 'When'], rows, widths: [4, 4, 4] }]
}

/** How each fixing and each paper or film comes off again, with what hangs by it. */
export function offBlocks(stored: JobSnapshot): BookBlock[] {
  const job = inScheme(oneThing(stored))
  const notes = new Map<string, string[]>()
  const note = (text: string, name: string) => notes.set(text, [...(notes.get(text) ?? []), name])
  for (const p of job.pieces.filter(inRoom)) {
    const own = entryOf(job, { kind: 'piece', id: p.id })?.comesOff
    // What hangs by something is held by that, whatever is said of the piece.
    const hung = job.wallPlacements.filter((w) => w.pieceId === p.id).map((w) => COMES_DOWN[w.fixing])
    const usual = hung.length > 0 ? hung : [COMES_OFF[p.fixing] ?? []].flat()
    for (const text of own ? [own] : usual) note(text, p.name)
  }
  for (const a of job.finishAssignments.filter((x) => !x.candidate)) {
    const finish = job.finishes.find((f) => f.id === a.finishId)
    if (a.hold === 'removable') note(REMOVABLE_FINISH, finish?.name ?? '')
    else if (finish?.material === 'wallpaper' && finish.role !== 'stays') note(PASTED_PAPER, finish.name)
  }
  const originals = job.pieces.filter((p) => inRoom(p) && p.originalAt.trim() !== '')
  return [
    ...(notes.size > 0
      ? [
          {
            kind: 'table' as const,
            name: 'By how it is held',
            head: ['What', 'How it comes off'],
            rows: [...notes].map(([text, names]) => [listed([...new Set(names)]), text]),
            widths: [4, 8],
          },
        ]
      : []),
    ...(originals.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'What was there before, kept for putting back',
            head: ['In its place now', 'The original is at'],
            rows: originals.map((p) => [p.name, p.originalAt]),
            widths: [5, 7],
          },
        ]
      : []),
  ]
}

/** The day the first year of the book begins. */
export const firstYearFrom = (job: JobSnapshot, today: string): string =>
  job.brief.closedOn ?? (job.brief.revealOn && job.brief.revealOn >= today ? job.brief.revealOn : today)
