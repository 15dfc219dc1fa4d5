import { items as ITEM } from '../../model/rows/items.js'
import { options as OPTION } from '../../model/rows/options.js'
import { NO_TIES } from '../../stages/source/ties.js'
import type { ItemFacts, OptionFacts, SourceFacts } from '../../stages/source/sourceFacts.js'
import { lastDayFor } from '../../stages/install/lastOrders.js'
import { plainFormatter } from '../../kernel/units/formatter.js'

/** A small schedule for the examples of the rules. */
export const schedule = (items: readonly ItemFacts[], more: Partial<SourceFacts> = {}): SourceFacts => ({
  today: '2026-03-02',
  items,
  baskets: [],
  stayYears: null,
  schools: { buying: null, pace: null, money: null },
  revealOn: null,
  owned: [],
  ties: NO_TIES,
  says: plainFormatter('EUR'),
  lastDayToOrder: (neededOn, leadDays) => lastDayFor(neededOn, leadDays, []),
  newItem: (fields) => ({ ...ITEM.blank(), targetMinor: 0, ...fields }),
  newOption: (fields) => ({ ...OPTION.blank(), ...fields }),
  ...more,
})

export const item = (options: readonly OptionFacts[], more: Partial<ItemFacts> = {}): ItemFacts => ({
  id: 'lamp',
  name: 'Floor lamp',
  category: 'light',
  pieceKind: 'lamp',
  intent: 'light at the chair',
  layout: null,
  targetMinor: 20_000,
  neededOn: '2026-05-01',
  open: !options.some((o) => o.chosen),
  undecided: options.some((o) => o.chosen),
  options,
  swap: undefined,
  missing: [],
  companionsOpen: [],
  framed: undefined,
  position: 0,
  spend: 'even',
  mayWait: false,
  serves: 1,
  raised: false,
  ...more,
})

export const option = (more: Partial<OptionFacts> = {}): OptionFacts => ({
  id: 'stem',
  name: 'Stem lamp',
  kind: 'new',
  landedMinor: 12_000,
  leadDays: 14,
  years: null,
  stock: 'in stock',
  heldUntil: null,
  reviewOn: null,
  lookedAt: [],
  against: [],
  chosen: true,
  history: { points: [], events: [], markdowns: 0, offPercent: 0, reached: false },
  slip: undefined,
  priceMinor: 12_000,
  rateMissing: undefined,
  partOf: undefined,
  ...more,
})
