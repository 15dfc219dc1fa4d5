import { brief } from '../model/rows/brief.js'
import { items, type Item } from '../model/rows/items.js'
import { options, type Option } from '../model/rows/options.js'
import { pieces, type Piece } from '../model/rows/pieces.js'
import { proposed } from '../model/proposed.js'
import { room } from '../model/rows/room.js'
import { schools } from '../model/rows/schools.js'
import { COLLECTIONS, RECORD_NAMES, SINGLE } from '../model/registry.js'
import type { JobSnapshot, Stored } from '../model/snapshot.js'

/** A job as it is on its first day: for the examples of the rule book, and to build upon in tests. */
export function emptyJob(more: Partial<JobSnapshot> = {}): JobSnapshot {
  const many = [...COLLECTIONS.filter((c) => !SINGLE.has(c)), ...RECORD_NAMES]
  return {
    ...(Object.fromEntries(many.map((c) => [c, []])) as unknown as JobSnapshot),
    studio: {
      id: 'studio',
      name: 'Studio',
      currency: 'EUR',
      locale: 'en-IE',
      system: 'metric',
      paper: 'A4',
      timeZone: 'Europe/Dublin',
    },
    brief: {
      ...brief.make({ id: 'job', clientId: 'client', roomName: 'Room', agreedMinor: 500_000 }),
      version: 1,
    },
    client: { id: 'client', version: 1, name: 'Client' },
    schools: { ...schools.make({ id: 'schools' }), version: 1 },
    room: { ...room.make({ id: 'room' }), version: 1 },
    ...more,
  }
}

/** A stored piece for an example or a test. */
export function pieceWith(more: Partial<Piece> & Pick<Piece, 'id'>): Stored<Piece> {
  const row = { name: more.id, kind: 'other', widthMm: 1000, depthMm: 500, heightMm: 800, ...more } as const
  // As it is entered: its name proposes what else it says.
  return { ...pieces.make({ ...row, ...proposed('pieces', row) }), version: 1 }
}

/** A stored item for an example or a test. */
export const itemWith = (more: Partial<Item> & Pick<Item, 'id'>): Stored<Item> => ({
  ...items.make({ name: more.id, category: 'furniture', targetMinor: 10_000, ...more }),
  version: 1,
})

/** A stored option for an example or a test. */
export const optionWith = (more: Partial<Option> & Pick<Option, 'id' | 'itemId'>): Stored<Option> => ({
  ...options.make({ name: more.id, priceMinor: 10_000, ...more }),
  version: 1,
})
