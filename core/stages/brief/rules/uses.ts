import { borrowedPieces } from '../../../model/oneThing.js'
import { put } from '../../../model/changes.js'
import type { Finding, Mend, Ref, Rule } from '../../../findings/finding.js'
import { briefFactsOf } from '../../../job/briefFactsOf.js'
import { emptyJob, itemWith, pieceWith } from '../../../examples/emptyJob.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import type { BriefFacts } from '../briefFacts.js'
import { NOTHING, type Thing, type UseCoverage } from '../coverage.js'
import type { Use } from '../../../model/rows/uses.js'

const DAY = '2026-11-23'
export const example = (more: Partial<JobSnapshot>) => briefFactsOf(emptyJob(more), DAY, undefined)

const use = (id: string, kind: Use['kind'], more: Partial<Use> = {}) => ({
  id,
  name: id,
  kind,
  persons: 1,
  time: 'any time' as const,
  position: 0,
  version: 1,
  ...more,
})

const refTo = (t: Thing): Ref => ({ kind: t.kind, id: t.id, name: t.name })

/** Counts a thing for a use. */
const count = (thing: Thing, use: Use): Mend => ({
  label: `Count ${thing.name} for “${use.name}”`,
  changes: [
    put(thing.kind === 'piece' ? 'pieces' : 'items', thing.id, { serves: [...thing.serves, use.id] }),
  ],
})

/** Before anything is entered one finding says it for all uses. */
function allUncovered(uses: readonly UseCoverage[]): Finding {
  return {
    rule: 'brief.use-uncovered',
    severity: 'look',
    about: uses.map((u): Ref => ({ kind: 'use', id: u.use.id, name: u.use.name })),
    title: `${uses.length} uses, and nothing entered to serve them`,
    measured: 'No piece and no item',
    wanted: 'a walk through what is there, under Pieces',
    because: 'Function comes before objects: what the room must do is settled before anything is looked at.',
    mends: [],
  }
}

function uncovered(c: UseCoverage): Finding {
  const could = c.cells.filter((cell) => cell.state === 'could').map((cell) => cell.thing)
  return {
    rule: 'brief.use-uncovered',
    severity: 'look',
    about: [{ kind: 'use', id: c.use.id, name: c.use.name }],
    title: `${c.use.name}: ${c.state === 'uncovered' ? 'nothing serves it' : 'served in part'}`,
    measured: c.says === NOTHING ? 'No piece and no item is counted for it' : c.says,
    wanted: `a piece or an item for it${c.use.persons > 1 ? `, for ${c.use.persons}` : ''}`,
    because:
      c.state === 'uncovered'
        ? 'Function comes before objects: what the room must do is settled before anything is looked at.'
        : 'A use that is served for some of its people, or only by half, is found out on the first evening.',
    mends: could.slice(0, 4).map((t) => count(t, c.use)),
  }
}

export const useUncovered: Rule<BriefFacts> = {
  name: 'brief.use-uncovered',
  title: 'A use that nothing serves, or only in part',
  numbers:
    'A table or desk serves eating and work from 685 to 790 mm high, a low table from 250 to 560 mm; a person takes 600 mm of seat or table, a bed is 750 mm wide or more.',
  source: 'common practice',
  schools: 'all',
  check: ({ coverage: { uses } }) => {
    const open = uses.filter((u) => u.state !== 'covered')
    return open.length > 1 && open.every((u) => u.cells.length === 0)
      ? [allUncovered(open)]
      : open.map(uncovered)
  },
  examples: {
    trips: () =>
      example({
        uses: [use('Eat', 'eat')],
        pieces: [pieceWith({ id: 'Trunk', kind: 'trunk', heightMm: 430, serves: ['Eat'] })],
      }),
    passes: () =>
      example({
        uses: [use('Eat', 'eat')],
        pieces: [pieceWith({ id: 'Table', kind: 'table', heightMm: 740, serves: ['Eat'] })],
      }),
  },
}

