import type { Formatter } from '../../../kernel/units/formatter.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import { goods, keptOf, type Beside, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { mod, type Paper } from './drops.js'
import { ceilDiv, drawnHoles, type Drawing, type Face } from '../trade.js'
import { paperDrawings, paperPlan, type PaperPlan } from './paperPlan.js'
import { paperSquares, squaresOn } from './squares.js'
import { ROUND_CORNER_MM, roundCorners } from './wallRuns.js'

/** Squares cut from rolls and hung turned by turns: counted square by square, never divided by area. */
function squaresLine({ row, faces, says }: TakeoffInput): Reckoned {
  const side = row.squareMm
  const paper = { ...goods(row), repeatMm: 0, match: 'free' as const }
  if (side > paper.widthMm) throw new RangeError('squares no wider than the roll')
  const counts = faces.map((f) => paperSquares(f, paper, side))
  const squares = counts.reduce((sum, c) => sum + c.whole + c.edge, 0)
  const perRoll = counts[0]?.perRoll ?? 1
  const area = faces.reduce((sum, f) => sum + f.widthMm * f.heightMm, 0)
  const byArea = ceilDiv(area, paper.widthMm * paper.lengthMm)
  const rolls = ceilDiv(squares, perRoll)
  return {
    pieces: rolls,
    packWord: ['roll', 'rolls'],
    needed: says.count(squares, 'square'),
    work: [{ task: 'hang squares of paper', amount: squares }],
    keeps: keptOf(rolls * perRoll - squares, 'square', says),
    over: says.count(rolls * perRoll - squares, 'square'),
    sum: [
      ...faces.map((f, i) => {
        const c = counts[i]
        const saved = c?.inOpenings ? ` less ${c.inOpenings} in openings` : ''
        return `${f.name}: ${c?.columns ?? 0} × ${c?.rows ?? 0} whole${saved}, ${c?.edge ?? 0} for the edges`
      }),
      `${says.drawn(paper.lengthMm)} ÷ ${says.drawn(side)} → ${perRoll} a roll; ${squares} ÷ ${perRoll} → ${says.count(rolls, 'roll')}`,
    ],
    notes: [
      ...(byArea < rolls ? [`By area alone it would be ${says.count(byArea, 'roll')}: too few.`] : []),
      'Upright and turned by turns, like a checkerboard: ↕ hangs upright, ↔ is turned.',
    ],
    drawings: faces.map((f): Drawing => ({
      name: f.name,
      widthMm: f.widthMm,
      heightMm: f.heightMm,
      times: 1,
      parts: [...squaresOn(f, side), ...drawnHoles(f)],
    })),
  }
}

// American single rolls are 4 to 5 yards long, and sold two in one (common practice).
const DOUBLE_MM = 6_000

/** Drops of wallpaper on walls, cut from rolls. */
export function wallpaperLine(input: TakeoffInput): Reckoned {
  const { row, faces, says } = input
  if (row.match === 'turned squares') return squaresLine(input)
  const match = row.repeatMm > 0 ? row.match : 'free'
  const paper = { ...goods(row), repeatMm: match === 'free' ? 0 : row.repeatMm, match }
  const plan = paperPlan(faces, paper, row.trimMm, row.seamMm)
  const spareDrops = plan.rolls.reduce((sum, r) => sum + Math.floor(r.overMm / plan.cutMm + 1e-9), 0)
  const height = Math.max(...faces.map((f) => f.heightMm))
  const whole = plan.drops.filter((d) => d.whole).length
  return {
    pieces: plan.rolls.length,
    packWord: ['roll', 'rolls'],
    work: [{ task: 'hang paper', amount: plan.drops.length }],
    needed: `${says.count(whole, 'drop')}${plan.drops.length > whole ? `, ${plan.drops.length - whole} short` : ''}`,
    keeps: keptOf(spareDrops, 'drop', says),
    over: says.count(spareDrops, 'drop'),
    sum: [
      `${faces.map((f) => says.drawn(f.widthMm)).join(' + ')} ÷ ${says.drawn(paper.widthMm)} → ${says.count(whole, 'whole drop')}`,
      `${says.drawn(height)} + 2 × ${says.drawn(row.trimMm)}${match === 'free' ? '' : ` → ${says.figure(Math.round((2 * plan.cutMm) / paper.repeatMm) / 2)} × ${says.drawn(paper.repeatMm)}`} = ${says.drawn(plan.cutMm)}`,
      `${says.drawn(paper.lengthMm)} a roll → ${says.count(plan.rolls.length, 'roll')}`,
    ],
    beside: seamWays(faces, paper, row, says),
    notes: [
      ...(plan.areaRolls < plan.rolls.length
        ? [
            `By area alone it would be ${says.count(plan.areaRolls, 'roll')}: too few, since each drop is cut whole.`,
          ]
        : []),
      ...(plan.customaryRolls > plan.rolls.length
        ? [`By the drop method, openings not taken off, it is ${says.count(plan.customaryRolls, 'roll')}.`]
        : []),
      ...(row.repeatMm > 0 && match === 'free'
        ? ['A repeat is given and the match is free: the pattern is let run and not met at the seams.']
        : []),
      ...(says.system === 'imperial' && paper.lengthMm > DOUBLE_MM
        ? [
            'A roll of this length is a double roll: sellers price it as two single ones. Give the price of the double.',
          ]
        : []),
      ...cornerNotes(plan, match !== 'free', says),
      'One batch for all rolls: compare the number on each before the first is cut.',
    ],
    drawings: paperDrawings(plan, paper),
  }
}

