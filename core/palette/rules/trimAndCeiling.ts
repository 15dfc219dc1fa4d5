import { lrv } from '../../color/lab.js'
import type { Finding, Rule } from '../../findings/finding.js'
import { finishOn, likeness, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { inRoom, surfaceName } from '../visibleArea.js'
import { finishRef, wornPieces } from './about.js'
import { room } from './example.js'
import { wearInstead } from './wearInstead.js'

const ENVELOPE = ['ceiling', 'trim', 'doors', 'lower'] as const
// One paint in two batches or sheens stays below this; beyond it the envelope is cut (common practice).
const SAME = 3
// A step in lightness that sets woodwork apart, L* (common practice).
const STEP = 8
// A light envelope is at least so light, a dark one at most (LRV, common practice).
const LIGHT_LRV = 55
const DARK_LRV = 15
// A focus of a dark room is at least this light (L*, common practice).
const BRIGHT_L = 75

const laid = (facts: PaletteFacts): { surface: string; finish: FinishFacts }[] =>
  ENVELOPE.flatMap((surface) => {
    const finish = finishOn(facts, surface)
    return finish ? [{ surface, finish }] : []
  })

function check(facts: PaletteFacts): Finding[] {
  const school = facts.schools.trimAndCeiling
  const walls = finishOn(facts, 'walls')
  if (!school || !walls) return []
  if (school === 'contrast') return contrast(facts, walls)
  const light = school === 'one envelope, light'
  const breaks = laid(facts).filter(({ finish }) => finish !== walls && likeness(finish.lab, walls.lab).deltaE > SAME)
  const level = lrv(walls.lab)
  return [
    ...breaks.map(({ surface, finish }): Finding => ({
      rule: 'palette.envelope',
      severity: 'look',
      about: [finishRef(finish), finishRef(walls), { kind: 'surface', id: surface, name: surfaceName(surface) }],
      title: `${surfaceName(surface)} breaks the envelope`,
      measured: `ΔE00 ${likeness(finish.lab, walls.lab).deltaE.toFixed(1)} between ${finish.finish.name} and ${walls.finish.name}`,
      wanted: `up to ${SAME}: walls, trim, doors and ceiling alike`,
      because: 'Where trim and wall differ the surface is cut up and the room looks smaller. Paint it all the same.',
      school,
      mends: finish.finish.role === 'stays' ? [] : facts.placements
        .filter((p) => p.surface === surface)
        .map((p) => ({ label: `Use ${walls.finish.name} for ${surfaceName(surface).toLowerCase()}`, changes: [{ collection: 'placements', id: p.id, set: { finishId: walls.finish.id } }] })),
    })),
    ...((light ? level < LIGHT_LRV : level > DARK_LRV)
      ? [
          {
            rule: 'palette.envelope-depth',
            severity: 'look' as const,
            about: [finishRef(walls)],
            title: light ? 'Too deep for a light envelope' : 'Not deep enough for a dark envelope',
            measured: `LRV ${level.toFixed(0)}`,
            wanted: light ? `from ${LIGHT_LRV} on` : `up to ${DARK_LRV}`,
            because: light ? 'A light envelope gives the light back.' : 'Half dark is gloomy; a dark envelope is deep, and colored rather than black.',
            school,
            mends: facts.finishes
              .filter((f) => f.finish.material === 'paint' && (light ? lrv(f.lab) >= LIGHT_LRV : lrv(f.lab) <= DARK_LRV))
              .slice(0, 2)
              .flatMap((f) => wearInstead(facts, walls, f) ?? []),
          },
        ]
      : []),
    ...(light ? [] : darkFocus(facts, school)),
  ]
} // prettier-ignore

function contrast(facts: PaletteFacts, walls: FinishFacts): Finding[] {
  const floor = finishOn(facts, 'floor')
  const pairs = [
    ...(['trim', 'doors', 'lower'] as const).flatMap((s) => {
      const finish = finishOn(facts, s)
      return finish && finish !== walls ? [{ surface: s, finish, beside: walls }] : []
    }),
    ...(['trim', 'lower'] as const).flatMap((s) => {
      const finish = finishOn(facts, s)
      return finish && floor ? [{ surface: s, finish, beside: floor }] : []
    }),
  ]
  return pairs
    .filter(({ finish, beside }) => finish !== beside && Math.abs(finish.lab.l - beside.lab.l) < STEP)
    .map(({ surface, finish, beside }): Finding => ({
      rule: 'palette.trim-contrast',
      severity: 'look',
      about: [finishRef(finish), finishRef(beside), { kind: 'surface', id: surface, name: surfaceName(surface) }],
      title: `${surfaceName(surface)} does not set itself apart from ${beside.finish.name}`,
      measured: `a step of ${Math.abs(finish.lab.l - beside.lab.l).toFixed(0)} in L*`,
      wanted: `at least ${STEP}`,
      because: 'Woodwork or a lower third sets the floor apart from the wall if the step is clear on both sides.',
      school: 'contrast',
      mends: facts.finishes
        .filter((f) => f.finish.material === 'paint' && Math.abs(f.lab.l - beside.lab.l) >= STEP && Math.abs(f.lab.l - walls.lab.l) >= STEP)
        .slice(0, 2)
        .flatMap((f) => facts.placements
          .filter((p) => p.surface === surface && finish.finish.role !== 'stays')
          .map((p) => ({ label: `Use ${f.finish.name} for ${surfaceName(surface).toLowerCase()}`, changes: [{ collection: 'placements', id: p.id, set: { finishId: f.finish.id } }] }))),
    }))
} // prettier-ignore

/** A dark envelope wants exactly one bright, lit thing to look at. */
function darkFocus(facts: PaletteFacts, school: string): Finding[] {
  const focal = facts.pieces.filter((p) => p.focal && inRoom(p))
  const worn = wornPieces(facts)
  const bright = focal.filter((p) => p.lit && (worn.find((w) => w.piece.id === p.id)?.finish.lab.l ?? 0) >= BRIGHT_L)
  if (focal.length === 1 && bright.length === 1) return []
  return [
    {
      rule: 'palette.dark-focus',
      severity: 'look',
      about: focal.map((p) => ({ kind: 'piece', id: p.id, name: p.name })),
      title: focal.length > 1 ? `${focal.length} things want to be the focus` : focal.length === 0 ? 'A dark room without a bright focus' : 'The focus is not bright and lit',
      measured: focal.length === 0 ? 'none' : focal.map((p) => `${p.name}${p.lit ? ', lit' : ', not lit'}`).join('; '),
      wanted: `exactly one, pale (L* ${BRIGHT_L} or more) and lit`,
      because: 'In a dark envelope the eye goes to the one bright thing; several cancel each other, and none leaves it lost.',
      school,
      mends: bright.slice(0, focal.length > 1 ? 1 : 0).map((keep) => ({
        label: `Leave ${keep.name} the only focus`,
        changes: focal.filter((p) => p !== keep).map((p) => ({ collection: 'pieces', id: p.id, set: { focal: false } })),
      })),
    },
  ]
} // prettier-ignore

export const trimAndCeiling: Rule<PaletteFacts> = {
  name: 'palette.envelope',
  title: 'Wall against trim and ceiling',
  numbers: `One envelope: ΔE00 up to ${SAME} from the walls, LRV from ${LIGHT_LRV} (light) or up to ${DARK_LRV} (dark), and in the dark one exactly one focus, lit, of L* ${BRIGHT_L} or more. Contrast: a step of ${STEP} in L* between woodwork or lower wall and wall, and floor.`,
  source: 'common practice',
  schools: ['contrast', 'one envelope, light', 'one envelope, dark'],
  check,
  examples: {
    trips: () => room(
      [
        { name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls'] },
        { name: 'White', hex: '#FFFFFF', material: 'paint', on: ['trim', 'doors', 'ceiling'] },
      ],
      { schools: { trimAndCeiling: 'one envelope, light' } },
    ),
    passes: () => room([{ name: 'Oat', hex: '#E9E2D2', material: 'paint', on: ['walls', 'trim', 'doors', 'ceiling'] }], {
      schools: { trimAndCeiling: 'one envelope, light' },
    }),
  },
} // prettier-ignore
