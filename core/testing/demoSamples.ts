import { readdirSync, readFileSync } from 'node:fs'
import { deckFromCsv } from '../stages/palette/library/deckCsv.js'
import type { Sample } from '../stages/palette/library/sample.js'

const FOLDER = new URL('../../demo/library/', import.meta.url)

/** Every sample of the demo's decks. */
export function demoSamples(): Sample[] {
  return readdirSync(FOLDER)
    .filter((f) => f.endsWith('.csv'))
    .flatMap((f) => deckFromCsv(readFileSync(new URL(f, FOLDER), 'utf8'), f, 2).samples)
}
