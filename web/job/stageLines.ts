import type { JudgedFinding } from '@bonitas/core/findings/finding'
import type { DerivedJob } from '@bonitas/core/job/derive'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { formatterOf, type Formatter } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

export interface StageLine {
  /** Place among the nine stages; also the key that goes there with Alt. */
  readonly number: number
  readonly path: string
  readonly name: string
  /** What is open there, in words and numbers. */
  readonly line: string
}

/** Open findings of a stage, by the first word of their rule. */
export function findingsOf(findings: readonly JudgedFinding[], stage: string): JudgedFinding[] {
  return findings.filter((f) => f.rule.startsWith(`${stage}.`))
}

/** "1 stop, 3 to look at"; a note is read in its place and not counted. */
export function lookLine(all: readonly { readonly severity: string }[]): string {
  const findings = all.filter((f) => f.severity !== 'note')
  const stops = findings.filter((f) => f.severity === 'stop').length
  return [
    stops && t('stops', { n: stops }),
    findings.length - stops && t('findingsToLookAt', { findings: findings.length - stops }),
  ]
    .filter(Boolean)
    .join(', ')
}

/** What the line of the Plan needs to know; it comes after the rest. */
export interface PlanLine {
  readonly findings: readonly { readonly severity: string; readonly accepted?: unknown }[]
}

function planLine(job: JobSnapshot, plan: PlanLine | undefined): string {
  if (job.walls.length === 0) return t('needsTheRoom')
  // What the plan comes to is found a moment later; until then nothing is said, least of all that all is well.
  if (!plan) return '\u00a0'
  const looks = lookLine(plan.findings.filter((f) => !f.accepted))
  if (looks !== '') return looks
  if (job.floorPlacements.length + job.wallPlacements.length === 0) return t('nothingStandsYet')
  return t('piecesPlaced', { n: job.floorPlacements.filter((s) => !s.parked).length })
}

/** What the line of Install needs to know; it comes after the rest. */
export interface InstallLine extends PlanLine {
  readonly readyOn: string | undefined
  readonly tasks: readonly unknown[]
}

function installLine(install: InstallLine | undefined, says: Formatter, today: string): string {
  if (!install) return '\u00a0'
  if (install.tasks.length === 0) return t('nothingToDo')
  const looks = lookLine(install.findings.filter((f) => !f.accepted))
  const ready =
    install.readyOn === undefined ? t('allDone') : t('readyOn', { day: says.day(install.readyOn, today) })
  return [ready, looks].filter(Boolean).join(', ')
}

function measureLine(job: JobSnapshot, derived: DerivedJob, says: Formatter): string {
  const { closure } = derived.measure
  if (closure.state === 'gap') return t('wallsDoNotClose')
  if (closure.state === 'crossed') return t('wallsCross')
  if (derived.areas) return t('floorArea', { area: says.area(derived.areas.floorMm2) })
  return job.walls.length > 0
    ? t('wallsNotFinished', { walls: t('walls', { n: job.walls.length }) })
    : t('notMeasuredYet')
}

function paletteLine(job: JobSnapshot, derived: DerivedJob, open: readonly JudgedFinding[]): string {
  const clashes = open.filter((f) => f.severity === 'stop').length
  const looks = open.length - clashes
  if (open.length > 0)
    return [clashes && t('clashes', { n: clashes }), looks && t('looksToLookAt', { looks })]
      .filter(Boolean)
      .join(', ')
  if (job.finishes.length === 0) return t('noFinishesYet')
  // What is seen nowhere, or on walls nobody measured, agrees with nothing yet.
  const seen = derived.ribbon.length
  return seen === 0 ? t('finishesCount', { n: job.finishes.length }) : t('finishesAgree', { n: seen })
}

function handoverLine(job: JobSnapshot, open: readonly JudgedFinding[]): string {
  const setOut = job.shelfPlacements.reduce((sum, p) => sum + p.count, 0)
  return lookLine(open) || (setOut > 0 ? t('setOut', { n: setOut }) : t('nothingSetOut'))
}

function briefLine({ uses, brief }: JobSnapshot, looks: string, says: Formatter, today: string): string {
  const many = t('uses', { n: uses.length })
  if (looks !== '') return `${many}, ${looks}`
  return `${many}${brief.installOn ? ` · ${says.day(brief.installOn, today)}` : t('noInstallDate2')}`
}

/** The stages that are built, with one line each. */
export function stageLines(
  job: JobSnapshot,
  derived: DerivedJob,
  findings: readonly JudgedFinding[],
  today: string,
  plan?: PlanLine,
  install?: InstallLine,
): StageLine[] {
  const says = formatterOf(job.studio)
  const closed = job.brief.closedOn
  const open = (stage: string) => findingsOf(findings, stage).filter((f) => !f.accepted)
  const liters = derived.paint.reduce((sum, p) => sum + p.liters, 0)
  const unfilled = derived.items.filter((i) => i.state === 'open').length
  const stops = open('ledger').filter((f) => f.severity === 'stop').length
  const ledger = open('ledger').length
  return [
    {
      number: 1,
      path: 'brief',
      name: t('brief'),
      line: briefLine(job, lookLine(open('brief')), says, today),
    },
    {
      number: 2,
      path: 'measure',
      name: t('measure'),
      line: measureLine(job, derived, says),
    },
    {
      number: 3,
      path: 'palette',
      name: t('palette'),
      line: paletteLine(job, derived, open('palette')),
    },
    { number: 4, path: 'plan', name: t('plan'), line: planLine(job, plan) },
    {
      number: 5,
      path: 'takeoff',
      name: t('takeoff'),
      line:
        [
          ...(liters > 0 ? [t('paintLine', { liters: says.liquid(liters), n: derived.paint.length })] : []),
          ...(job.takeoffs.length > 0 ? [t('tradeLines', { n: job.takeoffs.length })] : []),
        ].join(', ') || t('nothingToPaintYet'),
    },
    {
      number: 6,
      path: 'source',
      name: t('source'),
      line:
        job.items.length === 0
          ? t('noItemsYet')
          : t('unfilledOfItemsOpen', { unfilled, items: job.items.length }),
    },
    {
      number: 7,
      path: 'ledger',
      name: t('ledger'),
      line:
        stops > 0
          ? t('overBudget')
          : ledger > 0
            ? t('ledgerToLookAt', { ledger })
            : t('ordersLine', { n: job.orders.length }),
    },
    {
      number: 8,
      path: 'install',
      name: t('install'),
      line: closed ? t('workOver') : installLine(install, says, today),
    },
    {
      number: 9,
      path: 'handover',
      name: t('handover'),
      line: closed ? `${t('jobClosed')} ${says.day(closed, today)}` : handoverLine(job, open('handover')),
    },
  ]
}
