import { listed } from '../kernel/listed.js'
import type { JudgedFinding } from '../findings/finding.js'
import type { RowChange } from '../model/changes.js'
import { asScheme } from '../stages/palette/proposals/asScheme.js'
import type { Surface } from '../model/vocabulary/surface.js'
import { propose, type Proposal, type ProposalWish } from '../stages/palette/proposals/propose.js'
import { surfaceName } from '../stages/palette/surfaceAreas.js'
import { PALETTE_RULES } from '../stages/palette/rules/index.js'
import { broughtBy, isGrave, type Brought } from './broughtBy.js'
import type { Judged } from './fixes/checkFixes.js'

/** A palette with what the job would say once it is worn. */
export interface ToldProposal extends Omit<Proposal, 'findings'> {
  /** What the palette is looked at for then, and whatever else it brings. */
  readonly findings: readonly JudgedFinding[]
}

const OF_PALETTE: ReadonlySet<string> = new Set(PALETTE_RULES.map((r) => r.name))

/** A proposal taken over as a scheme and worn. */
export function worn(proposal: Pick<Proposal, 'name' | 'why' | 'finishes'>, briefId: string): RowChange[] {
  let made = 0
  const changes = asScheme(proposal, 0, () => `proposed ${made++}`)
  const schemeId = changes.flatMap((c) => (c.collection === 'schemes' && 'add' in c ? [c.add.id] : []))[0]
  return [...changes, { collection: 'brief', id: briefId, set: { schemeId: schemeId ?? null } }]
}

/** So many are put together for each that is wanted: one that brings a stop is not shown. */
const MADE_FOR_ONE = 2

/**
 * Palettes for the job: each is worn by a copy of it and judged by the whole rule book. One that brings a stop is not shown;
 * where a surface may not be changed, others are put together that leave it as it is. What is announced is what is then there.
 */
export function proposeInJob(held: Judged, wish: Omit<ProposalWish, 'rows'>): ToldProposal[] {
  const make = (leave: readonly Surface[]) =>
    propose({ ...wish, rows: held.job, leave, count: MADE_FOR_ONE * wish.count }).flatMap((p) => {
      const then = broughtBy(held, worn(p, held.job.brief.id))
      return then ? [{ p, then }] : []
    })
  const first = make([])
  const kept = told(first, wish.count)
  const leave = stoppedSurfaces(first.map((f) => f.then))
  if (kept.length >= wish.count || leave.length === 0) return kept
  const names = leave.map((s) => surfaceName(s, held.job.studio.locale, wish.areas).toLowerCase())
  return told(make(leave), wish.count, [`${listed(names)} left as they are: to change them brings a stop`])
}

interface Tried {
  readonly p: Proposal
  readonly then: Brought
}

const told = (tried: readonly Tried[], count: number, more: readonly string[] = []): ToldProposal[] =>
  tried
    .filter(({ then }) => !then.brings.some(isGrave))
    .slice(0, count)
    .map(({ p, then }) => {
      const brought = new Set(then.brings)
      const findings = then.open.filter((f) => OF_PALETTE.has(f.rule) || brought.has(f))
      const looks = findings.filter((f) => f.severity === 'look').length
      return {
        ...p,
        findings,
        why: [...p.why, ...more, looks === 0 ? 'nothing to look at' : `${looks} to look at, no stop`],
      }
    })

/** The surfaces on which a stop was brought. */
function stoppedSurfaces(all: readonly Brought[]): Surface[] {
  const refs = all.flatMap(({ after, brings }) =>
    brings.filter(isGrave).flatMap((f) =>
      f.about.flatMap((r) => {
        if (r.kind === 'surface') return [r.id]
        const laid = r.kind === 'placement' && after.finishAssignments.find((a) => a.id === r.id)
        return laid ? [laid.surface] : []
      }),
    ),
  )
  return [...new Set(refs)] as Surface[]
}
