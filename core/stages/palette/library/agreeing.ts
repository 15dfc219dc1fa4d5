import { deltaE00 } from '../../../kernel/color/lab.js'
import { comparePair } from '../pairs.js'
import { seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { undertone } from '../undertone.js'
import type { Sample } from './sample.js'

/**
 * Samples that could take the place of a finish without a clash: of its material, with undertones that agree with
 * everything else that is seen, the likest first. "Three brasses that agree", "the nearest white that does not pull
 * pink".
 */
export function agreeingSamples<S extends Sample>(
  facts: PaletteFacts,
  replaced: FinishFacts,
  samples: readonly S[],
  count: number,
): { readonly sample: S; readonly deltaE: number }[] {
  const others = seen(facts).filter((f) => f !== replaced)
  const found: { sample: S; deltaE: number }[] = []
  const near = samples
    .filter((s) => s.material === replaced.finish.material)
    .map((sample) => ({ sample, deltaE: deltaE00(replaced.lab, sample.lab) }))
    .sort((x, y) => x.deltaE - y.deltaE)
  for (const one of near) {
    if (found.length >= count) break
    const as: FinishFacts = {
      ...replaced,
      lab: one.sample.lab,
      undertone: undertone(one.sample.material, one.sample.lab),
    }
    if (others.every((o) => comparePair(as, o).verdict !== 'clashes')) found.push(one)
  }
  return found
}
