import { listed } from '../../kernel/listed.js'
import { capital } from '../../kernel/capital.js'
import { formatterOf } from '../../kernel/units/formatter.js'
import type { JudgedFinding } from '../../findings/finding.js'
import type { NamedGap } from '../../model/rows/brief.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { clientAccount } from '../../stages/ledger/clientAccount.js'
import { picturePairs } from '../../stages/handover/pictures.js'
import type { PlanTask } from '../../stages/install/planTask.js'
import { cautionsOf } from '../cautions.js'
import type { DerivedJob } from '../derive.js'
import { estimatesLeft } from '../documentSide.js'
import { backToBrief } from './backToBrief.js'
import { registerOf } from './registerOf.js'

/** Something that is open when a job is to be closed, and the page that mends it. */
export interface Gap extends Readonly<NamedGap> {
  readonly key: string
  /** The address of the page below the job. */
  readonly at: string
}

/** What the gaps are looked for in. */
export interface GapsIn {
  readonly job: JobSnapshot
  readonly derived: DerivedJob
  /** Everything the rule book says, the plan of the room and of the work with the rest. */
  readonly findings: readonly JudgedFinding[]
  /** The tasks of the plan of the work. */
  readonly tasks: readonly PlanTask[]
}

/**
 * Everything that is open in a job: money, goods, papers, snags, promises of the brief, records, pictures, cautions. A job may
 * be closed all the same; then just these are named.
 */
export function gapsOf(of: GapsIn): Gap[] {
  return [
    ...moneyGaps(of),
    ...goodsGaps(of),
    ...paperGaps(of),
    ...snagGaps(of),
    ...briefGaps(of),
    ...recordGaps(of),
    ...pictureGaps(of),
    ...cautionGaps(of),
  ]
}

function moneyGaps({ job, derived }: GapsIn): Gap[] {
  const { money } = formatterOf(job.studio)
  const gap = (key: string, text: string, at = 'ledger'): Gap => ({ kind: 'money', key, text, at })
  const { receivedMinor, feeMinor, inHandMinor } = clientAccount(job.entries)
  // Where the client pays the shops nobody keeps an account.
  const kept = receivedMinor !== 0 || feeMinor !== 0
  return [
    ...derived.orders.flatMap((o): Gap[] => [
      ...(o.outstandingMinor > 0
        ? [gap(`unpaid ${o.order.id}`, `${o.name}: ${money(o.outstandingMinor)} to pay`)]
        : []),
      ...(o.dueBackMinor > 0
        ? [gap(`due back ${o.order.id}`, `${o.name}: ${money(o.dueBackMinor)} due back`)]
        : []),
    ]),
    ...(derived.position.creditMinor > 0
      ? [
          gap(
            'credit',
            `Store credit of ${money(derived.position.creditMinor)} is not spent`,
            'ledger/standing',
          ),
        ]
      : []),
    ...(kept && inHandMinor !== 0
      ? [
          gap(
            'account',
            inHandMinor > 0
              ? `${money(inHandMinor)} of the client’s money in hand`
              : `${money(-inHandMinor)} to be received from the client`,
            'ledger/entries',
          ),
        ]
      : []),
  ]
}

function goodsGaps({ job, derived }: GapsIn): Gap[] {
  const says = formatterOf(job.studio)
  const gap = (key: string, text: string, at: string): Gap => ({ kind: 'goods', key, text, at })
  const lines = derived.orders.flatMap((o) => o.lines)
  return [
    ...lines.flatMap(({ line, state, decision }): Gap[] => [
      ...(state.toComeQuantity > 0
        ? [
            gap(
              `to come ${line.id}`,
              `${line.itemName}: ${says.number(state.toComeQuantity)} to come`,
              'ledger',
            ),
          ]
        : []),
      ...(decision === 'to go back' && state.hereQuantity > 0
        ? [gap(`goes back ${line.id}`, `${line.itemName}: to go back`, 'ledger')]
        : []),
    ]),
    ...derived.items
      .filter((i) => i.lines.length === 0 && i.state !== 'delivered' && i.chosen?.option.kind !== 'owned')
      .map((i) => gap(`not bought ${i.item.id}`, `${i.item.name}: not bought`, 'source')),
    ...job.claims
      .filter((c) => c.answer === 'waiting')
      .map((c) => {
        const name = lines.find((l) => l.line.id === c.lineId)?.line.itemName ?? 'Something'
        return gap(`claim ${c.id}`, `${name}: the claim waits for its answer`, 'ledger/claims')
      }),
    ...job.loans
      .filter((l) => l.returnedOn === null)
      .map((l) => {
        const name = job.pieces.find((p) => p.id === l.pieceId)?.name ?? l.name
        return gap(`loan ${l.id}`, `${name}: goes back${l.owner ? ` to ${l.owner}` : ''}`, 'ledger/claims')
      }),
  ]
}

