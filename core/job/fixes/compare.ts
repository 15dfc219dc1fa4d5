import { SEVERITY_ORDER, type JudgedFinding, type Severity } from '../../findings/finding.js'
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

/** Open findings by key, the gravest first: two may have one key, two sides of a piece against one thing. */
function byKey(list: readonly JudgedFinding[]): Map<string, JudgedFinding[]> {
  const found = new Map<string, JudgedFinding[]>()
  for (const f of list) if (!f.accepted) found.set(f.key, [...(found.get(f.key) ?? []), f])
  for (const alike of found.values())
    alike.sort((x, y) => SEVERITY_ORDER[x.severity] - SEVERITY_ORDER[y.severity])
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
    SEVERITY_ORDER[f.severity] >= SEVERITY_ORDER[of.severity] &&
    now.length > 0 &&
    now.length < was.length &&
    !nearer(f, of, CAUTIONS.has(f.rule)) &&
    now.every((thing) => was.includes(thing))
  )
}

/** A finding that is not as it was: new under its key, graver, or farther from right. */
export interface Turned {
  readonly finding: JudgedFinding
  readonly how: 'new' | 'graver' | 'nearer'
  /** New by its key alone: one of several things another finding was about has been seen to. */
  readonly isRest: boolean
}

/** What turned worse among a job's findings, told apart by their key, as many as there are of each. */
export function turnedWorse(before: readonly JudgedFinding[], after: readonly JudgedFinding[]): Turned[] {
  const [was, now] = [byKey(before), byKey(after)]
  return [...now].flatMap(([key, list]) =>
    list.flatMap((finding, n): Turned[] => {
      const old = was.get(key)?.[n]
      if (!old) {
        const isRest = before.some((g) => !g.accepted && !now.has(g.key) && isRestOf(finding, g))
        return [{ finding, how: 'new', isRest }]
      }
      if (SEVERITY_ORDER[finding.severity] < SEVERITY_ORDER[old.severity])
        return [{ finding, how: 'graver', isRest: false }]
      return nearer(finding, old, isCautionStop(finding)) ? [{ finding, how: 'nearer', isRest: false }] : []
    }),
  )
}

const isCautionStop = (f: JudgedFinding): boolean => CAUTIONS.has(f.rule) && f.severity === 'stop'

/**
 * What became of a job's findings, held against what a fix is to do: its finding gone, nothing as grave new, no caution new,
 * graver or nearer.
 */
export function compare(
  mended: JudgedFinding,
  before: readonly JudgedFinding[],
  after: readonly JudgedFinding[],
): Comparison {
  const worse: Worse[] = []
  const brings: JudgedFinding[] = []
  let rest: JudgedFinding | undefined
  for (const { finding, how, isRest } of turnedWorse(before, after)) {
    const { rule, severity, title } = finding
    if (how === 'new' && isRestOf(finding, mended)) rest ??= finding
    else if (isRest) continue
    else if (isCautionStop(finding)) worse.push({ test: 'caution', rule, title })
    else if (SEVERITY_ORDER[severity] <= SEVERITY_ORDER[mended.severity])
      worse.push({ test: how === 'new' ? 'new' : 'graver', rule, severity, title })
    else if (how !== 'nearer') brings.push(finding)
  }
  const countOf = (list: readonly JudgedFinding[]) =>
    list.filter((f) => !f.accepted && f.key === mended.key).length
  if (countOf(after) >= Math.max(1, countOf(before))) worse.unshift({ test: 'still there' })
  return { worse, brings, rest }
}
