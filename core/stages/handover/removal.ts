import type { Fixing } from '../../model/vocabulary/fixing.js'
import type { HangFixing } from '../../model/vocabulary/hanging.js'

/**
 * How each fixing comes off, one note each (common practice; what its maker says goes first). What stands free or leans has none.
 */
export const COMES_OFF: Readonly<Partial<Record<Fixing, string>>> = {
  'over a door': 'Lift it off the leaf with the door open; look for rubbed paint where it sat.',
  'clipped on': 'Hold it with one hand, open the clips with the other; nothing is left behind.',
  'on what is there': 'Lift it off the hook, rail or rod that was there before; that stays.',
  'adhesive strips':
    'Take the picture off first. Pull each tab slowly, straight down along the wall, never outward; warm it a little where it holds. Young paint can lift: test a hidden spot.',
  'sticks by itself':
    'Warm it gently with a hair dryer, peel from a corner, slowly and flat. Test a hidden spot first: young paint lifts.',
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

/** Paper that was pasted (common practice). */
export const PASTED_PAPER =
  'Slit a seam and try it dry: many papers leave in whole lengths, others are soaked with warm water and scraped flat. Power off at the board before a wall with sockets is wetted. Old paper may lie on old paint: have that tested for lead before it is scraped or sanded.'

/** How what hangs on a wall comes off again (common practice; what its maker says goes first). */
export const COMES_DOWN: Readonly<Record<HangFixing, string>> = {
  'picture hook':
    'Lift the picture off, then ease the hook out with its pin straight; fill the pinhole and touch up.',
  'screw and plug':
    'Lift it off, out with the screw; the plug is drawn with a screw turned halfway in, or pushed in; fill, sand, touch up.',
  'hollow-wall anchor':
    'Lift it off, out with the screw. The anchor stays behind the board: push its collar in, fill over it, sand, touch up.',
  'screw into a stud': 'Lift it off, out with the screw; fill, sand, touch up.',
  'adhesive strips':
    'Take the picture off first. Pull each tab slowly, straight down along the wall, never outward; warm it a little where it holds. Young paint can lift: test a hidden spot.',
  'rail and cord':
    'Lift it off its cord; cord and hook slide along the rail to the end. The wall keeps no mark.',
  'string on a nail':
    'Lift it off, draw the nail with pincers over a slip of card, fill the hole and touch up.',
}
