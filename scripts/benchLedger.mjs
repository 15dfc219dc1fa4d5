// The ledger's part of npm run bench: writes beside the same transaction sent straight to PostgreSQL, and a ledger of
// twenty thousand entries on screen.
import { carpetTiles, HUNDRED_ORDERS } from './crowdedJob.mjs'
import { randomUUID } from 'node:crypto'
import { openedBare, openedCold, openedFromBeside, openedFromJobs, told, typedInto } from './benchPage.mjs'

const middle = (list) => [...list].sort((x, y) => x - y)[list.length >> 1]

async function perSecond(work, total, atOnce) {
  let left = total
  const started = performance.now()
  await Promise.all(
    Array.from({ length: atOnce }, async (_, lane) => {
      while (left-- > 0) await work(lane)
    }),
  )
  return total / ((performance.now() - started) / 1000)
}

/** A payment through the program, and the statements it comes to sent by one driver without it. */
export async function ledgerWrites(row, { url, jobId, headers, databaseUrl }) {
  const { orders, lines } = await (await fetch(`${url}/api/jobs/${jobId}`, { headers })).json()
  const orderId = orders.find((o) => o.number === 7).id
  const lineId = lines.find((l) => l.orderId === orderId).id
  const post = async () => {
    const answer = await fetch(`${url}/api/jobs/${jobId}/payments`, {
      method: 'POST',
      headers: { ...headers, 'Idempotency-Key': randomUUID() },
      body: JSON.stringify({ orderId, amountMinor: 1, paidOn: '2026-11-21', means: 'bank', note: 'bench' }),
    })
    if (answer.status !== 201) throw new Error(`status ${answer.status}`)
    return answer.text()
  }
  const { default: pg } = await import('pg')
  const lanes = await Promise.all(
    Array.from({ length: 8 }, async () => {
      const client = new pg.Client({ connectionString: databaseUrl })
      await client.connect()
      return client
    }),
  )
  const [first] = lanes
  await first.query("select set_config('bonitas.system', 'on', false)")
  const studio =
    (await first.query('select studio_id from job where id = $1', [jobId])).rows[0]?.studio_id ??
    (await first.query('select id from studio')).rows[0].id
  const member = (await first.query('select id from member')).rows[0].id
  await first.query("select set_config('bonitas.system', 'off', false)")
  const direct = async (lane) => {
    const c = lanes[lane]
    const key = randomUUID()
    const event = randomUUID()
    await c.query(`begin; set local bonitas.studio = '${studio}'`)
    await c.query('select id from job where studio_id = $1 and id = $2', [studio, jobId])
    await c.query(
      'insert into idempotency (studio_id, key, request_hash) values ($1, $2, $3) on conflict do nothing returning key',
      [studio, key, key],
    )
    await c.query('select pg_advisory_xact_lock(hashtextextended($1, 7))', [jobId])
    await c.query(
      `select l.*, (select json_agg(s) from (select kind, sum(amount_minor), sum(tax_minor), sum(quantity) from ledger_entry
         where studio_id = $1 and job_id = $2 and line_id = l.id group by kind) s)
       from order_line l where studio_id = $1 and job_id = $2 and order_id = $3 order by id`,
      [studio, jobId, orderId],
    )
    await c.query(
      `insert into ledger_entry (studio_id, job_id, event_id, kind, line_id, amount_minor, tax_minor, quantity, "on", means, note, member_id, estimated, update_id)
       values ($1, $2, $3, 'payment', $4, 1, 0, 0, '2026-11-21', 'bank', 'direct', $5, false, '')`,
      [studio, jobId, event, lineId, member],
    )
    await c.query('update idempotency set answer = $3 where studio_id = $1 and key = $2', [
      studio,
      key,
      JSON.stringify({ eventId: event }),
    ])
    await c.query('commit')
  }
  await perSecond(post, 50, 1)
  const found = { one: [], oneDirect: [], eight: [], eightDirect: [] }
  for (let i = 0; i < 3; i++) {
    found.one.push(await perSecond(post, 200, 1))
    found.oneDirect.push(await perSecond(direct, 200, 1))
    found.eight.push(await perSecond(post, 400, 8))
    found.eightDirect.push(await perSecond(direct, 400, 8))
  }
  for (const c of lanes) await c.end()
  const [one, oneDirect, eight, eightDirect] = [
    found.one,
    found.oneDirect,
    found.eight,
    found.eightDirect,
  ].map(middle)
  console.log(
    '\nLedger writes a second (a payment, committed to disk) beside the same transaction sent directly (aim: a third)',
  )
  row('  one after another', Math.round(one), `${Math.round(oneDirect)} direct`, one / oneDirect)
  row('  eight at a time', Math.round(eight), `${Math.round(eightDirect)} direct`, eight / eightDirect)
}

