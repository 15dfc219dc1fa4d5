import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** Walls agreed to be painted, by somebody who works from Monday to Friday. */
const agreed = (onDay: string): InstallFacts =>
  installExample({
    painted: ['walls'],
    crew: [{ name: 'Painter' }],
    tasks: [{ key: 'coat|walls|finish:oat|1', onDay, agreed: true }],
  })

/** Breaks the rule `install.agreed-day-off`: a Saturday. */
export const violates = (): InstallFacts => agreed('2026-03-07')

/** Keeps it: the Monday after. */
export const complies = (): InstallFacts => agreed('2026-03-09')
