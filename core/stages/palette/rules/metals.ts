import type { Finding, Rule } from '../../../findings/finding.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import { likeness, seen, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { rankMetals, warmthGap } from '../metals.js'
import { finishRef, wornPieces } from './about.js'
import { room } from './example.js'
import { wearInstead } from './wearInstead.js'

const groupOf = (kind: PieceKind): 'light' | 'plumbing' | 'hardware' =>
  kind === 'lamp' ? 'light' : kind === 'sanitary' ? 'plumbing' : 'hardware'

/** Metals that read as different: by finish, not by row. */
function distinct(metals: readonly FinishFacts[]): FinishFacts[] {
  return metals.filter((m, i) => metals.slice(0, i).every((o) => likeness(o.lab, m.lab).zone !== 'merges'))
}

function check(facts: PaletteFacts): Finding[] {
  const school = facts.schools.metals
  if (!school) return []
  const worn = wornPieces(facts).filter((w) => w.finish.undertone.family === 'metal')
  const groups = new Map<string, FinishFacts[]>()
  for (const { piece, finish } of worn) {
    const key = school === 'one for all' ? 'room' : groupOf(piece.kind)
    groups.set(key, [...new Set([...(groups.get(key) ?? []), finish])])
  }
  return [...groups].flatMap(([group, metals]): Finding[] => {
    const different = distinct(metals)
    if (different.length < 2) return []
    const [first, ...rest] = [...different].sort((x, y) => y.areaMm2 - x.areaMm2)
    if (!first) return []
    return [
      {
        rule: 'palette.metals',
        severity: 'look',
        about: different.map(finishRef),
        title:
          group === 'room'
            ? `${different.length} metals in the room`
            : `${different.length} metals among the ${group}`,
        measured: different.map((m) => `${m.finish.name} (leans ${m.undertone.word})`).join(', '),
        wanted: school === 'one for all' ? 'one' : 'one for each group',
        because:
          'Metals side by side are compared; what is of one kind keeps one finish, and undertones agree across kinds.',
        school,
        mends: rest.length === 1 && rest[0] ? [wearInstead(facts, rest[0], first) ?? []].flat() : [],
      },
    ]
  })
}

export const metals: Rule<PaletteFacts> = {
  name: 'palette.metals',
  title: 'More metals than the school keeps together',
  numbers:
    'Metals over ΔE00 4 apart count as different: one for each of plumbing, hardware and light, or one for all.',
  source: 'common practice',
  schools: ['one finish per group', 'one for all'],
  check,
  examples: {
    trips: () =>
      room(
        [
          { name: 'Aged brass', hex: '#A3884C', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
          { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
        ],
        { schools: { metals: 'one finish per group' } },
      ),
    passes: () =>
      room(
        [
          { name: 'Aged brass', hex: '#A3884C', material: 'metal', role: 'metal', piece: { kind: 'lamp' } },
          { name: 'Black', hex: '#232020', material: 'metal', role: 'metal', piece: { kind: 'sanitary' } },
        ],
        { schools: { metals: 'one finish per group' } },
      ),
  },
}

function coldMetal(facts: PaletteFacts): Finding[] {
  const kept = seen(facts).filter(
    (f) => f.finish.role === 'stays' && ['tile', 'stone'].includes(f.finish.material),
  )
  const worn = seen(facts).filter((f) => f.undertone.family === 'metal' && f.undertone.word !== 'none')
  return kept.slice(0, 1).flatMap((tile) =>
    worn.flatMap((metal): Finding[] => {
      const others = rankMetals(
        tile.lab,
        facts.finishes.filter((f) => f.undertone.family === 'metal'),
        (f) => f.lab,
      )
      const best = others[0]
      if (!best || best === metal || warmthGap(tile.lab, metal.lab) - warmthGap(tile.lab, best.lab) < 4)
        return []
      return [
        {
          rule: 'palette.metal-warmth',
          severity: 'note',
          about: [finishRef(metal), finishRef(tile)],
          title: `${best.finish.name} would agree better with ${tile.finish.name}`,
          measured: `${metal.finish.name} b* ${metal.lab.b.toFixed(0)}, ${best.finish.name} ${best.lab.b.toFixed(0)}, ${tile.finish.name} ${tile.lab.b.toFixed(0)} (warm above, cool below 0)`,
          wanted: 'the metal nearest in warmth to what stays',
          because: 'What stays is the judge. This is a rank, not a fault.',
          mends: [wearInstead(facts, metal, best) ?? []].flat(),
        },
      ]
    }),
  )
}

export const metalWarmth: Rule<PaletteFacts> = {
  name: 'palette.metal-warmth',
  title: 'A metal cooler or warmer than the tile or stone that stays',
  numbers: 'Another metal of the job is nearer to the kept tile by 4 in a*b*. A lower rank, not an error.',
  source: 'common practice',
  schools: 'all',
  check: coldMetal,
  examples: {
    trips: () =>
      room([
        { name: 'Kept tile', hex: '#AE9E8D', material: 'tile', role: 'stays', on: ['walls'] },
        { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal' },
        { name: 'Nickel', hex: '#C6C0B9', material: 'metal', role: 'metal', placed: false },
      ]),
    passes: () =>
      room([
        { name: 'Kept tile', hex: '#9AA3AB', material: 'tile', role: 'stays', on: ['walls'] },
        { name: 'Chrome', hex: '#C2C7CD', material: 'metal', role: 'metal' },
        { name: 'Nickel', hex: '#C6C0B9', material: 'metal', role: 'metal', placed: false },
      ]),
  },
}
