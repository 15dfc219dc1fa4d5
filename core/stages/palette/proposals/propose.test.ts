import { ROWS } from '../../../model/registry.js'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { emptyJob, pieceWith } from '../../../examples/emptyJob.js'
import type { JobSnapshot } from '../../../model/snapshot.js'
import { measureFacts } from '../../measure/measureFacts.js'
import { agreeingSamples } from '../library/agreeing.js'
import { comparePair } from '../pairs.js'
import { paletteFacts } from '../paletteFacts.js'
import { undertone } from '../undertone.js'
import { demoSamples } from '../../../testing/demoSamples.js'
import { randomRoom } from '../../../examples/randomRoom.js'
import { propose, type Proposal, type ProposalWish } from './propose.js'
import { METRIC } from '../../../testing/habits.js'

const demo = new URL('../../../../demo/', import.meta.url)
const list = (folder: string, ending: string) =>
  readdirSync(new URL(folder, demo)).filter((f) => f.endsWith(ending))
const read = (path: string) => readFileSync(new URL(path, demo), 'utf8')
const samples = demoSamples()

test('the made-up paint deck holds over two thousand colors, all named and coded differently', () => {
  const paints = samples.filter((s) => s.material === 'paint')
  expect(paints.length).toBeGreaterThan(2000)
  expect(new Set(paints.map((p) => p.code)).size).toBe(paints.length)
  expect(new Set(paints.map((p) => p.name)).size).toBe(paints.length)
})

const wishFor = (job: JobSnapshot, seed: number): ProposalWish => ({
  rows: job,
  areas: measureFacts(job, job.passages, METRIC).areas,
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

test('a library without samples gives no proposal rather than an empty one', () => {
  expect(propose({ ...wishFor(randomRoom(1, samples), 1), samples: [] })).toEqual([])
})

test('fifty random rooms: each gets proposals, and none of them has a stop', () => {
  for (let seed = 1; seed <= 50; seed++) {
    const found = propose(wishFor(randomRoom(seed, samples), seed))
    expect(found.length, `room ${seed}`).toBeGreaterThan(0)
    expect(found.every(noStop), `room ${seed}`).toBe(true)
  }
}, 120_000)

test('a search that is stopped gives what it has, and nothing to color gives nothing', () => {
  expect(propose({ ...wishFor(randomRoom(3, samples), 3), stopped: () => true })).toEqual([])
  expect(propose(wishFor(emptyJob(), 1))).toEqual([])
})

test('three brasses that agree with the room, and a white that does not pull pink', () => {
  const room = randomRoom(4, samples)
  const of = (id: string, material: 'metal' | 'paint', l: number, a: number, b: number) => ({
    ...ROWS.finishes.blank(),
    id,
    name: id,
    material,
    labL: l,
    labA: a,
    labB: b,
    colors: [],
    readings: [],
    version: 1,
  })
  const job = emptyJob({
    ...room,
    finishes: [
      of('green brass', 'metal', 58.5, -2.4, 33.9),
      of('pink brass', 'metal', 66.8, 12.1, 17.4),
      of('white', 'paint', 90, -0.5, 6),
      of('pink white', 'paint', 90, 5, 2),
    ],
    finishAssignments: [],
    pieces: ['green brass', 'pink brass', 'white', 'pink white'].map((id) => pieceWith({ id, finishId: id })),
  })
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