export const doubleUse: Rule<BriefFacts> = {
  name: 'brief.double-use',
  title: 'Two uses of one time hang on the same piece',
  numbers: 'Two uses of the same time of day, each served by one and the same thing only.',
  source: 'common practice',
  schools: 'all',
  check: ({ coverage }) =>
    coverage.uses.flatMap((a, i) =>
      coverage.uses.slice(i + 1).flatMap((b): Finding[] => {
        const at = a.use.time
        const thing = a.hangsOn
        if (
          !thing ||
          thing.id !== b.hangsOn?.id ||
          at !== b.use.time ||
          at === 'any time' ||
          at === 'now and then'
        )
          return []
        return [
          {
            rule: 'brief.double-use',
            severity: 'look',
            about: [
              refTo(thing),
              ...[a, b].map((u): Ref => ({ kind: 'use', id: u.use.id, name: u.use.name })),
            ],
            title: `${a.use.name} and ${b.use.name} both need ${thing.name} ${at}`,
            measured: `One ${thing.name} for two uses ${at}`,
            wanted: 'at once, a second piece; or in turn, another time for one of them',
            because:
              'At once or in turn: the answer decides what folds, and where what stood there is parked.',
            mends: [
              {
                label: `“${b.use.name}” is in turn: now and then`,
                changes: [put('uses', b.use.id, { time: 'now and then' })],
              },
            ],
          },
        ]
      }),
    ),
  examples: {
    trips: () =>
      example({
        uses: [use('Sit', 'sit', { time: 'evenings' }), use('Sleep', 'sleep', { time: 'evenings' })],
        pieces: [pieceWith({ id: 'Sleeper', kind: 'sofa bed', widthMm: 1900, serves: ['Sit', 'Sleep'] })],
      }),
    passes: () =>
      example({
        uses: [use('Sit', 'sit', { time: 'evenings' }), use('Sleep', 'sleep', { time: 'at night' })],
        pieces: [pieceWith({ id: 'Sleeper', kind: 'sofa bed', widthMm: 1900, serves: ['Sit', 'Sleep'] })],
      }),
  },
}

/** Kinds that are there to be looked at or felt: nobody asks what a picture is for. */
const LOVED: ReadonlySet<string> = new Set([
  'picture',
  'plant',
  'object',
  'cushion',
  'throw',
  'rug',
  'curtains',
  'blind',
  'lamp',
  'mirror',
  'sanitary',
])

export const idlePieces: Rule<BriefFacts> = {
  name: 'brief.idle-pieces',
  title: 'Pieces with neither a purpose nor a reason to stay',
  numbers: 'Every piece that is there and is not let go, sentimental or lent, once the uses are known.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, coverage }) => {
    if (job.uses.length === 0) return []
    const borrowed = borrowedPieces(job.loans)
    const idle = job.pieces.filter(
      (p) =>
        p.there &&
        !p.sentimental &&
        !borrowed.has(p.id) &&
        p.reason.trim() === '' &&
        !LOVED.has(p.kind) &&
        coverage.idle.some((t) => t.id === p.id),
    )
    if (idle.length === 0) return []
    return [
      {
        rule: 'brief.idle-pieces',
        severity: 'look',
        about: idle.map((p): Ref => ({ kind: 'piece', id: p.id, name: p.name })),
        title:
          idle.length === 1
            ? `${idle[0]?.name ?? ''}: what is it for?`
            : `${idle.length} pieces: what are they for?`,
        measured: idle.map((p) => p.name).join(', '),
        wanted: 'a use each, or a reason to stay',
        because: 'Purpose or love: what has neither is a question to the client, not a verdict.',
        mends: idle.slice(0, 4).map((p) => ({
          label: `Let ${p.name} go`,
          changes: [put('pieces', p.id, { verdict: 'let go' })],
        })),
      },
    ]
  },
  examples: {
    trips: () =>
      example({
        uses: [use('Read', 'read')],
        pieces: [pieceWith({ id: 'Cabinet', kind: 'cabinet', there: true })],
      }),
    passes: () =>
      example({
        uses: [use('Read', 'read')],
        pieces: [pieceWith({ id: 'Cabinet', kind: 'cabinet', there: true, reason: 'from her aunt' })],
      }),
  },
}

