import { type SchoolOf, schoolNames } from '../../../model/vocabulary/schools.js'
import type { FinishFacts, PaletteFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { hueFamilies, HUE_CHROMA, FAMILY_ARC_DEG } from '../hueFamilies.js'
import { hueWord } from '../undertone.js'
import { put } from '../../../model/changes.js'
import { wearInstead } from './wearInstead.js'
import { hueTurn } from '../../../kernel/color/lab.js'

// Families of hue that a school carries (product book, Schools; common practice). What stays, metals and
// foliage are not counted: they are judged by undertone, and a kept floor is no choice of the scheme.
const LIMITS: Readonly<Record<SchoolOf<'colorScheme'>, number>> = {
  'two mains and one accent': 3,
  'quiet neutral': 1,
  'drawn from one piece': 5,
}

const COUNTED: readonly string[] = ['main', 'second', 'accent']

/** Timber and stone as they grew are no hue of a quiet scheme. */
const isHue = (f: FinishFacts): boolean => f.finish.material !== 'timber' && f.finish.material !== 'stone'

interface Counted {
  readonly id: string
  readonly lab: FinishFacts['lab']
  readonly areaMm2: number
  readonly facts: FinishFacts
}

function check(facts: PaletteFacts): Finding[] {
  const { school } = facts
  const limit = school === null ? undefined : LIMITS[school]
  if (school === null || limit === undefined) return []
  const quiet = school === 'quiet neutral'
  const counted = facts.finishes
    .filter((f) => f.share > 0 && COUNTED.includes(f.finish.role) && !(quiet && !isHue(f)))
    .map((f): Counted => ({ id: f.finish.id, lab: f.lab, areaMm2: f.areaMm2, facts: f }))
  const families = hueFamilies(counted)
  if (families.length <= limit) return []
  const spare = families.slice(limit)
  const fixes =
    spare.length === 1
      ? spareFixes(
          facts,
          spare[0]?.members ?? [],
          families.slice(0, limit).flatMap((f) => f.members),
        )
      : []
  const roomier = schoolNames('colorScheme').find((name) => LIMITS[name] >= families.length)
  return [
    {
      rule: 'palette.too-many-hues',
      severity: 'look',
      about: spare
        .flatMap((f) => f.members)
        .map((m) => ({ kind: 'finish', id: m.id, name: m.facts.finish.name })),
      title: `${families.length} hues, ${spare.length === 1 ? 'one more than' : `${spare.length} more than`} the school carries`,
      measured: `${families.length} families: ${families.map((f) => hueWord(f.hueDeg)).join(', ')}`,
      wanted: `at most ${limit}`,
      because: `Tints of one hue count once. The least seen ${spare.length === 1 ? 'is' : 'are'} ${spare
        .flatMap((f) => f.members.map((m) => m.facts.finish.name))
        .join(', ')}.`,
      school,
      fixes: [
        ...fixes,
        ...(roomier
          ? [
              {
                label: `Change the school to “${roomier}”`,
                changes: [put('schools', 'schools', { colorScheme: roomier })],
              },
            ]
          : []),
      ],
    },
  ]
}

/** One fix that moves every member of the spare family onto the nearest hue that is kept. */
function spareFixes(facts: PaletteFacts, members: readonly Counted[], kept: readonly Counted[]): Fix[] {
  const moves = members.map((member) => {
    const to = [...kept].sort((x, y) => apart(x, member) - apart(y, member))[0]
    return to && wearInstead(facts, member.facts, to.facts)
  })
  if (moves.length === 0 || moves.some((m) => m === undefined)) return []
  const sure = moves.filter((m): m is Fix => m !== undefined)
  return [{ label: sure.map((m) => m.label).join('; '), changes: sure.flatMap((m) => m.changes) }]
}

function apart(one: Counted, two: Counted): number {
  return Math.abs(hueTurn(one.facts.undertone.hueDeg, two.facts.undertone.hueDeg))
}

export const tooManyHues: Rule<PaletteFacts> = {
  name: 'palette.too-many-hues',
  title: 'More hues than the chosen school carries',
  numbers: `Families of hue among mains, second and accent: ${Object.entries(LIMITS)
    .map(([school, most]) => `${most} in “${school}”`)
    .join(
      ', ',
    )}. A hue counts from chroma ${HUE_CHROMA}; hues within ${FAMILY_ARC_DEG}° are one family. Timber and stone are no hue in “quiet neutral”.`,
  source: 'common practice',
  schools: Object.keys(LIMITS),
  check,
}
