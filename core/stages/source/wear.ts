import type { Demand, OptionTrait } from '../../model/vocabulary/buying.js'

/** How a material stands a demand. */
export interface Bears {
  /** Refused: it will fail there. Allowed: it will do, with the note. */
  readonly verdict: 'bears' | 'allowed' | 'refused' | 'not known'
  readonly says: string
  /** 0 to 1. */
  readonly satisfied: number
}

interface MaterialFacts {
  readonly words: RegExp
  readonly name: string
  /** 0 to 1 for each demand; below {@link REFUSED} it is refused. */
  readonly bears: Readonly<Partial<Record<Demand, number>>>
  readonly note?: string
}

// Common practice: how textile fibers and surfaces stand use. Figures rank them; only the order and the refusals matter.
const MATERIALS: readonly MaterialFacts[] = [
  {
    words: /\bsilk\b/i,
    name: 'silk',
    bears: {
      'many feet': 0,
      wet: 0,
      washing: 0,
      outdoors: 0,
      'strong sun': 0.2,
      'food and ink': 0.1,
      pet: 0.1,
      child: 0.2,
    },
  },
  {
    words: /viscose|rayon|bamboo silk|lyocell/i,
    name: 'viscose',
    bears: {
      'many feet': 0,
      wet: 0,
      washing: 0,
      outdoors: 0,
      'strong sun': 0.4,
      'food and ink': 0.1,
      pet: 0.2,
      child: 0.3,
    },
  },
  {
    words: /polypropylene|polyester|nylon|polyamide|synthetic|recycled pet/i,
    name: 'synthetic',
    bears: {
      'many feet': 0.9,
      wet: 0.9,
      washing: 1,
      outdoors: 0.8,
      'strong sun': 0.7,
      'food and ink': 0.9,
      pet: 0.9,
      child: 0.9,
    },
  },
  {
    words: /acrylic/i,
    name: 'acrylic',
    bears: {
      'many feet': 0.7,
      wet: 0.9,
      washing: 0.9,
      outdoors: 1,
      'strong sun': 1,
      'food and ink': 0.8,
      pet: 0.8,
      child: 0.8,
    },
  },
  {
    words: /\bwool\b|mohair|felt/i,
    name: 'wool',
    bears: {
      'many feet': 0.8,
      wet: 0.3,
      washing: 0.3,
      outdoors: 0,
      'strong sun': 0.6,
      'food and ink': 0.5,
      pet: 0.6,
      child: 0.7,
    },
    note: 'wool wash or dry clean',
  },
  {
    words: /jute|sisal|seagrass|hemp|coir|rush|raffia/i,
    name: 'plant fiber',
    bears: {
      'many feet': 0.85,
      wet: 0,
      washing: 0.25,
      outdoors: 0.1,
      'strong sun': 0.6,
      'food and ink': 0.3,
      pet: 0.5,
      child: 0.5,
    },
    note: 'spot clean',
  },
  {
    words: /cotton|denim|canvas|twill/i,
    name: 'cotton',
    bears: {
      'many feet': 0.6,
      wet: 0.6,
      washing: 0.9,
      outdoors: 0,
      'strong sun': 0.5,
      'food and ink': 0.5,
      pet: 0.6,
      child: 0.7,
    },
  },
  {
    words: /linen/i,
    name: 'linen',
    bears: {
      'many feet': 0.4,
      wet: 0.4,
      washing: 0.7,
      outdoors: 0,
      'strong sun': 0.5,
      'food and ink': 0.4,
      pet: 0.4,
      child: 0.5,
    },
  },
  {
    words: /velvet|chenille/i,
    name: 'velvet',
    bears: {
      'many feet': 0.4,
      wet: 0.2,
      washing: 0.3,
      outdoors: 0,
      'strong sun': 0.4,
      'food and ink': 0.3,
      pet: 0.4,
      child: 0.5,
    },
  },
  {
    words: /leather/i,
    name: 'leather',
    bears: {
      'many feet': 0.7,
      wet: 0.3,
      washing: 0.5,
      outdoors: 0.1,
      'strong sun': 0.4,
      'food and ink': 0.8,
      pet: 0.5,
      child: 0.8,
    },
    note: 'wipe, and feed twice a year',
  },
  {
    words: /teak|iroko|cedar|larch|accoya/i,
    name: 'outdoor timber',
    bears: {
      wet: 0.9,
      washing: 0.8,
      outdoors: 1,
      'strong sun': 0.8,
      'food and ink': 0.7,
      child: 0.8,
      pet: 0.8,
    },
  },
  {
    words: /mdf|chipboard|particle|cardboard|plywood/i,
    name: 'board',
    bears: { wet: 0, outdoors: 0, washing: 0.4, 'food and ink': 0.6, child: 0.6, pet: 0.6 },
  },
  {
    words: /marble|limestone|travertine/i,
    name: 'soft stone',
    bears: { wet: 0.6, washing: 0.7, outdoors: 0.5, 'food and ink': 0.2, child: 0.6, pet: 0.8 },
    note: 'acid marks it',
  },
  {
    words: /granite|porcelain|ceramic|concrete|slate/i,
    name: 'stone or ceramic',
    bears: {
      'many feet': 1,
      wet: 1,
      washing: 1,
      outdoors: 0.9,
      'strong sun': 1,
      'food and ink': 1,
      child: 0.8,
      pet: 1,
    },
  },
  {
    words: /powder[- ]coated|stainless|alumin/i,
    name: 'coated or stainless metal',
    bears: { wet: 0.9, washing: 1, outdoors: 0.9, 'strong sun': 0.9, 'food and ink': 1, child: 0.8, pet: 1 },
  },
  {
    words: /\bsteel\b|\biron\b/i,
    name: 'bare steel',
    bears: { wet: 0.2, washing: 0.6, outdoors: 0.2, 'food and ink': 0.8, child: 0.8, pet: 0.9 },
    note: 'rusts unless coated',
  },
  {
    words: /oak|walnut|ash|beech|pine|mahogany|birch|maple|timber|wood/i,
    name: 'timber',
    bears: {
      'many feet': 0.8,
      wet: 0.3,
      washing: 0.5,
      outdoors: 0,
      'strong sun': 0.6,
      'food and ink': 0.5,
      child: 0.8,
      pet: 0.8,
    },
    note: 'oiled or lacquered',
  },
]

