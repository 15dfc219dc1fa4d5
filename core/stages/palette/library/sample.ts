import type { LabD65 } from '../../../kernel/color/lab.js'
import { InputError } from '../../../kernel/errors/InputError.js'
import {
  MATERIALS,
  PATTERN_KINDS,
  SHEENS,
  TEXTURES,
  WEARS,
  type Material,
} from '../../../model/vocabulary/finish.js'

/** A tin on offer. */
export interface Tin {
  readonly ml: number
  readonly priceMinor: number
}

/** What a price is for. */
export const PRICE_PER = ['l', 'm²', 'm', 'roll', 'each'] as const

/** One color of a deck: a paint chip, a board, a cutting, a plant, as the maker's list or a reader gives it. */
export interface Sample {
  readonly name: string
  readonly code: string
  readonly material: Material
  readonly lab: LabD65
  readonly sheens: readonly (typeof SHEENS)[number][]
  readonly texture: (typeof TEXTURES)[number]
  readonly patternKind: (typeof PATTERN_KINDS)[number]
  readonly patternRepeatMm: number | null
  readonly wear: (typeof WEARS)[number]
  readonly sealed: boolean
  readonly outdoor: boolean
  readonly priceMinor: number | null
  readonly per: (typeof PRICE_PER)[number]
  readonly tins: readonly Tin[]
  /** What a color reader gave, one after the other. */
  readonly readings: readonly LabD65[]
}

/** What a sample is before anything but its name and color is known. */
export const NEW_SAMPLE: Omit<Sample, 'name' | 'lab'> = {
  code: '',
  material: 'paint',
  sheens: [],
  texture: 'smooth',
  patternKind: 'none',
  patternRepeatMm: null,
  wear: 'not known',
  sealed: false,
  outdoor: false,
  priceMinor: null,
  per: 'l',
  tins: [],
  readings: [],
}

/** A deck as it travels: between studio and file, and between page and server. */
export interface Deck {
  readonly name: string
  readonly note: string
  readonly samples: readonly Sample[]
}

export const MOST_SAMPLES = 50_000

const refuse = (where: string, what: string, fix: string): never => {
  throw new InputError('SAMPLE_NOT_READ', { what, where, fix })
}

function oneOf<const T extends string>(value: unknown, choices: readonly T[], where: string): T {
  return (
    choices.find((c) => c === value) ?? refuse(where, `is not known`, `Write one of: ${choices.join(', ')}.`)
  )
}

function text(value: unknown, max: number, where: string): string {
  if (
    typeof value !== 'string' ||
    value.length > max ||
    /[\u0000-\u0008\u000b\u000c\u000e-\u001f]/.test(value)
  )
    return refuse(where, 'is not text of a usual length', `Write at most ${max} characters.`)
  return value.trim()
}

function within(value: unknown, least: number, most: number, where: string): number {
  if (typeof value !== 'number' || !(value >= least && value <= most))
    return refuse(where, 'is no number in range', `Write a number from ${least} to ${most}.`)
  return value
}

function whole(value: unknown, least: number, most: number, where: string): number {
  const n = within(value, least, most, where)
  return Number.isInteger(n) ? n : refuse(where, 'is not whole', 'Leave out the decimals.')
}

function labIn(value: unknown, where: string): LabD65 {
  const lab = (value ?? {}) as Record<string, unknown>
  return {
    l: within(lab.l, 0, 100, `${where} L*`),
    a: within(lab.a, -128, 128, `${where} a*`),
    b: within(lab.b, -128, 128, `${where} b*`),
  }
}

const listOf = (value: unknown, most: number, where: string): readonly unknown[] =>
  Array.isArray(value) && value.length <= most
    ? value
    : refuse(where, 'is not a list of a usual length', `Give at most ${most}.`)

/**
 * Checks a sample from outside, field by field. Written by hand because a deck holds twenty thousand of them.
 *
 * @param where names the sample in an error: "Sample 17"
 * @throws {InputError} `SAMPLE_NOT_READ` naming the field and how to fix it
 */
export function readSample(value: unknown, where: string): Sample {
  const row = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>
  const name = text(row.name, 120, `${where}, name`)
  if (name === '') refuse(`${where}, name`, 'is empty', 'Give every sample a name.')
  return {
    name,
    code: text(row.code ?? '', 40, `${where}, code`),
    material: oneOf(row.material, MATERIALS, `${where}, material`),
    lab: labIn(row.lab, where),
    sheens: listOf(row.sheens ?? [], 5, `${where}, sheens`).map((s) => oneOf(s, SHEENS, `${where}, sheen`)),
    texture: oneOf(row.texture ?? 'smooth', TEXTURES, `${where}, texture`),
    patternKind: oneOf(row.patternKind ?? 'none', PATTERN_KINDS, `${where}, pattern`),
    patternRepeatMm:
      row.patternRepeatMm == null ? null : whole(row.patternRepeatMm, 1, 5000, `${where}, repeat`),
    wear: oneOf(row.wear ?? 'not known', WEARS, `${where}, wear`),
    sealed: row.sealed === true,
    outdoor: row.outdoor === true,
    priceMinor: row.priceMinor == null ? null : whole(row.priceMinor, 0, 1e9, `${where}, price`),
    per: oneOf(row.per ?? 'l', PRICE_PER, `${where}, price per`),
    tins: listOf(row.tins ?? [], 8, `${where}, tins`).map((tin) => {
      const t = (tin ?? {}) as Record<string, unknown>
      return {
        ml: whole(t.ml, 50, 50_000, `${where}, tin`),
        priceMinor: whole(t.priceMinor, 0, 1e9, `${where}, tin price`),
      }
    }),
    readings: listOf(row.readings ?? [], 40, `${where}, readings`).map((r) => labIn(r, `${where}, reading`)),
  }
}

/** @throws {InputError} `SAMPLE_NOT_READ` */
export function readDeck(value: unknown): Deck {
  const row = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>
  const name = text(row.name, 80, 'Deck, name')
  if (name === '') refuse('Deck, name', 'is empty', 'Name the deck.')
  const samples = listOf(row.samples, MOST_SAMPLES, 'Deck, samples')
  if (samples.length === 0) refuse('Deck', 'holds no sample', 'Choose a file with at least one color.')
  return {
    name,
    note: text(row.note ?? '', 400, 'Deck, note'),
    samples: samples.map((s, i) => readSample(s, `Sample ${i + 1}`)),
  }
}
