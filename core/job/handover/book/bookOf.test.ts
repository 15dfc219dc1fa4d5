import { describe, expect, test } from 'vitest'
import { demoJobs } from '../../../testing/demoJobs.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { deriveJob } from '../../derive.js'
import { derivePlan } from '../../derivePlan.js'
import { deriveInstall } from '../../install/deriveInstall.js'
import { judgeJob } from '../../judgeJob.js'
import { takeoffsOf } from '../../takeoffsOf.js'
import { addMonths, careOf, type CareDue } from '../careOf.js'
import { registerOf } from '../registerOf.js'
import type { Book, BookBlock } from './book.js'
import { bookOf } from './bookOf.js'
import { wordsOf } from './bookWords.js'
import { offBlocks, yearOfCare } from './careChapters.js'

const TODAY = '2026-12-02'
const made = (job: JobSnapshot): Book => {
  const derived = deriveJob(job, TODAY)
  const lines = takeoffsOf(job, derived.measure)
  const plan = derivePlan(job, derived, { withFixes: false })
  const findings = [
    ...judgeJob(job, derived, TODAY),
    ...plan.findings,
    ...deriveInstall(job, derived, lines, TODAY).findings,
  ]
  return bookOf({ job, derived, plan: plan.facts, lines, findings, today: TODAY })
}
const blocks = (book: Book) => book.chapters.flatMap((c) => c.blocks)
const table = (book: Book, name: string) =>
  blocks(book).find((b): b is Extract<BookBlock, { kind: 'table' }> => b.kind === 'table' && b.name === name)
/** Everything a book says, as one text. */
const said = (book: Book) => JSON.stringify(blocks(book).filter((b) => b.kind !== 'drawing'))

const JOBS = demoJobs().map(({ name, job }) => ({ name, job, book: made(job) }))

describe.each(JOBS)('the book of $name', ({ job, book }) => {
  test('names every thing of the register once, and every finish that was put on', () => {
    const { things, finishes } = registerOf(job, deriveJob(job, TODAY))
    expect(table(book, 'Everything in the room')?.rows.length ?? 0).toBe(things.length)
    for (const t of things) expect(said(book)).toContain(JSON.stringify(t.ref.name).slice(1, -1))
    expect(table(book, 'Finishes as applied')?.rows.length ?? 0).toBe(finishes.length)
  })
  test('says no price, no budget and no trade price unless the job wants prices in it', () => {
    expect(said(book)).not.toMatch(/€/)
    const priced = made({ ...job, brief: { ...job.brief, bookPrices: true } })
    const prices = registerOf(job, deriveJob(job, TODAY)).things.filter((t) => t.priceMinor !== undefined)
    if (prices.length > 0) expect(said(priced)).toMatch(/€/)
    expect(table(priced, 'Everything in the room')?.head.at(-1) ?? 'Price').toBe('Price')
  })
  test('tables are whole: every row has a cell for each head, widths likewise', () => {
    for (const b of blocks(book))
      if (b.kind === 'table') {
        expect(b.widths).toHaveLength(b.head.length)
        for (const row of b.rows) expect(row).toHaveLength(b.head.length)
      }
  })
  test('shows the finishes in their shares, which come to the whole of what is seen', () => {
    const tiles = blocks(book).flatMap((b) => (b.kind === 'palette' ? b.tiles : []))
    if (tiles.length > 0) expect(tiles.reduce((sum, t) => sum + t.share, 0)).toBeCloseTo(1, 6)
  })
  test('tells nothing of the work that is over', () => {
    expect(
      blocks(book)
        .flatMap((b) => (b.kind === 'caution' ? [b.text] : []))
        .join(' '),
    ).not.toMatch(/not answered|licensed electrician: connect/)
  })
})

test('what was open is told as far as it is the client’s: no money, and no word the studio noted for itself', () => {
  const { job } = JOBS[0]!
  const closedGaps = [
    { kind: 'brief' as const, text: 'The agreed budget: €640 over what was agreed' },
    { kind: 'money' as const, text: 'Order 5: €360 to pay' },
    { kind: 'goods' as const, text: 'Curtains: 1 to come' },
  ]
  const found = made(job).chapters.find((c) => c.section === 'cautions')?.blocks.length ?? 0
  expect(found).toBeGreaterThan(0)
  const acceptances = job.acceptances.map((a) => ({ ...a, reason: 'a word for the studio alone' }))
  const text = said(made({ ...job, acceptances, brief: { ...job.brief, closedOn: TODAY, closedGaps } }))
  expect(text).toContain('Curtains: 1 to come')
  expect(text).not.toMatch(/€|a word for the studio alone/)
})

