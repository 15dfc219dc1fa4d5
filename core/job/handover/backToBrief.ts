import { formatterOf } from '../../kernel/units/formatter.js'
import { findingKey, type JudgedFinding } from '../../findings/finding.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { constraintBroken } from '../../stages/brief/rules/constraintBroken.js'
import { differenceOf } from '../../stages/source/intent.js'
import type { DerivedJob } from '../derive.js'

/** How a promise of the brief stands at the end: kept, kept by something else than planned, or open. */
export type Kept = 'met' | 'met otherwise' | 'open'

/** One promise of the brief. */
export interface PromiseOfBrief {
  readonly key: string
  readonly kind: 'use' | 'focal point' | 'intent' | 'constraint' | 'sight line' | 'budget'
  readonly name: string
  readonly state: Kept
  readonly says: string
}

/**
 * The brief gone through at the end: every use, focal point, intent and constraint, the sight line and the money, each met, met
 * otherwise, or open. What is open becomes a snag.
 *
 * @param findings what the rule book says of the job and of the plan of its work, the accepted among them
 */
export function backToBrief(
  job: JobSnapshot,
  { brief, items, position }: Pick<DerivedJob, 'brief' | 'items' | 'position'>,
  findings: readonly JudgedFinding[],
): PromiseOfBrief[] {
  const says = formatterOf(job.studio)
  const open = findings.filter((f) => !f.accepted)
  const accepted = new Set(findings.filter((f) => f.accepted).map((f) => f.key))
  const uses = brief.coverage.uses.map((u): PromiseOfBrief => ({
    ...{ key: `use ${u.use.id}`, kind: 'use', name: u.use.name },
    ...{ state: u.state === 'covered' ? 'met' : 'open', says: u.says },
  }))
  const focal = job.focalPoints.map((f): PromiseOfBrief => {
    const of = items.filter((i) => i.item.focalPointId === f.id)
    const left = of.filter((i) => !isThere(i))
    return {
      ...{ key: `focal ${f.id}`, kind: 'focal point', name: f.name },
      state: of.length > 0 && left.length === 0 ? 'met' : 'open',
      says:
        of.length === 0
          ? 'nothing belongs to it'
          : left.length === 0
            ? says.count(of.length, 'thing, there', 'things, all there')
            : `not there: ${left.map((i) => i.item.name).join(', ')}`,
    }
  })
  const intents = items
    .filter((i) => i.item.intent.trim() !== '')
    .map((i): PromiseOfBrief => ({
      ...{ key: `intent ${i.item.id}`, kind: 'intent', name: `${i.item.name}: ${i.item.intent}` },
      ...intentState(i, says.money),
    }))
  const constraints = job.constraints.map((c): PromiseOfBrief => {
    const [broken] = constraintBroken.check({ ...brief, job: { ...brief.job, constraints: [c] } })
    return {
      ...{ key: `constraint ${c.id}`, kind: 'constraint', name: `${c.what}: ${c.kind}` },
      // What somebody accepted as meant is no breach.
      state: !broken ? 'met' : accepted.has(findingKey(broken)) ? 'met otherwise' : 'open',
      says: broken?.title ?? 'kept',
    }
  })
  const line = open.find((f) => f.rule === 'install.one-sight-line')
  const over = position.forecastMinor - position.agreedMinor
  return [
    ...uses,
    ...focal,
    ...intents,
    ...constraints,
    ...(line
      ? [
          {
            ...{ key: 'sight line', kind: 'sight line' as const, name: 'One sight line finished' },
            ...{ state: 'open' as const, says: line.title },
          },
        ]
      : []),
    {
      ...{ key: 'budget', kind: 'budget', name: 'The agreed budget' },
      state: over > 0 ? 'open' : 'met',
      says:
        over > 0
          ? `${says.money(over)} over what was agreed`
          : `${says.money(position.forecastMinor)} of ${says.money(position.agreedMinor)}`,
    },
  ]
}

/** It was there before, or all of it has come. */
const isThere = ({ chosen, lines }: DerivedJob['items'][number]): boolean =>
  chosen?.option.kind === 'owned' || (lines.length > 0 && lines.every((l) => l.completeOn !== undefined))

/** Whether an item still does what it was for, and by what. */
function intentState(
  item: DerivedJob['items'][number],
  money: (minor: number) => string,
): Pick<PromiseOfBrief, 'state' | 'says'> {
  const { swap, chosen } = item
  if (!chosen) return { state: 'open', says: 'nothing is chosen' }
  if (swap) {
    const words = `${swap.boughtName} instead of ${swap.plannedName}, ${differenceOf(swap, money)}`
    if (swap.intent === 'kept') return { state: 'met otherwise', says: `${words}; the intent is kept` }
    return {
      state: 'open',
      says: swap.intent === 'lost' ? `${words}; the intent is lost` : `${words}; is the intent kept?`,
    }
  }
  return isThere(item)
    ? { state: 'met', says: chosen.option.name }
    : { state: 'open', says: `${chosen.option.name}, not there yet` }
}
