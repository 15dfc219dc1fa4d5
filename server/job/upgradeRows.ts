/** A row of a job file of any version. */
export type Row = Record<string, unknown>

/** The rows of a list of a job file; none where it has no such list. */
export const rowsOf = (value: unknown): Row[] => (Array.isArray(value) ? (value as Row[]) : [])