function paperGaps({ job, derived }: GapsIn): Gap[] {
  const { money } = formatterOf(job.studio)
  const guessed = estimatesLeft(job, derived.orders)
  const named = new Set(guessed.map((g) => g.orderId))
  const has = new Set(job.receipts.map((r) => r.orderId))
  const gap = (key: string, text: string): Gap => ({ kind: 'papers', key, text, at: 'ledger/receipts' })
  return [
    ...guessed.map((g) =>
      gap(`guessed ${g.orderId}`, `${g.orderName}: ${money(g.amountMinor)} from memory, no paper yet`),
    ),
    ...derived.orders
      .filter((o) => o.paidMinor > 0 && !has.has(o.order.id) && !named.has(o.order.id))
      .map((o) => gap(`no paper ${o.order.id}`, `${o.name}: no receipt or invoice`)),
  ]
}

function snagGaps({ job, tasks }: GapsIn): Gap[] {
  const says = formatterOf(job.studio)
  const isSnag = (t: PlanTask) => t.step === 'snag list' && t.key.startsWith('own|')
  const open = tasks.filter((t) => t.doneOn === null)
  const work = open.filter((t) => !isSnag(t))
  return [
    ...open.filter(isSnag).map((t): Gap => ({
      ...{ kind: 'snags', key: `snag ${t.key}`, text: t.name },
      at: 'install/today',
    })),
    // Where nobody marks what is done, nothing is said of the work.
    ...(work.length > 0 && tasks.some((t) => t.doneOn !== null)
      ? [
          {
            ...{ kind: 'snags' as const, key: 'work' },
            text: says.count(
              work.length,
              'task of the work is not marked as done',
              'tasks of the work are not marked as done',
            ),
            at: 'install',
          },
        ]
      : []),
  ]
}

/** Promises of the brief; what is only not there yet is named among the goods. */
function briefGaps({ job, derived, findings }: GapsIn): Gap[] {
  const waits = new Set([
    ...derived.items.filter((i) => !i.swap).map((i) => `intent ${i.item.id}`),
    ...job.focalPoints
      .filter((f) => job.items.some((i) => i.focalPointId === f.id))
      .map((f) => `focal ${f.id}`),
  ])
  return backToBrief(job, derived, findings)
    .filter((p) => p.state === 'open' && !waits.has(p.key))
    .map((p) => ({
      kind: 'brief',
      key: p.key,
      text: `${p.name}: ${p.says}`.slice(0, 400),
      at: 'handover/edit',
    }))
}

function recordGaps({ job, derived }: GapsIn): Gap[] {
  const { things, finishes } = registerOf(job, derived)
  const gap = (key: string, text: string): Gap => ({
    kind: 'records',
    key,
    text,
    at: `handover/register?of=${key}`,
  })
  return [
    ...things
      .filter((t) => t.missing.length > 0)
      .map((t) => gap(`${t.ref.kind}:${t.ref.id}`, `${t.ref.name}: ${listed(t.missing)} not known`)),
    ...finishes
      .filter((f) => f.missing.length + f.asked.length > 0)
      .map((f) => gap(`finish:${f.id}`, `${f.name}: ${listed([...f.missing, ...f.asked])} not known`)),
    ...job.pictureMarks
      .filter((m) => m.pieceId === null && m.seenAs === null)
      .map((m): Gap => ({
        ...{ kind: 'records', key: `mark:${m.id}`, at: 'handover/pictures' },
        text: `${capital(m.name)}: seen in a picture, nobody has said whose it is`,
      })),
  ]
}

const pictureGaps = ({ job, derived }: GapsIn): Gap[] =>
  picturePairs(derived.brief.standpoints, job.photos)
    .filter((p) => p.before && !p.after)
    .map((p) => ({
      ...{ kind: 'pictures', key: p.subject, text: `${p.name}: no picture of after` },
      at: `handover/pictures?at=${p.subject}`,
    }))

const cautionGaps = ({ job, findings }: GapsIn): Gap[] =>
  cautionsOf(job, findings, new Set()).open.map((f) => ({
    ...{ kind: 'cautions', key: f.key, text: f.title.slice(0, 400), at: 'brief/cautions' },
  }))
