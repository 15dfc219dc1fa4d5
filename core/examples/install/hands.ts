import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const come = (hands: number): InstallFacts =>
  installExample({
    pieces: [{ id: 'piano', name: 'Piano', kind: 'piano', weightG: 230_000 }],
    crew: [{ name: 'Carriers', skills: ['decorator'], hands }],
  })

/** Breaks the rule `install.second-pair`. */
export const violates = (): InstallFacts => come(1)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => come(2)
