import { itemsWithoutPiece } from '../../model/oneThing.js'
import { put } from '../../model/changes.js'
import { chroma } from '../../kernel/color/lab.js'
import type { Fix } from '../../findings/finding.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { CHANGE_OF, CHANGE_WORDS, type Change } from '../../model/vocabulary/change.js'
import { type Fixing } from '../../model/vocabulary/fixing.js'
import { type PieceKind } from '../../model/vocabulary/piece.js'
import { stripsFor } from './adhesiveStrips.js'
import { kindOfName } from './kindOfName.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Consent } from '../../model/rows/consents.js'
import { formatterOf, type Formatter } from '../../kernel/units/formatter.js'

/** One thing the scheme does to a rented building. */
export interface RentedChange {
  readonly kind: 'placement' | 'piece' | 'item'
  readonly id: string
  readonly name: string
  /** "paint on Walls", "screwed to the wall" */
  readonly how: string
  readonly change: Change
  readonly surface: string | undefined
  readonly finishId: string | undefined
  readonly areaMm2: number
  /** The landlord's letter that allows exactly this. */
  readonly consent: Consent | undefined
  /** A letter about the same sort of change that does not reach as far, and why. */
  readonly short: { readonly consent: Consent; readonly because: string } | undefined
  /** Reversible ways to the same end; each is one edit. */
  readonly ways: readonly Fix[]
}

type Finish = JobSnapshot['finishes'][number]

/** White and grey as a letter means them: hardly any color, and not near black. */
export const isWhiteOrGrey = (f: Pick<Finish, 'labL' | 'labA' | 'labB'>) =>
  f.labL >= 20 && chroma({ a: f.labA, b: f.labB }) < 10

/**
 * Everything in the job that drills, paints or fixes, whether the landlord allowed it or not. A permission is read
 * narrowly: leave for one color is not leave for another, and leave to paint is not leave to drill.
 *
 * @param areaOf net area of a surface, mm²
 */
export function rentedChanges(
  job: JobSnapshot,
  areaOf: (surface: string) => number,
  surfaceName: (surface: string) => string,
): RentedChange[] {
  return [...laidChanges(job, areaOf, surfaceName), ...fixedChanges(job)]
}

function laidChanges(
  job: JobSnapshot,
  areaOf: (surface: string) => number,
  surfaceName: (surface: string) => string,
): RentedChange[] {
  return job.finishAssignments.flatMap((p): RentedChange[] => {
    const finish = job.finishes.find((f) => f.id === p.finishId)
    // What stays as it is changes nothing.
    if (!finish || finish.role === 'stays' || p.hold === 'removable') return []
    const change: Change = finish.material === 'paint' || finish.material === 'primer' ? 'paint' : 'cover'
    const where = surfaceName(p.surface)
    const loose =
      p.surface === 'floor'
        ? `Lay ${finish.name} loose on ${where.toLowerCase()}: a rug or tiles that only click together`
        : p.surface === 'trim' || p.surface === 'doors'
          ? `Put ${finish.name} on ${where.toLowerCase()} as a film that peels off`
          : `Hang ${finish.name} on ${where} as cloth or boards that come off`
    return [
      {
        kind: 'placement',
        id: p.id,
        name: `${finish.name} on ${where}`,
        how: change === 'paint' ? 'painted' : `covered with ${finish.material}`,
        change,
        surface: p.surface,
        finishId: finish.id,
        areaMm2: areaOf(p.surface),
        ...permission(job.consents, change, { surface: p.surface, finish, itemId: undefined }, surfaceName),
        ways: [
          { label: loose, changes: [put('finishAssignments', p.id, { hold: 'removable' })] },
          {
            label: `Leave ${where} as it is`,
            changes: [{ collection: 'finishAssignments', id: p.id, remove: true }],
          },
        ],
      },
    ]
  })
}

function fixedChanges(job: JobSnapshot): RentedChange[] {
  const things = [
    // What hung there before the job began is the landlord's or the tenant's affair, not a change.
    ...job.pieces
      .filter((p) => !p.there || p.verdict === 'rework')
      .map((row) => ({ row, kind: 'piece' as const, collection: 'pieces' as const, pieceKind: row.kind })),
    ...itemsWithoutPiece(job.items, job.pieces).map((row) => ({
      row,
      kind: 'item' as const,
      collection: 'items' as const,
      pieceKind: row.pieceKind ?? kindOfName(row.name) ?? ('other' as const),
    })),
  ]
  return things.flatMap(({ row, kind, collection, pieceKind }): RentedChange[] => {
    const change = CHANGE_OF[row.fixing]
    if (!change) return []
    const carries = job.openings
      .filter((o) => o.kind === 'window' && (row.wallId === null || o.wallId === row.wallId))
      .map((o) => o.carries)
    const face = job.walls.find((w) => w.id === row.wallId)?.face ?? 'smooth paint'
    return [
      {
        kind,
        id: row.id,
        name: row.name,
        how: row.fixing,
        change,
        surface: row.wallId ? `wall:${row.wallId}` : undefined,
        finishId: undefined,
        areaMm2: 0,
        ...permission(
          job.consents,
          change,
          {
            surface: row.wallId ? `wall:${row.wallId}` : '',
            finish: undefined,
            itemId: kind === 'item' ? row.id : undefined,
          },
          () => 'that wall',
        ),
        ways: reversible(
          row.fixing,
          pieceKind,
          row.weightG ?? null,
          face,
          carries,
          formatterOf(job.studio),
        ).map(({ fixing, says }) => ({
          label: `${row.name}: ${says}`,
          changes: [put(collection, row.id, { fixing })],
        })),
      },
    ]
  })
}

