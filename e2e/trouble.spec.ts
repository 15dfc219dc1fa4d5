import { randomUUID } from 'node:crypto'
import { rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { APIRequestContext } from '@playwright/test'
import pg from 'pg'
import { startCluster } from '../scripts/database.mjs'
import { allKept, expectTape, fill, openDemo, stage, subpage } from './bench.js'
import { expect, startProgram, test, type Page, type Program } from './program.js'

test('the server is gone: it is said at once, nothing typed is lost, and all is there when it is back', async ({
  page,
  demo,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Measure')
  await demo.kill()
  await fill(page.getByLabel('Ceiling height'), '2.8 m')
  await expect(page.getByText('The server is gone.')).toBeVisible()
  await fill(page.getByLabel('Skirting', { exact: true }), '150')
  await expect(page.getByText('2 changes wait in this browser')).toBeVisible()
  await page.getByRole('button', { name: 'Try now' }).click()
  await expect(page.getByText('2 changes wait in this browser')).toBeVisible()
  await demo.start()
  // It tries again by itself, at most eight seconds apart.
  await expect(page.getByText('The server is gone.')).toBeHidden({ timeout: 20_000 })
  await allKept(page)
  await page.reload()
  await expect(page.getByLabel('Ceiling height')).toHaveValue('2\u2009800')
  await expect(page.getByLabel('Skirting', { exact: true })).toHaveValue('150')
})

test('edits that could not be sent outlive a reload of the page', async ({ page, demo, context }) => {
  await openDemo(page, demo.url)
  await stage(page, 'Brief')
  await context.route('**/api/jobs/*/changes', (route) => route.abort())
  await fill(page.getByRole('textbox', { name: 'Room' }), 'Music room')
  await expect(page.getByText('1 change waits in this browser')).toBeVisible()
  page.on('dialog', (dialog) => void dialog.accept())
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Room' })).toHaveValue('Music room')
  await context.unroute('**/api/jobs/*/changes')
  await page.reload()
  await allKept(page)
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Room' })).toHaveValue('Music room')
})

test('a payment whose answer was lost is entered once, however often it is sent', async ({
  page,
  demo,
  context,
}) => {
  await openDemo(page, demo.url)
  await stage(page, 'Ledger')
  await page.getByRole('button', { name: 'Pay order 4' }).click()
  await page.getByLabel('Note').fill('by transfer')
  // The request arrives and is done; its answer does not come back.
  let dropped = 0
  await context.route('**/payments', async (route) => {
    if (dropped++ > 0) return route.continue()
    await route.fetch()
    await route.abort()
  })
  await page.getByRole('button', { name: 'Enter the payment' }).click()
  await expect(page.getByText('What you typed is kept here')).toBeVisible()
  await expect(page.getByLabel('Note')).toHaveValue('by transfer')
  await page.getByRole('button', { name: 'Enter the payment' }).click()
  await expect(page.getByText('Pay order 4: entered.')).toBeVisible()
  // 3,090.40 paid before, 236.00 for the lights.
  await expectTape(page, { Paid: '€3,326.40', Ordered: '€1,248' })
  await subpage(page, 'Entries')
  await expect(page.getByRole('row', { name: /by transfer/ })).toHaveCount(1)
})

test('another’s change appears within a second; different fields never meet, the same field asks', async ({
  page,
  demo,
  browser,
}) => {
  await openDemo(page, demo.url)
  const other = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await openDemo(other, demo.url)
  await fill(other.getByLabel('Room', { exact: true }), 'Music room')
  await expect(page.getByLabel('Room', { exact: true })).toHaveValue('Music room')
  // In the basement without a network: a field of its own, and one that the other changes too.
  await page.context().setOffline(true)
  await fill(page.getByLabel('Place', { exact: true }), 'Canal flat, left')
  await expect(page.getByText('The server is gone.')).toBeVisible()
  await fill(other.getByLabel('Place', { exact: true }), 'Canal flat, second floor')
  await fill(other.getByRole('textbox', { name: 'Client' }), 'Ilka Varga')
  await allKept(other)
  await page.context().setOffline(false)
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Changed by two people')
  await expect(dialog).toContainText('Place of Music room')
  await expect(dialog.getByRole('radio')).toHaveCount(2)
  // Nothing is chosen beforehand: no button wipes the other’s words unseen.
  await expect(dialog.getByRole('button', { name: '1 to choose' })).toBeDisabled()
  // Another screen can be worked on; the question waits where it arose.
  await dialog.getByText('Yours: Canal flat, left').click()
  await expect(dialog.getByText('Theirs: Canal flat, second floor')).toBeVisible()
  await dialog.getByRole('button', { name: 'Keep what is chosen' }).click()
  await expect(dialog).toBeHidden()
  await allKept(page)
  await expect(other.getByLabel('Place', { exact: true })).toHaveValue('Canal flat, left')
  await page.reload()
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('Canal flat, left')
  await expect(page.getByLabel('Room', { exact: true })).toHaveValue('Music room')
  await expect(page.getByRole('textbox', { name: 'Client' })).toHaveValue('Ilka Varga')
  await other.context().close()
})

/**
 * 200 payments of 1.00 and some cents towards the settee, eight at a time, while something is killed in the middle of
 * them and started again: every acknowledged one is there once, what was not answered is sent again under its key and
 * is done once, and the tape, a sum in SQL and the proof in SQL agree.
 */
async function burst(
  page: Page,
  request: APIRequestContext,
  demo: Program,
  kill: () => Promise<void>,
  again: () => Promise<void>,
): Promise<void> {
  await openDemo(page, demo.url)
  const jobId = page.url().split('/')[4]!
  const cookies = await page.context().cookies()
  const headers = { Cookie: cookies.map((c) => `${c.name}=${c.value}`).join('; '), Origin: demo.url }
  const snapshot = async () =>
    (await (await request.get(`${demo.url}/api/jobs/${jobId}`, { headers })).json()) as {
      orders: { id: string; number: number }[]
      entries: { kind: string; note: string; amountMinor: number; seq: number }[]
    }
  const orderId = (await snapshot()).orders.find((o) => o.number === 7)!.id
  const before = (await snapshot()).entries.length

  const writes = Array.from({ length: 200 }, (_, i) => ({
    key: randomUUID(),
    note: `burst ${i}`,
    amountMinor: 100 + (i % 7),
  }))
  const acknowledged = new Set<string>()
  const unanswered: typeof writes = []
  const send = (w: (typeof writes)[number]) =>
    fetch(`${demo.url}/api/jobs/${jobId}/payments`, {
      method: 'POST',
      headers: { ...headers, 'Content-Type': 'application/json', 'Idempotency-Key': w.key },
      body: JSON.stringify({
        orderId,
        amountMinor: w.amountMinor,
        paidOn: '2026-11-21',
        means: 'bank',
        note: w.note,
      }),
    })
  let next = 0
  let killed: Promise<void> | undefined
  const worker = async () => {
    while (next < writes.length) {
      const w = writes[next++]!
      try {
        const answer = await send(w)
        if (answer.status === 201) acknowledged.add(w.note)
        else throw new Error(`status ${answer.status}`)
      } catch {
        unanswered.push(w)
      }
      if (acknowledged.size >= 90) killed ??= kill()
    }
  }
  await Promise.all(Array.from({ length: 8 }, worker))
  await killed
  expect(acknowledged.size).toBeGreaterThanOrEqual(90)
  expect(unanswered.length).toBeGreaterThan(10)
  await again()

  const after = await snapshot()
  const notes = after.entries.filter((e) => e.note.startsWith('burst')).map((e) => e.note)
  expect(new Set(notes).size, 'none twice').toBe(notes.length)
  for (const note of acknowledged) expect(notes, note).toContain(note)

  // What was not answered is sent again under its key: done once, whether or not it had arrived.
  for (const w of unanswered) expect((await send(w)).status).toBe(201)
  const all = (await snapshot()).entries.filter((e) => e.note.startsWith('burst'))
  expect(all).toHaveLength(200)
  expect((await snapshot()).entries.length).toBe(before + 200)

  const client = new pg.Client({ connectionString: demo.databaseUrl })
  await client.connect()
  // The owner of the tables reads past no policy; the studio is named as the program names it.
  await client.query("select set_config('bonitas.system', 'on', false)")
  const studio = await client.query<{ id: string }>('select id from studio')
  await client.query("select set_config('bonitas.studio', $1, false)", [studio.rows[0]!.id])
  const { rows } = await client.query<{ paid: string }>(
    "select sum(case kind when 'payment' then amount_minor when 'refund' then -amount_minor else 0 end) as paid from ledger_entry where job_id = $1",
    [jobId],
  )
  const proof = await client.query<{ fault: string }>('select fault from bonitas_ledger_faults()')
  await client.end()
  expect(proof.rows, 'none half').toEqual([])
  await page.goto(`${demo.url}/jobs/${jobId}/ledger`)
  const paid = Number(rows[0]!.paid)
  expect(paid).toBe(309_040 + writes.reduce((sum, w) => sum + w.amountMinor, 0))
  await expectTape(page, {
    Paid: `€${(paid / 100).toLocaleString('en-IE', { minimumFractionDigits: paid % 100 === 0 ? 0 : 2 })}`,
  })
}

test('kill -9 of the server in a burst of 200 ledger writes: every acknowledged one is there once, none half', async ({
  demo,
  page,
  request,
}) => {
  await burst(
    page,
    request,
    demo,
    () => demo.kill(),
    () => demo.start(),
  )
})

test('kill -9 of PostgreSQL and of the server in a burst of 200 ledger writes: every acknowledged one is there once, none half', async ({
  page,
  request,
}) => {
  // A PostgreSQL of its own: what is killed here serves no other test.
  const folder = join(tmpdir(), `bonitas-crash-${randomUUID()}`)
  let cluster = await startCluster(folder)
  cluster.createDatabase('crash')
  const demo = await startProgram('load', () => cluster.url('crash'))
  try {
    await burst(
      page,
      request,
      demo,
      async () => {
        process.kill(cluster.pid, 'SIGKILL')
        await demo.kill()
      },
      async () => {
        // Its children notice that it is gone and end by themselves.
        for (let tries = 0; ; tries++)
          try {
            cluster = await startCluster(folder)
            break
          } catch (error) {
            if (tries > 20) throw error
            await new Promise((done) => setTimeout(done, 500))
          }
        await demo.start()
      },
    )
  } finally {
    await demo.close()
    cluster.stop()
    rmSync(folder, { recursive: true, force: true })
  }
})
