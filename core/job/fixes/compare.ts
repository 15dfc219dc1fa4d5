import type { JudgedFinding, Severity } from '../../findings/finding.js'
import { CAUTIONS } from './judgeWhole.js'

/** What stands between a fix and its being offered, told to whoever builds rules. */
export type Worse =
  | { readonly test: 'still there' }
  /** A finding that was not there, or is graver, as grave as the one that is to go. */
  | {
      readonly test: 'new' | 'graver'
      readonly rule: string
      readonly severity: Severity
      readonly title: string
    }
  /** Something that can hurt someone, new, graver or nearer. */
  | { readonly test: 'caution'; readonly rule: string; readonly title: string }

/** What a fix makes of the findings of a job. */
export interface Comparison {
  readonly worse: readonly Worse[]
  /** What it brings to light that is lighter than what it mends. */
  readonly brings: readonly JudgedFinding[]
  /** What is left of the finding: the same rule about fewer of the same things. */
  readonly rest: JudgedFinding | undefined
}

const RANK: Readonly<Record<Severity, number>> = { stop: 0, look: 1, note: 2 }

/** Open findings by key, the gravest first: two may have one key, two sides of a piece against one thing. */
function byKey(list: readonly JudgedFinding[]): Map<string, JudgedFinding[]> {
  const found = new Map<string, JudgedFinding[]>()
  for (const f of list) if (!f.accepted) found.set(f.key, [...(found.get(f.key) ?? []), f])
  for (const alike of found.values()) alike.sort((x, y) => RANK[x.severity] - RANK[y.severity])
  return found
}

const things = (f: JudgedFinding) => f.about.map((r) => `${r.kind}:${r.id}`)

/** Less than this nobody measures: a distance in mm, or a fiftieth of what is larger. */
const UNMEASURED = 10
const SHARE = 1 / 50

/** Whether the number of a finding went the wrong way; that of a caution by however little. */
function nearer(now: JudgedFinding, was: JudgedFinding, caution: boolean): boolean {
  if (!now.quantity || !was.quantity) return false
  const by = now.quantity.value - was.quantity.value
  const worse = now.quantity.better === 'more' ? -by : by
  return worse > (caution ? 0 : Math.max(UNMEASURED, SHARE * was.quantity.value))
}

/** The same rule, no graver and no farther from right, about fewer of the same things: one of several was seen to. */
function isRestOf(f: JudgedFinding, of: JudgedFinding): boolean {
  const [now, was] = [things(f), things(of)]
  return (
    f.rule === of.rule &&
    RANK[f.severity] >= RANK[of.severity] &&
    now.length > 0 &&
    now.length < was.length &&
    !nearer(f, of, CAUTIONS.has(f.rule)) &&
    now.every((thing) => was.includes(thing))
  )
}

/**
 * What became of a job's findings, held against what a fix is to do: its finding gone, nothing as grave new, no caution new,
 * graver or nearer. Findings are told apart by their key, as many as there are of each.
 */
export function compare(
  mended: JudgedFinding,
  before: readonly JudgedFinding[],
  after: readonly JudgedFinding[],
): Comparison {
  const [was, now] = [byKey(before), byKey(after)]
  const worse: Worse[] = []
  const brings: JudgedFinding[] = []
  let rest: JudgedFinding | undefined
  for (const [key, list] of now)
    list.forEach((f, n) => {
      const old = was.get(key)?.[n]
      if (!old && isRestOf(f, mended)) {
        rest ??= f
        return
      }
      // One of several things another finding was about has been seen to: less of it is nothing new.
      if (!old && before.some((g) => !g.accepted && !now.has(g.key) && isRestOf(f, g))) return
      const graver = old !== undefined && RANK[f.severity] < RANK[old.severity]
      const caution = CAUTIONS.has(f.rule) && f.severity === 'stop'
      if (!old || graver) {
        const { rule, severity, title } = f
        if (caution) worse.push({ test: 'caution', rule, title })
        else if (RANK[severity] <= RANK[mended.severity])
          worse.push({ test: old ? 'graver' : 'new', rule, severity, title })
        else brings.push(f)
      } else if ((caution || RANK[f.severity] <= RANK[mended.severity]) && nearer(f, old, caution)) {
        const { rule, severity, title } = f
        worse.push(caution ? { test: 'caution', rule, title } : { test: 'graver', rule, severity, title })
      }
    })
  const [left, had] = [now.get(mended.key)?.length ?? 0, was.get(mended.key)?.length ?? 1]
  if (left >= had) worse.unshift({ test: 'still there' })
  return { worse, brings, rest }
}
