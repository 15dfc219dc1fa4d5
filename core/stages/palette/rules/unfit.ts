import type { PaletteFacts } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { wornPieces, pieceRef, finishRef, dressPiece } from './about.js'
import { put } from '../../../model/changes.js'

const ROUGH_USE: readonly string[] = ['hall', "child's room", 'service room', 'kitchen']

const UNDERFOOT: readonly string[] = ['rug', 'sofa', 'sofa bed', 'armchair', 'chair', 'bench', 'stool']

const CLOTH: readonly string[] = ['textile', 'leather']

interface Fault {
  readonly severity: 'stop' | 'look'
  readonly measured: string
  readonly wanted: string
  readonly because: string
}

function faultOf(
  facts: PaletteFacts,
  f: PaletteFacts['finishes'][number]['finish'],
  kind: string | undefined,
): Fault | undefined {
  const room = facts.roomKind
  if (room === 'outdoors' && !f.outdoor && f.material !== 'foliage' && f.material !== 'stone')
    return {
      severity: CLOTH.includes(f.material) ? 'stop' : 'look',
      measured: `${f.name}: ${f.material}, not made for outdoors`,
      wanted: 'made for sun, rain and frost',
      because: 'Outside everything must take water and sun; the right color saves nothing.',
    }
  if (room === 'wet room' && f.material === 'timber' && !f.sealed)
    return {
      severity: 'look',
      measured: `${f.name}: timber, not sealed`,
      wanted: 'sealed, and aired',
      because:
        'Bare timber takes up water, stains and moves. Ask for sealing and extraction; follow the maker’s instructions.',
    }
  if (room === 'wet room' && f.material === 'wallpaper' && f.wear !== 'washable')
    return {
      severity: 'look',
      measured: `${f.name}: paper, not washable`,
      wanted: 'washable, away from splashes',
      because: 'Paper needs distance from water and extraction.',
    }
  if (
    room &&
    ROUGH_USE.includes(room) &&
    kind &&
    UNDERFOOT.includes(kind) &&
    CLOTH.includes(f.material) &&
    f.wear === 'delicate'
  )
    return {
      severity: 'look',
      measured: `${f.name}: delicate${f.texture === 'pile' ? ' pile' : ''}, in a ${room}`,
      wanted: 'washable or hard-wearing',
      because: 'Under feet, crumbs and children a delicate fiber does not last a year.',
    }
  return undefined
}

function check(facts: PaletteFacts): Finding[] {
  const pieces = wornPieces(facts).flatMap(({ piece, finish }): Finding[] => {
    const fault = faultOf(facts, finish.finish, piece.kind)
    if (!fault) return []
    return [
      {
        rule: 'palette.unfit',
        about: [pieceRef(piece), finishRef(finish)],
        title: `${piece.name}: ${finish.finish.name} does not fit its place`,
        fixes: facts.finishes
          .filter(
            (f) => f.finish.material === finish.finish.material && !faultOf(facts, f.finish, piece.kind),
          )
          .slice(0, 2)
          .flatMap((f) => dressPiece(facts, piece, f)),
        ...fault,
      },
    ]
  })
  const surfaces = facts.finishAssignments.flatMap((p): Finding[] => {
    const finish = facts.finishes.find((f) => f.finish.id === p.finishId)
    const fault = finish && faultOf(facts, finish.finish, undefined)
    if (!finish || !fault) return []
    return [
      {
        rule: 'palette.unfit',
        about: [{ kind: 'surface', id: p.surface, name: p.surface }, finishRef(finish)],
        title: `${finish.finish.name} does not fit its place`,
        fixes:
          finish.finish.material === 'timber'
            ? [
                {
                  label: 'It is sealed',
                  changes: [put('finishes', finish.finish.id, { sealed: true })],
                },
              ]
            : [],
        ...fault,
      },
    ]
  })
  return [...pieces, ...surfaces]
}

export const unfit: Rule<PaletteFacts> = {
  name: 'palette.unfit',
  title: 'A finish unfit for its place',
  numbers:
    'Outdoors: only what is made for it. Wet room: timber sealed, paper washable. Hall, child’s room, kitchen, service room: no delicate cloth under feet or on seats. Asked for when the kind of room is known.',
  source: 'common practice',
  schools: 'all',
  check,
}
