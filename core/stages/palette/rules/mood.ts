import { type PaletteFacts, meanReflectance, seen, type FinishFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { lrv } from '../../../kernel/color/lab.js'
import { finishRef, changeable, othersInstead } from './about.js'

// Mean LRV of all that is seen (common practice; offices aim at about 50, IES surface reflectances, from memory).
const AIRY = 45

const COCOON = 45

function check(facts: PaletteFacts): Finding[] {
  const { mood } = facts.schools
  const is = meanReflectance(facts)
  if (!mood || facts.roomKind === 'outdoors' || is === undefined || seen(facts).length < 3) return []
  const airy = mood === 'bright and airy'
  if (airy ? is >= AIRY : is <= COCOON) return []
  const pulling = seen(facts)
    .filter((f) => (airy ? lrv(f.lab) < AIRY : lrv(f.lab) > COCOON))
    .slice(0, 3)
  return [
    {
      rule: 'palette.mood',
      severity: 'look',
      about: pulling.map(finishRef),
      title: airy ? 'Too deep for bright and airy' : 'Too pale for a warm cocoon',
      measured: `mean LRV ${facts.says.number(is)}; ${pulling.map((f) => `${f.finish.name} ${facts.says.number(lrv(f.lab))} on ${facts.says.percent(f.share)}`).join(', ')}`,
      wanted: airy ? `from ${AIRY} on` : `up to ${COCOON}`,
      because:
        'How much light the surfaces give back sets how bright the room is, lamps and windows being equal.',
      school: mood,
      fixes: pulling.flatMap((f) => lifts(facts, f, airy)).slice(0, 2),
    },
  ]
}

/** Finishes of the same material that bring the whole room where it is wanted. */
function lifts(facts: PaletteFacts, from: FinishFacts, airy: boolean): Fix[] {
  if (!changeable(facts, from)) return []
  const is = meanReflectance(facts) ?? 0
  const after = (o: FinishFacts) => is + from.share * (lrv(o.lab) - lrv(from.lab))
  return othersInstead(
    facts,
    from,
    (o) => o.finish.material === from.finish.material && (airy ? after(o) >= AIRY : after(o) <= COCOON),
    (o) => Math.abs(o.lab.l - from.lab.l),
    1,
  )
}

export const mood: Rule<PaletteFacts> = {
  name: 'palette.mood',
  title: 'Surfaces that work against the mood wanted',
  numbers: `Mean LRV of what is seen, weighed by area: from ${AIRY} on for “bright and airy”, up to ${COCOON} for “warm cocoon”; silent outdoors, where the sky gives the light.`,
  source: 'common practice',
  schools: ['bright and airy', 'warm cocoon'],
  check,
}
