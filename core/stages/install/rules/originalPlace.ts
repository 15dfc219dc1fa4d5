import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.original-place'

/** A fitting of a rented room that is exchanged, and nobody said where the original is kept. */
export const originalPlace: Rule<InstallFacts> = {
  name: NAME,
  title: 'Where the original is kept',
  numbers: 'What is wired or plumbed in, in a rented room, without a word where the original is.',
  source: 'common practice',
  schools: 'all',
  check: ({ withoutOriginal }) =>
    withoutOriginal.map((row): Finding => ({
      rule: NAME,
      severity: 'look',
      about: [row],
      title: `${row.name}: where is the original?`,
      measured: 'the original has no place',
      wanted: 'where what hung or stood there before is kept; or “none” where there was none',
      because: 'It is put back when the lease ends; an original nobody finds is paid for.',
      fixes: [],
    })),
}
