/** One way of working within a topic: its name and, in two lines, what it asks and what it changes. */
export interface School {
  readonly name: string
  readonly says: string
}

/** A topic on which good decorators disagree; a job chooses, and every finding follows. */
export interface SchoolTopic {
  readonly title: string
  readonly schools: readonly School[]
}

const school = <const N extends string>(name: N, says: string): School & { readonly name: N } => ({
  name,
  says,
})

/**
 * The topics of the product book. A topic that is not chosen has no rules: nothing is assumed silently.
 */
export const SCHOOLS = {
  colorScheme: {
    title: 'Color scheme',
    schools: [
      school(
        'two mains and one accent',
        'Two main colors and one scarce accent, 60 / 30 / 10 of what can change. A fourth hue, or shares far from these, is a finding.',
      ),
      school(
        'quiet neutral',
        'Chroma stays low, cushions fade into the seat; color comes from foliage, art and the view. A second hue, or a piece that shouts, is a finding.',
      ),
      school(
        'drawn from one piece',
        'Up to five colors, each found in one piece that inspired the room. A color that the piece does not hold is a finding.',
      ),
    ],
  },
  trimAndCeiling: {
    title: 'Trim and ceiling',
    schools: [
      school(
        'contrast',
        'Off-white woodwork, a lower third set apart from the wall above. Wants a clear step in lightness between floor, trim and wall.',
      ),
      school(
        'one envelope, light',
        'Walls, trim, doors and ceiling alike and pale. Whatever breaks the envelope is a finding.',
      ),
      school(
        'one envelope, dark',
        'The same, deep, with one bright, lit focus. A second bright thing, or none at all, is a finding.',
      ),
    ],
  },
  lead: {
    title: 'What leads',
    schools: [
      school(
        'floor or rug',
        'The floor or the rug is settled first; walls and textiles are tested against it.',
      ),
      school('paint', 'The wall color is settled first; pieces are tested against it.'),
      school('hero fixture', 'A bath, a stove, a vanity leads; metals and tile follow it.'),
      school('picture or object', 'A picture or an object leads; the colors of the room are found in it.'),
    ],
  },
  mood: {
    title: 'Mood of the room',
    schools: [
      school(
        'bright and airy',
        'High lightness on the large surfaces and plenty of light. A dark large piece is looked at.',
      ),
      school(
        'warm cocoon',
        'Deeper, warmer large surfaces and low, many lamps. A cold or glaring light is looked at.',
      ),
    ],
  },
  textiles: {
    title: 'Textiles',
    schools: [
      school(
        'may carry the accent',
        'Cushions, throws and curtains may hold the strong color, where changing it is cheap.',
      ),
      school('recede', 'Textiles stay near the seat and the wall; a strong cushion is a finding.'),
    ],
  },
  pieceAgainstWall: {
    title: 'Piece against wall',
    schools: [
      school(
        'stand out',
        'A large piece must differ clearly from the wall behind it. A near match is a finding.',
      ),
      school(
        'tone in',
        'A large piece must merge with the wall behind it. A near match that is not quite one is a finding.',
      ),
    ],
  },
  rug: {
    title: 'Rug',
    schools: [
      school(
        'smallest that puts front legs on',
        'The least rug that every front leg stands on. A rug under the table only is a stop.',
      ),
      school('largest that leaves the border', 'As large as leaves an even border of bare floor round it.'),
      school('all legs on', 'Every leg of every seat stands on the rug.'),
      school('layered or joined', 'Two rugs may overlap or be joined into one; seams count as trips.'),
      school('bare floor kept whole', 'No rug breaks a floor that is worth seeing.'),
    ],
  },
  hanging: {
    title: 'Hanging',
    schools: [
      school('centers on one eye line', 'The middle of every picture hangs at the agreed height.'),
      school('straight grid', 'Equal frames, equal gaps, outer edges in line.'),
      school('staggered, symmetrical about the middle', 'Heights differ, left and right answer each other.'),
    ],
  },
  frames: {
    title: 'Frames',
    schools: [
      school('each for its picture', 'The frame is chosen with the picture; mixed frames are meant.'),
      school('one for the room', 'One frame finish in the room; another is a finding.'),
    ],
  },
  timber: {
    title: 'Timber',
    schools: [
      school(
        'one undertone, any lightness',
        'Timbers lean one way, light and dark alike. A timber that leans the other way is a finding.',
      ),
      school('one lightness', 'Timbers are equally light or dark. A step in lightness is a finding.'),
      school('mixed on purpose', 'Timbers may differ; only a near miss is looked at.'),
    ],
  },
  metals: {
    title: 'Metals',
    schools: [
      school(
        'one finish per group',
        'Plumbing, hardware and light keep one finish each; their undertones agree across groups.',
      ),
      school('one for all', 'One metal finish in the room; a second is a finding.'),
    ],
  },
  shelves: {
    title: 'Shelves',
    schools: [
      school('closed, in baskets', 'What is useful is out of sight; open objects are counted.'),
      school('open and composed', 'Shelves are on view and balanced in scale and material.'),
    ],
  },
  lamps: {
    title: 'Lamps',
    schools: [
      school('many small at eye level', 'Several lamps near the eye; a lone ceiling light is a finding.'),
      school('one hero fitting', 'One large light leads; the rest only helps.'),
    ],
  },
  childrensLight: {
    title: 'Light where children sleep',
    schools: [
      school('dark', 'The room is made dark for sleep; light that leaks in is looked at.'),
      school('dimmed, child in sight', 'A low light stays on so that the child can be seen.'),
    ],
  },
  inherited: {
    title: 'Inherited pieces',
    schools: [
      school('locked', 'Inherited pieces stay as and where they are.'),
      school('may move', 'They stay in the room and may stand elsewhere.'),
      school('may be recolored', 'They may be painted or covered anew.'),
      school('may go', 'They may leave when something serves better.'),
    ],
  },
  buying: {
    title: 'Buying',
    schools: [
      school(
        'decide, then buy to the list',
        'Only what is on the schedule is bought; a find off the list is a finding.',
      ),
      school('leave room for finds', 'The intent of an item is kept and a find is judged against it.'),
    ],
  },
  pace: {
    title: 'Pace',
    schools: [
      school('placeholder now', 'A cheap stand-in at once, with the day it is looked at again.'),
      school('slowly', 'A place may stay empty until the right piece is found.'),
      school('all at once', 'Everything is there on the day of the reveal.'),
      school('best affordable now', 'The best the money bears today, and no second round.'),
    ],
  },
  money: {
    title: 'Money',
    schools: [
      school('lasting pieces first', 'What is used daily and lasts gets the money; decor waits.'),
      school('lowest outlay', 'Every line at its least; dearer options must say why.'),
      school(
        'splurge on few, save on the rest',
        'Two or three lines carry the room; the rest saves for them.',
      ),
    ],
  },
  tenure: {
    title: 'Tenure',
    schools: [
      school('owned', 'Drilling, painting and fixing are free, within the building and its rules.'),
      school(
        'rented',
        'Nothing is drilled, painted or fixed without the landlord’s written consent; what was changed is listed for putting back.',
      ),
    ],
  },
} as const satisfies Readonly<Record<string, SchoolTopic>>

export type Topic = keyof typeof SCHOOLS
export const TOPICS = Object.keys(SCHOOLS) as Topic[]
export type SchoolOf<T extends Topic> = (typeof SCHOOLS)[T]['schools'][number]['name']
/** The school a job chose for each topic; null while it has not. */
export type ChosenSchools = { readonly [T in Topic]: SchoolOf<T> | null }

/** The names a topic can be set to. */
export const schoolNames = <T extends Topic>(topic: T): readonly SchoolOf<T>[] =>
  SCHOOLS[topic].schools.map((s) => s.name)
