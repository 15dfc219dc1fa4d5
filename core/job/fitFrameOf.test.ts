import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, optionWith, pieceWith } from '../examples/emptyJob.js'
import { finishWith } from '../examples/handover/example.js'
import { hexToLab } from '../kernel/color/lab.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { deriveJob } from './derive.js'

const textile = (id: string, hex: string) => {
  const { l, a, b } = hexToLab(hex)
  return finishWith({ id, material: 'textile', labL: l, labA: a, labB: b })
}
const shade = (hex: string) => {
  const { l, a, b } = hexToLab(hex)
  return { colorL: l, colorA: a, colorB: b }
}

describe('an option is judged in the place of what it replaces', () => {
  // The settee in the room wears oat; another settee, a little off that oat, would take its place.
  const job = (other: boolean): JobSnapshot => ({
    ...emptyJob(),
    finishes: [textile('oat', '#D8CFBF'), textile('tarn', '#3E6466')],
    pieces: [
      pieceWith({ id: 'settee', kind: 'sofa', itemId: 'seat', finishId: 'oat' }),
      ...(other ? [pieceWith({ id: 'chair', kind: 'armchair', finishId: 'oat' })] : []),
      pieceWith({ id: 'rug', kind: 'rug', finishId: 'tarn' }),
    ],
    items: [itemWith({ id: 'seat', pieceKind: 'sofa' })],
    options: [optionWith({ id: 'new', itemId: 'seat', material: 'linen', ...shade('#CBBEA6') })],
  })
  const says = (j: JobSnapshot) =>
    deriveJob(j, '2026-03-01')
      .items[0]!.options[0]!.suits.reasons.filter((r) => r.aspect === 'color')
      .map((r) => r.says)
  test('it is no near miss beside itself, and one beside another that stays', () => {
    expect(says(job(false))).toEqual(['undertone agrees'])
    expect(says(job(true))).toEqual(['near miss with oat'])
  })
})