/** Twenty thousand entries in one job: opening, and filtering. */
export async function ledgerPage(page, url, databaseUrl) {
  await page.goto(`${url}/jobs`)
  await page.getByRole('link', { name: 'Music and reading room' }).waitFor()
  const ask = (method, path, body, headers = {}) =>
    page.evaluate(
      async ({ method, path, body, headers }) => {
        const answer = await fetch(`/api${path}`, {
          method,
          headers: { 'Content-Type': 'application/json', ...headers },
          body: body && JSON.stringify(body),
        })
        return answer.ok ? answer.json() : Promise.reject(new Error(await answer.text()))
      },
      { method, path, body, headers },
    )
  const jobs = await ask('GET', '/jobs')
  const demo = await ask('GET', `/jobs/${jobs.find((j) => j.roomName === 'Music and reading room').id}`)
  const { id } = await ask('POST', '/jobs', {
    clientName: 'Crowd',
    roomName: 'Twenty thousand entries',
    agreedMinor: 900_000_000,
  })
  const [itemId, optionId] = [randomUUID(), randomUUID()]
  await ask(
    'POST',
    `/jobs/${id}/changes`,
    { changes: carpetTiles(demo, itemId, optionId) },
    { 'Idempotency-Key': randomUUID() },
  )
  const { default: pg } = await import('pg')
  const c = new pg.Client({ connectionString: databaseUrl })
  await c.connect()
  await c.query("select set_config('bonitas.system', 'on', false)")
  const {
    rows: [who],
  } = await c.query('select studio_id, id from member')
  await c.query(
    "select set_config('bonitas.system', 'off', false), set_config('bonitas.studio', $1, false)",
    [who.studio_id],
  )
  await c.query(HUNDRED_ORDERS, [who.studio_id, id, itemId, optionId, who.id, 199])
  const {
    rows: [{ n }],
  } = await c.query('select count(*) as n from ledger_entry where job_id = $1', [id])
  await c.end()
  const bare = await openedBare(page, url)
  const opened = await openedCold(page, `${url}/jobs/${id}/ledger/entries`, () =>
    page.locator('tr.entry').first(),
  )
  const fromJobs = await openedFromJobs(page, url, 'Twenty thousand entries')
  await page.goto(`${url}/jobs/${id}/ledger/entries`)
  await page.waitForTimeout(1500)
  const within = await openedFromBeside(page, {
    beside: 'Dates',
    besideSays: 'All dates as a calendar',
    tab: 'Entries',
    selector: 'tr.entry',
  })
  const filtered = await typedInto(page, '#entry-search', [
    '7',
    '77',
    'tiles 42',
    'tiles 42 part 7',
    '',
    'part 19',
    '',
  ])
  console.log(`\nA ledger of ${n} entries`)
  console.log(
    `  opened cold, painted by the page's clock, ms: ${told(opened.painted)}; seen by the driver: ${told(opened.seen)} (aim: under 400)`,
  )
  console.log(`  a bare page opened the same way, ms: ${told(bare.painted)}; ${told(bare.seen)}`)
  console.log(`  opened from the list of jobs, ms: ${told(fromJobs)}`)
  console.log(`  opened from the page beside it, ms: ${told(within)}`)
  console.log(`  filtered, ms: ${told(filtered)} (two frames are 33)`)
}
