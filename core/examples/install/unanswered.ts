import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const answered = (answer: string): InstallFacts =>
  installExample({ painted: ['walls'], tasks: [{ key: 'sand', answer }] })

/** Breaks the rule `install.unanswered`. */
export const violates = (): InstallFacts => answered('')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => answered('1998, tested: no lead')
