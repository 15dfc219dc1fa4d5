import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { readLength, type UnitSystem } from '@bonitas/core/kernel/units/length'
import { t } from './words.js'

export interface TypedWall {
  readonly lengthMm: number
  readonly turnDeg: number
  readonly name: string
}

/** Walls as this studio would call them out: a plain one, and a short one with its turn and name. */
export const wallExamples = (system: UnitSystem): { readonly long: string; readonly short: string } =>
  system === 'metric' ? { long: '4860', short: '850' } : { long: `15' 11`, short: `2' 9` }

const TURN = /(?:^|\s)(right|left|r|l)\s*(\d{1,3}(?:[.,]\d+)?)?\s*°?$/i
const BARE_ANGLE = /\s([+-]\d{1,3}(?:[.,]\d+)?)\s*°?$|\s(\d{1,3}(?:[.,]\d+)?)\s*°$/

/**
 * Reads one wall as it is called out: `4860`, `3.92 m l`, `1200 r 45`, `12' 4 1/2" left`, `850 r45 bay`. The turn is
 * the one at the end of the wall, a right angle to the usual side unless it is said.
 *
 * @param usual the side turned to when none is said: 90 or −90
 * @throws {InputError} `LENGTH_…` from the length, `TURN_OUT_OF_RANGE`
 */
export function readWall(text: string, system: UnitSystem, usual: 90 | -90 = 90): TypedWall {
  let rest = text.trim()
  let name = ''
  // A name follows the turn in quotes or after a comma: 850 r45, bay left.
  const comma = rest.search(/,\s*\p{L}/u)
  if (comma > 0) {
    name = rest
      .slice(comma + 1)
      .trim()
      .slice(0, 60)
    rest = rest.slice(0, comma).trim()
  }
  let turnDeg: number = usual
  const word = TURN.exec(rest)
  const bare = word ? null : BARE_ANGLE.exec(rest)
  if (word) {
    const deg = word[2] ? Number(word[2].replace(',', '.')) : 90
    turnDeg = word[1]?.toLowerCase().startsWith('l') ? -deg : deg
    rest = rest.slice(0, word.index)
  } else if (bare) {
    turnDeg = Number((bare[1] ?? bare[2] ?? '90').replace(',', '.'))
    rest = rest.slice(0, bare.index)
  }
  if (Math.abs(turnDeg) > 179)
    throw new InputError('TURN_OUT_OF_RANGE', {
      what: t('is180OrMore'),
      where: t('turn'),
      fix: t('writeTheAngleYouTurn'),
    })
  const lengthMm = readLength(rest, { label: t('length'), system, minMm: 10, maxMm: 50_000 })
  return { lengthMm, turnDeg, name }
}
