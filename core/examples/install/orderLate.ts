import type { InstallFacts } from '../../stages/install/installFacts.js'
import { installExample } from './example.js'

/** A chair to come into a room that is promised in a fortnight. */
const lead = (leadDays: number): InstallFacts =>
  installExample({
    items: [{ id: 'chair', name: 'Chair', pieceKind: 'armchair', chosenOptionId: 'a' }],
    options: [{ id: 'a', itemId: 'chair', name: 'Chair', leadDays }],
    brief: { installOn: '2026-03-20' },
  })

/** Breaks the rule `install.order-late`. */
export const violates = (): InstallFacts => lead(40)

/** Keeps it, by as little as matters. */
export const complies = (): InstallFacts => lead(6)
