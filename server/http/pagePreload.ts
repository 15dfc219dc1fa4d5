import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { addressOf, STAGES } from '@bonitas/web/stages'

interface Chunk {
  readonly file: string
  readonly css?: readonly string[]
  readonly imports?: readonly string[]
}

const JOB_PAGE = /^\/jobs\/([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\/([a-z-]+(?:\/[a-z-]+)?)$/

/**
 * What a page of the client will need, told with its HTML, so that the browser fetches code and data together
 * instead of finding one through the other.
 *
 * @param webFolder the built client with its manifest
 * @returns from the path of a page to the value of its `Link` header, undefined for pages that need nothing more
 */
export function pagePreload(webFolder: string): (path: string) => string | undefined {
  const file = join(webFolder, '.vite/manifest.json')
  const manifest = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as Record<string, Chunk>) : {}
  const links = (entries: readonly string[]): string[] => {
    const seen = new Set<string>()
    const found: string[] = []
    const walk = (key: string) => {
      const chunk = manifest[key]
      if (!chunk || seen.has(chunk.file)) return
      seen.add(chunk.file)
      found.push(`</${chunk.file}>; rel=modulepreload`)
      for (const css of chunk.css ?? [])
        if (!seen.has(css)) found.push(`</${css}>; rel=preload; as=style; crossorigin`)
      chunk.css?.forEach((css) => seen.add(css))
      chunk.imports?.forEach(walk)
    }
    entries.forEach(walk)
    return found
  }
  const ofPage = new Map<string, string[]>()
  for (const stage of STAGES)
    for (const page of stage.pages)
      if (manifest[page.page])
        ofPage.set(addressOf(stage, page), links(['index.html', 'job/JobShell.vue', page.page]))
  return (path) => {
    const [, jobId, address = ''] = JOB_PAGE.exec(path) ?? []
    const code = ofPage.get(address)
    if (!jobId || !code) return undefined
    const data = ['/api/session', `/api/jobs/${jobId}?sparse`].map(
      (url) => `<${url}>; rel=preload; as=fetch; crossorigin=anonymous`,
    )
    return [...data, ...code].join(', ')
  }
}
