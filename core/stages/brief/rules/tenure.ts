import { itemsWithoutPiece } from '../../../model/oneThing.js'
import { put } from '../../../model/changes.js'
import type { Finding, Mend, Rule } from '../../../findings/finding.js'
import { itemWith, pieceWith } from '../../../examples/emptyJob.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { CHANGE_WORDS } from '../../../model/vocabulary/change.js'
import { dayText } from '../../../kernel/units/days.js'
import { stripsFor } from '../adhesiveStrips.js'
import type { BriefFacts } from '../briefFacts.js'
import { kindOfName } from '../coverage.js'
import { household } from '../household.js'
import type { RentedChange } from '../rentedChanges.js'
import { example } from './uses.js'

const rented = (more: Partial<JobSnapshot>) => {
  const facts = example({})
  return example({ schools: { ...facts.job.schools, tenure: 'rented' }, ...more })
}

function forbidden(c: RentedChange): Finding {
  return {
    rule: 'brief.rented-change',
    severity: 'stop',
    about: [{ kind: c.kind, id: c.id, name: c.name }],
    title: `${c.name}: ${c.how}, and the home is rented`,
    measured: c.short
      ? `The letter of ${dayText(c.short.consent.on)} does not reach: ${c.short.because}`
      : `No written consent to ${CHANGE_WORDS[c.change]}`,
    wanted: 'consent in writing, or a way that leaves no trace',
    because: 'What is changed without leave is paid for on leaving.',
    school: 'rented',
    mends: c.ways,
  }
}

export const rentedChange: Rule<BriefFacts> = {
  name: 'brief.rented-change',
  title: 'Something drills, paints or fixes in a rented home without consent',
  numbers:
    'Every finish applied to a surface, and everything screwed, glued, wired or plumbed in; a consent counts for its own change, place, color and item only.',
  source: 'common practice',
  schools: ['rented'],
  check: ({ changes }) => changes.filter((c) => !c.consent).map(forbidden),
  examples: {
    trips: () => rented({ items: [itemWith({ id: 'Wall shelf', fixing: 'screwed to the wall' })] }),
    passes: () => rented({ items: [itemWith({ id: 'Standing shelf', fixing: 'stands free' })] }),
  },
}

export const tenureUnknown: Rule<BriefFacts> = {
  name: 'brief.tenure-unknown',
  title: 'Nobody said whether the home is owned or rented',
  numbers: 'Shown from the first finish, piece or item on.',
  source: 'common practice',
  schools: 'all',
  check: ({ job }) =>
    job.schools.tenure !== null || job.placements.length + job.pieces.length + job.items.length === 0
      ? []
      : [
          {
            rule: 'brief.tenure-unknown',
            severity: 'note',
            about: [{ kind: 'job', id: 'tenure', name: 'Tenure' }],
            title: 'Owned or rented?',
            measured: 'Tenure is not chosen',
            wanted: 'owned, or rented',
            because:
              'In a rented home nothing is drilled, painted or fixed without leave; until this is answered no such rule is armed.',
            mends: (['owned', 'rented'] as const).map((tenure) => ({
              label: `It is ${tenure}`,
              changes: [put('schools', 'schools', { tenure })],
            })),
          },
        ],
  examples: {
    trips: () => example({ items: [itemWith({ id: 'Rug' })] }),
    passes: () => rented({ items: [itemWith({ id: 'Rug' })] }),
  },
}

/** Pieces and items alike, with what is needed to judge how they are held. */
function held(job: JobSnapshot) {
  const optionOf = new Map(job.options.map((o) => [o.id, o]))
  return [
    ...job.pieces.map((row) => ({
      row,
      kind: 'piece' as const,
      collection: 'pieces' as const,
      pieceKind: row.kind,
      heightMm: row.heightMm,
      depthMm: row.depthMm,
    })),
    ...itemsWithoutPiece(job.items, job.pieces).map((row) => {
      const option = row.chosenOptionId ? optionOf.get(row.chosenOptionId) : undefined
      return {
        row,
        kind: 'item' as const,
        collection: 'items' as const,
        pieceKind: row.pieceKind ?? kindOfName(row.name) ?? ('other' as const),
        heightMm: option?.heightMm ?? null,
        depthMm: option?.depthMm ?? null,
      }
    }),
  ]
}

