import { put } from '../../../model/changes.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { itemWith, pieceWith } from '../../../examples/emptyJob.js'
import { dayText } from '../../../kernel/units/days.js'
import { lengthText } from '../../../kernel/units/length.js'
import type { BriefFacts } from '../briefFacts.js'
import { proposedHanging } from '../household.js'
import type { Allotment } from '../../../model/rows/allotments.js'
import type { Person } from '../../../model/rows/people.js'
import { example } from './uses.js'

const allotment = (category: Allotment['category'], amountMinor: number, more: Partial<Allotment> = {}) => ({
  id: category,
  version: 1,
  category,
  amountMinor,
  mark: 'even' as const,
  reason: null,
  ...more,
})
const wall = (id: string, lengthMm: number, position: number) => ({
  id,
  version: 1,
  position,
  name: id,
  lengthMm,
  turnDeg: 90,
  face: 'smooth paint' as const,
})
const adult = (id: string, standingEyeMm: number): Person & { version: number } => ({
  id,
  version: 1,
  position: 0,
  name: id,
  kind: 'adult',
  ageYears: null,
  standingEyeMm,
  seatedEyeMm: null,
  minds: [],
  note: '',
})

export const beforePictures: Rule<BriefFacts> = {
  name: 'brief.before-pictures',
  title: 'Before pictures are missing',
  numbers:
    'One of every wall and every corner; walls under 500 mm are seen in their neighbor’s picture. Asked for once the walls are entered.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, standpoints }) => {
    const missing = standpoints.filter((s) => s.photos.length === 0)
    if (missing.length === 0 || job.brief.beforeReason.trim() !== '') return []
    const moving = job.pieces.filter((p) => p.verdict === 'move' || p.verdict === 'let go')
    return [
      {
        rule: 'brief.before-pictures',
        severity: 'look',
        about: [{ kind: 'job', id: 'before', name: 'Before pictures' }],
        title: `${missing.length} of ${standpoints.length} before pictures missing`,
        measured: `Missing: ${missing.map((s) => s.name).join(', ')}`,
        wanted:
          moving.length > 0
            ? `all of them before ${moving.map((p) => p.name).join(', ')} ${moving.length === 1 ? 'is' : 'are'} moved`
            : 'all of them before anything moves',
        because: 'The one thing that cannot be made good later, and often regretted.',
        mends: [],
      },
    ]
  },
  examples: {
    trips: () => example({ walls: [wall('Window wall', 3000, 0)] }),
    passes: () =>
      example({
        walls: [wall('Window wall', 3000, 0)],
        photos: ['wall:Window wall', 'corner:Window wall'].map((subject) => ({
          id: subject,
          version: 1,
          kind: 'before' as const,
          note: '',
          subject,
          position: 0,
          widthPx: 1,
          heightPx: 1,
          pages: 0,
        })),
      }),
  },
}

export const splitOver: Rule<BriefFacts> = {
  name: 'brief.split-over',
  title: 'The shares of the categories come to more than may be spent',
  numbers:
    'Shares added up against the agreed budget with its change orders, less the reserve and a fee inside it.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, toSpendMinor, money }) => {
    const all = job.allotments.reduce((sum, a) => sum + a.amountMinor, 0)
    if (all <= toSpendMinor) return []
    const over = all - toSpendMinor
    // Where the job saves it gives first, then what neither saves nor splurges; the largest first.
    const give = [...job.allotments]
      .filter((a) => a.amountMinor >= over)
      .sort((x, y) => RANK[x.mark] - RANK[y.mark] || y.amountMinor - x.amountMinor)
    return [
      {
        rule: 'brief.split-over',
        severity: 'look',
        about: [{ kind: 'job', id: 'split', name: 'Shares' }],
        title: `The shares are ${money(over)} more than may be spent`,
        measured: `Shares come to ${money(all)}`,
        wanted: `at most ${money(toSpendMinor)}`,
        because: 'A split that does not add up hides the shortage until the last category is bought.',
        mends: give.slice(0, 3).map((a) => ({
          label: `Give ${money(over)} from ${a.category}: ${money(a.amountMinor - over)} left`,
          changes: [put('allotments', a.id, { amountMinor: a.amountMinor - over })],
        })),
      },
    ]
  },
  examples: {
    trips: () => example({ allotments: [allotment('furniture', 500_000)] }),
    passes: () => example({ allotments: [allotment('furniture', 300_000)] }),
  },
}
const RANK: Readonly<Record<Allotment['mark'], number>> = { save: 0, even: 1, splurge: 2 }

