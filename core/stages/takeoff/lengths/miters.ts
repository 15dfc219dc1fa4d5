const RAD = Math.PI / 180

/**
 * Saw settings for crown molding lying flat: how far the saw is turned, and how far the blade leans; degrees.
 * By vector geometry; 31.6° and 33.9° (38° molding), 35.3° and 30° (45°) are printed on saws.
 *
 * @param springDeg between the back of the molding and the wall
 * @param cornerDeg of the room, 90 in a square one
 */
export const crownMiter = (springDeg: number, cornerDeg: number) => ({
  miterDeg: Math.atan(Math.sin(springDeg * RAD) / Math.tan((cornerDeg / 2) * RAD)) / RAD,
  bevelDeg: Math.asin(Math.cos(springDeg * RAD) * Math.cos((cornerDeg / 2) * RAD)) / RAD,
})

/** Saw settings for a molding that stands against the wall: half of what the corner turns by; degrees. */
export const flatMiter = (cornerDeg: number): number => Math.abs(180 - cornerDeg) / 2
