import type { JobSnapshot } from '../../model/snapshot.js'
import { pieceWith } from '../emptyJob.js'
import { hexToLab } from '../../kernel/color/lab.js'
import { NEW_HANG } from '../../stages/plan/newRows.js'

/** One thing done wrong in a room that was right. */
export interface Wrong {
  readonly what: string
  /** The room with it; null where the room has nothing of the kind. */
  readonly broken: (job: JobSnapshot) => JobSnapshot | null
  /** One of these rules must say so. */
  readonly says: readonly string[]
  /** Rooms where a practitioner would not mind it, each with the reason. */
  readonly quiet?: Readonly<Record<string, string>>
}

type Piece = JobSnapshot['pieces'][number]

const every = (job: JobSnapshot, is: (p: Piece) => boolean, set: (p: Piece) => Partial<Piece>) =>
  job.pieces.some(is) ? { ...job, pieces: job.pieces.map((p) => (is(p) ? { ...p, ...set(p) } : p)) } : null
const standing = (job: JobSnapshot) => new Set(job.floorPlacements.map((s) => s.pieceId))
const without = (p: Piece, ...traits: readonly string[]) => p.traits.filter((t) => !traits.includes(t))
const of =
  (...kinds: readonly string[]) =>
  (p: Piece) =>
    kinds.includes(p.kind)
const move = (
  job: JobSnapshot,
  is: (p: Piece) => boolean,
  to: (s: JobSnapshot['floorPlacements'][number]) => Partial<JobSnapshot['floorPlacements'][number]>,
) => {
  const moved = job.floorPlacements.find((s) =>
    job.pieces.some((p) => p.id === s.pieceId && is(p) && !p.stays),
  )
  return moved
    ? { ...job, floorPlacements: job.floorPlacements.map((s) => (s === moved ? { ...s, ...to(s) } : s)) }
    : null
}
const hung = (
  job: JobSnapshot,
  is: (p: Piece) => boolean,
  to: (h: JobSnapshot['wallPlacements'][number]) => Partial<JobSnapshot['wallPlacements'][number]>,
) => {
  const one = job.wallPlacements.find((h) => job.pieces.some((p) => p.id === h.pieceId && is(p)))
  return one
    ? { ...job, wallPlacements: job.wallPlacements.map((h) => (h === one ? { ...h, ...to(h) } : h)) }
    : null
}
const recolored = (job: JobSnapshot, is: (f: JobSnapshot['finishes'][number]) => boolean, hex: string) => {
  const { l, a, b } = hexToLab(hex)
  return job.finishes.some(is)
    ? {
        ...job,
        finishes: job.finishes.map((f) => (is(f) ? { ...f, labL: l, labA: a, labB: b, colors: [] } : f)),
      }
    : null
}
const added = (job: JobSnapshot, piece: Parameters<typeof pieceWith>[0]) => ({
  ...job,
  pieces: [...job.pieces, pieceWith(piece)],
})
const size = (job: JobSnapshot) => ({
  w: Math.max(...job.walls.filter((_, i) => i % 2 === 0).map((w) => w.lengthMm)),
  d: Math.max(...job.walls.filter((_, i) => i % 2 === 1).map((w) => w.lengthMm)),
})
const SEATS = ['sofa', 'armchair', 'sofa bed'] as const
const outdoors = (job: JobSnapshot) => job.room.kind === 'outdoors'
const big = (p: Piece) => p.widthMm * p.depthMm > 400_000 && !['rug'].includes(p.kind)

