import { type PaletteFacts, roleShares, seen } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { finishRef } from './about.js'
import { put } from '../../../model/changes.js'

const AIM = { main: 0.6, second: 0.3, accent: 0.1 } as const

// What still reads as such a room (common practice). The saying is of walls, seats and small things; walls and ceiling
// together are two thirds and more of what is seen in a room of ordinary size, so the mains may take more than they say.
const FROM = { main: 0.45, second: 0.08, accent: 0.01 } as const
const UP_TO = { main: 0.9, second: 0.45, accent: 0.16 } as const

const MOST_STAYS = 0.5

const ROLES = ['main', 'second', 'accent'] as const

/**
 * Roles whose share is not what the school asks. Where most of what is seen stays the mains are given; of an accent it
 * is asked that it be seen, and be scarce in all of it.
 */
function offShares(facts: PaletteFacts): (typeof ROLES)[number][] {
  const is = roleShares(facts)
  return ROLES.filter((role) =>
    is.fixed < MOST_STAYS
      ? is[role] < FROM[role] || is[role] > UP_TO[role]
      : role === 'accent' && (is.accent < FROM.accent || is.accent * (1 - is.fixed) > UP_TO.accent),
  )
}

function check(facts: PaletteFacts): Finding[] {
  if (facts.school !== 'two mains and one accent') return []
  const is = roleShares(facts)
  if (is.main + is.second + is.accent === 0) return []
  const off = offShares(facts)
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
        .map((r) => `${r} ${Math.round(100 * FROM[r])} to ${Math.round(100 * UP_TO[r])} %`)
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
  return seen(facts)
    .filter((f) => f.finish.role in AIM)
    .flatMap((f) =>
      ROLES.filter((role) => role !== f.finish.role)
        .filter((role) => {
          const finishes = facts.finishes.map((o) => (o === f ? { ...o, finish: { ...o.finish, role } } : o))
          return offShares({ ...facts, finishes }).length === 0
        })
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
  numbers:
    'Mains 45 to 90 %, second 8 to 45 %, accent 1 to 16 % of what can change, by visible area; the aim is 60 / 30 / 10. Where half of what is seen stays, only the accent is judged, over all of it.',
  source: 'common practice',
  schools: ['two mains and one accent'],
  check,
}
