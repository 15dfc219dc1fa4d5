import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { DerivedJob } from '@bonitas/core/job/derive'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { areaText } from '@bonitas/core/kernel/units/length'
import { liquidText } from '@bonitas/core/kernel/units/liquid'
import { dayText } from '@bonitas/core/kernel/units/days'

export interface StageLine {
  /** Place among the nine stages; also the key that goes there with Alt. */
  readonly number: number
  readonly path: string
  readonly name: string
  /** What is open there, in words and numbers. */
  readonly line: string
}

const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`

/** Open findings of a stage, by the first word of their rule. */
export function findingsOf(findings: readonly JudgedFinding[], stage: string): JudgedFinding[] {
  return findings.filter((f) => f.rule.startsWith(`${stage}.`))
}

/** "1 stop, 3 to look at"; a note is read in its place and not counted. */
export function lookLine(all: readonly { readonly severity: string }[]): string {
  const findings = all.filter((f) => f.severity !== 'note')
  const stops = findings.filter((f) => f.severity === 'stop').length
  return [stops && count(stops, 'stop'), findings.length - stops && `${findings.length - stops} to look at`]
    .filter(Boolean)
    .join(', ')
}

/** What the line of the Plan needs to know; it comes after the rest. */
export interface PlanLine {
  readonly findings: readonly { readonly severity: string; readonly accepted?: unknown }[]
}

function planLine(job: JobSnapshot, plan: PlanLine | undefined): string {
  if (job.walls.length === 0) return 'needs the room'
  if (job.floorPlacements.length + job.wallPlacements.length === 0) return 'nothing stands yet'
  // What the plan comes to is found a moment later; until then nothing is said, least of all that all is well.
  if (!plan) return '\u00a0'
  const looks = lookLine(plan.findings.filter((f) => !f.accepted))
  if (looks !== '') return looks
  return `${count(job.floorPlacements.filter((s) => !s.parked).length, 'piece')} placed`
}

/** The stages that are built, with one line each. */
export function stageLines(
  job: JobSnapshot,
  derived: DerivedJob,
  findings: readonly JudgedFinding[],
  today: string,
  plan?: PlanLine,
): StageLine[] {
  const open = (stage: string) => findingsOf(findings, stage).filter((f) => !f.accepted)
  const brief = lookLine(open('brief'))
  const palette = open('palette')
  const clashes = palette.filter((f) => f.severity === 'stop').length
  const looks = palette.length - clashes
  const liters = derived.paint.reduce((sum, p) => sum + p.liters, 0)
  const unfilled = derived.items.filter((i) => i.state === 'open').length
  const stops = open('ledger').filter((f) => f.severity === 'stop').length
  const ledger = open('ledger').length
  return [
    {
      number: 1,
      path: 'brief',
      name: 'Brief',
      line:
        brief !== ''
          ? `${count(job.uses.length, 'use')}, ${brief}`
          : `${count(job.uses.length, 'use')}${job.brief.installOn ? ` · ${dayText(job.brief.installOn, today)}` : ', no install date'}`,
    },
    {
      number: 2,
      path: 'measure',
      name: 'Measure',
      line:
        derived.measure.closure.state === 'gap'
          ? 'walls do not close'
          : derived.measure.closure.state === 'crossed'
            ? 'walls cross'
            : derived.areas
              ? `${areaText(derived.areas.floorMm2, job.studio.system)} floor`
              : job.walls.length > 0
                ? `${count(job.walls.length, 'wall')}, not finished`
                : 'not measured yet',
    },
    {
      number: 3,
      path: 'palette',
      name: 'Palette',
      line:
        clashes + looks === 0
          ? job.finishes.length === 0
            ? 'no finishes yet'
            : `${count(derived.ribbon.length, 'finish', 'finishes')} agree`
          : [clashes && count(clashes, 'clash', 'clashes'), looks && `${looks} to look at`]
              .filter(Boolean)
              .join(', '),
    },
    { number: 4, path: 'plan', name: 'Plan', line: planLine(job, plan) },
    {
      number: 5,
      path: 'takeoff',
      name: 'Take-off',
      line:
        liters > 0
          ? `${liquidText(liters, job.studio.system)} in ${count(derived.paint.length, 'paint')}`
          : 'nothing to paint yet',
    },
    {
      number: 6,
      path: 'source',
      name: 'Source',
      line: job.items.length === 0 ? 'no items yet' : `${unfilled} of ${job.items.length} open`,
    },
    {
      number: 7,
      path: 'ledger',
      name: 'Ledger',
      line:
        stops > 0 ? 'over budget' : ledger > 0 ? `${ledger} to look at` : count(job.orders.length, 'order'),
    },
  ]
}
