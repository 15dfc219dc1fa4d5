import { example } from './example.js'
import type { PlanFacts } from '../../stages/plan/planFacts.js'

// Five fields put a stile at 1 964 to 2 054; four put it elsewhere.
const SOCKET = {
  id: 'socket',
  wallId: 'north',
  kind: 'socket',
  name: 'Socket',
  startMm: 2000,
  widthMm: 80,
  heightMm: 80,
  bottomMm: 300,
  depthMm: 10,
  radiusMm: null,
  version: 1,
} as const

const PANELS = {
  id: 'panels',
  wallId: 'north',
  kind: 'wainscot panels',
  name: 'Panels',
  startMm: 0,
  endMm: 5000,
  bottomMm: 140,
  heightMm: 700,
  stileMm: 90,
  depthMm: 20,
  openingId: null,
  version: 1,
} as const

/** Breaks the rule `plan.set-out`. */
export const violates = (): PlanFacts =>
  example({ more: { fixtures: [SOCKET], panelLayouts: [{ ...PANELS, count: 5 }] } })

/** Keeps it, by as little as matters. */
export const complies = (): PlanFacts =>
  example({ more: { fixtures: [SOCKET], panelLayouts: [{ ...PANELS, count: 4 }] } })
