import { inflateSync } from 'node:zlib'

const WOFF_HEADER = 44
const WOFF_ENTRY = 20
const SFNT_HEADER = 12
const SFNT_ENTRY = 16
const aligned = (n: number) => (n + 3) & ~3

/**
 * A font out of its web wrapping: WOFF 1.0 as OpenType, every table unpacked once. Readers of fonts unpack a table each time
 * they look at it, which takes seconds for a document.
 *
 * @see W3C Recommendation, WOFF File Format 1.0, sections 3 to 5
 * @throws {RangeError} for anything that is no WOFF
 */
export function sfntOf(woff: Buffer): Buffer {
  if (woff.length < WOFF_HEADER || woff.toString('latin1', 0, 4) !== 'wOFF')
    throw new RangeError('This is no font in WOFF. Give the file of one.')
  const flavor = woff.readUInt32BE(4)
  const count = woff.readUInt16BE(12)
  const tables = Array.from({ length: count }, (_, i) => {
    const at = WOFF_HEADER + i * WOFF_ENTRY
    const [offset, packed, length] = [4, 8, 12].map((n) => woff.readUInt32BE(at + n)) as [
      number,
      number,
      number,
    ]
    const bytes = woff.subarray(offset, offset + packed)
    return {
      tag: woff.subarray(at, at + 4),
      checksum: woff.readUInt32BE(at + 16),
      // A table that does not get smaller is kept as it is.
      bytes: packed < length ? inflateSync(bytes) : bytes,
    }
  })
  const font = Buffer.alloc(
    SFNT_HEADER + SFNT_ENTRY * count + tables.reduce((sum, t) => sum + aligned(t.bytes.length), 0),
  )
  const power = Math.floor(Math.log2(count))
  font.writeUInt32BE(flavor, 0)
  font.writeUInt16BE(count, 4)
  font.writeUInt16BE(2 ** power * SFNT_ENTRY, 6)
  font.writeUInt16BE(power, 8)
  font.writeUInt16BE((count - 2 ** power) * SFNT_ENTRY, 10)
  let offset = SFNT_HEADER + SFNT_ENTRY * count
  tables.forEach(({ tag, checksum, bytes }, i) => {
    const at = SFNT_HEADER + i * SFNT_ENTRY
    tag.copy(font, at)
    font.writeUInt32BE(checksum, at + 4)
    font.writeUInt32BE(offset, at + 8)
    font.writeUInt32BE(bytes.length, at + 12)
    bytes.copy(font, offset)
    offset += aligned(bytes.length)
  })
  return font
}