/** Ways to the same end that leave no trace, the closest first. */
function reversible(
  fixing: Fixing,
  kind: PieceKind,
  weightG: number | null,
  face: string,
  /** What the windows there carry already. */
  carries: readonly Opening['carries'][],
  habits: Formatter,
): { fixing: Fixing; says: string }[] {
  const strips = stripsFor(weightG, face, false, habits)
  const stuck =
    'pairs' in strips ? [{ fixing: 'adhesive strips' as const, says: `adhesive strips, ${strips.says}` }] : []
  const leans = { fixing: 'leans' as const, says: 'let it lean on a chest or shelf, held against tipping' }
  const free = { fixing: 'stands free' as const, says: 'one that stands free' }
  switch (kind) {
    case 'curtains':
    case 'blind':
      return curtainWays(carries)
    case 'picture':
    case 'object':
      return [...stuck, leans]
    case 'mirror':
      return [...stuck, { fixing: 'over a door', says: 'hang it over a door' }, leans]
    case 'lamp':
      return [
        { fixing: 'stands free', says: 'a floor or table lamp on a socket instead of the fitting' },
        { fixing: 'clipped on', says: 'a lamp that clips on to a shelf or bed head' },
      ]
    case 'rug':
      return [{ fixing: 'stands free', says: 'lay it loose over underlay, over carpet too' }]
    case 'sanitary':
      return [
        {
          fixing: 'clipped on',
          says: 'keep the fixture and change what clips or screws on by hand: head, hose, seat',
        },
      ]
    default:
      if (fixing === 'wired in' || fixing === 'plumbed in') return [free]
      if (fixing === 'screwed to the ceiling')
        return [{ fixing: 'tension rod', says: 'a pole clamped between floor and ceiling' }, free]
      return [free, { fixing: 'over a door', says: 'hooks over a door' }, ...stuck]
  }
}

/**
 * Ways to hang cloth at a window without a screw, by what the window carries already: its own rod is used, the rail of a fixed
 * blind takes one that clips on, a bare window one that is clamped. While nobody looked, each is offered.
 */
function curtainWays(carries: readonly Opening['carries'][]): { fixing: Fixing; says: string }[] {
  const any = (...kinds: readonly Opening['carries'][]) =>
    carries.length === 0 || carries.some((c) => kinds.includes(c))
  return [
    ...(carries.some((c) => c === 'rod' || c === 'track')
      ? [{ fixing: 'on what is there' as const, says: 'on the rod that is there, the old ones kept' }]
      : []),
    ...(any('fixed blind', null)
      ? [
          {
            fixing: 'clipped on' as const,
            says: 'a rod that clips on to what is there; ask what that carries',
          },
        ]
      : []),
    ...(any('nothing', null)
      ? [{ fixing: 'tension rod' as const, says: 'a tension rod between the reveals, light cloth only' }]
      : []),
  ]
}

/** The letter that covers a change, or the nearest that does not and why. */
function permission(
  consents: readonly Consent[],
  change: Change,
  to: { readonly surface: string; readonly finish: Finish | undefined; readonly itemId: string | undefined },
  surfaceName: (surface: string) => string,
): Pick<RentedChange, 'consent' | 'short'> {
  const why = (c: Consent): string | undefined => {
    if (c.change !== change) return `it allows ${CHANGE_WORDS[c.change]}, not ${CHANGE_WORDS[change]}`
    if (c.itemId && c.itemId !== to.itemId) return 'it names another item'
    // Leave for all walls is leave for one of them, not the other way about.
    if (c.surface && c.surface !== to.surface && !(c.surface === 'walls' && to.surface.startsWith('wall:')))
      return `it names ${surfaceName(c.surface).toLowerCase()} only`
    if (!to.finish) return undefined
    if (c.colors === 'one finish' && c.finishId !== to.finish.id)
      return `it names another color than ${to.finish.name}`
    if (c.colors === 'white or grey' && !isWhiteOrGrey(to.finish))
      return `it allows white or grey, and ${to.finish.name} is neither`
    return undefined
  }
  const consent = consents.find((c) => why(c) === undefined)
  const nearest = consents.find((c) => c.change === change) ?? consents[0]
  const because = nearest && why(nearest)
  return { consent, short: consent || !nearest || !because ? undefined : { consent: nearest, because } }
}
