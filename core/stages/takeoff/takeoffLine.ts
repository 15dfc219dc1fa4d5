import type { Trade } from '../../model/vocabulary/takeoff.js'
import { blindLine } from './cloth/blindLine.js'
import { coverLine, curtainsLine, tiesLine } from './cloth/clothLines.js'
import { boardsLine } from './floor/boardsLine.js'
import { carpetLine } from './floor/carpetLine.js'
import { stairsLine } from './floor/stairs.js'
import { lengthsLine } from './lengths/lengthsLine.js'
import { wallpaperLine } from './paper/paperLine.js'
import { sheetsLine } from './sheets/sheetsLine.js'
import { bareLine, type Reckoned, type TakeoffInput, type TakeoffLine } from './takeoffTypes.js'
import { TRADE_FIELDS } from './tradeFields.js'
import { tileLine } from './tile/tileLine.js'
import { ceilDiv, soldUnitMm } from './trade.js'

/** Reckons one line; what is missing is named, and nothing is assumed in its place. */
export function takeoffLine(input: TakeoffInput): TakeoffLine {
  const { row, says } = input
  const waits = missing(input)
  const bare = bareLine(row)
  if (waits.length > 0) return { ...bare, waits }
  let got: Reckoned
  try {
    got = BY_TRADE[row.trade](input)
  } catch (error) {
    if (!(error instanceof RangeError)) throw error
    return { ...bare, waits: [error.message] }
  }
  const { pieces, lengthMm, packWord, beside = [], goesWith = [], seamMm = 0, keeps = '', ...told } = got
  const spare = row.sparePacks > 0 ? says.count(row.sparePacks, packWord[0], packWord[1]) : ''
  const kept = [lengthMm === undefined ? spare : '', keeps].filter((k) => k !== '')
  const shown = { ...told, beside, goesWith, seamMm, kept }
  if (lengthMm !== undefined) {
    // Sold by the meter or by the yard.
    const units = lengthMm / soldUnitMm(says.system)
    const text = `${says.number(units, 2)} ${says.system === 'metric' ? 'm' : 'yd'}`
    return {
      ...shown,
      row,
      waits,
      packs: units,
      packsText: text,
      soldByLength: true,
      costMinor: row.packMinor === null ? undefined : Math.round(units * row.packMinor),
    }
  }
  const needed = ceilDiv(pieces ?? 0, row.packOf)
  const packs = needed + row.sparePacks
  return {
    ...shown,
    row,
    waits,
    packs,
    soldByLength: false,
    packsText: says.count(packs, packWord[0], packWord[1]),
    costMinor: row.packMinor === null ? undefined : packs * row.packMinor,
  }
}

function missing({ row, faces, floor, parts, unmeasured }: TakeoffInput): string[] {
  const list: string[] = []
  const needs = (what: string, is: boolean) => (is ? undefined : list.push(what))
  const { trade } = row
  const walls = trade === 'wallpaper' || trade === 'tile'
  if (walls) needs('the walls it goes on', row.wallIds.length > 0)
  if (walls && row.wallIds.length > 0) needs('the room measured, with its height', faces.length > 0)
  if (trade === 'boards' || trade === 'carpet') needs('the room measured and closed', floor !== undefined)
  if (trade === 'curtains' || trade === 'blinds') {
    needs('the window it hangs at', row.openingId !== null)
  }
  list.push(...unmeasured)
  if (trade === 'cover') needs('the pieces of the cover', parts.length > 0)
  if (trade === 'sheets') needs('the pieces to cut', parts.length > 0)
  if (trade === 'lengths') needs('the pieces, or walls to go along', parts.length > 0 || faces.length > 0)
  if (trade === 'ties') needs('how many posts there are', row.posts > 0)
  if (trade === 'stairs') {
    needs('how many risers there are', row.posts > 0)
    needs('how high and how deep a step is', row.riserMm !== null && row.goingMm !== null)
    needs('the width on the stair', row.stairMm !== null)
  }
  if (trade === 'wallpaper' && row.match === 'turned squares') needs('the side of a square', row.squareMm > 0)
  if (trade === 'cover' || trade === 'sheets')
    needs(
      'the width of each piece',
      parts.every((p) => p.widthMm !== null),
    )
  const fields = TRADE_FIELDS[trade]
  // A blind made to measure is bought, not sewn.
  const cloth = trade !== 'blinds' || !row.readyMade
  if (cloth && fields.includes('goodsWidthMm')) needs('the width as it is sold', row.goodsWidthMm !== null)
  if (fields.includes('goodsLengthMm')) needs('the length as it is sold', row.goodsLengthMm !== null)
  return list
}

const BY_TRADE: Readonly<Record<Trade, (input: TakeoffInput) => Reckoned>> = {
  wallpaper: wallpaperLine,
  tile: tileLine,
  boards: boardsLine,
  carpet: carpetLine,
  stairs: stairsLine,
  curtains: curtainsLine,
  blinds: blindLine,
  sheets: sheetsLine,
  lengths: lengthsLine,
  cover: coverLine,
  ties: tiesLine,
}
