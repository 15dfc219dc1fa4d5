import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample, installJob, MONDAY } from './example.js'
import { pictureOf } from '../handover/records.js'

const walls = installJob({}).walls.flatMap((w) => [`wall:${w.id}`, `corner:${w.id}`])
const pictured = (some: number): InstallFacts =>
  installExample({
    painted: ['walls'],
    tasks: [{ key: 'protect', doneOn: MONDAY }],
    more: { photos: walls.slice(0, some).flatMap((s) => pictureOf('before', s)) },
  })

/** Breaks the rule `install.before-pictures`. */
export const violates = (): InstallFacts => pictured(walls.length - 1)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => pictured(walls.length)
