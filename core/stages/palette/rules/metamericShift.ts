import { degreeOfAdaptation, adaptingLuminance } from '../../../kernel/color/adaptation.js'
import { daylight } from '../../../kernel/color/spectra.js'
import { type Pair, comparePair } from '../pairs.js'
import { type FinishFacts, type PaletteFacts, seen } from '../paletteFacts.js'
import { undertone } from '../undertone.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { inRoom } from '../../../model/inRoom.js'
import { allSeenUnder } from '../../../kernel/color/seenUnder.js'
import { lampSpectrum } from '../roomLight.js'
import { type LampType, LAMP_TYPES } from '../../../model/vocabulary/lamp.js'
import { finishRef } from './about.js'
import { put } from '../../../model/changes.js'

const EVENING = degreeOfAdaptation(adaptingLuminance(150))

const NOON = { spectrum: daylight(6500), degree: degreeOfAdaptation(adaptingLuminance(500)) }

const LEAST_SHARE = 0.004

// Less than this is a limit crossed by a hair, which nobody sees (common practice).
const TURN_DEG = 10

const gap = (pair: Pair) => pair.leaning?.gapDeg ?? 0

/** Graver by night than by day, and by more than a hair. */
const turns = (before: Pair, after: Pair): boolean =>
  (after.verdict === 'clashes' && before.verdict !== 'clashes' && gap(after) - gap(before) >= TURN_DEG) ||
  (after.verdict === 'near miss' && before.verdict === 'agrees' && after.deltaE - before.deltaE >= 1)

const under = (f: FinishFacts, lab: FinishFacts['lab']): FinishFacts => ({
  ...f,
  lab,
  undertone: undertone(f.finish.material, lab),
})

function check(facts: PaletteFacts): Finding[] {
  const lamps = [...new Set(facts.pieces.filter(inRoom).flatMap((p) => p.lampType ?? []))]
  const list = seen(facts).filter((f) => f.share >= LEAST_SHARE)
  if (lamps.length === 0 || list.length < 2) return []
  const labs = list.map((f) => f.lab)
  const day = allSeenUnder(labs, NOON)
  const byDay = list.map((f, i) => under(f, day[i] ?? f.lab))
  const found = new Map<string, Finding>()
  for (const lamp of lamps) {
    const night = allSeenUnder(labs, { spectrum: lampSpectrum(lamp), degree: EVENING })
    const atNight = list.map((f, i) => under(f, night[i] ?? f.lab))
    for (let i = 0; i < list.length; i++)
      for (let j = i + 1; j < list.length; j++) {
        const [one, two] = [byDay[i], byDay[j]]
        const [dark, dim] = [atNight[i], atNight[j]]
        if (!one || !two || !dark || !dim) continue
        const before = comparePair(one, two)
        const after = comparePair(dark, dim)
        if (!turns(before, after) || found.has(`${i} ${j}`)) continue
        found.set(`${i} ${j}`, turnedFinding(facts, one, two, before, after, lamp))
      }
  }
  return [...found.values()]
}

function turnedFinding(
  facts: PaletteFacts,
  one: FinishFacts,
  two: FinishFacts,
  before: Pair,
  after: Pair,
  lamp: LampType,
): Finding {
  const clash = after.verdict === 'clashes'
  return {
    rule: 'palette.metameric-shift',
    severity: 'look',
    about: [finishRef(one), finishRef(two)],
    title: `${one.finish.name} and ${two.finish.name} ${clash ? 'clash' : 'part'} under the lamps`,
    measured: `by day ${before.says}, ΔE00 ${facts.says.number(before.deltaE, 1)}; under ${lamp}: ${after.says}, ΔE00 ${facts.says.number(after.deltaE, 1)}`,
    wanted: 'the same verdict by day and by night',
    because:
      'Look at both samples in the evening before ordering: reflectance is estimated from color here, and brushed-out samples decide.',
    fixes: otherLamps(facts, one, two, lamp),
  }
}

/** Another lamp under which the two stand to each other as by day. */
function otherLamps(facts: PaletteFacts, one: FinishFacts, two: FinishFacts, lamp: LampType): Fix[] {
  const own = [one, two].map((f) => facts.finishes.find((o) => o.finish.id === f.finish.id)?.lab ?? f.lab)
  const before = comparePair(one, two)
  const calm = LAMP_TYPES.filter((other) => {
    const [a, b] = allSeenUnder(own, { spectrum: lampSpectrum(other), degree: EVENING })
    return other !== lamp && !!a && !!b && !turns(before, comparePair(under(one, a), under(two, b)))
  })
  const lamps = facts.pieces.filter((p) => p.lampType === lamp && inRoom(p))
  return calm.slice(0, 2).map((to) => ({
    label: `Light it with ${to}`,
    changes: lamps.map((p) => put('pieces', p.id, { lampType: to })),
  }))
}

export const metamericShift: Rule<PaletteFacts> = {
  name: 'palette.metameric-shift',
  title: 'A pair that agrees by day and not under the lamps',
  numbers: `Every pair is compared at noon (D65, 500 lx) and under each type of lamp in the room (150 lx). Reported when it clashes only under a lamp and the hues have parted by ${TURN_DEG}°, or a match parts by ΔE00 1 or more into a near miss.`,
  source:
    'Jakob & Hanika 2019 for reflectance, CIE 15 for light, CAT16 (Li et al. 2017) for the eye; limits: common practice',
  schools: 'all',
  check,
}
