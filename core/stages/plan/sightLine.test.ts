import { describe, expect, test } from 'vitest'
import { example, exampleDoor, type ExamplePiece } from '../../examples/plan/example.js'
import { balance, sightLine, type Hanging } from './sightLine.js'

// The door stands in the south wall of a room of 5 by 4 m, its middle 4.3 m from the west: one looks north along that line.
const looked = (
  pieces: readonly ExamplePiece[] = [],
  hangings: readonly Hanging[] = [],
  openings: Parameters<typeof example>[0]['openings'] = [exampleDoor],
) => {
  const { room, standings } = example({ pieces, openings })
  return { line: sightLine(room, standings, hangings), standings }
}
const piece = (id: string, x: number, y: number, more: Partial<ExamplePiece> = {}): ExamplePiece => ({
  id,
  name: id,
  kind: 'cabinet',
  widthMm: 900,
  depthMm: 400,
  heightMm: 800,
  at: [x, y],
  ...more,
})
const window = {
  ...exampleDoor,
  id: 'window',
  kind: 'window' as const,
  wallId: 'north',
  name: '',
  startMm: 3_800,
  widthMm: 1_000,
  sillMm: 900,
  swing: 'none' as const,
  carries: null,
  carriesG: null,
  hinge: 'none' as const,
}
const picture: Hanging = { name: 'Fen study', wallId: 'north', xMm: 4_300, widthMm: 600 }

describe('what the eye ends on from the door', () => {
  test.each<[string, ReturnType<typeof looked>['line'], string, boolean, string | undefined]>([
    ['a bare wall', looked().line, 'bare North wall', false, undefined],
    ['a picture on it', looked([], [picture]).line, 'Fen study', true, undefined],
    [
      'a picture too far aside',
      looked([], [{ ...picture, xMm: 3_000 }]).line,
      'bare North wall',
      false,
      undefined,
    ],
    [
      'a picture on another wall',
      looked([], [{ ...picture, wallId: 'east' }]).line,
      'bare North wall',
      false,
      undefined,
    ],
    ['a window', looked([], [], [exampleDoor, window]).line, 'the window', true, undefined],
    [
      'a picture over what is low',
      looked([piece('Trunk', 4_300, 400)], [picture]).line,
      'Fen study over Trunk',
      true,
      'Trunk',
    ],
    [
      'a low piece before a bare wall',
      looked([piece('Trunk', 4_300, 400)]).line,
      'bare North wall over Trunk',
      false,
      'Trunk',
    ],
    [
      'a tall piece closes the view',
      looked([piece('Wardrobe', 4_300, 400, { heightMm: 2_000 })], [picture]).line,
      'Wardrobe',
      false,
      undefined,
    ],
    [
      'a lit one is worth it',
      looked([piece('Wardrobe', 4_300, 400, { heightMm: 2_000, lit: true })]).line,
      'Wardrobe',
      true,
      undefined,
    ],
    [
      'a tall piece aside does not',
      looked([piece('Wardrobe', 2_000, 400, { heightMm: 2_000 })]).line,
      'bare North wall',
      false,
      undefined,
    ],
    [
      'what hangs above the eye is seen under',
      looked([piece('Lamp', 4_300, 2_000, { kind: 'lamp', raised: 1_900 })]).line,
      'bare North wall',
      false,
      undefined,
    ],
    [
      'a rug is walked over',
      looked([piece('Rug', 4_300, 2_000, { kind: 'rug', heightMm: 12 })]).line,
      'bare North wall',
      false,
      undefined,
    ],
    [
      'the eye goes to the focus, wherever it stands, low as it is',
      looked([piece('Piano', 1_500, 500, { kind: 'piano', focal: true })]).line,
      'Piano',
      true,
      undefined,
    ],
  ])('%s', (_what, line, endsOn, rests, before) => expect(line).toMatchObject({ endsOn, rests, before }))

  test('without a door there is no such view; an opening serves as one', () => {
    expect(looked([], [], [window]).line).toBeUndefined()
    expect(looked([], [], [{ ...exampleDoor, kind: 'opening' }]).line).toMatchObject({
      endsOn: 'bare North wall',
    })
  })
  test('it begins in the middle of the door and goes straight in', () => {
    const { from, to } = looked().line!
    expect(from).toEqual({ x: 4_300, y: 4_000 })
    expect(to.x).toBeCloseTo(4_300, 6)
    expect(to.y).toBeCloseTo(0, 0)
  })
})

describe('weight on both sides of the view', () => {
  test('what stands left of it is left, what stands on it is shared, a rug weighs nothing', () => {
    const { line, standings } = looked([
      piece('Left', 1_000, 2_000),
      piece('On', 4_300, 2_000),
      piece('Rug', 2_000, 2_000, { kind: 'rug' }),
    ])
    const whole = 900 * 800
    const { left, right } = balance(line!, standings)
    expect(left).toBeCloseTo(whole + whole / 2, 3)
    expect(right).toBeCloseTo(whole / 2, 3)
  })
  test('two alike on both sides weigh alike, whatever the order', () => {
    const two = [piece('One', 3_700, 1_000), piece('Two', 4_900, 1_000)]
    for (const pieces of [two, [...two].reverse()]) {
      const { line, standings } = looked(pieces)
      const { left, right } = balance(line!, standings)
      expect(left).toBeCloseTo(right, 3)
    }
  })
})
