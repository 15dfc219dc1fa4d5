import type { Photo } from '../../model/rows/photos.js'

/** A place a before picture is taken from, and the pictures taken there. */
export interface Standpoint {
  /** `wall:` or `corner:` and the id of a wall: the corner is the one where that wall begins. */
  readonly subject: string
  readonly name: string
  readonly photos: readonly Photo[]
}

/**
 * One standpoint per wall and one per corner, in the order walked. A wall shorter than half a meter (the return of a
 * chimney breast) is seen in its neighbor's picture, and so is its corner.
 */
export function standpoints(
  walls: readonly { readonly id: string; readonly name: string; readonly lengthMm: number }[],
  photos: readonly Photo[],
): Standpoint[] {
  const seen = walls.filter((w) => w.lengthMm >= 500)
  const at = (subject: string) => photos.filter((p) => p.kind === 'before' && p.subject === subject)
  return [
    ...seen.map((w): Standpoint => ({ subject: `wall:${w.id}`, name: w.name, photos: at(`wall:${w.id}`) })),
    ...seen.map((w, i): Standpoint => {
      const before = seen[(i + seen.length - 1) % seen.length]
      return {
        subject: `corner:${w.id}`,
        name: `Corner of ${before?.name ?? ''} and ${w.name}`,
        photos: at(`corner:${w.id}`),
      }
    }),
  ]
}
