/** Work that is counted: so many of its unit, so many minutes each. */
export const TASKS = [
  'cover the floor',
  'tape edges',
  'take plates off and put them back',
  'take fittings down',
  'strip old paper',
  'clear glue',
  'fill holes',
  'wash and sand',
  'prime',
  'paint with a roller',
  'paint with a brush',
  'touch in',
  'make good the floor',
  'hang paper',
  'hang squares of paper',
  'lay tile',
  'lay boards',
  'lay carpet',
  'lay stairs',
  'fit moldings',
  'cut sheets',
  'make up curtains',
  'make up covers',
  'put up a rail or a blind',
  'tie on',
  'mark out',
  'drive picture hooks',
  'drill and plug',
  'set hollow-wall anchors',
  'screw into studs',
  'press adhesive strips',
  'hang by rail or string',
  'stick on',
  'fix to the building',
] as const
export type Task = (typeof TASKS)[number]

/** What is used up, or bought only so that the work can be done. */
export const CONSUMABLES = [
  'cover for the floor',
  'masking tape',
  'filler',
  'abrasive sheets',
  'sealant',
  'picture hooks',
  'screws and plugs',
  'hollow-wall anchors',
  'wood screws',
  'adhesive strips, pairs',
  'thread',
  'rug underlay',
  'bulbs',
  'batteries',
] as const
export type ConsumableKind = (typeof CONSUMABLES)[number]

/** How work and what it takes are counted: square or running measure, volume, or by the piece. */
export type Amount = 'area' | 'run' | 'volume' | 'count'
