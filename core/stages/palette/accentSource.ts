import { chroma, type LabD65 } from '../../kernel/color/lab.js'
import { HUE_CHROMA } from './hueFamilies.js'
import { colorsOf, seen, type FinishFacts, type PaletteFacts } from './paletteFacts.js'
import { labOf } from './rules/inspiration.js'
import { echoes } from './rules/accents.js'

/** Where an accent is drawn from. */
export interface AccentSource {
  readonly name: string
  /** The thread of a pattern it is, as part of the pattern; undefined for a plain finish or a picture. */
  readonly part?: number
}

const holds = (f: FinishFacts, lab: LabD65) =>
  colorsOf(f.finish)
    .filter((c) => chroma(c.lab) >= HUE_CHROMA && echoes(c.lab, lab))
    .sort((a, b) => b.part - a.part)[0]

/** A finish an accent can be drawn from: what stays, leads by its pattern, or is large. */
const leads = (f: FinishFacts): boolean =>
  f.finish.role === 'stays' || f.finish.patternKind !== 'none' || f.finish.material === 'timber'

/**
 * What an accent is drawn from: a thread of a patterned finish, a color pulled out of a picture, else something that stays
 * or carries its hue more quietly. None for an accent that comes from nowhere.
 */
export function accentSource(facts: PaletteFacts, accent: FinishFacts): AccentSource | undefined {
  const others = seen(facts).filter((f) => f !== accent && f.finish.role !== 'accent')
  for (const f of others.filter((o) => o.finish.patternKind !== 'none')) {
    const thread = holds(f, accent.lab)
    if (thread) return { name: f.finish.name, part: thread.part }
  }
  const pulled = facts.sampledColors.find((s) => echoes(labOf(s), accent.lab))
  if (pulled) return { name: pulled.name }
  const quiet = others.find((f) => leads(f) && holds(f, accent.lab))
  return quiet && { name: quiet.finish.name }
}

/** The threads of patterned finishes in the room that an accent could be drawn from, the scarcest first. */
export const threads = (
  facts: PaletteFacts,
): { readonly finish: FinishFacts; readonly lab: LabD65; readonly part: number }[] =>
  seen(facts)
    .filter((f) => f.finish.patternKind !== 'none')
    .flatMap((finish) =>
      colorsOf(finish.finish)
        .filter((c) => chroma(c.lab) >= HUE_CHROMA)
        .map((c) => ({ finish, ...c })),
    )
    .sort((a, b) => a.part - b.part)
