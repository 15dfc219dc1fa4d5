import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample, installJob } from './example.js'

/** Walls to be painted, in a room of which so many walls are called out. */
const called = (walls: number): InstallFacts =>
  installExample({
    painted: ['walls'],
    brief: { installOn: '2026-03-31' },
    more: { walls: installJob({}).walls.slice(0, walls) },
  })

/** Breaks the rule `install.unmeasured`. */
export const violates = (): InstallFacts => called(2)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => called(4)
