import { sized } from '../../../model/openingSize.js'
import { every, standing, of, move, size, SEATS, outdoors, big, type Wrong } from './wrong.js'

/** What stands or hangs where it should not. */
export const PLACES: readonly Wrong[] = [
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
    what: 'a tall piece stands before the window',
    broken: (job) => {
      const window = job.openings.find((o) => o.kind === 'window' && o.wallId === 'north')
      const tall = job.floorPlacements.find((s) =>
        job.pieces.some((p) => p.id === s.pieceId && p.heightMm > 1500 && big(p) && !p.stays),
      )
      if (!window || !tall) return null
      const depth = job.pieces.find((p) => p.id === tall.pieceId)?.depthMm ?? 0
      const at = { xMm: window.startMm + sized(window).widthMm / 2, yMm: depth / 2 + 10, turnDeg: 0 }
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
      const x = w - door.startMm - sized(door).widthMm / 2
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
]
