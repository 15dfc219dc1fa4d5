import { every, standing, without, of, hung, added, size, type Wrong } from './wrong.js'
import { NEW_HANG } from '../../../stages/plan/newRows.js'

/** What can hurt somebody. */
export const DANGERS: readonly Wrong[] = [
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
]
