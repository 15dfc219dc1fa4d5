import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** Two walls with a day and a half of work each, for one pair of hands. */
const walls = (installOn: string): InstallFacts =>
  installExample({
    brief: { installOn },
    crew: [{ name: 'One', hands: 1 }],
    tasks: [
      ...['north', 'south'].flatMap((wallId) => [
        {
          id: `${wallId} 1`,
          key: 'own',
          step: 'fit' as const,
          wallId,
          name: `Shelves, ${wallId}`,
          minutes: 480,
        },
        {
          id: `${wallId} 2`,
          key: 'own',
          step: 'hang' as const,
          wallId,
          name: `Art, ${wallId}`,
          minutes: 240,
        },
      ]),
    ],
  })

/** Breaks the rule `install.one-sight-line`: both walls are begun, none is done on Tuesday. */
export const violates = (): InstallFacts => walls('2026-03-03')

/** Keeps it: on Wednesday both are done. */
export const complies = (): InstallFacts => walls('2026-03-04')
