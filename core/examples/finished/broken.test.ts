import { describe, expect, test } from 'vitest'
import { judgeWhole } from '../../job/fixes/judgeWhole.js'
import { WRONGS } from './broken.js'
import { FINISHED } from './index.js'

const TODAY = '2026-03-01'
const found = (job: (typeof FINISHED)[number]) => judgeWhole(job, TODAY, true)
const before = new Map(FINISHED.map((job) => [job, new Set(found(job).map((f) => f.key))]))

// Rooms that are done hold the rules to silence; the same rooms with one thing wrong hold them to speech.
describe.each(WRONGS.map((w) => [w.what, w] as const))('%s', (_what, wrong) => {
  const rooms = FINISHED.flatMap((job) => {
    const made = wrong.broken(job)
    return made ? [[job.brief.roomName, job, made] as const] : []
  })
  test('there is a room in which it can go wrong', () => {
    expect(rooms.length).toBeGreaterThan(0)
  })
  test.each(rooms)('is said in %s', (name, job, made) => {
    const fresh = found(made).filter((f) => !before.get(job)?.has(f.key))
    const said = fresh.some((f) => wrong.says.includes(f.rule))
    expect(said, `new: ${fresh.map((f) => f.rule).join(' ')}`).toBe(wrong.quiet?.[name] === undefined)
  })
})