/**
 * Where the seams of a single wall may fall: a whole drop at either end, a drop in the middle, a seam in the middle, and as it is
 * entered. Seen from the room the ends look alike when the wall is set out from its middle.
 */
function seamWays(faces: readonly Face[], paper: Paper, row: Takeoff, says: Formatter): Beside[] {
  const [face] = faces
  // Walls that run on into one another have no middle of their own.
  if (!face || faces.length > 1 || face.meets || (face.spans?.length ?? 0) > 1) return []
  const middle = face.widthMm / 2
  const all: readonly (readonly [string, number])[] = [
    ['A whole drop at the left', 0],
    ['A whole drop at the right', mod(face.widthMm, paper.widthMm)],
    ['A drop in the middle', mod(middle - paper.widthMm / 2, paper.widthMm)],
    ['A seam in the middle', mod(middle, paper.widthMm)],
  ]
  // A wall of whole drops begins and ends alike from either side.
  const ways = all.filter(([, seam], i) => !all.slice(0, i).some(([, other]) => Math.abs(other - seam) < 0.5))
  const entered = mod(row.seamMm, paper.widthMm)
  const isKnown = ways.some(([, seam]) => Math.abs(seam - entered) < 0.5)
  return [...ways, ...(isKnown ? [] : [['As entered', entered] as const])].map(([name, seam]) => {
    const { drops, rolls } = paperPlan(faces, paper, row.trimMm, seam)
    const [first, last] = [drops[0]?.widthMm ?? 0, drops.at(-1)?.widthMm ?? 0]
    const ends = `${says.drawn(Math.round(first))} and ${says.drawn(Math.round(last))}`
    return {
      name: Math.abs(seam - entered) < 0.5 ? `${name}, as drawn` : name,
      needed: `${says.count(rolls.length, 'roll')}; first seam ${says.drawn(Math.round(seam))}, ends ${ends}`,
      costMinor: row.packMinor === null ? undefined : (rolls.length + row.sparePacks) * row.packMinor,
    }
  })
}

/** What has to be told of corners: where a drop goes round one, and where the round closes. */
function cornerNotes({ laid }: PaperPlan, patterned: boolean, says: Formatter): string[] {
  const round = laid.reduce((sum, { face, drops }) => sum + roundCorners(face, drops), 0)
  return [
    ...(round > 0
      ? [
          `${round} ${round === 1 ? 'drop goes' : 'drops go'} round a corner: slit each ${says.length(ROUND_CORNER_MM)} past it and hang the rest to a new plumb line.`,
        ]
      : []),
    ...laid.flatMap(({ face: { meets } }) =>
      meets
        ? [
            `The round closes between ${meets[0]} and ${meets[1]}, nearest the door${patterned ? ': there the pattern does not meet' : ''}.`,
          ]
        : [],
    ),
  ]
}
