import { judge, type JudgedFinding } from '../../findings/finding.js'
import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { InstallFacts } from '../../stages/install/installFacts.js'
import { INSTALL_RULES, LEASE_RULES } from '../../stages/install/rules/index.js'
import { workPlan, type PlanInput } from '../../stages/install/workPlan.js'
import type { DerivedJob } from '../derive.js'
import { inScheme } from '../inScheme.js'
import type { LineToMake } from '../making/faces.js'
import { arrivalsOf, latenessOf, type Lateness } from './arrivalsOf.js'
import { installFactsOf } from './installFactsOf.js'
import { puttingBackPlan, type PuttingBackPlan } from './puttingBackPlan.js'
import { roomTasks } from './roomTasks.js'

/** The plan of the work of a job, and what the rules find in it; derived apart from the rest, as the plan of the room is. */
export interface DerivedInstall {
  readonly facts: InstallFacts
  readonly findings: readonly JudgedFinding[]
  readonly putBack: PuttingBackPlan
}

/** What the plan of a job is made from. */
export function planInputOf(
  stored: JobSnapshot,
  derived: Pick<DerivedJob, 'brief' | 'palette' | 'areas' | 'paint' | 'measure' | 'items' | 'orders'>,
  lines: readonly LineToMake[],
  today: string,
  lateness: readonly Lateness[] = [],
): PlanInput {
  const job = inScheme(oneThing(stored))
  const tasks = roomTasks(job, derived, lines)
  const late = [...latenessOf(derived.orders), ...lateness]
  return {
    tasks,
    arrivals: arrivalsOf(job, derived.items, derived.orders, tasks, today, late),
    workers: [...job.crew].sort((x, y) => x.position - y.position || (x.id < y.id ? -1 : 1)),
    studioName: job.studio.name,
    closures: job.closures,
    quietHours: job.quietHours,
    ...{ dueOn: job.brief.installOn, today },
  }
}

/**
 * Whether anybody plans the work: until a day is given, or somebody or a task entered, there is nothing to be late for; in a
 * closed job it is over.
 */
const isPlanned = ({ brief, tasks, crew }: JobSnapshot): boolean =>
  brief.closedOn === null && (brief.installOn !== null || tasks.length > 0 || crew.length > 0)

/**
 * @param lines of the take-off, reckoned
 * @param lateness of suppliers in other jobs of the studio
 */
export function deriveInstall(
  stored: JobSnapshot,
  derived: Parameters<typeof planInputOf>[1],
  lines: readonly LineToMake[],
  today: string,
  lateness: readonly Lateness[] = [],
): DerivedInstall {
  const input = planInputOf(stored, derived, lines, today, lateness)
  const job = inScheme(oneThing(stored))
  const putBack = puttingBackPlan(job, derived, input)
  const facts = installFactsOf(job, input, workPlan(input), putBack, derived)
  const planned = isPlanned(stored)
  const asked = INSTALL_RULES.filter((rule) => planned || LEASE_RULES.has(rule))
  const found = asked.flatMap((rule) => rule.check(facts))
  return { facts, findings: judge(found, stored.acceptances), putBack }
}
