import { RECORDS, ROWS } from './registry.js'
import type { Fields } from './row.js'

/** FNV-1a over the text, twice with other starting points, as sixteen hex digits. Not for secrets: it tells versions apart. */
function digest(text: string): string {
  let [a, b] = [0x811c9dc5, 0x9dc5811c]
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    a = Math.imul(a ^ code, 0x01000193)
    b = Math.imul(b ^ code, 0x0100_0193 + 0x50)
  }
  const hex = (n: number) => (n >>> 0).toString(16).padStart(8, '0')
  return hex(a) + hex(b)
}

/**
 * What every row looks like, in sixteen digits: field by field its kind and what it usually holds. A page and a server
 * that describe rows differently have different ones, and then the compact form of a job may not be read.
 */
export const MODEL_HASH: string = digest(
  JSON.stringify(
    [...Object.values(ROWS), ...Object.values(RECORDS)].map((def) => [
      def.name,
      Object.entries(def.fields as Fields).map(([name, f]) => [name, f.kind, f.nullable, f.initial ?? null]),
    ]),
  ),
)
