/** A distance the plan is held against: its customary value, and where it is told. */
export interface Need {
  readonly title: string
  readonly mm: number
  readonly source: string
}

const PANERO = 'of the kind given by Panero & Zelnik, Human Dimension and Interior Space; written from memory'

const IRC = 'International Residential Code R307.1 and P2705.1, from memory; the local code decides'

const NKBA = 'planning guidelines of the kitchen and bath trade, from memory'

const PRACTICE = 'common practice'

const inch = (n: number) => Math.round(n * 25.4)

/**
 * The distances pieces want round them. Every one can be set anew for a job (a house rule); none is a law but those
 * that name a code, and of these the local code decides.
 */
export const NEEDS = {
  walkMain: { title: 'Main walk through the room', mm: inch(36), source: PANERO },
  walkLeast: { title: 'Walk to a single piece', mm: 600, source: PRACTICE },
  passLeast: { title: 'Narrowest gap a person passes', mm: 450, source: PRACTICE },
  kneesLeast: { title: 'Seat to low table, least', mm: 350, source: `14 in, ${PANERO}` },
  kneesMost: { title: 'Seat to low table, most', mm: 460, source: `18 in, ${PANERO}` },
  chairBehind: { title: 'Behind a dining chair, nobody passing', mm: inch(32), source: NKBA },
  chairPass: { title: 'Behind a dining chair, somebody passing', mm: inch(44), source: NKBA },
  deskChair: { title: 'Behind a desk, for the chair', mm: 760, source: PRACTICE },
  bedSide: { title: 'Beside a bed', mm: inch(24), source: PRACTICE },
  bedFoot: { title: 'At the foot of a bed', mm: inch(30), source: PANERO },
  drawersFront: { title: 'Before drawers and wardrobe doors', mm: inch(36), source: PANERO },
  storageFront: { title: 'Before a cabinet', mm: 760, source: PRACTICE },
  shelvesFront: { title: 'Before open shelves', mm: 600, source: PRACTICE },
  pianoFront: { title: 'Before a piano, for stool and player', mm: 900, source: PRACTICE },
  seatFront: { title: 'Before a seat', mm: 450, source: PRACTICE },
  cotFront: { title: 'Before a cot', mm: 700, source: PRACTICE },
  toiletSide: { title: 'Middle of a toilet to its side', mm: 381, source: IRC },
  toiletMiddles: { title: 'Toilet to the next fixture, middle to middle', mm: inch(30), source: IRC },
  toiletSideWish: { title: 'Middle of a toilet to its side, comfortable', mm: inch(18), source: NKBA },
  fixtureFront: { title: 'Before a toilet or basin', mm: 533, source: IRC },
  fixtureFrontWish: { title: 'Before a toilet or basin, comfortable', mm: inch(30), source: NKBA },
  showerFront: { title: 'Before a shower opening', mm: 610, source: IRC },
  talkLeast: { title: 'Seats talking, nearest', mm: 1_220, source: `4 ft, ${PANERO}` },
  talkMost: { title: 'Seats talking, farthest', mm: 3_050, source: `10 ft, ${PANERO}` },
  lampToSeat: { title: 'Lamp to the seat it serves', mm: 900, source: PRACTICE },
  cordReach: { title: 'Lamp to a socket', mm: 1_800, source: 'a lamp cord of 6 ft, common practice' },
  rugBorder: { title: 'Bare floor round a rug', mm: 200, source: PRACTICE },
  rugBeyondTable: { title: 'Rug beyond a dining table', mm: inch(24), source: PRACTICE },
  radiatorFree: { title: 'Free before a radiator', mm: 100, source: PRACTICE },
  cotReach: {
    title: 'Out of reach of a cot',
    mm: inch(36),
    source: 'three feet, as consumer safety authorities advise for cords; from memory',
  },
  switchReach: { title: 'Switch from the pillow, most', mm: 650, source: PRACTICE },
  overFurniture: { title: 'Picture above furniture, least', mm: 150, source: PRACTICE },
  overFurnitureMost: { title: 'Picture above furniture, most', mm: 250, source: PRACTICE },
  underCeiling: { title: 'Picture under the ceiling', mm: 150, source: PRACTICE },
  headClear: { title: 'Free under a hanging lamp', mm: 2_100, source: PRACTICE },
  overTable: { title: 'Hanging lamp above a table', mm: 750, source: '30 in, common practice' },
  heatClear: { title: 'Cloth, paper and art from what gets hot', mm: 300, source: PRACTICE },
  lampReach: { title: 'Lamp to the place of a use', mm: 1_500, source: PRACTICE },
  railBeyond: { title: 'Curtain rail beyond the window', mm: 200, source: PRACTICE },
} as const satisfies Readonly<Record<string, Need>>

export type NeedKey = keyof typeof NEEDS

export const NEED_KEYS = Object.keys(NEEDS) as [NeedKey, ...NeedKey[]]
