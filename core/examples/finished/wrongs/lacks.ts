import { without, of, outdoors, type Wrong } from './wrong.js'

/** What is missing, or not made for where it is. */
export const LACKS: readonly Wrong[] = [
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
]
