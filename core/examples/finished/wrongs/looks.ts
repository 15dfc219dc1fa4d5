import { of, hung, recolored, added, outdoors, type Wrong } from './wrong.js'

/** What the eye minds. */
export const LOOKS: readonly Wrong[] = [
  {
    what: 'a picture hangs half a meter higher',
    broken: (job) =>
      outdoors(job) ? null : hung(job, of('picture'), (h) => ({ centerMm: h.centerMm + 500 })),
    says: ['plan.eye-line', 'plan.grid', 'plan.height-profile', 'plan.over-furniture', 'plan.under-ceiling'],
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
