/** Of rows that two people began at once for one thing, the one everybody reads. */
export const firstRow = <R extends { readonly id: string }>(rows: readonly R[]): R | undefined =>
  rows.reduce<R | undefined>((first, r) => (first && first.id < r.id ? first : r), undefined)