describe('words of a part', () => {
  const words = (text: string) => [
    { kind: 'paragraph' as const, runs: [{ text, bold: false, italic: false }] },
  ]
  const row = { id: 'b', section: 'opening' as const, body: words('of the job') }
  test('those of the job go before the studio’s, and these before those to begin with', () => {
    const from = (texts: (typeof row)[], studio: boolean) => {
      const of = wordsOf(texts, studio ? { opening: words('of the studio') } : undefined, 'opening')
      return [of.from, of.words[0]?.runs[0]?.text]
    }
    expect(from([row], true)).toEqual(['job', 'of the job'])
    expect(from([], true)).toEqual(['studio', 'of the studio'])
    expect(from([], false)[0]).toBe('beginning')
  })
  test('of two that were begun at once everybody reads the same', () => {
    const other = { ...row, id: 'a', body: words('begun first') }
    expect(wordsOf([row, other], undefined, 'opening').words).toEqual(
      wordsOf([other, row], undefined, 'opening').words,
    )
  })
  test('a job that wants none has none', () => {
    expect(wordsOf([{ ...row, body: [] }], { opening: words('of the studio') }, 'opening').words).toEqual([])
  })
})

describe('a year of care', () => {
  const care = (more: Partial<CareDue>): CareDue => ({
    ...{ key: 'k', thing: 'Rug', pieceId: null, what: 'Turn it', everyMonths: null, month: null },
    ...{ nextOn: null, lastOn: null, caution: undefined, row: undefined },
    ...more,
  })
  test.each([1, 2, 3, 4, 6, 12])(
    'every %i months it is due twelve months through that often',
    (everyMonths) => {
      const days = yearOfCare([care({ everyMonths, nextOn: '2026-03-31' })], '2026-03-31')
      expect(days).toHaveLength(12 / everyMonths)
      expect(days.map((d) => d.on)).toEqual([...new Set(days.map((d) => d.on))].sort())
    },
  )
  test('a day at the end of a month does not wander: the 31st is the 31st again where there is one', () => {
    const days = yearOfCare([care({ everyMonths: 1, nextOn: '2026-01-31' })], '2026-01-31').map((d) => d.on)
    expect([days[1], days[2], days[3]]).toEqual(['2026-02-28', '2026-03-31', '2026-04-30'])
  })
  test('what is due once in a year stands in it once, what has no day not at all, what is overdue at once', () => {
    expect(yearOfCare([care({ month: 5, nextOn: '2027-05-01' })], TODAY)).toHaveLength(1)
    expect(yearOfCare([care({})], TODAY)).toEqual([])
    expect(yearOfCare([care({ everyMonths: 6, nextOn: '2025-01-01' })], TODAY)[0]?.on).toBe(TODAY)
  })
  test('nothing lies outside the year', () => {
    for (const { job } of JOBS)
      for (const { on } of yearOfCare(careOf(job, TODAY), TODAY)) {
        expect(on >= TODAY).toBe(true)
        expect(on < addMonths(TODAY, 12)).toBe(true)
      }
  })
})

describe('how things come off', () => {
  const job = JOBS[0]!.job
  const rows = (of: JobSnapshot) => offBlocks(of).flatMap((b) => (b.kind === 'table' ? b.rows : []))
  test('strips are told by strips and never by heat alone; film by warmth', () => {
    const [hung] = job.wallPlacements
    const strips = rows({
      ...job,
      wallPlacements: [{ ...hung!, fixing: 'adhesive strips' }],
    }).find((r) => r[1]?.includes('Pull each tab'))
    expect(strips?.[1]).toContain('straight down')
    const film = rows({
      ...job,
      finishAssignments: job.finishAssignments.map((a, i) =>
        i === 0 ? { ...a, hold: 'removable' as const } : a,
      ),
    }).find((r) => r[1]?.includes('hair dryer'))
    expect(film).toBeDefined()
  })
  test('what a person says of a thing goes before what is usual', () => {
    const piece = job.pieces.find((p) => p.fixing === 'screwed to the wall')!
    const entry = {
      ...job.registerEntries[0],
      id: 'e',
      pieceId: piece.id,
      itemId: null,
      comesOff: 'Two hooks, lift',
    }
    const own = rows({ ...job, registerEntries: [entry as never] }).find((r) => r[1] === 'Two hooks, lift')
    expect(own?.[0]).toBe(piece.name)
  })
})
