import type { UnitSystem } from '@bonitas/core/kernel/units/length'

const DIRECTIONS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A piece moved by keys is kept when no key has come for so long: one step to undo, and not twenty. */
export const SETTLE_MS = 800

/** How far an arrow moves a thing, and how far with Shift, mm: 10 and 100; half an inch and six. */
export const ARROW_MM = {
  metric: { step: 10, far: 100 },
  imperial: { step: 12.7, far: 152.4 },
} as const satisfies Readonly<Record<UnitSystem, { step: number; far: number }>>

/** Where an arrow moves a thing, mm right and down on the screen; undefined for another key. */
export function arrowStep(
  event: KeyboardEvent,
  system: UnitSystem,
): { readonly dx: number; readonly dy: number } | undefined {
  const direction = DIRECTIONS[event.key]
  const by = event.shiftKey ? ARROW_MM[system].far : ARROW_MM[system].step
  return direction && { dx: direction[0] * by, dy: direction[1] * by }
}
