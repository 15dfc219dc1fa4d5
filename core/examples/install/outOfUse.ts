import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

const fronts = (serves: string[]): InstallFacts =>
  installExample({
    pieces: [
      {
        ...{
          id: 'units',
          name: 'Units',
          kind: 'cabinet',
          there: true,
          verdict: 'rework',
          finishId: 'oat',
          serves,
        },
        ...{ widthMm: 2400, depthMm: 600, heightMm: 800 },
      },
    ],
    uses: [{ id: 'cook', name: 'Cook' }],
  })

/** Breaks the rule `install.out-of-use`. */
export const violates = (): InstallFacts => fronts(['cook'])

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => fronts([])
