/** Findings counted by weight, and told gravest first. */
export interface Counted {
  readonly stops: number
  readonly looks: number
  readonly notes: number
  readonly left: readonly string[]
}

const ORDER = { stop: 0, look: 1, note: 2 }

/** What of these is open, by weight. */
export function countedOpen(
  findings: readonly {
    readonly severity: keyof typeof ORDER
    readonly title: string
    readonly accepted?: unknown
  }[],
): Counted {
  const open = findings.filter((f) => !f.accepted).sort((a, b) => ORDER[a.severity] - ORDER[b.severity])
  const count = (severity: keyof typeof ORDER) => open.filter((f) => f.severity === severity).length
  return { stops: count('stop'), looks: count('look'), notes: count('note'), left: open.map((f) => f.title) }
}
