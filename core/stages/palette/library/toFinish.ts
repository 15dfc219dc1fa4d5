import type { LabD65 } from '../../../kernel/color/lab.js'
import { deltaE00 } from '../../../kernel/color/lab.js'
import type { Finish } from '../../../model/rows/finishes.js'
import type { Role } from '../../../model/vocabulary/finish.js'
import type { Sample } from './sample.js'

/** A sample as a finish of a job: what it says is copied, so that the deck may change and the job stays. */
export function finishFromSample(sample: Sample, role?: Role): Omit<Finish, 'id'> {
  const byMaterial: Role =
    sample.material === 'metal' ? 'metal' : sample.material === 'foliage' ? 'foliage' : 'second'
  return {
    name: sample.name,
    code: sample.code,
    material: sample.material,
    sheen: sample.sheens[0] ?? (sample.material === 'paint' ? 'flat' : 'none'),
    role: role ?? byMaterial,
    labL: sample.lab.l,
    labA: sample.lab.a,
    labB: sample.lab.b,
    measured: sample.readings.length > 0,
    texture: sample.texture,
    patternKind: sample.patternKind,
    patternRepeatMm: sample.patternRepeatMm,
    colors: [],
    readings: [...sample.readings],
    wear: sample.wear,
    sealed: sample.sealed,
    outdoor: sample.outdoor,
    recoatHours: null,
    hardDays: null,
    // Spreading rate of an interior paint on smooth ground (common practice); the tin says better.
    paintKit:
      sample.material === 'paint'
        ? { spreadM2PerL: 12, lossPpm: 100_000, tins: sample.tins.map((t) => ({ ...t })) }
        : null,
  }
}

/** Mean of readings of one sample, and how far they lie apart: the largest ΔE00 from the mean. */
export function spreadOf(
  readings: readonly LabD65[],
): { readonly mean: LabD65; readonly spread: number } | undefined {
  if (readings.length === 0) return undefined
  const mid = (of: (r: LabD65) => number) => readings.reduce((sum, r) => sum + of(r), 0) / readings.length
  const mean = { l: mid((r) => r.l), a: mid((r) => r.a), b: mid((r) => r.b) }
  return { mean, spread: Math.max(...readings.map((r) => deltaE00(mean, r))) }
}
