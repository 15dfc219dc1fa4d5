import type { LabD65 } from './lab.js'
import type { Xyz } from './spectra.js'

const EDGE = 6 / 29

/** CIELAB of XYZ under a white. @see CIE 15 */
export function labOfXyz([x, y, z]: Xyz, [xn, yn, zn]: Xyz): LabD65 {
  const f = (t: number) => (t > EDGE ** 3 ? Math.cbrt(t) : t / (3 * EDGE * EDGE) + 4 / 29)
  const [fx, fy, fz] = [f(x / xn), f(y / yn), f(z / zn)]
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/** XYZ of CIELAB under a white, in the units of the white. @see CIE 15 */
export function xyzOfLab({ l, a, b }: LabD65, [xn, yn, zn]: Xyz): Xyz {
  const g = (t: number) => (t > EDGE ? t ** 3 : 3 * EDGE * EDGE * (t - 4 / 29))
  const fy = (l + 16) / 116
  return [xn * g(fy + a / 500), yn * g(fy), zn * g(fy - b / 200)]
}
