import { hexToLab, labToHex } from '../../../kernel/color/lab.js'
import { InputError } from '../../../kernel/errors/InputError.js'
import { NEW_SAMPLE, readDeck, type Deck, type Sample } from './sample.js'

// A GPL palette holds bytes of red, green and blue. What they cannot hold stands in a comment before each color,
// which other programs pass over and this one reads back.
const MORE = '#: '

/** A deck as a GPL palette: name, columns, and a line of red, green, blue and name for each color. */
export function deckToGpl(deck: Deck): string {
  const oneLine = (text: string) => text.replace(/\s+/g, ' ').trim()
  const lines = deck.samples.flatMap((s) => {
    const { name, ...rest } = s
    const hex = labToHex(s.lab)
    const rgb = [1, 3, 5].map((i) => String(parseInt(hex.slice(i, i + 2), 16)).padStart(3)).join(' ')
    return [`${MORE}${JSON.stringify(rest)}`, `${rgb}\t${oneLine(name)}`]
  })
  return ['GIMP Palette', `Name: ${oneLine(deck.name)}`, 'Columns: 12', '#', ...lines, ''].join('\n')
}

/**
 * Reads a GPL palette. Our own comes back without loss; from another program each color is the Lab of its bytes.
 * @throws {InputError} `DECK_NOT_READ` naming the line
 */
export function deckFromGpl(text: string, fallbackName: string): Deck {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  if (lines[0]?.trim() !== 'GIMP Palette')
    throw new InputError('DECK_NOT_READ', {
      what: 'does not begin with “GIMP Palette”',
      where: 'The file',
      fix: 'Choose a palette file (.gpl).',
    })
  let name = fallbackName
  let more: Partial<Sample> = {}
  const samples: Partial<Sample>[] = []
  lines.slice(1).forEach((raw, i) => {
    const line = raw.trim()
    if (line.startsWith('Name:')) name = line.slice(5).trim() || name
    else if (line.startsWith(MORE.trim())) more = readMore(line.slice(MORE.length - 1))
    else if (line !== '' && !line.startsWith('#') && !/^Columns:/i.test(line)) {
      const found = /^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(line)
      const bytes = found?.slice(1, 4).map(Number) ?? []
      if (!found || bytes.some((b) => b > 255))
        throw new InputError('DECK_NOT_READ', {
          what: `is not a color: “${line.slice(0, 40)}”`,
          where: `Line ${i + 2}`,
          fix: 'Write red, green and blue from 0 to 255, then a name.',
        })
      const hex = `#${bytes.map((b) => b.toString(16).padStart(2, '0')).join('')}`
      samples.push({
        ...NEW_SAMPLE,
        lab: hexToLab(hex),
        name: found[4]?.trim() || `Color ${samples.length + 1}`,
        ...more,
      })
      more = {}
    }
  })
  return readDeck({ name, note: '', samples })
}

function readMore(text: string): Partial<Sample> {
  try {
    const value: unknown = JSON.parse(text)
    return typeof value === 'object' && value !== null ? value : {}
  } catch {
    // A comment of someone else's that happens to look like ours.
    return {}
  }
}
