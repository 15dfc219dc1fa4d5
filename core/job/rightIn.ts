import { chroma, lrv } from '../kernel/color/lab.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { accentSource } from '../stages/palette/accentSource.js'
import { seen, type PaletteFacts } from '../stages/palette/paletteFacts.js'
import { accentGroups, occurrences } from '../stages/palette/rules/accents.js'
import { compareUndertone } from '../stages/palette/undertone.js'
import { hueCarried } from '../stages/palette/wantedHue.js'
import { formatterOf } from '../kernel/units/formatter.js'
import type { DerivedJob } from './derive.js'
import type { DerivedPlan } from './derivePlan.js'

/** Lightness so far apart is told beside an undertone that agrees. */
const FAR_L = 25

/** What of a stage is right, in words: with what was looked for, it tells silence from not having looked. */
export function rightIn(
  stage: string,
  job: JobSnapshot,
  derived: DerivedJob,
  plan: DerivedPlan | undefined,
): string[] {
  switch (stage) {
    case 'brief':
      return rightInBrief(derived)
    case 'measure':
      return rightInMeasure(derived)
    case 'palette':
      return rightInPalette(derived.palette, job)
    case 'plan':
      return plan ? rightInPlan(plan) : []
    default:
      return []
  }
}

function rightInBrief({ brief }: DerivedJob): string[] {
  const { uses: rows } = brief.coverage
  const covered = rows.filter((r) => r.state === 'covered').length
  const { says, storage } = brief
  return [
    ...(covered > 0 ? [`${covered} of ${says.count(rows.length, 'use')} covered`] : []),
    ...(brief.job.pieces.some((p) => p.there) && rows.length > 0 && brief.coverage.idle.length === 0
      ? ['Every piece that is there serves a use']
      : []),
    ...(storage.goes.length > 0 && brief.job.shelves.length > 0
      ? [`What is kept out of sight was held against what comes`]
      : []),
  ]
}

function rightInMeasure({ measure }: DerivedJob): string[] {
  const { closure, says } = measure
  return closure.state === 'closed'
    ? [`${says.count(measure.walls.length, 'wall')} close within ${says.length(closure.toleranceMm)}`]
    : []
}

function rightInPalette(facts: PaletteFacts, job: JobSnapshot): string[] {
  const says = formatterOf(job.studio)
  const list = seen(facts)
  const accents = accentGroups(facts).flatMap((group): string[] => {
    const [first] = group
    if (!first) return []
    const source = accentSource(facts, first)
    const places = occurrences(facts, first.lab)
    const names = [...new Set(places.map((p) => p.name))]
    const sides = new Set(places.flatMap((p) => p.wallId ?? [])).size
    return [
      ...(source
        ? [
            `${first.finish.name} comes from ${source.name}${source.part === undefined ? '' : `, ${says.percent(source.part)} of it`}`,
          ]
        : []),
      ...(names.length > 1
        ? [`${first.finish.name} returns in ${names.join(', ')}${sides > 1 ? `, on ${sides} sides` : ''}`]
        : []),
    ]
  })
  const families = (['timber', 'metal', 'foliage'] as const).flatMap((kind): string[] => {
    const of = list.filter((f) => f.undertone.family === kind)
    const pairs = of.flatMap((a, i) => of.slice(i + 1).map((b) => [a, b] as const))
    if (pairs.length === 0) return []
    const agree = pairs.every(([a, b]) => !compareUndertone(kind, a.lab, b.lab)?.clash)
    const far = Math.max(...pairs.map(([a, b]) => Math.abs(a.lab.l - b.lab.l))) > FAR_L
    return agree
      ? [
          `${of.map((f) => f.finish.name).join(' and ')} agree: one undertone${far ? ', far apart in lightness' : ''}`,
        ]
      : []
  })
  const carried = hueCarried(facts)
  const open = new Map<string, string[]>()
  for (const c of facts.candidates) {
    const name = job.finishes.find((f) => f.id === c.finishId)?.name ?? ''
    open.set(c.surface, [...(open.get(c.surface) ?? []), name])
  }
  const strong = list.filter((f) => chroma(f.lab) >= 10).length
  return [
    ...accents,
    ...families,
    ...(carried && carried.kinds.length + carried.surfaces.length > 0
      ? [
          `A ${carried.hue} room: ${[
            ...(carried.surfaces.length > 0 ? [says.count(carried.surfaces.length, 'surface')] : []),
            ...(carried.kinds.length > 0
              ? [
                  `${says.count(carried.kinds.length, 'kind')} of things: ${carried.kinds.flatMap((k) => k.names).join(', ')}`,
                ]
              : []),
          ].join('; ')}`,
        ]
      : []),
    ...[...open.values()].map((names) => `Still open: ${names.join(', ')}; all else is held against each`),
    ...(list.length > 0
      ? [
          `${says.count(list.length, 'finish', 'finishes')} seen, ${strong} with a color; ${says.percent(
            list.reduce((sum, f) => sum + (lrv(f.lab) >= 55 ? f.share : 0), 0),
          )} of what is seen is pale`,
        ]
      : []),
  ]
}

function rightInPlan({ facts }: DerivedPlan): string[] {
  if (!facts) return []
  const { walks, needs, says } = facts
  const narrow = walks.filter((w) => w.widthMm < needs.walkLeast)
  return [
    ...(walks.length > 0 && narrow.length === 0
      ? [`One comes to everything that is used by ${says.length(needs.walkLeast)} or more`]
      : []),
    ...(facts.carried.length > 0 && facts.carried.every((c) => c.result.verdict === 'passes')
      ? ['Every large piece comes in']
      : []),
    ...(facts.sight?.endsOn ? [`From the door one looks at ${facts.sight.endsOn}`] : []),
  ]
}