export const shareOutrun: Rule<BriefFacts> = {
  name: 'brief.share-outrun',
  title: 'The items of a category come to more than its share',
  numbers: 'Target prices of the category added up against its share.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, money }) =>
    job.allotments.flatMap((a): Finding[] => {
      const targets = job.items
        .filter((i) => i.category === a.category)
        .reduce((sum, i) => sum + i.targetMinor, 0)
      if (targets <= a.amountMinor) return []
      return [
        {
          rule: 'brief.share-outrun',
          severity: 'note',
          about: [{ kind: 'job', id: a.id, name: a.category }],
          title: `${a.category}: items come to ${money(targets - a.amountMinor)} more than their share`,
          measured: `Targets come to ${money(targets)}`,
          wanted: `at most ${money(a.amountMinor)}`,
          because: 'Said now, it is a choice; said later, it is a shortage.',
          mends: [
            {
              label: `Give ${a.category} ${money(targets)}`,
              changes: [put('allotments', a.id, { amountMinor: targets })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => example({ allotments: [allotment('furniture', 5_000)], items: [itemWith({ id: 'Chair' })] }),
    passes: () =>
      example({ allotments: [allotment('furniture', 50_000)], items: [itemWith({ id: 'Chair' })] }),
  },
}

export const splurgeWhy: Rule<BriefFacts> = {
  name: 'brief.splurge-why',
  title: 'A splurge without a reason',
  numbers: 'A category marked as splurge that neither lasts, nor is seen first, nor is used daily.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.allotments
      .filter((a) => a.mark === 'splurge' && a.reason == null)
      .map((a): Finding => ({
        rule: 'brief.splurge-why',
        severity: 'note',
        about: [{ kind: 'job', id: a.id, name: a.category }],
        title: `Why splurge on ${a.category}?`,
        measured: 'No reason given',
        wanted: 'it lasts, is seen first, or is used daily',
        because: 'A splurge is for what lasts or is seen first; the rest saves for it.',
        mends: (['lasts', 'is seen first'] as const).map((reason) => ({
          label: `It ${reason}`,
          changes: [put('allotments', a.id, { reason })],
        })),
      })),
  examples: {
    trips: () => example({ allotments: [allotment('decor', 1000, { mark: 'splurge' })] }),
    passes: () => example({ allotments: [allotment('decor', 1000, { mark: 'splurge', reason: 'lasts' })] }),
  },
}

export const workBlocks: Rule<BriefFacts> = {
  name: 'brief.work-blocks',
  title: 'Unfinished building work holds up a place',
  numbers: 'Work that is not done; stop when it is ready only after the install date.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, wallName }) =>
    job.works
      .filter((w) => !w.done)
      .map((w): Finding => {
        const late = w.readyOn != null && job.brief.installOn != null && w.readyOn > job.brief.installOn
        const waits = w.wallId ? job.pieces.filter((p) => p.wallId === w.wallId).map((p) => p.name) : []
        return {
          rule: 'brief.work-blocks',
          severity: late ? 'stop' : 'look',
          about: [{ kind: 'job', id: w.id, name: w.what }],
          title: `${w.what} holds up ${w.wallId ? wallName(w.wallId) : 'the room'}`,
          measured: w.readyOn
            ? `Ready on ${dayText(w.readyOn)}${late && job.brief.installOn ? `, after the install on ${dayText(job.brief.installOn)}` : ''}`
            : 'Not done, and no day given',
          wanted: job.brief.installOn
            ? `done before ${dayText(job.brief.installOn)}`
            : 'done before the install',
          because:
            waits.length > 0
              ? `Waiting there: ${waits.join(', ')}.`
              : 'Decoration waits for building work, or hides it.',
          mends: [{ label: `${w.what} is done`, changes: [put('works', w.id, { done: true })] }],
        }
      }),
  examples: {
    trips: () =>
      example({
        works: [
          { id: 'w', version: 1, what: 'Panel of the east wall', wallId: null, readyOn: null, done: false },
        ],
      }),
    passes: () =>
      example({
        works: [
          { id: 'w', version: 1, what: 'Panel of the east wall', wallId: null, readyOn: null, done: true },
        ],
      }),
  },
}

export const revealEarly: Rule<BriefFacts> = {
  name: 'brief.reveal-early',
  title: 'The reveal lies before the install',
  numbers: 'Reveal date before install date.',
  source: 'common practice',
  schools: 'all',
  check: ({ job: { brief } }) =>
    brief.revealOn == null || brief.installOn == null || brief.revealOn >= brief.installOn
      ? []
      : [
          {
            rule: 'brief.reveal-early',
            severity: 'stop',
            about: [{ kind: 'job', id: 'reveal', name: 'Reveal' }],
            title: 'The reveal lies before the install',
            measured: `Reveal ${dayText(brief.revealOn)}, install ${dayText(brief.installOn)}`,
            wanted: 'the reveal on the day of the install or after it',
            because: 'One of the two days is mistyped, or nobody will have anything to see.',
            mends: [
              {
                label: 'Reveal on the day of the install',
                changes: [put('brief', 'brief', { revealOn: brief.installOn })],
              },
            ],
          },
        ],
  examples: {
    trips: () => dated('2026-12-20', '2026-12-18'),
    passes: () => dated('2026-12-18', '2026-12-20'),
  },
}

function dated(installOn: string, revealOn: string): BriefFacts {
  const facts = example({})
  return example({ brief: { ...facts.job.brief, installOn, revealOn } })
}

export const hangingOpen: Rule<BriefFacts> = {
  name: 'brief.hanging-open',
  title: 'The hanging height is not agreed',
  numbers:
    'Proposed halfway between the lowest and the highest standing eye of the adults, rounded to 10 mm.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) => {
    const known = job.people.filter((p) => p.kind === 'adult' && p.standingEyeMm != null)
    if (job.brief.hangingMm != null || known.length === 0) return []
    const { mm, says } = proposedHanging(job.people)
    const text = lengthText(mm, job.studio.system)
    return [
      {
        rule: 'brief.hanging-open',
        severity: 'note',
        about: [{ kind: 'job', id: 'hanging', name: 'Hanging height' }],
        title: `Agree the hanging height: ${text}?`,
        measured: `Eyes at ${known.map((p) => `${lengthText(p.standingEyeMm ?? 0, job.studio.system)} (${p.name})`).join(', ')}`,
        wanted: 'one height for the middle of every picture',
        because: `Proposed: ${says}.`,
        mends: [{ label: `Agree ${text}`, changes: [put('brief', 'brief', { hangingMm: mm })] }],
      },
    ]
  },
  examples: {
    trips: () => example({ people: [adult('Ilka', 1480), adult('Bence', 1600)] }),
    passes: () => example({ people: [] }),
  },
}

export const householdUnknown: Rule<BriefFacts> = {
  name: 'brief.household-unknown',
  title: 'Nobody is entered in the household',
  numbers: 'Shown from the first piece or item on.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.people.length > 0 || job.pieces.length + job.items.length === 0
      ? []
      : [
          {
            rule: 'brief.household-unknown',
            severity: 'note',
            about: [{ kind: 'job', id: 'household', name: 'Household' }],
            title: 'Who lives there?',
            measured: 'Nobody is entered',
            wanted: 'ages of children, pets, and who reaches, sees or climbs differently',
            because: 'The household decides the cautions; without it they are only questions.',
            mends: [],
          },
        ],
  examples: {
    trips: () => example({ pieces: [pieceWith({ id: 'Bookcase' })] }),
    passes: () => example({ pieces: [pieceWith({ id: 'Bookcase' })], people: [adult('Ilka', 1480)] }),
  },
}
