import type { Finding, Rule } from '../../findings/finding.js'
import { roleShares, seen, type PaletteFacts } from '../paletteFacts.js'
import { finishRef, percent } from './about.js'
import { room } from './example.js'

const AIM = { main: 0.6, second: 0.3, accent: 0.1 } as const
// How far a share may stray (common practice): a sixth of the room for the large ones, half of it for the accent.
const STRAY = { main: 0.15, second: 0.15, accent: 0.06 } as const

function check(facts: PaletteFacts): Finding[] {
  if (facts.school !== 'two mains and one accent') return []
  const is = roleShares(facts)
  if (is.main + is.second + is.accent === 0) return []
  const off = (['main', 'second', 'accent'] as const).filter((r) => Math.abs(is[r] - AIM[r]) > STRAY[r])
  if (off.length === 0) return []
  const text = (x: { main: number; second: number; accent: number }) =>
    [x.main, x.second, x.accent].map((v) => Math.round(100 * v)).join(' / ')
  return [
    {
      rule: 'palette.shares',
      severity: 'look',
      about: seen(facts).filter((f) => (off as string[]).includes(f.finish.role)).slice(0, 4).map(finishRef),
      title: `Shares are ${text(is)}, the aim is ${text(AIM)}`,
      measured: off.map((r) => `${r} ${percent(is[r])}`).join(', '),
      wanted: off.map((r) => `${r} ${Math.round(100 * (AIM[r] - STRAY[r]))} to ${Math.round(100 * (AIM[r] + STRAY[r]))} %`).join(', '),
      because: 'Of what can change; what stays is left out. Shares are areas that are seen, not the number of things.',
      school: facts.school,
      mends: [],
    },
  ]
} // prettier-ignore

export const shares: Rule<PaletteFacts> = {
  name: 'palette.shares',
  title: 'Shares far from those of the school',
  numbers: 'Mains 60 % ± 15, second 30 % ± 15, accent 10 % ± 6 of what can change, by visible area.',
  source: 'common practice',
  schools: ['two mains and one accent'],
  check,
  examples: {
    trips: () => room([
      { name: 'Oat', hex: '#D9D1C4', role: 'main', on: ['trim'] },
      { name: 'Tarn', hex: '#4C6768', role: 'second', on: ['walls'] },
    ]),
    passes: () => room([
      { name: 'Oat', hex: '#D9D1C4', role: 'main', on: ['walls', 'ceiling'] },
      { name: 'Tarn', hex: '#4C6768', role: 'second', on: ['floor', 'lower'] },
      { name: 'Madder', hex: '#A4462F', role: 'accent', piece: { widthMm: 2500, heightMm: 2200, depthMm: 800 } },
    ]),
  },
} // prettier-ignore
