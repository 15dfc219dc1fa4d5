import type { Finding, Ref, Severity } from '../../../findings/finding.js'
import type { Trait } from '../../../model/vocabulary/piece.js'
import type { PlanPiece } from '../standing.js'
import { pieceRef, withTraits } from './about.js'
import { ASK } from './cautions.js'

/** A question about a piece, and the facts that answer it. */
export interface Asked {
  readonly rule: string
  readonly severity?: Severity
  readonly title: string
  readonly measured: string
  readonly wanted: string
  readonly because: string
  /** Each answer with the facts it enters; none where only a person can say why it may be so. */
  readonly answers: readonly { readonly label: string; readonly add: readonly Trait[] }[]
  /** What it is asked of beside the piece, so that two questions about one piece are told apart. */
  readonly beside?: Ref
}

/** A caution that asks: an answer closes the question and never says that a thing is safe. */
export const askOf = (p: PlanPiece, asked: Asked): Finding => ({
  rule: asked.rule,
  severity: asked.severity ?? 'look',
  about: [pieceRef(p), ...(asked.beside ? [asked.beside] : [])],
  title: asked.title,
  measured: asked.measured,
  wanted: asked.wanted,
  because: `${asked.because} ${ASK}`,
  fixes: asked.answers.map(({ label, add }) => ({ ...withTraits(p, label, add), kind: 'answer' as const })),
})
