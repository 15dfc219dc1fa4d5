import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { compassPoint } from '@bonitas/core/stages/measure/daylight'
import { t } from './words.js'

/** "right", "left 45°", "straight on" */
export function turnText(turnDeg: number): string {
  if (turnDeg === 0) return t('straightOn')
  const side = turnDeg > 0 ? 'right' : 'left'
  return Math.abs(turnDeg) === 90 ? side : `${side} ${Math.round(Math.abs(turnDeg) * 1000) / 1000}°`
}

/**
 * Reads a turn on its own: `right`, `l`, `45`, `left 45`, `-45`, `0`.
 * @throws {InputError} `TURN_NOT_READ`, `TURN_OUT_OF_RANGE`
 */
export function readTurn(text: string): number {
  const found = /^\s*(right|left|r|l|straight on|straight)?\s*([+-]?\d{1,3}(?:[.,]\d+)?)?\s*°?\s*$/i.exec(
    text,
  )
  const side = found?.[1]?.toLowerCase()
  const given = found?.[2]?.replace(',', '.')
  if (!found || (side === undefined && given === undefined))
    throw new InputError('TURN_NOT_READ', {
      what: t('isNotATurn'),
      where: t('turn'),
      fix: t('writeRightLeftLeft45'),
    })
  const deg = given === undefined ? (side?.startsWith('s') ? 0 : 90) : Number(given)
  const signed = side?.startsWith('l') ? -Math.abs(deg) : deg
  if (Math.abs(signed) > 179)
    throw new InputError('TURN_OUT_OF_RANGE', {
      what: t('is180OrMore'),
      where: t('turn'),
      fix: t('writeTheAngleYouTurn'),
    })
  return signed
}

const POINTS = [
  'n',
  'nne',
  'ne',
  'ene',
  'e',
  'ese',
  'se',
  'sse',
  's',
  'ssw',
  'sw',
  'wsw',
  'w',
  'wnw',
  'nw',
  'nnw',
]

/** `270° W` */
export const bearingText = (deg: number): string => `${Math.round(deg * 10) / 10}° ${compassPoint(deg)}`

/**
 * Reads a compass bearing: `270`, `270°`, `W`, `nnw`.
 * @throws {InputError} `BEARING_NOT_READ`
 */
export function readBearing(text: string, label: string): number {
  const said = text.trim().toLowerCase().replace(/°.*$/, '')
  const point = POINTS.indexOf(said)
  const deg = point >= 0 ? point * 22.5 : said === '' ? NaN : Number(said.replace(',', '.'))
  if (!(deg >= 0 && deg <= 360))
    throw new InputError('BEARING_NOT_READ', {
      what: t('isNotACompassBearing'),
      where: label,
      fix: t('writeDegreesFromNorth0'),
    })
  return deg
}
