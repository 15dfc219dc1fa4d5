import { readFileSync } from 'node:fs'

/** A check value from outside the program: its source stands in the entry and is named when the check fails. */
export interface Published {
  readonly id: string
  readonly title: string
  readonly source: string
  readonly input: Record<string, never>
  readonly expected: Record<string, never>
  readonly tolerance: number | Record<string, number>
}

const ALL = JSON.parse(readFileSync(new URL('published.json', import.meta.url), 'utf8')) as Published[]

/** Entries whose id begins so; throws when there is none, so that a renamed file cannot empty a test. */
// The shapes of input and result differ from entry to entry; the test that names the prefix knows them.
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters
export function published<I, E>(
  prefix: string,
): (Omit<Published, 'input' | 'expected'> & { input: I; expected: E })[] {
  const found = ALL.filter((e) => e.id.startsWith(prefix))
  if (found.length === 0) throw new Error(`no published value begins with ${prefix}`)
  return found as unknown as (Omit<Published, 'input' | 'expected'> & { input: I; expected: E })[]
}
