import type { Finding, Rule } from '../../../findings/finding.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { inRoom } from '../../../model/inRoom.js'
import type { BriefFacts } from '../briefFacts.js'

type Lead = NonNullable<JobSnapshot['schools']['lead']>

const TEXTILES: ReadonlySet<PieceKind> = new Set<PieceKind>(['curtains', 'blind', 'cushion', 'throw'])

/** One of them will be in the room, and what it wears is settled. */
const worn = (job: JobSnapshot, leads: (p: JobSnapshot['pieces'][number]) => boolean): boolean =>
  job.pieces.some((p) => inRoom(p) && p.finishId != null && leads(p))

const laid = (job: JobSnapshot, ...surfaces: readonly string[]): boolean =>
  job.finishAssignments.some((a) => !a.candidate && surfaces.includes(a.surface))

const walls = (job: JobSnapshot): boolean =>
  laid(job, 'walls') || job.finishAssignments.some((a) => !a.candidate && a.surface.startsWith('wall:'))

const cloth = (job: JobSnapshot): boolean =>
  job.pieces.some((p) => !p.there && p.finishId != null && TEXTILES.has(p.kind))

interface Led {
  readonly what: string
  readonly settled: (job: JobSnapshot) => boolean
  /** What was settled before it, in words; nothing when the lead went first. */
  readonly before: (job: JobSnapshot) => string | undefined
}

const wallsOrCloth = (job: JobSnapshot): string | undefined =>
  walls(job) ? 'the wall color' : cloth(job) ? 'a textile' : undefined

const LED: Readonly<Record<Lead, Led>> = {
  'floor or rug': {
    what: 'The floor or the rug',
    settled: (job) => laid(job, 'floor') || worn(job, (p) => p.kind === 'rug'),
    before: wallsOrCloth,
  },
  paint: {
    what: 'The wall color',
    settled: walls,
    before: (job) => (cloth(job) ? 'a textile' : undefined),
  },
  'hero fixture': {
    what: 'The fixture',
    // What is built in and stays leads by being there.
    settled: (job) =>
      worn(job, (p) => p.kind === 'sanitary' || p.kind === 'appliance' || p.focal || (p.there && p.stays)),
    before: (job) =>
      job.finishes.some((f) => f.role === 'metal' && !job.pieces.some((p) => p.there && p.finishId === f.id))
        ? 'a metal'
        : wallsOrCloth(job),
  },
  'picture or object': {
    what: 'The picture or object',
    // Whatever is there already can be the one whose colors are found again.
    settled: (job) =>
      job.sampledColors.length > 0 ||
      worn(job, (p) => p.kind === 'picture' || p.kind === 'object' || p.focal || p.there),
    before: wallsOrCloth,
  },
}

export const leadOpen: Rule<BriefFacts> = {
  name: 'brief.lead-open',
  title: 'What is to lead is not settled, and others are',
  numbers:
    'The floor or a rug, the wall color, a fixture, or a picture or object, as the school says, without a finish of its own while walls, textiles or metals have theirs.',
  source: 'common practice',
  schools: ['floor or rug', 'paint', 'hero fixture', 'picture or object'],
  check: ({ job }): Finding[] => {
    const school = job.schools.lead
    if (!school) return []
    const led = LED[school]
    const before = led.settled(job) ? undefined : led.before(job)
    if (!before) return []
    const name = job.brief.leadName.trim()
    return [
      {
        rule: 'brief.lead-open',
        severity: 'look',
        about: [{ kind: 'job', id: 'lead', name: 'What leads' }],
        title: `${name || led.what} leads, and ${before} was settled first`,
        measured: `${name || led.what.toLowerCase()}: no finish settled`,
        wanted: 'the lead first: what follows is tested against it',
        because: 'What follows can be had in any color, what leads in few.',
        school,
        fixes: [],
      },
    ]
  },
}
