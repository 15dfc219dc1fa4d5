/** A value made when it is first asked for, and the same from then on. */
export function once<T>(make: () => T): () => T {
  let made: { readonly is: T } | undefined
  return () => (made ??= { is: make() }).is
}
