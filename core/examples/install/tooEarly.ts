import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** Walls painted from Monday on; the picture is agreed for a day. */
const hungOn = (onDay: string): InstallFacts =>
  installExample({
    painted: ['walls'],
    pieces: [
      { id: 'picture', name: 'Picture', kind: 'picture', widthMm: 500, depthMm: 20, heightMm: 400, hang: {} },
    ],
    tasks: [{ key: 'hang|wall:north', onDay, agreed: true }],
  })

/** Breaks the rule `install.too-early`. */
export const violates = (): InstallFacts => hungOn('2026-03-04')

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => hungOn('2026-03-06')
