import type { Fix, Rule } from '../../../findings/finding.js'
import type { FinishFacts, PaletteFacts } from '../paletteFacts.js'
import { hueCarried, isHue } from '../wantedHue.js'
import { addPiece } from './about.js'

/** A color is what a room is known by when so many kinds of things carry it, or a surface does (common practice). */
const KINDS = 3

/** What changes cheaply and carries a color, the least dear first. */
const THINGS = [
  { name: 'Cushion', kind: 'cushion', widthMm: 450, depthMm: 150, heightMm: 450 },
  { name: 'Throw', kind: 'throw', widthMm: 1300, depthMm: 1700, heightMm: 10 },
  { name: 'Vase', kind: 'object', widthMm: 180, depthMm: 180, heightMm: 320 },
] as const

/** Things of kinds that do not carry it yet, as many as are missing. */
function carriers(facts: PaletteFacts, f: FinishFacts, there: ReadonlySet<string>): Fix[] {
  const missing = THINGS.filter((t) => !there.has(t.kind)).slice(0, KINDS - there.size)
  if (missing.length < KINDS - there.size) return []
  return [
    {
      label: `Add a ${missing.map((t) => t.name.toLowerCase()).join(' and a ')} in ${f.finish.name}`,
      changes: missing.map((t, n) =>
        addPiece(
          facts,
          { ...t, name: `${t.name} in ${f.finish.name}`, finishId: f.finish.id, wallId: null },
          n,
        ),
      ),
    },
  ]
}

export const wantedColor: Rule<PaletteFacts> = {
  name: 'palette.wanted-color',
  title: 'The color the room is to be known by is hardly there',
  numbers: `Fewer than ${KINDS} kinds of things carry it, and no surface does.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const carried = hueCarried(facts)
    if (!carried || carried.surfaces.length > 0 || carried.kinds.length >= KINDS) return []
    const { hue, kinds } = carried
    const names = kinds.flatMap((k) => k.names)
    return [
      {
        rule: 'palette.wanted-color',
        severity: 'look',
        about: [{ kind: 'job', id: `wanted ${hue}`, name: `A ${hue} room` }],
        title: `A ${hue} room, and ${names.length === 0 ? `nothing ${hue} in it` : `little ${hue} in it`}`,
        measured: `${kinds.length} ${kinds.length === 1 ? 'kind' : 'kinds'} of things${names.length > 0 ? `: ${names.join(', ')}` : ''}`,
        wanted: `at least ${KINDS} kinds, or a surface`,
        because:
          'A color is reached by objects alone, without paint: cushions, a throw, a vase, a picture, a chair.',
        fixes: facts.finishes
          .filter(
            (f) => isHue(f.lab, hue) && (f.finish.material === 'textile' || f.finish.material === 'leather'),
          )
          .slice(0, 2)
          .flatMap((f) => carriers(facts, f, new Set(kinds.map((k) => k.kind)))),
        quantity: { value: kinds.length, better: 'more' },
      },
    ]
  },
}
