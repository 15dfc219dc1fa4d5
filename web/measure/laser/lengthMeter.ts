/** One reading of a length meter. */
export interface Reading {
  readonly mm: number
  /** True while the trigger is held: the reading is one of a series to be averaged. */
  readonly held: boolean
}

/** What a length meter tells its listener. */
export interface MeterEvents {
  reading(reading: Reading): void
  /** The trigger was let go: the series is complete. */
  released(): void
  /** Something came that is no length; its words as sent. */
  nonsense(said: string): void
  /** The meter went away by itself. */
  lost(): void
}

/**
 * A device that sends lengths. The stand-in is reached over the network; an adapter for a real one (over Bluetooth,
 * or a serial line) implements the same two acts.
 */
export interface LengthMeter {
  /** @throws {Error} when no device answers */
  connect(events: MeterEvents): Promise<void>
  disconnect(): void
}

// A handheld laser reaches about 60 m; nearer than 30 mm it cannot read (common practice).
const RANGE_MM = [30, 60_000] as const

/** Reads one line of a meter: millimeters, meters with a point, or an error code. */
export function readLine(line: string): { mm: number } | { nonsense: string } {
  const said = line.trim().slice(0, 40)
  const found = /^(\d{1,6}(?:\.\d{1,4})?)\s*(mm|m)?$/.exec(said)
  if (!found) return { nonsense: said || 'nothing' }
  const value = Number(found[1])
  const mm = found[2] === 'm' || (found[2] === undefined && said.includes('.')) ? value * 1000 : value
  return mm >= RANGE_MM[0] && mm <= RANGE_MM[1] ? { mm } : { nonsense: said }
}

export interface Series {
  readonly count: number
  readonly meanMm: number
  /** Largest less smallest. */
  readonly spreadMm: number
}

/** Mean and spread of readings of one length; undefined for none. */
export function seriesOf(readings: readonly number[]): Series | undefined {
  if (readings.length === 0) return undefined
  return {
    count: readings.length,
    meanMm: readings.reduce((sum, mm) => sum + mm, 0) / readings.length,
    spreadMm: Math.max(...readings) - Math.min(...readings),
  }
}