/** What goes wrong in rooms, one at a time. */
export const WRONGS: readonly Wrong[] = [
  {
    what: 'tall furniture is not held to the wall',
    broken: (job) =>
      every(
        job,
        (p) =>
          of('wardrobe', 'shelves', 'chest of drawers', 'cabinet')(p) &&
          p.heightMm > 1200 &&
          (p.fixing === 'screwed to the wall' || p.traits.includes('anchored to the building')) &&
          standing(job).has(p.id),
        (p) => ({ fixing: 'stands free', traits: without(p, 'anchored to the building') }),
      ),
    says: ['plan.tip-over', 'brief.tip-over-rented'],
  },
  {
    what: 'a picture hangs half a meter higher',
    broken: (job) =>
      outdoors(job) ? null : hung(job, of('picture'), (h) => ({ centerMm: h.centerMm + 500 })),
    says: ['plan.eye-line', 'plan.grid', 'plan.height-profile', 'plan.over-furniture', 'plan.under-ceiling'],
  },
  {
    what: 'a heavy framed picture is hung over the head of the bed',
    broken: (job) => {
      const bed = job.pieces.find(of('bed', 'cot'))
      const at = job.floorPlacements.find((s) => s.pieceId === bed?.id)
      if (!bed || !at) return null
      const w = size(job).w
      const wall = job.walls[0]
      if (!wall || at.turnDeg !== 0) return null
      const made = added(job, {
        id: 'heavy',
        name: 'Heavy picture',
        kind: 'picture',
        widthMm: 700,
        depthMm: 30,
        heightMm: 500,
        weightG: 9000,
        reason: 'theirs',
      })
      return {
        ...made,
        wallPlacements: [
          ...job.wallPlacements,
          {
            ...NEW_HANG,
            into: 'masonry',
            id: 'heavy hang',
            pieceId: 'heavy',
            wallId: wall.id,
            xMm: Math.min(w - 400, at.xMm),
            centerMm: 1500,
            version: 1,
          } as never,
        ],
      }
    },
    says: ['plan.over-bed', 'plan.hung-over'],
  },
  {
    what: 'the rugs have no underlay',
    broken: (job) =>
      every(job, of('rug'), (p) => ({ traits: without(p, 'underlay or gripper', 'gripping back') })),
    says: ['plan.rug-grip'],
  },
  {
    what: 'a fixing bears less than what hangs on it',
    broken: (job) =>
      hung(
        job,
        (p) => (p.weightG ?? 0) > 1000,
        () => ({ ratedG: 100, hooks: 1 }),
      ),
    says: ['plan.load'],
  },
  {
    what: 'a candle burns',
    broken: (job) =>
      added(job, {
        id: 'candle',
        name: 'Candle',
        kind: 'object',
        widthMm: 80,
        depthMm: 80,
        heightMm: 150,
        traits: ['open flame'],
      }),
    says: ['plan.flame'],
    quiet: {
      'Family bathroom': 'no cloth a flame could reach, and grown people only',
      'Laundry and back door': 'no cloth a flame could reach, and grown people only',
    },
  },
  {
    what: 'a poisonous plant stands where a child or an animal lives',
    broken: (job) =>
      job.people.some((p) => ['child', 'dog', 'cat', 'other pet'].includes(p.kind))
        ? added(job, {
            id: 'oleander',
            name: 'Oleander',
            kind: 'plant',
            species: 'Nerium oleander',
            widthMm: 400,
            depthMm: 400,
            heightMm: 900,
            grownMm: 1500,
          })
        : null,
    says: ['plan.plants'],
  },
  {
    what: 'nobody is said to live there',
    broken: (job) => ({ ...job, people: [] }),
    says: ['brief.household-unknown'],
  },
  {
    what: 'a use is asked for that nothing serves',
    broken: (job) => ({
      ...job,
      uses: [
        ...job.uses,
        {
          id: 'piano',
          name: 'Play the harp',
          kind: 'play music',
          persons: 1,
          time: 'any time',
          position: 99,
          version: 1,
        } as never,
      ],
    }),
    says: ['brief.use-uncovered'],
  },
  {
    what: 'one large piece stands in another',
    broken: (job) => {
      const floor = job.floorPlacements.filter(
        (s) => s.raisedMm === 0 && job.pieces.some((p) => p.id === s.pieceId && big(p)),
      )
      const [one, two] = floor
      return one && two
        ? {
            ...job,
            floorPlacements: job.floorPlacements.map((s) =>
              s === two ? { ...s, xMm: one.xMm, yMm: one.yMm } : s,
            ),
          }
        : null
    },
    says: ['plan.overlap', 'plan.in-cot'],
  },
  {
    what: 'a large piece stands half outside',
    broken: (job) => move(job, big, () => ({ xMm: -200 })),
    says: ['plan.outside', 'plan.overlap'],
  },
  {
    what: 'a piece is taller than the room',
    broken: (job) =>
      outdoors(job)
        ? null
        : every(
            job,
            (p) => of('wardrobe', 'shelves', 'cabinet', 'chest of drawers')(p) && standing(job).has(p.id),
            () => ({ heightMm: (job.room.heightMm ?? 0) + 50 }),
          ),
    says: ['plan.too-tall'],
  },
  {
    what: 'the lamp over a table hangs at head height of who passes',
    broken: (job) => {
      const over = job.floorPlacements.find(
        (s) =>
          s.raisedMm > 1200 &&
          s.raisedMm < 1900 &&
          job.pieces.some((p) => p.id === s.pieceId && p.kind === 'lamp'),
      )
      return over
        ? {
            ...job,
            floorPlacements: job.floorPlacements.map((s) =>
              s === over ? { ...s, raisedMm: s.raisedMm - 450 } : s,
            ),
          }
        : null
    },
    says: ['plan.pendant'],
  },
  {
    what: 'every lamp is taken out',
    broken: (job) => {
      if (outdoors(job)) return null
      const lamps = new Set(job.pieces.filter(of('lamp')).map((p) => p.id))
      if (lamps.size === 0) return null
      return {
        ...job,
        pieces: job.pieces.filter((p) => !lamps.has(p.id)),
        floorPlacements: job.floorPlacements.filter((s) => !lamps.has(s.pieceId)),
        wallPlacements: job.wallPlacements.filter((s) => !lamps.has(s.pieceId)),
        lights: job.lights.filter((l) => !l.pieceId || !lamps.has(l.pieceId)),
        shelfPlacements: job.shelfPlacements.filter((s) => !lamps.has(s.pieceId)),
      }
    },
    says: ['plan.use-lamp', 'plan.use-dark', 'plan.lamp-school', 'brief.use-uncovered', 'plan.lamp-seat'],
    quiet: { 'Small bedroom': 'no school of lamps, nobody reads there: a plan that is not lit yet' },
  },
  {
    what: 'the bed stands so that one cannot get in',
    broken: (job) => {
      const bed = job.pieces.find(of('bed'))
      const at = job.floorPlacements.find((s) => s.pieceId === bed?.id)
      if (!bed || !at || bed.widthMm < 1300 || at.turnDeg % 180 !== 0) return null
      const { w } = size(job)
      return {
        ...job,
        floorPlacements: job.floorPlacements.map((s) =>
          s === at ? { ...s, xMm: w - bed.widthMm / 2 - 100 } : s,
        ),
      }
    },
    says: ['plan.walk', 'brief.use-uncovered', 'plan.front', 'plan.overlap', 'plan.bedside-height'],
  },
  {
    what: 'all walls are a shouting red',
    broken: (job) => {
      const walls = new Set(job.finishAssignments.filter((a) => a.surface === 'walls').map((a) => a.finishId))
      return recolored(job, (f) => walls.has(f.id) && f.role !== 'stays', '#C8102E')
    },
    says: [
      'palette.dominates',
      'palette.mood',
      'palette.shares',
      'palette.envelope',
      'palette.too-many-hues',
      'palette.undertone-clash',
      'palette.not-in-inspiration',
      'palette.envelope-depth',
      'palette.orphan-color',
    ],
    quiet: {
      'Living room': 'a cocoon with two mains: strong walls are what was chosen',
      'Dining room': 'the piece the colors are drawn from is not named: any wall may be in it',
    },
  },
  {
    what: 'the sofa turns its back to the room',
    broken: (job) => move(job, of(...SEATS), (s) => ({ turnDeg: (s.turnDeg + 180) % 360 })),
    says: [
      'plan.back-turned',
      'plan.talk',
      'plan.front',
      'plan.lamp-seat',
      'plan.knees',
      'plan.glare',
      'brief.use-uncovered',
    ],
  },
  {
    what: 'a second metal of the other warmth comes in where there is to be one',
    broken: (job) => {
      const metal = job.finishes.find((f) => f.material === 'metal')
      return job.schools.metals === 'one for all' && metal
        ? {
            ...added(job, {
              id: 'brass thing',
              name: 'Brass candlestick',
              kind: 'object',
              widthMm: 120,
              depthMm: 120,
              heightMm: 300,
              finishId: 'other metal',
              reason: 'a gift',
            }),
            finishes: [
              ...job.finishes,
              {
                ...metal,
                id: 'other metal',
                name: 'Other metal',
                role: 'metal',
                labL: 70,
                labA: 6,
                labB: 38,
                sheen: 'gloss',
              },
            ],
          }
        : null
    },
    says: ['palette.metals', 'palette.metal-warmth'],
  },
  {
    what: 'a tall piece stands before the window',
    broken: (job) => {
      const window = job.openings.find((o) => o.kind === 'window' && o.wallId === 'north')
      const tall = job.floorPlacements.find((s) =>
        job.pieces.some((p) => p.id === s.pieceId && p.heightMm > 1500 && big(p) && !p.stays),
      )
      if (!window || !tall) return null
      const depth = job.pieces.find((p) => p.id === tall.pieceId)?.depthMm ?? 0
      const at = { xMm: window.startMm + window.widthMm / 2, yMm: depth / 2 + 10, turnDeg: 0 }
      return { ...job, floorPlacements: job.floorPlacements.map((s) => (s === tall ? { ...s, ...at } : s)) }
    },
    says: ['plan.window-blocked', 'plan.overlap'],
  },
  {
    what: 'a large piece stands in the doorway',
    broken: (job) => {
      const door = job.openings.find((o) => o.kind === 'door' && o.wallId === 'south')
      const { w, d } = size(job)
      if (!door) return null
      // Told from the left end as seen from inside: along the lower wall that is from the right.
      const x = w - door.startMm - door.widthMm / 2
      return move(job, big, () => ({ xMm: x, yMm: d - 400 }))
    },
    says: ['plan.door-swing', 'plan.walk', 'plan.overlap', 'plan.outside'],
  },
  {
    what: 'the rug is far too small',
    broken: (job) =>
      job.schools.rug === null
        ? null
        : every(job, of('rug'), (p) => ({
            widthMm: Math.round(p.widthMm * 0.4),
            depthMm: Math.round(p.depthMm * 0.4),
          })),
    says: ['plan.rug-legs', 'plan.rug-border', 'plan.rug-under-table', 'plan.size-doubt'],
    quiet: { 'Main bedroom': 'a small rug beside a bed is a choice' },
  },
  {
    what: 'the bedside table is a step down from the mattress',
    broken: (job) =>
      job.pieces.some((p) => p.kind === 'bed' && p.mattressMm != null)
        ? every(job, of('side table'), (p) => ({ heightMm: Math.max(100, p.heightMm - 300) }))
        : null,
    says: ['plan.bedside-height'],
  },
  {
    what: 'what stands in the open is not made for it',
    broken: (job) =>
      outdoors(job)
        ? {
            ...job,
            finishes: job.finishes.map((f) => ({ ...f, outdoor: false })),
            pieces: job.pieces.map((p) => ({ ...p, traits: without(p, 'made for outdoors') as never })),
          }
        : null,
    says: ['plan.exposed', 'palette.unfit'],
  },
  {
    what: 'the curtains are a shade off the walls',
    broken: (job) => {
      const wall = job.finishAssignments.find((a) => a.surface === 'walls')
      const at = job.finishes.find((f) => f.id === wall?.finishId)
      const curtains = job.pieces.find(of('curtains'))
      const cloth = job.finishes.find((f) => f.id === curtains?.finishId)
      if (!at || !cloth || outdoors(job)) return null
      const off = {
        ...cloth,
        id: 'off',
        name: 'Off cloth',
        labL: at.labL - 1.5,
        labA: at.labA + 4,
        labB: at.labB - 1,
        colors: [],
      }
      return {
        ...job,
        finishes: [...job.finishes, off],
        pieces: job.pieces.map((p) => (p === curtains ? { ...p, finishId: 'off' } : p)),
      }
    },
    says: ['palette.cloth-near-wall', 'palette.near-miss', 'palette.undertone-clash'],
  },
]
