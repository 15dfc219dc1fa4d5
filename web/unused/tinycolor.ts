/** Stands in for the color mixer behind `color` of a button: buttons here have none, so it is never made. */
export function TinyColor(): never {
  throw new Error('Buttons have no color of their own here.')
}