const REFUSED = 0.15
const ALLOWED = 0.5

/** The material a description names first in the list; undefined when none is known. */
export const materialNamed = (text: string): string | undefined =>
  MATERIALS.find((m) => m.words.test(text))?.name

/**
 * A material against one thing its place demands of it. What the option itself says counts before what its material is:
 * a washable wool rug is washable.
 */
export function bears(material: string, traits: readonly OptionTrait[], demand: Demand): Bears {
  const said = saidBy(traits, demand)
  if (said) return said
  const known = MATERIALS.find((m) => m.words.test(material))
  const figure = known?.bears[demand]
  if (!known || figure === undefined)
    return {
      verdict: 'not known',
      says: `${demand}: ${material ? `${material} not known` : 'material not known'}`,
      satisfied: 0.6,
    }
  const note = known.note ? ` (${known.note})` : ''
  if (figure < REFUSED)
    return { verdict: 'refused', says: `${known.name} does not stand ${WORDS[demand]}`, satisfied: 0 }
  return figure < ALLOWED
    ? { verdict: 'allowed', says: `${known.name} stands ${WORDS[demand]} poorly${note}`, satisfied: figure }
    : { verdict: 'bears', says: `${known.name} stands ${WORDS[demand]}${note}`, satisfied: figure }
}

const WORDS: Readonly<Record<Demand, string>> = {
  'many feet': 'many feet',
  wet: 'the wet',
  washing: 'washing',
  outdoors: 'the weather',
  child: 'children',
  pet: 'pets',
  'strong sun': 'strong sun',
  'food and ink': 'food and ink',
}

function saidBy(traits: readonly OptionTrait[], demand: Demand): Bears | undefined {
  const good = (says: string): Bears => ({ verdict: 'bears', says, satisfied: 1 })
  if (demand === 'washing' && traits.includes('washable')) return good('washable')
  if (demand === 'washing' && traits.includes('spot clean only'))
    return { verdict: 'allowed', says: 'spot clean only', satisfied: 0.25 }
  if (demand === 'food and ink' && (traits.includes('wipeable') || traits.includes('washable')))
    return good('can be wiped or washed')
  if (demand === 'outdoors' && traits.includes('made for outdoors')) return good('made for outdoors')
  if (demand === 'wet' && (traits.includes('made for bathrooms') || traits.includes('made for outdoors')))
    return good('made for the wet')
  return undefined
}
