/**
 * A number for a text, so that everything with a name draws its own run of numbers (FNV-1a, 32 bits).
 * @see Fowler, Noll & Vo; draft-eastlake-fnv
 */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193)
  return hash >>> 0
}
