const DIRECTIONS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A piece moved by keys is kept when no key has come for so long: one step to undo, and not twenty. */
export const SETTLE_MS = 450

/** How far an arrow moves a piece, mm right and down on the screen: 10, with Shift 100; undefined for another key. */
export function arrowStep(event: KeyboardEvent): { readonly dx: number; readonly dy: number } | undefined {
  const direction = DIRECTIONS[event.key]
  const by = event.shiftKey ? 100 : 10
  return direction && { dx: direction[0] * by, dy: direction[1] * by }
}
