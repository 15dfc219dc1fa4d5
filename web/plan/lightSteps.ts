/** Steps of light a drawing tells apart, lux. */
export const LIGHT_STEPS = [20, 50, 100, 200, 300, 500] as const
const GRAYS = ['#4a4a4a', '#707070', '#949494', '#b4b4b4', '#d0d0d0', '#e6e6e6'] as const

/** Gray by a step of light, white the brightest; the figures beside it say the rest. */
export function grayOf(lux: number): string {
  const i = LIGHT_STEPS.findIndex((step) => lux < step)
  return GRAYS[i] ?? '#ffffff'
}
