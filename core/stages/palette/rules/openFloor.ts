import { type PaletteFacts, type FinishFacts, seen, likeness } from '../paletteFacts.js'
import { leaningOf } from '../pairs.js'
import { wornPieces, finishRef } from './about.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { surfaceName } from '../surfaceAreas.js'

/** What speaks against a finish that is still open: the first fault with what else is seen. */
function against(facts: PaletteFacts, open: FinishFacts, surface: string): string | undefined {
  const others = seen(facts).filter((f) => !f.where.every((w) => w.id === surface))
  const clash = others.find((f) => leaningOf(open, f)?.clash)
  if (clash) return `leans apart from ${clash.finish.name}`
  const rug =
    surface === 'floor' &&
    wornPieces(facts).find(
      (w) => w.piece.kind === 'rug' && likeness(w.finish.lab, open.lab).zone === 'near miss',
    )
  return rug ? `is a near miss with ${rug.piece.name}` : undefined
}

function check(facts: PaletteFacts): Finding[] {
  const surfaces = [...new Set(facts.candidates.map((c) => c.surface))]
  return surfaces.flatMap((surface): Finding[] => {
    const open = facts.candidates
      .filter((c) => c.surface === surface)
      .flatMap((c) => {
        const finish = facts.finishes.find((f) => f.finish.id === c.finishId)
        return finish ? [{ row: c, finish, fault: against(facts, finish, surface) }] : []
      })
    const failing = open.filter((o) => o.fault !== undefined)
    if (failing.length === 0) return []
    const works = open.filter((o) => o.fault === undefined)
    return [
      {
        rule: 'palette.open-floor',
        severity: 'look',
        about: [
          { kind: 'surface', id: surface, name: surfaceName(surface, facts.says.locale) },
          ...open.map((o) => finishRef(o.finish)),
        ],
        title:
          works.length === 0
            ? `The scheme works with no ${surfaceName(surface, facts.says.locale).toLowerCase()} still open`
            : `The scheme does not work with every ${surfaceName(surface, facts.says.locale).toLowerCase()} still open`,
        measured: failing.map((o) => `${o.finish.finish.name} ${o.fault ?? ''}`).join('; '),
        wanted: `wall and textiles that work with all ${open.length}${works.length > 0 ? `; now with ${works.map((o) => o.finish.finish.name).join(', ')}` : ''}`,
        because: 'While it is undecided, everything else must work with each of them; or decide it now.',
        fixes:
          works.length > 0
            ? [
                {
                  label: `Leave ${failing.map((o) => o.finish.finish.name).join(', ')} out`,
                  changes: failing.map((o) => ({
                    collection: 'finishAssignments',
                    id: o.row.id,
                    remove: true as const,
                  })),
                },
              ]
            : [],
      },
    ]
  })
}

export const openFloor: Rule<PaletteFacts> = {
  name: 'palette.open-floor',
  title: 'A scheme that fails with a finish still open',
  numbers:
    'Each finish still open on a surface is held against all that is seen: undertone by family, and ΔE00 4 to 9 between rug and floor.',
  source: 'common practice',
  schools: 'all',
  check,
}
