import { NearestColors } from '@bonitas/core/kernel/color/nearest'
import { lrv, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { undertone } from '@bonitas/core/stages/palette/undertone'
import type { Sample } from '@bonitas/core/stages/palette/library/sample'
import type { NearestAsk, NearestAnswer, SampleFilter } from './nearestAsk.js'

// Holds the samples of the studio and finds the nearest among them. The index takes a moment to build for a large
// deck, so it is built here and not where the page is drawn.
let samples: readonly Sample[] = []
let index = new NearestColors([])
let words: readonly string[] = []

function accepts(filter: SampleFilter): ((i: number) => boolean) | undefined {
  const { materials, lrvFrom, lrvTo, undertone: word, sheen, priceToMinor } = filter
  return (i) => {
    const s = samples[i]
    if (!s) return false
    if (materials && !materials.includes(s.material)) return false
    if (sheen && !s.sheens.includes(sheen)) return false
    if (word && words[i] !== word) return false
    if (priceToMinor !== undefined && (s.priceMinor === null || s.priceMinor > priceToMinor)) return false
    const level = lrv(s.lab)
    return (lrvFrom === undefined || level >= lrvFrom) && (lrvTo === undefined || level <= lrvTo)
  }
}

addEventListener('message', ({ data }: MessageEvent<NearestAsk>) => {
  if ('samples' in data) {
    samples = data.samples
    const labs: LabD65[] = samples.map((s) => s.lab)
    index = new NearestColors(labs)
    words = samples.map((s) => undertone(s.material, s.lab).word)
    return
  }
  const found = index.find(data.lab, data.count, accepts(data.filter))
  postMessage({ ask: data.ask, found } satisfies NearestAnswer)
})