export const stripsOverload: Rule<BriefFacts> = {
  name: 'brief.strips-overload',
  title: 'Adhesive strips that will not carry their load',
  numbers:
    'A pair carries 1.8 kg, four pairs at most; on smooth paint, tile or timber only, never over a bed or cot. Rounded up to whole pairs.',
  source: 'common practice; the maker’s rating decides',
  schools: 'all',
  check: ({ job }) =>
    held(job).flatMap(({ row, kind, collection }): Finding[] => {
      if (row.fixing !== 'adhesive strips') return []
      const wall = job.walls.find((w) => w.id === row.wallId)
      const overBed = job.pieces.some(
        (p) => (p.kind === 'bed' || p.kind === 'cot') && p.wallId !== null && p.wallId === row.wallId,
      )
      const strips = stripsFor(row.weightG ?? null, wall?.face ?? 'smooth paint', overBed)
      if ('pairs' in strips) return []
      return [
        {
          rule: 'brief.strips-overload',
          severity: row.weightG == null && !overBed ? 'look' : 'stop',
          about: [{ kind, id: row.id, name: row.name }],
          title: `${row.name} hangs on adhesive strips: ${strips.refused}`,
          measured:
            row.weightG == null
              ? 'Weight not known'
              : `${(row.weightG / 1000).toFixed(1)} kg on ${wall?.face ?? 'smooth paint'}`,
          wanted: 'at most four pairs of 1.8 kg on a smooth face, nothing over a bed or a cot',
          because:
            'A strip is not a screw: what falls off a wall falls on someone. Follow the maker’s instructions.',
          mends: [
            {
              label: `Let ${row.name} lean, held against tipping`,
              changes: [put(collection, row.id, { fixing: 'leans' })],
            },
            {
              label: `${row.name}: one that stands free`,
              changes: [put(collection, row.id, { fixing: 'stands free' })],
            },
          ],
        },
      ]
    }),
  examples: {
    trips: () => example({ items: [itemWith({ id: 'Mirror', fixing: 'adhesive strips', weightG: 9_000 })] }),
    passes: () =>
      example({ items: [itemWith({ id: 'Picture', fixing: 'adhesive strips', weightG: 3_400 })] }),
  },
}

// What is this tall, or leans, can go over (common practice; see also the makers' anti-tip instructions).
const TALL_MM = 1_200
const TIPPING: ReadonlySet<string> = new Set(['shelves', 'cabinet', 'wardrobe', 'chest of drawers', 'mirror'])

export const tipOverRented: Rule<BriefFacts> = {
  name: 'brief.tip-over-rented',
  title: 'What must be anchored may not be drilled',
  numbers: `Shelves, cabinets, wardrobes and mirrors from ${TALL_MM} mm high that stand free or lean in a rented home; stop with children in the household, look without.`,
  source: 'common practice',
  schools: ['rented'],
  check: ({ job }) => {
    if (job.schools.tenure !== 'rented') return []
    const { smallChildren, known } = household(job.people)
    return held(job).flatMap(({ row, kind, collection, pieceKind, heightMm }): Finding[] => {
      const loose = row.fixing === 'stands free' || row.fixing === 'leans' || row.fixing === 'adhesive strips'
      if (!loose || !TIPPING.has(pieceKind) || heightMm === null || heightMm < TALL_MM) return []
      if ('verdict' in row && (row.verdict === 'let go' || row.verdict === 'move')) return []
      // Consent to drill for this one thing, or anywhere, settles the landlord's side; the anchor is then the fixing.
      return [
        {
          rule: 'brief.tip-over-rented',
          severity: smallChildren.length > 0 ? 'stop' : 'look',
          about: [{ kind, id: row.id, name: row.name }],
          title: `${row.name} can tip, and its anchor may not be drilled`,
          measured: `${heightMm} mm high, ${row.fixing}${smallChildren.length > 0 ? `; ${smallChildren.map((c) => c.name).join(', ')} in the house` : known ? '' : '; the household is not entered'}`,
          wanted: 'a restraint to the building with written consent, or a piece that needs none',
          because:
            'Safety and tenancy collide, and neither silences the other. Pads and strips are no restraint. Follow the maker’s instructions and local rules.',
          school: 'rented',
          mends: [
            {
              label: `Anchor ${row.name} to the wall, and ask for consent to that`,
              changes: [put(collection, row.id, { fixing: 'screwed to the wall' })],
            },
            ...(kind === 'piece'
              ? ([
                  {
                    label: `Let ${row.name} leave the room`,
                    changes: [put('pieces', row.id, { verdict: 'move' })],
                  },
                ] satisfies Mend[])
              : []),
          ],
        },
      ]
    })
  },
  examples: {
    trips: () =>
      rented({ pieces: [pieceWith({ id: 'Mirror', kind: 'mirror', heightMm: 1800, fixing: 'leans' })] }),
    passes: () => rented({ pieces: [pieceWith({ id: 'Chest', kind: 'chest of drawers', heightMm: 800 })] }),
  },
}

