import type { Skill, Step } from '../../model/vocabulary/install.js'

/** How a step of the work is done; what one's own rows and the maker's sheet do not say otherwise. */
export interface Method {
  readonly skill: Skill
  readonly hands: number
  /** Drilling, hammering, machines: not in quiet hours. */
  readonly loud: boolean
  /** Hours before the next step on the same surface, day and night. */
  readonly dryHours: number
  /** Of the most likely time: at best and at worst. */
  readonly best: number
  readonly worst: number
  /** Asked before it is begun; an answer closes the question and makes nothing safe. */
  readonly asks?: string
  readonly caution?: string
  /** What must be right before the first cut or stroke. */
  readonly first?: string
}

const quiet = { hands: 1, loud: false, dryHours: 0, best: 0.8, worst: 1.5 } as const
const loud = { ...quiet, loud: true } as const

const CABLES =
  'Where do cables and pipes run? Find them before drilling, nailing or cutting; power off and tested. Local rules say who may do it.'

/**
 * The library of methods. Skills, waits and spreads are common practice for water-borne paint, ready-mixed filler and paste in a
 * heated house: filler and primer over night, four hours between coats, a day for adhesive, two for grout; the maker's sheet
 * goes first.
 */
export const METHODS: Readonly<Record<Step, Method>> = {
  clear: {
    ...quiet,
    ...{ skill: 'decorator', hands: 2 },
    caution: 'Two people for what is heavy; straps for what is tall. What could tip is emptied first.',
  },
  protect: { ...quiet, skill: 'decorator' },
  'take off': {
    ...quiet,
    skill: 'decorator',
    asks: 'Is the power off at the board, and proved dead at each plate? What lies behind it is for a licensed electrician.',
  },
  strip: {
    ...quiet,
    ...{ skill: 'decorator', dryHours: 12, worst: 2.5 },
    asks: 'How old are the paint, paper and glue that come off? They may hold lead or asbestos: test them, follow local rules; a licensed specialist removes them.',
  },
  'hidden work': {
    ...quiet,
    ...{ skill: 'fitter', loud: true, worst: 2.5 },
    caution:
      'Pipes and cables in a wall are for the licensed trade, by local code, and looked at before the wall is closed.',
  },
  patch: { ...quiet, skill: 'decorator', dryHours: 24, worst: 2 },
  fill: { ...quiet, skill: 'decorator', dryHours: 12 },
  sand: {
    ...quiet,
    ...{ skill: 'decorator', loud: true },
    asks: 'How old is the paint under the sandpaper? It may hold lead: test it, follow local rules; a licensed specialist removes it.',
    caution: 'Mask and eye protection, doors shut, children and animals out of the dust.',
  },
  prime: { ...quiet, skill: 'painter', dryHours: 4, caution: 'Air the room; follow the maker’s sheet.' },
  tile: {
    ...quiet,
    ...{ skill: 'tiler', loud: true, dryHours: 48, worst: 1.8 },
    first: 'Lay a row dry from the line it is set out from, both ends, before the first is stuck.',
  },
  coat: {
    ...quiet,
    ...{ skill: 'painter', dryHours: 4 },
    caution:
      'Air the room; the maker’s sheet and local rules go first. Rags with oil in them can catch fire by themselves: dry them flat outdoors, or keep them under water.',
  },
  paper: {
    ...quiet,
    ...{ skill: 'paperhanger', dryHours: 24, worst: 1.8 },
    first:
      'All rolls of one batch? A plumb line for the first drop; its top and its match marked before the first cut.',
  },
  floor: {
    ...quiet,
    ...{ skill: 'floor layer', hands: 2, loud: true, dryHours: 12, worst: 1.8 },
    asks: 'What lies under the old floor, and how old are it and its glue? Old sheet and glue may hold asbestos: test before lifting; a licensed specialist removes it.',
    first:
      'Boards have lain in the room for as long as the maker asks; the first row is straight, whatever the wall is.',
  },
  moldings: {
    ...loud,
    ...{ skill: 'fitter', hands: 2, asks: CABLES },
    first: 'Cut one miter of scrap and try it in the corner.',
  },
  workshop: {
    ...quiet,
    ...{ skill: 'upholsterer', worst: 1.8 },
    first:
      'Mark the right side and the top of every piece of cloth before the first cut; press the first hem and hold it up.',
  },
  'put back on': {
    ...quiet,
    skill: 'decorator',
    asks: 'Is the power still off at the board while plates go back on?',
  },
  fit: { ...loud, skill: 'fitter', hands: 2, worst: 2, asks: CABLES },
  connect: {
    ...quiet,
    ...{ skill: 'fitter', worst: 2 },
    caution: 'Connected and tested by the licensed trade, by local code.',
  },
  curtains: {
    ...loud,
    ...{ skill: 'decorator', hands: 2, worst: 2, asks: CABLES },
    caution: 'The right ladder, and a second person at its foot; children and animals out.',
  },
  hang: {
    ...loud,
    ...{ skill: 'decorator', asks: CABLES },
    first: 'Mark out from the floor by the sheet, all of them, and stand back before the first hole.',
  },
  furnish: {
    ...quiet,
    ...{ skill: 'decorator', hands: 2 },
    caution:
      'Two people for what is heavy. What is tall or top-heavy is held to the building before anything is put in it.',
  },
  style: { ...quiet, skill: 'decorator', worst: 2 },
  'second look': { ...quiet, skill: 'decorator' },
  photographs: { ...quiet, skill: 'decorator' },
  'snag list': { ...quiet, skill: 'decorator' },
}

/** What is known of drying and hardening where neither finish nor task says it (common practice; the maker's sheet goes first). */
export const WAITS = {
  /** Before anything is stuck to new paint: strips, decals and tape lift young paint. */
  stuckDays: 28,
  /** Before lacquer on furniture is leaned on, stood on or put into use. */
  lacquerDays: 5,
  /** Between two coats of lacquer on furniture. */
  lacquerHours: 16,
  /** A night before one looks again. */
  lookHours: 12,
} as const

/** Own hands where nobody said how long: minutes (common practice). */
export const MINUTES = {
  piece: 10,
  heavyPiece: 20,
  hidden: 180,
  patch: 45,
  connect: 60,
  shelves: 30,
  style: 45,
  look: 60,
  pictures: 45,
  snags: 45,
  /** Fronts of a square meter: taken off or put back, sanded, and one coat sprayed or rolled on. */
  frontsOff: 40,
  frontsSand: 60,
  frontsCoat: 30,
} as const

/** From this weight on two carry (common practice: 25 kg is much for one). */
export const HEAVY_G = 25_000
