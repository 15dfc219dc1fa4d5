import type { RowChange } from '../model/changes.js'
import type { RefKind } from '../model/vocabulary/refKind.js'

export type { RowChange }

/** Something in the job a finding is about, so that the screen can take the reader there. */
export interface Ref {
  readonly kind: RefKind
  readonly id: string
  readonly name: string
}

/** A way out that is real: applying its changes makes the finding go away. */
export interface Fix {
  readonly label: string
  readonly changes: readonly RowChange[]
  /**
   * What it is, when it changes nothing in the room: a fact that nobody had entered, or something that will be done. An
   * answer is offered whatever it brings to light; a promise leaves a caution open.
   */
  readonly kind?: 'answer' | 'promise'
}

export type Severity = 'stop' | 'look' | 'note'

/** What the rule book noticed: facts with their numbers, worded for the person, stored by nobody. */
export interface Finding {
  /** Name of the rule, and with `about` the identity of the finding. */
  readonly rule: string
  readonly severity: Severity
  readonly about: readonly Ref[]
  readonly title: string
  /** What was measured and what is wanted, as the person reads them, with units. */
  readonly measured: string
  readonly wanted: string
  readonly because: string
  /** The school that made the rule fire; absent when every school agrees. */
  readonly school?: string
  readonly fixes: readonly Fix[]
  /** How far it is from right, where that is one number: a caution may not get worse unseen. */
  readonly quantity?: { readonly value: number; readonly better: 'more' | 'less' }
}

/** One check of the rule book. What it is held against stands in `core/examples`, under its name. */
export interface Rule<Input> {
  readonly name: string
  readonly title: string
  /** The numbers it decides by, in words a reader can check. */
  readonly numbers: string
  /** A publication, or "common practice". */
  readonly source: string
  /** The schools it applies to, or 'all'. */
  readonly schools: readonly string[] | 'all'
  /** What it finds can hurt someone: no fix of anything may bring it or make it worse. */
  readonly caution?: true
  readonly check: (input: Input) => Finding[]
}

/** Identity of a finding: rule and what it is about, in any order. */
export function findingKey(finding: Pick<Finding, 'rule' | 'about'>): string {
  return [finding.rule, ...finding.about.map((r) => `${r.kind}:${r.id}`).sort()].join('|').slice(0, 400)
}

/** The facts an acceptance rests on. When they change, the finding comes back. */
export function findingFacts(finding: Finding): string {
  return `${finding.severity} ${finding.measured} ${finding.wanted}`.slice(0, 600)
}

export interface JudgedFinding extends Finding {
  readonly key: string
  readonly facts: string
  /** The reason given, when the finding was accepted as deliberate and its facts still stand. */
  readonly accepted?: { readonly reason: string; readonly id: string }
}

/** The gravest first. */
export const SEVERITY_ORDER: Readonly<Record<Severity, number>> = { stop: 0, look: 1, note: 2 }

/** Findings with their acceptances: open ones first, the gravest on top, accepted ones struck at the end. */
export function judge(
  findings: readonly Finding[],
  acceptances: readonly { id: string; finding: string; facts: string; reason: string }[],
): JudgedFinding[] {
  return findings
    .map((finding): JudgedFinding => {
      const key = findingKey(finding)
      const facts = findingFacts(finding)
      const found = acceptances.find((a) => a.finding === key && a.facts === facts)
      return found
        ? { ...finding, key, facts, accepted: { reason: found.reason, id: found.id } }
        : { ...finding, key, facts }
    })
    .sort(
      (x, y) =>
        Number(!!x.accepted) - Number(!!y.accepted) ||
        SEVERITY_ORDER[x.severity] - SEVERITY_ORDER[y.severity],
    )
}
