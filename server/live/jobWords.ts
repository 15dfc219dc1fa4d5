import { EventEmitter } from 'node:events'
import pg from 'pg'
import { loggable } from '../http/loggable.js'

/** What is heard of a job: the key of the group that was written, or nothing for an act of money. */
export interface JobWord {
  readonly jobId: string
  readonly key: string
}

const FIRST_WAIT_MS = 200
const LONGEST_WAIT_MS = 5_000

/**
 * Hears which jobs are written, by this process or any other, from PostgreSQL itself: on a connection of its own, since one
 * of the pool would be given away. Lost, it comes back by itself, and whoever listens is told that something may have
 * been missed.
 */
export class JobWords {
  private readonly heard = new EventEmitter().setMaxListeners(0)
  private client: pg.Client | undefined
  private ended = false
  private waitMs = FIRST_WAIT_MS
  private timer: NodeJS.Timeout | undefined

  constructor(private readonly url: string) {
    void this.connect()
  }

  /** Hears of one job until the returned function is called. */
  on(jobId: string, listener: (word: JobWord) => void): () => void {
    const missed = () => listener({ jobId, key: '' })
    this.heard.on(jobId, listener)
    this.heard.on('missed', missed)
    return () => {
      this.heard.off(jobId, listener)
      this.heard.off('missed', missed)
    }
  }

  async close(): Promise<void> {
    this.ended = true
    clearTimeout(this.timer)
    await this.client?.end().catch(() => undefined)
  }

  private async connect(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url, keepAlive: true })
    client.on('error', () => this.lost(client))
    client.on('end', () => this.lost(client))
    client.on('notification', ({ payload }) => {
      const [jobId = '', key = ''] = (payload ?? '').split(' ')
      this.heard.emit(jobId, { jobId, key } satisfies JobWord)
    })
    try {
      await client.connect()
      await client.query('listen bonitas_job')
      if (this.ended) {
        await client.end()
        return
      }
      this.client = client
      this.waitMs = FIRST_WAIT_MS
      this.heard.emit('missed')
    } catch (error) {
      if (!this.ended && this.waitMs === FIRST_WAIT_MS)
        console.error(`live words: ${loggable(error)}; trying again until PostgreSQL answers`)
      this.lost(client)
    }
  }

  /** Tries again after a while that grows; once for each connection, whatever it says of its end. */
  private lost(client: pg.Client): void {
    client.removeAllListeners()
    client.on('error', () => undefined)
    if (this.client === client) this.client = undefined
    void client.end().catch(() => undefined)
    if (this.ended) return
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.connect(), this.waitMs)
    this.timer.unref()
    this.waitMs = Math.min(LONGEST_WAIT_MS, this.waitMs * 2)
  }
}
