import { formatterOf } from '../../../kernel/units/formatter.js'
import { listed } from '../../../kernel/listed.js'
import type { JudgedFinding } from '../../../findings/finding.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { BOOK_SECTIONS, type BookSection, type GapKind } from '../../../model/vocabulary/handover.js'
import type { TakeoffLine } from '../../../stages/takeoff/takeoffTypes.js'
import type { PlanFacts } from '../../../stages/plan/planFacts.js'
import { cautionsOf } from '../../cautions.js'
import type { DerivedJob } from '../../derive.js'
import { keptAfter } from '../../keptAfter.js'
import { makingOf } from '../../making/makingOf.js'
import { backToBrief } from '../backToBrief.js'
import { careOf } from '../careOf.js'
import { registerOf } from '../registerOf.js'
import type { Book, BookBlock } from './book.js'
import { CHAPTER_TITLES, wordsOf } from './bookWords.js'
import { careBlocks, firstYearFrom, offBlocks } from './careChapters.js'
import { coverOf, paletteBlocks, pairBlocks, roomBlocks } from './pictureChapters.js'
import { finishBlocks, thingBlocks } from './thingChapters.js'

/** What the book is made from. */
export interface BookOf {
  readonly job: JobSnapshot
  readonly derived: DerivedJob
  /** Undefined while the room is not closed. */
  readonly plan: PlanFacts | undefined
  readonly lines: readonly TakeoffLine[]
  /** Everything the rule book says, the plan of the room and of the work with the rest. */
  readonly findings: readonly JudgedFinding[]
  readonly today: string
}

/**
 * The book the client keeps: every part with the words of the studio and what the job knows for it; a part that has neither is left
 * out. What things cost is in it only where the job says so; no trade price and nothing that is noted for the studio alone.
 */
export function bookOf(of: BookOf): Book {
  const { job, derived, today } = of
  const says = formatterOf(job.studio)
  const blocksOf = partsOf(of)
  const { closedOn, roomName, place } = job.brief
  return {
    title: roomName,
    subtitle: [[job.client.name, place].filter(Boolean).join(', '), says.day(closedOn ?? today)],
    studio: job.studio.name,
    coverId: coverOf(job, derived),
    chapters: BOOK_SECTIONS.flatMap((section) => {
      const { words } = wordsOf(job.bookTexts, job.bookWords, section)
      const made = blocksOf[section]()
      if (made.length === 0 && (words.length === 0 || !STANDS_ALONE.has(section))) return []
      const blocks: BookBlock[] = [...(words.length > 0 ? [{ kind: 'words' as const, words }] : []), ...made]
      return [{ section, title: CHAPTER_TITLES[section], blocks }]
    }),
  }
}

/** Parts that are words first; the others are left out while the job has nothing for them. */
const STANDS_ALONE: ReadonlySet<BookSection> = new Set(['opening', 'closing'])

function partsOf(of: BookOf): Readonly<Record<BookSection, () => BookBlock[]>> {
  const { job, derived, plan, lines, today } = of
  const register = registerOf(job, derived)
  return {
    opening: () => openingBlocks(of),
    palette: () => paletteBlocks(derived),
    room: () => roomBlocks(job, derived, plan),
    'before and after': () => pairBlocks(job, derived),
    things: () => thingBlocks(job, derived, register),
    finishes: () => {
      const { consumables } = makingOf(job, derived, lines)
      return finishBlocks(job, register, keptAfter(job, derived, lines, consumables))
    },
    care: () => careBlocks(job, careOf(job, today), firstYearFrom(job, today)),
    'how it comes off': () => offBlocks(job),
    cautions: () => cautionBlocks(of),
    closing: () => closingBlocks(job),
  }
}

function openingBlocks({ job, derived, findings }: BookOf): BookBlock[] {
  const says = formatterOf(job.studio)
  const { installOn, closedOn } = job.brief
  const facts: (readonly [string, string])[] = [
    ['For', job.people.map((p) => p.name).join(', ')],
    ['What the room is for', listed(job.uses.map((u) => u.name))],
    ['Made over', installOn ? says.day(installOn) : ''],
    ['Handed over', closedOn ? says.day(closedOn) : ''],
    ['By', job.studio.name],
  ]
  const known = facts.filter(([, value]) => value !== '')
  const answers = backToBrief(job, derived, findings)
    .filter((p) => p.state !== 'open' && p.kind === 'use')
    .map((p) => [p.name, p.says])
  return [
    ...(known.length > 1 ? [{ kind: 'facts' as const, facts: known }] : []),
    ...(answers.length > 0
      ? [
          {
            kind: 'table' as const,
            name: 'What was asked for, and what answers it',
            head: ['Asked for', 'Answered by'],
            rows: answers,
            widths: [5, 7],
          },
        ]
      : []),
  ]
}

const sentenceOf = ({ title, because }: JudgedFinding): string =>
  `${title}${/[.?!]$/.test(title) ? '' : '.'} ${because}`

/** Stages whose cautions are those of the work: they are over when the room is. */
const OF_THE_WORK = /^(install|takeoff|measure)\./

/** What can hurt someone who lives there, as the rule book says it; what somebody answered stays a caution, and why is the studio's to know. */
function cautionBlocks({ job, findings }: Pick<BookOf, 'job' | 'findings'>): BookBlock[] {
  const lived = findings.filter((f) => !OF_THE_WORK.test(f.rule))
  const { open, answered } = cautionsOf(job, lived, new Set())
  const lines = [...open.map(sentenceOf), ...answered.map((a) => sentenceOf(a.finding))]
  return [...new Set(lines)].map((text) => ({ kind: 'caution', text }))
}

/** What of the open is the client's to know: what comes and what is mended. Money is in promises of the brief as well; they, papers and records are the studio’s. */
const TOLD: ReadonlySet<GapKind> = new Set<GapKind>(['goods', 'snags'])

/** What was still open on the day of closing, named. */
function closingBlocks({ brief }: JobSnapshot): BookBlock[] {
  const told = brief.closedOn === null ? [] : brief.closedGaps.filter((g) => TOLD.has(g.kind))
  if (told.length === 0) return []
  const head = ['What was open on the day of handing over']
  return [{ kind: 'table', name: 'Still to come', head, rows: told.map((g) => [g.text]), widths: [1] }]
}
