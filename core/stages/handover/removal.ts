import type { Fixing } from '../../model/vocabulary/fixing.js'

/**
 * How each fixing comes off, one note each (common practice; what its maker says goes first). What stands free or leans has none.
 */
export const COMES_OFF: Readonly<Partial<Record<Fixing, string>>> = {
  'over a door': 'Lift it off the leaf with the door open; look for rubbed paint where it sat.',
  'clipped on': 'Hold it with one hand, open the clips with the other; nothing is left behind.',
  'on what is there': 'Lift it off the hook, rail or rod that was there before; that stays.',
  'adhesive strips':
    'Take the picture off first. Pull each tab slowly, straight down along the wall, never outward; warm it a little where it holds. Young paint can lift: test a hidden spot.',
  'tension rod': 'Hold the middle, turn it shorter, let it down; wipe off the marks of its feet.',
  'screwed to the wall':
    'Empty it, two people where it is heavy. Out with the screws; plugs are drilled out or pushed in, filled, sanded and touched up. Know where cables and pipes run before anything is drilled.',
  'screwed to the ceiling':
    'A second person holds it. Out with the screws, fill, sand, touch up. What is wired in is for a licensed electrician.',
  'glued down':
    'Warm it gently with a hair dryer from a corner, peel flat and slowly, clear what is left of the glue by its maker’s word. Test a hidden spot; young paint lifts.',
  'wired in':
    'For a licensed electrician, power off at the board and proved dead. The original is put back by the list.',
  'plumbed in': 'For the licensed trade, water off at the valve. The original is put back by the list.',
}

/** How paper, film and decals come off again. */
export const REMOVABLE_FINISH =
  'Warm it gently with a hair dryer, peel from a corner, slowly and flat. Test a hidden spot first: young paint lifts.'
