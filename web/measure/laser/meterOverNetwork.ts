import { readLine, type LengthMeter, type MeterEvents } from './lengthMeter.js'
import { t } from '../words.js'

/** A length meter that sends its lines as server-sent events: the stand-in, or a bridge to a real one. */
export function meterOverNetwork(address: string): LengthMeter {
  let source: EventSource | undefined
  return {
    connect: (events: MeterEvents) =>
      new Promise((resolve, reject) => {
        const opened = new EventSource(address)
        source = opened
        let up = false
        const line = (event: MessageEvent, held: boolean) => {
          const read = readLine(String(event.data))
          if ('mm' in read) events.reading({ mm: read.mm, held })
          else events.nonsense(read.nonsense)
        }
        opened.addEventListener('open', () => {
          up = true
          resolve()
        })
        opened.addEventListener('reading', (e) => line(e, false))
        opened.addEventListener('held', (e) => line(e, true))
        opened.addEventListener('released', () => events.released())
        opened.addEventListener('error', () => {
          // The browser would try again by itself, silently; a measurer wants to know.
          opened.close()
          if (up) events.lost()
          else reject(new Error(t('noLaserTapeAnswers')))
        })
      }),
    disconnect: () => source?.close(),
  }
}
