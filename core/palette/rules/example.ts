import { hexToLab } from '../../color/lab.js'
import { paletteFacts, type PaletteFacts } from '../paletteFacts.js'
import type { Finish, Material, Piece, Role } from '../schema.js'

/** A finish told by name and color; worn by one box of a piece unless `placed` is false. */
export interface ExampleFinish {
  readonly name: string
  readonly hex: string
  readonly material?: Material
  readonly role?: Role
  readonly placed?: boolean
  readonly stays?: boolean
}

/** A small room for the examples of the rule book: every finish on a piece of its own, the first the largest. */
export function room(finishes: readonly ExampleFinish[], school = 'two mains and one accent'): PaletteFacts {
  const rows = finishes.map((f): Finish => {
    const { l, a, b } = hexToLab(f.hex)
    return {
      id: f.name, name: f.name, code: '', material: f.material ?? 'textile', sheen: 'flat', role: f.role ?? 'second',
      labL: l, labA: a, labB: b, measured: false, paintKit: null,
    } // prettier-ignore
  })
  const pieces = finishes.flatMap((f, i): Piece[] =>
    f.placed === false
      ? []
      : [
          {
            id: `piece ${f.name}`, name: `${f.name} piece`, kind: 'other', count: 1,
            widthMm: 1000, depthMm: 500, heightMm: 1000 - 20 * i, finishId: f.name, position: i, there: false,
            stays: f.stays ?? false, wallId: null, material: '', color: '', place: '', verdict: null, sentimental: false, lentFrom: '',
            reason: '', serves: [], openDepthMm: null, fixing: 'stands free', weightG: null, originalAt: '',
          },
        ],
  ) // prettier-ignore
  return paletteFacts(school, undefined, rows, [], pieces)
}
