import type { Fix, JudgedFinding } from '../../findings/finding.js'
import { ROWS, SINGLE, rowDef } from '../../model/registry.js'
import type { RowChange } from '../../model/changes.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { Material } from '../../model/vocabulary/finish.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import { pieceTakes, surfaceTakes } from '../../stages/palette/materialFits.js'
import { afterFix } from './afterFix.js'
import { compare, type Worse } from './compare.js'
import { MOST_OFFERED } from './mostOffered.js'
import { judgeWhole } from './judgeWhole.js'
import { forbidden, type Forbidden } from './kept.js'

/** Why a fix is not offered; told to whoever builds rules, and in one line to the person when none is left. */
export type Refusal =
  | { readonly test: 'row'; readonly says: string }
  | { readonly test: 'material'; readonly material: Material; readonly on: string }
  | ({ readonly test: 'kept' } & Forbidden)
  | Worse

/** A fix that was tried on a copy of the job and judged by the whole rule book. */
export interface SafeFix {
  readonly fix: Fix
  /** Lighter things it brings to light. */
  readonly brings: readonly JudgedFinding[]
  /** What is left of the finding. */
  readonly rest: JudgedFinding | undefined
}

export interface Checked {
  readonly offered: readonly SafeFix[]
  readonly dropped: readonly { readonly fix: Fix; readonly why: readonly Refusal[] }[]
}

/** A job with what the rule book says of it, held so that many fixes are tried against one judging. */
export interface Judged {
  readonly job: JobSnapshot
  readonly today: string
  readonly findings: readonly JudgedFinding[]
}

export const judged = (job: JobSnapshot, today: string): Judged => ({
  job,
  today,
  findings: judgeWhole(job, today),
})

/**
 * Which of a finding's ways out may be offered: each is done to a copy, and the copy is judged by the whole rule book. Cheap
 * tests come first. An answer tells what is true and is offered whatever it brings to light.
 */
export function checkFixes(held: Judged, finding: JudgedFinding): Checked {
  const offered: SafeFix[] = []
  const dropped: { fix: Fix; why: readonly Refusal[] }[] = []
  for (const fix of finding.fixes) {
    // Enough to choose from: what else would hold need not be tried.
    if (fix.kind !== 'answer' && offered.filter((o) => o.fix.kind !== 'answer').length >= MOST_OFFERED)
      continue
    const tried = tryFix(held, finding, fix)
    if ('why' in tried) dropped.push({ fix, why: tried.why })
    else offered.push({ fix, ...tried })
  }
  return { offered, dropped }
}

/** One fix tried on a copy. */
function tryFix(
  { job, today, findings }: Judged,
  finding: JudgedFinding,
  fix: Fix,
): Omit<SafeFix, 'fix'> | { readonly why: readonly Refusal[] } {
  const cheap: Refusal[] = [
    ...rowFaults(job, fix.changes),
    ...materialFaults(job, fix.changes),
    ...forbidden(job, fix.changes).map((f) => ({ test: 'kept' as const, ...f })),
  ]
  if (cheap.length > 0) return { why: cheap }
  const after = afterFix(job, fix.changes)
  if (!after) return { why: [{ test: 'row', says: 'a row it changes is not there, or may not go' }] }
  const { worse, brings, rest } = compare(finding, findings, judgeWhole(after, today))
  // What an answer reveals was there before it was said.
  if (fix.kind === 'answer') {
    const revealed = worse.filter((w) => w.test !== 'still there').length
    return worse.length > revealed ? { why: worse } : { brings: [...brings], rest }
  }
  return worse.length > 0 ? { why: worse } : { brings, rest }
}

/** Rows the server would refuse. Ids are made where rows are added: those are not looked at here. */
function rowFaults(job: JobSnapshot, changes: readonly RowChange[]): Refusal[] {
  return changes.flatMap((change): Refusal[] => {
    if ('remove' in change) return []
    const { collection } = change
    const row = 'add' in change ? change.add : { ...rowNow(job, change), ...change.set }
    const touched = Object.keys('add' in change ? change.add : change.set)
    return Object.entries(ROWS[collection].fields).flatMap(([name]): Refusal[] => {
      if (!touched.includes(name) || /ids?$/i.test(name) || name === 'surface' || name === 'serves') return []
      try {
        rowDef(collection).schema().validateSyncAt(name, row)
        return []
      } catch (error) {
        return [{ test: 'row', says: `${collection}.${name}: ${(error as Error).message}` }]
      }
    })
  })
}

function rowNow(job: JobSnapshot, change: { readonly collection: string; readonly id: string }): object {
  if (SINGLE.has(change.collection as never)) return job[change.collection as 'brief']
  return job[change.collection as 'uses'].find((r) => r.id === change.id) ?? {}
}

/** Finishes laid where nothing is made of their material. */
function materialFaults(job: JobSnapshot, changes: readonly RowChange[]): Refusal[] {
  // A finish may come with the fix that lays it.
  const coming = changes.flatMap((c) => (c.collection === 'finishes' && 'add' in c ? [c.add] : []))
  const materialOf = (finishId: unknown) =>
    [...job.finishes, ...coming].find((f) => f.id === finishId)?.material
  const ofKind = (piece: Pick<Piece, 'kind' | 'name'>, finishId: unknown): Refusal[] => {
    const material = materialOf(finishId)
    if (!material || pieceTakes(piece.kind, material)) return []
    return [{ test: 'material', material, on: piece.name }]
  }
  const ofSurface = (surface: string, finishId: unknown): Refusal[] => {
    const material = materialOf(finishId)
    if (!material || surfaceTakes(surface as Surface, material)) return []
    return [{ test: 'material', material, on: surface }]
  }
  return changes.flatMap((change): Refusal[] => {
    if ('remove' in change) return []
    const given = ('add' in change ? change.add : change.set) as { readonly finishId?: unknown }
    if (given.finishId == null) return []
    if (change.collection === 'pieces' && 'add' in change) return ofKind(change.add, given.finishId)
    if (change.collection === 'pieces') {
      const piece = job.pieces.find((p) => p.id === change.id)
      return piece ? ofKind({ ...piece, ...change.set }, given.finishId) : []
    }
    if (change.collection === 'schemeOverrides') {
      const pieceId =
        'add' in change ? change.add.pieceId : job.schemeOverrides.find((o) => o.id === change.id)?.pieceId
      const piece = job.pieces.find((p) => p.id === pieceId)
      return piece ? ofKind(piece, given.finishId) : []
    }
    if (change.collection === 'finishAssignments') {
      const surface =
        'add' in change
          ? change.add.surface
          : (change.set.surface ?? job.finishAssignments.find((a) => a.id === change.id)?.surface)
      return ofSurface(surface ?? 'walls', given.finishId)
    }
    return []
  })
}
