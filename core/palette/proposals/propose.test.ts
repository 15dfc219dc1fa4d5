import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { emptyJob, NEW_FINISH, NEW_PLACEMENT, pieceWith } from '../../job/emptyJob.js'
import type { JobSnapshot } from '../../job/snapshot.js'
import { ROOM_KINDS } from '../../job/words.js'
import { measureFacts } from '../../measure/measureFacts.js'
import { agreeingSamples } from '../library/agreeing.js'
import { deckFromCsv } from '../library/deckCsv.js'
import { comparePair } from '../pairs.js'
import { paletteFacts } from '../paletteFacts.js'
import { undertone } from '../undertone.js'
import { propose, type Proposal, type ProposalWish } from './propose.js'
import { seededNumbers } from '../../random/seededNumbers.js'

const demo = new URL('../../../demo/', import.meta.url)
const list = (folder: string, ending: string) =>
  readdirSync(new URL(folder, demo)).filter((f) => f.endsWith(ending))
const read = (path: string) => readFileSync(new URL(path, demo), 'utf8')
const samples = list('library/', '.csv').flatMap((f) => deckFromCsv(read(`library/${f}`), f, 2).samples)

test('the made-up paint deck holds over two thousand colors, all named and coded differently', () => {
  const paints = samples.filter((s) => s.material === 'paint')
  expect(paints.length).toBeGreaterThan(2000)
  expect(new Set(paints.map((p) => p.code)).size).toBe(paints.length)
  expect(new Set(paints.map((p) => p.name)).size).toBe(paints.length)
})

const wishFor = (job: JobSnapshot, seed: number): ProposalWish => ({
  rows: job,
  areas: measureFacts(job, job.passages, 'metric').areas,
  lowerWall: job.room.lowerWallMm != null,
  samples,
  seed,
  count: 3,
})
const noStop = (p: Proposal) => p.findings.every((f) => f.severity !== 'stop')

describe('the demo jobs', () => {
  test.each(list('jobs/', '.json'))('%s: several, different, none with a stop, each says why', (file) => {
    const job = { ...emptyJob(), ...(JSON.parse(read(`jobs/${file}`)) as Partial<JobSnapshot>) }
    const found = propose(wishFor(job, 1))
    expect(found.length).toBeGreaterThan(1)
    expect(found.every(noStop)).toBe(true)
    expect(found.every((p) => p.why.length > 0 && p.finishes.length > 0)).toBe(true)
    expect(new Set(found.map((p) => p.finishes.map((f) => f.sample.code + f.sample.name).join())).size).toBe(
      found.length,
    )
    // The same seed, the same answer.
    expect(propose(wishFor(job, 1))).toEqual(found)
  })
})

