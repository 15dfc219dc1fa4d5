import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const readyBy = (installOn: string): InstallFacts =>
  installExample({ painted: ['walls', 'ceiling', 'trim'], brief: { installOn } })

/** Breaks the rule `install.late`. */
export const violates = (): InstallFacts => readyBy('2026-03-05')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => readyBy('2026-03-12')
