import type { WornPiece } from '../schemeView.js'
import { put } from '../../../model/changes.js'
import type { PaletteFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { inRoom } from '../../../model/inRoom.js'
import { wornPieces, pieceRef } from './about.js'

export const SCHOOL = 'one envelope, dark'

// A focus of a dark room is at least this light (L*, common practice).
const BRIGHT_L = 75

const set = (piece: WornPiece, fields: Readonly<Record<string, boolean>>) => put('pieces', piece.id, fields)

/** A dark envelope wants exactly one bright, lit thing to look at. */
function check(facts: PaletteFacts): Finding[] {
  if (facts.schools.trimAndCeiling !== SCHOOL) return []
  const focal = facts.pieces.filter((p) => p.focal && inRoom(p))
  const pale = wornPieces(facts)
    .filter(({ finish }) => finish.lab.l >= BRIGHT_L)
    .map(({ piece }) => piece)
  const [only] = focal
  if (focal.length === 1 && only?.lit && pale.includes(only)) return []
  return [
    {
      rule: 'palette.dark-focus',
      severity: 'look',
      about: focal.map(pieceRef),
      title:
        focal.length > 1
          ? `${focal.length} things want to be the focus`
          : focal.length === 0
            ? 'A dark room without a bright focus'
            : 'The focus is not bright and lit',
      measured:
        focal.length === 0
          ? 'none'
          : focal.map((p) => `${p.name}${p.lit ? ', lit' : ', not lit'}`).join('; '),
      wanted: `exactly one, pale (L* ${BRIGHT_L} or more) and lit`,
      because:
        'In a dark envelope the eye goes to the one bright thing; several cancel each other, and none leaves it lost.',
      school: SCHOOL,
      fixes: focusFixes(focal, pale),
    },
  ]
}

/** Makes one pale thing the lit focus and the others none: first one that was meant to be it. */
function focusFixes(focal: readonly WornPiece[], pale: readonly WornPiece[]): Fix[] {
  const meant = pale.filter((p) => focal.includes(p))
  return [...meant, ...pale.filter((p) => !focal.includes(p))].slice(0, 2).map((keep) => ({
    label: `Make ${keep.name} the only focus, and light it`,
    changes: [
      set(keep, { focal: true, lit: true }),
      ...focal.filter((p) => p !== keep).map((p) => set(p, { focal: false })),
    ],
  }))
}

export const darkFocus: Rule<PaletteFacts> = {
  name: 'palette.dark-focus',
  title: 'A dark envelope without one bright, lit focus',
  numbers: `Exactly one piece marked focal; it is lit and its finish has L* ${BRIGHT_L} or more.`,
  source: 'common practice',
  schools: [SCHOOL],
  check,
}
