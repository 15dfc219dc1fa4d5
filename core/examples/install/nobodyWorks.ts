import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const until = (minutes: number): InstallFacts =>
  installExample({
    painted: ['walls'],
    crew: [{ name: 'Painter', skills: ['painter'], from: 480, until: minutes }],
  })

/** Breaks the rule `install.nobody-works`. */
export const violates = (): InstallFacts => until(480)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => until(960)
