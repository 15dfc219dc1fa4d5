import type { Photo } from '../../model/rows/photos.js'

/** A standpoint with its pictures of before and of after, the last of each. */
export interface PicturePair {
  readonly subject: string
  readonly name: string
  readonly before: Photo | undefined
  readonly after: Photo | undefined
}

/** Before and after from one standpoint side by side; a standpoint of which there is neither is listed too. */
export function picturePairs(
  standpoints: readonly { readonly subject: string; readonly name: string }[],
  photos: readonly Photo[],
): PicturePair[] {
  const last = (kind: Photo['kind'], subject: string) =>
    photos
      .filter((p) => p.kind === kind && p.subject === subject)
      .sort((a, b) => a.position - b.position)
      .at(-1)
  return standpoints.map(({ subject, name }) => ({
    ...{ subject, name },
    before: last('before', subject),
    after: last('after', subject),
  }))
}
