import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { pagePreload } from './http/pagePreload.js'

const JOB = '0b3c8f0e-1d2a-4c5b-8e7f-001122334455'
let folder = ''
let linkOf: (path: string) => string | undefined
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'bonitas-web-'))
  mkdirSync(join(folder, '.vite'))
  const manifest = {
    'index.html': { file: 'assets/index.js', css: ['assets/index.css'], imports: ['_vue.js'] },
    '_vue.js': { file: 'assets/vue.js' },
    '_job.js': { file: 'assets/job.js', imports: ['_vue.js', '_round.js'] },
    '_round.js': { file: 'assets/round.js', imports: ['_job.js'] },
    'job/JobShell.vue': { file: 'assets/JobShell.js', css: ['assets/JobShell.css'], imports: ['_job.js'] },
    'source/SourcePage.vue': {
      file: 'assets/SourcePage.js',
      css: ['assets/index.css'],
      imports: ['_job.js'],
    },
    'measure/WayInPage.vue': { file: 'assets/WayInPage.js', imports: ['_job.js'] },
    'jobs/JobsPage.vue': { file: 'assets/JobsPage.js' },
  }
  writeFileSync(join(folder, '.vite/manifest.json'), JSON.stringify(manifest))
  linkOf = pagePreload(folder)
})
afterAll(() => rmSync(folder, { recursive: true }))
const files = (path: string) => [...(linkOf(path) ?? '').matchAll(/<\/assets\/([^>]+)>/g)].map((m) => m[1])

describe('what a page will need is told with its HTML', () => {
  test('its code and styles and all they import, each once, also where they import each other', () =>
    expect(files(`/jobs/${JOB}/source`).sort()).toEqual(
      [
        'JobShell.css',
        'JobShell.js',
        'SourcePage.js',
        'index.css',
        'index.js',
        'job.js',
        'round.js',
        'vue.js',
      ].sort(),
    ))
  test('a page is found by the last part of its address', () =>
    expect(files(`/jobs/${JOB}/measure/way-in`)).toContain('WayInPage.js'))
  test('who is signed in and the job, as the page will ask for them', () => {
    const link = linkOf(`/jobs/${JOB}/source`)
    for (const url of ['/api/session', `/api/jobs/${JOB}?sparse`])
      expect(link).toContain(`<${url}>; rel=preload; as=fetch; crossorigin=anonymous`)
  })
  test.each([
    ['the list of jobs', '/jobs'],
    ['a page there is not', `/jobs/${JOB}/nothing`],
    ['what is no job', '/jobs/1/source'],
    ['a line break smuggled in', `/jobs/${JOB}/source\r\nX-Evil: 1`],
    ['another site', `//elsewhere/jobs/${JOB}/source`],
  ])('%s: nothing', (_what, path) => expect(linkOf(path)).toBeUndefined())
  test('without a built client: nothing', () =>
    expect(pagePreload('/nowhere')(`/jobs/${JOB}/source`)).toBeUndefined())
})
