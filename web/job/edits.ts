export type Row = Readonly<Record<string, unknown>> & { readonly id: string; readonly version?: number }

/** The fields of a row without its version. */
export function fieldsOf(row: Row): Record<string, unknown> {
  const { version: _v, ...fields } = row
  return fields
}

/** The place after the last of rows that have an order. */
export const nextPosition = (rows: readonly { readonly position: number }[]): number =>
  Math.max(-1, ...rows.map((r) => r.position)) + 1
