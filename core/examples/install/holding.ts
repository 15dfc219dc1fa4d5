import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** A wardrobe of 1.2 cubic meters carried out while the walls are painted. */
const carried = (holdingM3: number): InstallFacts =>
  installExample({
    painted: ['walls'],
    pieces: [
      {
        id: 'w',
        name: 'Wardrobe',
        kind: 'wardrobe',
        there: true,
        widthMm: 1000,
        depthMm: 600,
        heightMm: 2000,
      },
    ],
    brief: { holdingPlace: 'The hall', holdingM3 },
  })

/** Breaks the rule `install.holding`. */
export const violates = (): InstallFacts => carried(1)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => carried(2)
