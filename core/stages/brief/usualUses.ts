import type { Person } from '../../model/rows/people.js'
import type { RoomKind } from '../../model/vocabulary/room.js'
import type { UseKind, UseTime } from '../../model/vocabulary/use.js'
import { household } from './household.js'

/** A use that a room of this kind usually has; a proposal, to be renamed or taken out. */
export interface UsualUse {
  readonly name: string
  readonly kind: UseKind
  readonly persons: number
  readonly time: UseTime
}

/** From this age on there is homework. */
const SCHOOL_YEARS = 6
/** Up to this age one is changed. */
const NAPPY_YEARS = 3

/**
 * What one usually does in a room of this kind, with the people who live there (common practice): those uses whose kind
 * is not entered yet, in the order in which they are asked about at a first visit.
 *
 * @param has the kinds of use that are entered
 */
export function usualUses(
  kind: RoomKind | null,
  people: readonly Person[],
  has: readonly UseKind[] = [],
): UsualUse[] {
  if (kind === null) return []
  return listOf(kind, people).filter((u) => !has.includes(u.kind))
}

function listOf(kind: RoomKind, people: readonly Person[]): UsualUse[] {
  const { children } = household(people)
  const grown = people.filter((p) => p.kind === 'adult').length
  const all = Math.max(1, grown + children.length)
  const adults = Math.max(1, grown)
  const use = (name: string, of: UseKind, persons = 1, time: UseTime = 'any time'): UsualUse => ({
    name,
    kind: of,
    persons,
    time,
  })
  const keep = (what: string) => use(`Keep ${what}`, 'store')
  switch (kind) {
    case 'living room':
      return [
        use('Sit together', 'sit', all, 'evenings'),
        use('Read', 'read', 1, 'evenings'),
        use('Put a cup and a book down', 'put things down'),
        keep('what lies about'),
      ]
    case 'bedroom':
      return [
        use('Sleep', 'sleep', Math.min(2, adults), 'at night'),
        use('Read in bed', 'read', Math.min(2, adults), 'evenings'),
        use('Put glasses and a book down', 'put things down', Math.min(2, adults), 'at night'),
        use('Dress', 'dress'),
        keep('clothes'),
      ]
    case "child's room": {
      const some = Math.max(1, children.length)
      const ages = children.map((c) => c.ageYears)
      const unknown = children.length === 0 || ages.includes(null)
      return [
        use('Sleep', 'sleep', some, 'at night'),
        use('Play', 'play', some, 'by day'),
        ...(ages.some((a) => a !== null && a < NAPPY_YEARS)
          ? [use('Change the child', 'change a small child')]
          : []),
        ...(unknown || ages.some((a) => a !== null && a >= SCHOOL_YEARS)
          ? [use('Do homework', 'work or study', some, 'by day')]
          : []),
        use('Show the child’s own work', 'display'),
        keep('toys and clothes'),
      ]
    }
    case 'study':
      return [
        use('Work', 'work or study', 1, 'by day'),
        use('Read', 'read', 1, 'evenings'),
        keep('papers and machines out of sight'),
      ]
    case 'dining room':
      return [
        use('Eat', 'eat', all, 'evenings'),
        use('Eat with guests', 'eat', all + 2, 'now and then'),
        keep('crockery'),
      ]
    case 'kitchen':
      return [use('Cook', 'cook'), use('Eat', 'eat', all), keep('crockery and food')]
    case 'wet room':
      return [
        use('Wash', 'wash'),
        use('Put things down by the basin', 'put things down'),
        keep('towels and medicines'),
      ]
    case 'hall':
      return [
        use('Come home and leave', 'come and go', all),
        use('Put keys and post down', 'put things down'),
        keep('coats and shoes'),
      ]
    case 'service room':
      return [
        use('Do the laundry', 'do the laundry', 1, 'by day'),
        use('Come in with wet boots', 'come and go', all),
        keep('supplies and baskets'),
      ]
    case 'outdoors':
      return [
        use('Sit in the open', 'sit', all, 'by day'),
        use('Eat in the open', 'eat', all, 'evenings'),
        keep('cushions when it rains'),
      ]
    case 'one-room flat':
      return [
        use('Sleep', 'sleep', Math.min(2, adults), 'at night'),
        use('Sit', 'sit', all, 'evenings'),
        use('Eat', 'eat', all),
        use('Cook', 'cook'),
        use('Work', 'work or study', 1, 'by day'),
        use('Dress', 'dress'),
        keep('clothes and all the rest'),
      ]
  }
}