/** A room out of a seed: a kept floor, a few pieces, schools as they come. */
function randomRoom(seed: number): JobSnapshot {
  const next = seededNumbers(seed)
  const pick = <T>(of: readonly T[]): T => of[Math.floor(next() * of.length)]!
  const floor = pick(
    samples.filter((s) => s.material === 'timber' || s.material === 'tile' || s.material === 'stone'),
  )
  const empty = emptyJob()
  const long = 2500 + Math.floor(4000 * next())
  const wide = 2200 + Math.floor(3000 * next())
  const kinds = ['sofa', 'armchair', 'rug', 'curtains', 'cushion', 'throw', 'lamp', 'low table'] as const
  return emptyJob({
    room: { ...empty.room, heightMm: 2500, kind: pick([...ROOM_KINDS.filter((k) => k !== 'outdoors'), null]), lowerWallMm: next() < 0.3 ? 900 : null },
    walls: [long, wide, long, wide].map((lengthMm, i) => ({
      id: `w${i}`, position: i, name: `Wall ${i}`, lengthMm, turnDeg: 90, face: 'smooth paint', version: 1,
    })),
    schools: {
      ...empty.schools,
      colorScheme: pick([null, 'two mains and one accent', 'quiet neutral', 'drawn from one piece'] as const),
      trimAndCeiling: pick([null, 'contrast', 'one envelope, light', 'one envelope, dark'] as const),
      mood: pick([null, 'bright and airy', 'warm cocoon'] as const),
      pieceAgainstWall: pick([null, 'stand out', 'tone in'] as const),
      metals: pick([null, 'one for all'] as const),
    },
    finishes: [
      { ...NEW_FINISH, id: 'floor', name: floor.name, material: floor.material, role: 'stays', labL: floor.lab.l, labA: floor.lab.a, labB: floor.lab.b, sealed: true, colors: [], readings: [], version: 1 },
      { ...NEW_FINISH, id: 'brass', name: 'Brass', material: 'metal', role: 'metal', labL: 60, labA: -3, labB: 33, colors: [], readings: [], version: 1 },
    ],
    placements: [{ ...NEW_PLACEMENT, id: 'f', surface: 'floor', finishId: 'floor', version: 1 }],
    pieces: kinds.filter(() => next() < 0.7).map((kind, i) =>
      pieceWith({ id: `${kind} ${i}`, kind, widthMm: 400 + Math.floor(1800 * next()), depthMm: 600, heightMm: 700, wallId: `w${i % 4}`, finishId: kind === 'lamp' ? 'brass' : null }),
    ),
    pulls: next() < 0.5 ? [] : [1, 2, 3].map((n) => ({ id: `p${n}`, position: n, name: `pull ${n}`, labL: 30 + 50 * next(), labA: 80 * next() - 40, labB: 80 * next() - 40, share: 0.2, photoId: null, version: 1 })),
  })
} // prettier-ignore

test('fifty random rooms: each gets proposals, and none of them has a stop', () => {
  for (let seed = 1; seed <= 50; seed++) {
    const found = propose(wishFor(randomRoom(seed), seed))
    expect(found.length, `room ${seed}`).toBeGreaterThan(0)
    expect(found.every(noStop), `room ${seed}`).toBe(true)
  }
}, 120_000)

test('a search that is stopped gives what it has, and nothing to color gives nothing', () => {
  expect(propose({ ...wishFor(randomRoom(3), 3), stopped: () => true })).toEqual([])
  expect(propose(wishFor(emptyJob(), 1))).toEqual([])
})

test('three brasses that agree with the room, and a white that does not pull pink', () => {
  const room = randomRoom(4)
  const of = (id: string, material: 'metal' | 'paint', l: number, a: number, b: number) => ({
    ...NEW_FINISH, id, name: id, material, labL: l, labA: a, labB: b, colors: [], readings: [], version: 1,
  }) // prettier-ignore
  const job = emptyJob({
    ...room,
    finishes: [of('green brass', 'metal', 58.5, -2.4, 33.9), of('pink brass', 'metal', 66.8, 12.1, 17.4), of('white', 'paint', 90, -0.5, 6), of('pink white', 'paint', 90, 5, 2)],
    placements: [],
    pieces: ['green brass', 'pink brass', 'white', 'pink white'].map((id) => pieceWith({ id, finishId: id })),
  }) // prettier-ignore
  const facts = paletteFacts(job, undefined, null)
  const called = (id: string) => facts.finishes.find((f) => f.finish.id === id)!
  const brasses = agreeingSamples(facts, called('pink brass'), samples, 3)
  expect(brasses).toHaveLength(3)
  for (const { sample } of brasses)
    expect(
      comparePair(
        {
          ...called('pink brass'),
          lab: sample.lab,
          undertone: undertone('metal', sample.lab),
        },
        called('green brass'),
      ).verdict,
    ).not.toBe('clashes')
  const [white] = agreeingSamples(facts, called('pink white'), samples, 1)
  expect(white!.sample.lab.a).toBeLessThan(called('pink white').lab.a)
})
