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
  return USUAL[kind](whoOf(people)).filter((u) => !has.includes(u.kind))
}

/** Who is there, as far as it decides how many do a thing. */
interface Who {
  readonly all: number
  /** One or two: who sleeps in one bed. */
  readonly couple: number
  readonly children: number
  readonly changed: boolean
  readonly homework: boolean
}

function whoOf(people: readonly Person[]): Who {
  const { children } = household(people)
  const adults = people.filter((p) => p.kind === 'adult').length
  const ages = children.map((c) => c.ageYears)
  return {
    all: Math.max(1, adults + children.length),
    couple: Math.min(2, Math.max(1, adults)),
    children: Math.max(1, children.length),
    changed: ages.some((a) => a !== null && a < NAPPY_YEARS),
    // Where no child is entered yet, or its age is not known, the question is worth asking.
    homework: ages.length === 0 || ages.some((a) => a === null || a >= SCHOOL_YEARS),
  }
}

const use = (name: string, kind: UseKind, persons = 1, time: UseTime = 'any time'): UsualUse => ({
  name,
  kind,
  persons,
  time,
})
const keep = (what: string) => use(`Keep ${what}`, 'store')

const USUAL: Readonly<Record<RoomKind, (who: Who) => UsualUse[]>> = {
  'living room': ({ all }) => [
    use('Sit together', 'sit', all, 'evenings'),
    use('Read', 'read', 1, 'evenings'),
    use('Put a cup and a book down', 'put things down'),
    keep('what lies about'),
  ],
  bedroom: ({ couple }) => [
    use('Sleep', 'sleep', couple, 'at night'),
    use('Read in bed', 'read', couple, 'evenings'),
    use('Put glasses and a book down', 'put things down', couple, 'at night'),
    use('Dress', 'dress'),
    keep('clothes'),
  ],
  "child's room": ({ children, changed, homework }) => [
    use('Sleep', 'sleep', children, 'at night'),
    use('Play', 'play', children, 'by day'),
    ...(changed ? [use('Change the child', 'change a small child')] : []),
    ...(homework ? [use('Do homework', 'work or study', children, 'by day')] : []),
    use('Show the child’s own work', 'display'),
    keep('toys and clothes'),
  ],
  study: () => [
    use('Work', 'work or study', 1, 'by day'),
    use('Read', 'read', 1, 'evenings'),
    keep('papers and machines out of sight'),
  ],
  'dining room': ({ all }) => [
    use('Eat', 'eat', all, 'evenings'),
    use('Eat with guests', 'eat', all + 2, 'now and then'),
    keep('crockery'),
  ],
  kitchen: ({ all }) => [use('Cook', 'cook'), use('Eat', 'eat', all), keep('crockery and food')],
  'wet room': () => [
    use('Wash', 'wash'),
    use('Put things down by the basin', 'put things down'),
    keep('towels and medicines'),
  ],
  hall: ({ all }) => [
    use('Come home and leave', 'come and go', all),
    use('Put keys and post down', 'put things down'),
    keep('coats and shoes'),
  ],
  'service room': ({ all }) => [
    use('Do the laundry', 'do the laundry', 1, 'by day'),
    use('Come in with wet boots', 'come and go', all),
    keep('supplies and baskets'),
  ],
  outdoors: ({ all }) => [
    use('Sit in the open', 'sit', all, 'by day'),
    use('Eat in the open', 'eat', all, 'evenings'),
    keep('cushions when it rains'),
  ],
  'one-room flat': ({ all, couple }) => [
    use('Sleep', 'sleep', couple, 'at night'),
    use('Sit', 'sit', all, 'evenings'),
    use('Eat', 'eat', all),
    use('Cook', 'cook'),
    use('Work', 'work or study', 1, 'by day'),
    use('Dress', 'dress'),
    keep('clothes and all the rest'),
  ],
}
