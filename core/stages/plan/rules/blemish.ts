import { capital } from '../../../kernel/capital.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import type { PlanFixture } from '../planRoom.js'
import { hungRef, lower, wallRef } from './about.js'

/** Hides what is hung so that it cannot be changed: what turns with its frame keeps its size, turned. */
const TURNS: ReadonlySet<string> = new Set(['picture', 'mirror', 'object'])

interface Left {
  readonly side: string
  readonly mm: number
}

/** What of a patch shows beside a thing that hangs over it, by its sides; empty when it is covered. */
export function showing(
  h: Pick<Hung, 'xMm' | 'centerMm' | 'widthMm' | 'heightMm'>,
  f: Pick<PlanFixture, 'startMm' | 'widthMm' | 'bottomMm' | 'heightMm'>,
): Left[] {
  const [l, r] = [h.xMm - h.widthMm / 2, h.xMm + h.widthMm / 2]
  const [b, t] = [h.centerMm - h.heightMm / 2, h.centerMm + h.heightMm / 2]
  return [
    { side: 'left', mm: l - f.startMm },
    { side: 'right', mm: f.startMm + f.widthMm - r },
    { side: 'below', mm: b - f.bottomMm },
    { side: 'above', mm: f.bottomMm + f.heightMm - t },
  ].filter((s) => s.mm > 0.5)
}

const meets = (h: Hung, f: PlanFixture): boolean =>
  h.wallId === f.wallId &&
  h.xMm + h.widthMm / 2 > f.startMm &&
  h.xMm - h.widthMm / 2 < f.startMm + f.widthMm &&
  h.topMm > f.bottomMm &&
  h.bottomMm < f.bottomMm + f.heightMm

/** Laid across, where it stood upright. */
function turned(h: Hung): Fix['changes'] {
  const { frame } = h
  return frame
    ? [put('frames', frame.id, { sheetWidthMm: frame.sheetHeightMm, sheetHeightMm: frame.sheetWidthMm })]
    : [put('pieces', h.piece.id, { widthMm: h.piece.heightMm, heightMm: h.piece.widthMm })]
}

function waysOut(h: Hung, f: PlanFixture): Fix[] {
  const at = { xMm: f.startMm + f.widthMm / 2, centerMm: f.bottomMm + f.heightMm / 2 }
  const across = { widthMm: h.heightMm, heightMm: h.widthMm }
  return [
    ...(showing({ ...h, ...at }, f).length === 0
      ? [{ label: `Hang ${h.name} over the middle of it`, changes: [put('wallPlacements', h.id, at)] }]
      : []),
    ...(TURNS.has(h.piece.kind) && h.piece.count === 1 && showing({ ...at, ...across }, f).length === 0
      ? [
          {
            label: `Turn ${h.name} by a quarter, over the middle of it`,
            changes: [...turned(h), put('wallPlacements', h.id, at)],
          },
        ]
      : []),
  ]
}

export const blemish: Rule<PlanFacts> = {
  name: 'plan.blemish',
  title: 'An ugly patch that is not hidden, or not wholly',
  numbers:
    'A fixture entered as a blemish: what hangs over it covers it in both directions, or it is told how much shows on each side.',
  source: 'arithmetic',
  schools: 'all',
  check: (facts) =>
    facts.room.fixtures
      .filter((f) => f.kind === 'blemish')
      .flatMap((f): Finding[] => {
        const over = facts.wallPlacements.filter((h) => meets(h, f))
        if (over.some((h) => showing(h, f).length === 0)) return []
        const name = lower(f.name || f.kind)
        const size = facts.says.sides([f.widthMm, f.heightMm])
        const about = { kind: 'fixture' as const, id: f.id, name: f.name || f.kind }
        if (over.length === 0)
          return [
            {
              rule: 'plan.blemish',
              severity: 'note',
              about: [about, wallRef(facts, f.wallId)],
              title: `Nothing hides ${name}`,
              measured: size,
              wanted: `something at least ${size} over it, or the eye led elsewhere`,
              because: 'What cannot be changed is outshone or hidden; it is not fought.',
              fixes: facts.wallPlacements
                .filter((h) => h.wallId === f.wallId && TURNS.has(h.piece.kind))
                .flatMap((h) => waysOut(h, f)),
            },
          ]
        const [h] = over
        if (!h) return []
        const shows = showing(h, f)
        return [
          {
            rule: 'plan.blemish',
            severity: 'look',
            about: [about, ...over.map(hungRef)],
            title: `${capital(name)} shows beside ${lower(h.name)}`,
            measured: shows.map((s) => `${facts.says.length(s.mm)} ${s.side}`).join(', '),
            wanted: `covered both ways: at least ${size}`,
            because: 'A patch half hidden is looked at twice.',
            fixes: over.flatMap((o) => waysOut(o, f)),
            quantity: { value: shows.reduce((sum, s) => sum + s.mm, 0), better: 'less' },
          },
        ]
      }),
}