export const limitBroken: Rule<BriefFacts> = {
  name: 'brief.limit-broken',
  title: 'Something that must stay is changed',
  numbers:
    'A finish that does not stay on a surface named under Limits; a named piece reworked, moved or let go.',
  source: 'common practice',
  schools: 'all',
  check: ({ job, wallName }) =>
    job.limits.flatMap((limit): Finding[] => {
      const base = {
        rule: 'brief.limit-broken',
        severity: 'stop' as const,
        because: limit.why || 'It was settled with the client at the start.',
      }
      const piece = job.pieces.find((p) => p.id === limit.pieceId)
      const gone = piece && piece.verdict !== null && piece.verdict !== 'keep'
      const broken = job.placements.filter((p) => {
        const finish = job.finishes.find((f) => f.id === p.finishId)
        return limit.surface !== '' && p.surface === limit.surface && finish && finish.role !== 'stays'
      })
      return [
        ...(piece && gone
          ? [
              {
                ...base,
                about: [{ kind: 'piece' as const, id: piece.id, name: piece.name }],
                title: `${piece.name} ${limit.kind}, and is marked “${piece.verdict ?? ''}”`,
                measured: `Verdict: ${piece.verdict ?? ''}`,
                wanted: 'keep',
                mends: [
                  {
                    label: `Keep ${piece.name}`,
                    changes: [put('pieces', piece.id, { verdict: 'keep' })],
                  },
                ],
              },
            ]
          : []),
        ...broken.map((p) => {
          const finish = job.finishes.find((f) => f.id === p.finishId)
          const where = p.surface.startsWith('wall:') ? wallName(p.surface.slice(5)) : p.surface
          return {
            ...base,
            about: [{ kind: 'placement' as const, id: p.id, name: limit.what }],
            title: `${limit.what} ${limit.kind}, and ${finish?.name ?? 'a finish'} is laid on it`,
            measured: `${finish?.name ?? 'A finish'} on ${where}`,
            wanted: 'what is there, entered as a finish that stays',
            mends: [
              {
                label: `Take ${finish?.name ?? 'it'} off ${where}`,
                changes: [{ collection: 'placements' as const, id: p.id, remove: true as const }],
              },
              ...(finish
                ? [
                    {
                      label: `${finish.name} is what is there: it stays`,
                      changes: [put('finishes', finish.id, { role: 'stays' })],
                    },
                  ]
                : []),
            ],
          }
        }),
      ]
    }),
  examples: {
    trips: () =>
      example({
        limits: [
          {
            id: 'l',
            version: 1,
            kind: 'must stay',
            what: 'The piano',
            surface: '',
            pieceId: 'Piano',
            why: '',
          },
        ],
        pieces: [pieceWith({ id: 'Piano', kind: 'piano', verdict: 'move' })],
      }),
    passes: () =>
      example({
        limits: [
          {
            id: 'l',
            version: 1,
            kind: 'must stay',
            what: 'The piano',
            surface: '',
            pieceId: 'Piano',
            why: '',
          },
        ],
        pieces: [pieceWith({ id: 'Piano', kind: 'piano', verdict: 'keep' })],
      }),
  },
}
