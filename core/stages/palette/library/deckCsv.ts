import Papa from 'papaparse'
import { csvText } from '../../../kernel/csv/csvText.js'
import { lrv, parseColor, type LabD65 } from '../../../kernel/color/lab.js'
import { InputError } from '../../../kernel/errors/InputError.js'
import { NEW_SAMPLE, readDeck, type Deck, type Sample, type Tin } from './sample.js'

const COLUMNS = [
  'name',
  'code',
  'material',
  'L',
  'a',
  'b',
  'LRV',
  'sheens',
  'texture',
  'pattern',
  'repeat mm',
  'wear',
  'sealed',
  'outdoor',
  'price',
  'per',
  'tins',
  'readings',
] as const

const labText = ({ l, a, b }: LabD65) => [l, a, b].map((v) => String(v)).join(' ')
const yes = (flag: boolean) => (flag ? 'yes' : '')
/** Prices in a file are in whole units with decimals, as a shop list has them. */
const money = (minor: number | null, digits: number) =>
  minor === null ? '' : (minor / 10 ** digits).toFixed(digits)

/**
 * A deck as CSV (RFC 4180), one line a sample. LRV is written for the reader and not read back: L* says the same.
 *
 * @param digits decimals of the studio's currency, as ISO 4217 gives them
 */
export function deckToCsv(deck: Deck, digits: number): string {
  const lines = deck.samples.map((s) => [
    s.name,
    s.code,
    s.material,
    s.lab.l,
    s.lab.a,
    s.lab.b,
    lrv(s.lab).toFixed(1),
    s.sheens.join(' '),
    s.texture,
    s.patternKind,
    s.patternRepeatMm ?? '',
    s.wear,
    yes(s.sealed),
    yes(s.outdoor),
    money(s.priceMinor, digits),
    s.per,
    s.tins.map((t) => `${t.ml}:${money(t.priceMinor, digits)}`).join(' '),
    s.readings.map(labText).join('; '),
  ])
  return csvText([[...COLUMNS], ...lines])
}

/** Words under which the columns are known beside our own. */
const ALSO: Readonly<Record<string, string>> = {
  colour: 'color',
  'l*': 'l',
  'a*': 'a',
  'b*': 'b',
  title: 'name',
  no: 'code',
  number: 'code',
  'lab l': 'l',
  'lab a': 'a',
  'lab b': 'b',
  hexadecimal: 'hex',
  rgb: 'hex',
  color: 'hex',
  sheen: 'sheens',
  repeat: 'repeat mm',
}

/**
 * Reads a deck from CSV: a column `name`, and the color as `L`, `a`, `b` or as `hex`; the others when they are there.
 *
 * @param name what to call the deck
 * @param digits decimals of the studio's currency
 * @throws {InputError} `DECK_NOT_READ`, `SAMPLE_NOT_READ` naming the line
 */
export function deckFromCsv(text: string, name: string, digits: number): Deck {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => {
      const key = h.trim().toLowerCase()
      return ALSO[key] ?? key
    },
  })
  const has = (column: string) => meta.fields?.includes(column) ?? false
  if (!has('name') || !((has('l') && has('a') && has('b')) || has('hex')))
    throw new InputError('DECK_NOT_READ', {
      what: 'has no column for the name, or none for the color',
      where: 'The file',
      fix: 'Give it a first line with “name”, and “L”, “a”, “b” or “hex”.',
    })
  return readDeck({ name, note: '', samples: data.map((row, i) => sampleOf(row, i + 2, digits)) })
}

function sampleOf(row: Readonly<Record<string, string>>, line: number, digits: number): Partial<Sample> {
  // The apostrophe that keeps a spreadsheet from running a name as a formula is ours and goes again.
  const cell = (key: string) => (row[key] ?? '').trim().replace(/^'(?=[=+\-@])/, '')
  const number = (key: string, what: string): number => {
    const text = cell(key).replace(',', '.')
    const value = Number(text)
    if (text === '' || !Number.isFinite(value))
      throw new InputError('DECK_NOT_READ', {
        what: `has “${cell(key)}” where a number is wanted`,
        where: `Line ${line}, ${what}`,
        fix: 'Write a number, or leave the line out.',
      })
    return value
  }
  const minor = (text: string): number => Math.round(Number(text.replace(',', '.')) * 10 ** digits)
  const hex = cell('hex')
  const lab =
    hex && !cell('l') ? parseColor(hex) : { l: number('l', 'L'), a: number('a', 'a'), b: number('b', 'b') }
  return {
    ...NEW_SAMPLE,
    name: cell('name'),
    code: cell('code'),
    ...(cell('material') ? { material: cell('material').toLowerCase() as Sample['material'] } : {}),
    lab,
    sheens: cell('sheens')
      .split(/[\s,;]+/)
      .filter(Boolean) as Sample['sheens'][number][],
    ...(cell('texture') ? { texture: cell('texture') as Sample['texture'] } : {}),
    ...(cell('pattern') ? { patternKind: cell('pattern') as Sample['patternKind'] } : {}),
    patternRepeatMm: cell('repeat mm') ? number('repeat mm', 'repeat') : null,
    ...(cell('wear') ? { wear: cell('wear') as Sample['wear'] } : {}),
    sealed: /^(yes|true|1)$/i.test(cell('sealed')),
    outdoor: /^(yes|true|1)$/i.test(cell('outdoor')),
    priceMinor: cell('price') ? Math.round(number('price', 'price') * 10 ** digits) : null,
    ...(cell('per') ? { per: cell('per') as Sample['per'] } : {}),
    tins: cell('tins')
      .split(/\s+/)
      .filter(Boolean)
      .map((t): Tin => {
        const [ml = '', price = ''] = t.split(':')
        return { ml: Number(ml), priceMinor: minor(price) }
      }),
    readings: cell('readings')
      .split(';')
      .filter((r) => r.trim())
      .map((r) => parseColor(r)),
  }
}
