import type { Fixing } from './fixing.js'

/** How deep the makeover goes. */
export const LEVELS = ['decorate only', 'with building work'] as const

export type Level = (typeof LEVELS)[number]

/** What a landlord's permission is about. */
export const CHANGES = ['paint', 'cover', 'drill', 'glue', 'wire', 'plumb'] as const

export type Change = (typeof CHANGES)[number]

/** The change to the building that each way of fixing makes; undefined for those that leave no trace. */
export const CHANGE_OF: Readonly<Partial<Record<Fixing, Change>>> = {
  'screwed to the wall': 'drill',
  'screwed to the ceiling': 'drill',
  'glued down': 'glue',
  'wired in': 'wire',
  'plumbed in': 'plumb',
}

export const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  paint: 'painting',
  cover: 'papering or laying',
  drill: 'drilling',
  glue: 'gluing',
  wire: 'work on the wiring',
  plumb: 'work on the pipes',
}