export const sentimentalGoing: Rule<BriefFacts> = {
  name: 'brief.sentimental-going',
  title: 'A sentimental piece is marked to go',
  numbers: 'Sentimental, with the verdict “let go”.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.pieces
      .filter((p) => p.sentimental && p.verdict === 'let go')
      .map((p): Finding => ({
        rule: 'brief.sentimental-going',
        severity: 'stop',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `${p.name} is sentimental and marked to go`,
        measured: 'Verdict: let go',
        wanted: 'keep, rework or move',
        because: 'Sentimental pieces are never proposed for removal; they may break a rule and stay.',
        mends: (['keep', 'move'] as const).map((verdict) => ({
          label: verdict === 'keep' ? `Keep ${p.name}` : `Move ${p.name} to another room`,
          changes: [put('pieces', p.id, { verdict })],
        })),
      })),
  examples: {
    trips: () =>
      example({ pieces: [pieceWith({ id: 'Clock', there: true, sentimental: true, verdict: 'let go' })] }),
    passes: () =>
      example({ pieces: [pieceWith({ id: 'Clock', there: true, sentimental: true, verdict: 'keep' })] }),
  },
}

export const stayingMoves: Rule<BriefFacts> = {
  name: 'brief.staying-moves',
  title: 'A piece that may not be moved is marked to leave',
  numbers: 'Marked as not to be moved, with the verdict “move” or “let go”.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.pieces
      .filter((p) => p.stays && !p.sentimental && (p.verdict === 'move' || p.verdict === 'let go'))
      .map((p): Finding => ({
        rule: 'brief.staying-moves',
        severity: 'stop',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `${p.name} may not be moved, and is marked “${p.verdict ?? ''}”`,
        measured: `Verdict: ${p.verdict ?? ''}`,
        wanted: 'keep or rework where it stands, or leave to move it',
        because: 'One of the two was entered by mistake, or the client has changed their mind: ask.',
        mends: [
          {
            label: `Keep ${p.name}`,
            changes: [put('pieces', p.id, { verdict: 'keep' })],
          },
          {
            label: `${p.name} may be moved`,
            changes: [put('pieces', p.id, { stays: false })],
          },
        ],
      })),
  examples: {
    trips: () => example({ pieces: [pieceWith({ id: 'Stove', there: true, stays: true, verdict: 'move' })] }),
    passes: () =>
      example({ pieces: [pieceWith({ id: 'Stove', there: true, stays: true, verdict: 'rework' })] }),
  },
}

export const focusEmpty: Rule<BriefFacts> = {
  name: 'brief.focus-empty',
  title: 'A promised focus point with nothing planned for it',
  numbers: 'One to three focus points are usual; each wants at least one item.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.items.length === 0
      ? []
      : job.focuses
          .filter((f) => !job.items.some((i) => i.focusId === f.id))
          .map((f): Finding => ({
            rule: 'brief.focus-empty',
            severity: 'look',
            about: [{ kind: 'job', id: f.id, name: f.name }],
            title: `${f.name} was promised, and nothing is planned for it`,
            measured: `0 of ${job.items.length} items are for it`,
            wanted: 'at least one',
            because: 'Focus points are promises; purchases drift to the easiest of them.',
            mends: [],
          })),
  examples: {
    trips: () =>
      example({
        focuses: [{ id: 'a', name: 'Alcove', position: 0, version: 1 }],
        items: [itemWith({ id: 'Lamp' })],
      }),
    passes: () =>
      example({
        focuses: [{ id: 'a', name: 'Alcove', position: 0, version: 1 }],
        items: [itemWith({ id: 'Lamp', focusId: 'a' })],
      }),
  },
}
