/** The four walls of a rectangular room, by the compass; north is the top of the plan. */
export const WALL_SIDES = ['north', 'east', 'south', 'west'] as const
export type WallSide = (typeof WALL_SIDES)[number]
