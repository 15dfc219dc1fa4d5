import { type PaletteFacts, roleShares, seen } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { finishRef } from './about.js'
import { put } from '../../../model/changes.js'

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
      about: seen(facts)
        .filter((f) => (off as string[]).includes(f.finish.role))
        .slice(0, 4)
        .map(finishRef),
      title: `Shares are ${text(is)}, the aim is ${text(AIM)}`,
      measured: off.map((r) => `${r} ${facts.says.percent(is[r])}`).join(', '),
      wanted: off
        .map(
          (r) =>
            `${r} ${Math.round(100 * (AIM[r] - STRAY[r]))} to ${Math.round(100 * (AIM[r] + STRAY[r]))} %`,
        )
        .join(', '),
      because:
        'Of what can change; what stays is left out. Shares are areas that are seen, not the number of things.',
      school: facts.school,
      fixes: renamed(facts),
    },
  ]
}

/** One finish in another role, where that alone brings the shares in: roles follow area. */
function renamed(facts: PaletteFacts): Fix[] {
  const fits = (is: { main: number; second: number; accent: number }) =>
    (['main', 'second', 'accent'] as const).every((r) => Math.abs(is[r] - AIM[r]) <= STRAY[r])
  return seen(facts)
    .filter((f) => f.finish.role in AIM)
    .flatMap((f) =>
      (['main', 'second', 'accent'] as const)
        .filter((role) => role !== f.finish.role)
        .filter((role) =>
          fits(
            roleShares({
              ...facts,
              finishes: facts.finishes.map((o) => (o === f ? { ...o, finish: { ...o.finish, role } } : o)),
            }),
          ),
        )
        .map((role): Fix => ({
          label: `Call ${f.finish.name} ${role === 'accent' ? 'the accent' : `a ${role}`}`,
          changes: [put('finishes', f.finish.id, { role })],
        })),
    )
    .slice(0, 2)
}

export const shares: Rule<PaletteFacts> = {
  name: 'palette.shares',
  title: 'Shares far from those of the school',
  numbers: 'Mains 60 % ± 15, second 30 % ± 15, accent 10 % ± 6 of what can change, by visible area.',
  source: 'common practice',
  schools: ['two mains and one accent'],
  check,
}
