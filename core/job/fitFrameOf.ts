import { carryIn } from '../stages/plan/carryIn.js'
import { comparePair, type Colored } from '../stages/palette/pairs.js'
import type { FinishFacts, PaletteFacts } from '../stages/palette/paletteFacts.js'
import type { Material } from '../model/vocabulary/finish.js'
import { undertone } from '../stages/palette/undertone.js'
import { deltaE00, type LabD65 } from '../kernel/color/lab.js'
import { household } from '../stages/brief/household.js'
import { derivedDemands } from '../stages/source/derivedDemands.js'
import type { FitFrame } from '../stages/source/fit.js'
import type { Item } from '../model/rows/items.js'
import type { Demand } from '../model/vocabulary/buying.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { formatterOf } from '../kernel/units/formatter.js'

/** The material a palette would call it, from the words of an option; cloth where nothing is said, since most is. */
export function paletteMaterial(words: string): Material {
  if (/brass|steel|iron|copper|bronze|nickel|chrome|alumin|metal/i.test(words)) return 'metal'
  if (/oak|walnut|ash|beech|pine|mahogany|teak|birch|timber|wood|cane|rattan/i.test(words)) return 'timber'
  if (/marble|stone|slate|granite|concrete/i.test(words)) return 'stone'
  return 'textile'
}

/** An option's color as the palette sees a finish, so that it can be held against those of the room. */
export const asColored = (lab: LabD65, words: string): Colored => ({
  lab,
  undertone: undertone(paletteMaterial(words), lab),
})

/** What an item must bear: ticked by hand, or following from room, household and use unless it is switched off. */
export function demandsOf(
  job: Pick<JobSnapshot, 'people' | 'room' | 'uses'>,
  item: Pick<Item, 'demands' | 'demandsOff' | 'pieceKind' | 'serves'>,
): { readonly demand: Demand; readonly why?: string }[] {
  const { smallChildren, pets } = household(job.people)
  const uses = job.uses.filter((u) => item.serves.includes(u.id)).map((u) => u.kind)
  const derived = derivedDemands(item.pieceKind, uses, {
    roomKind: job.room.kind,
    smallChildren: smallChildren.length > 0,
    pets: pets.length > 0,
  })
  return [
    ...item.demands.map((demand) => ({ demand })),
    ...derived.filter((d) => !item.demands.includes(d.demand) && !item.demandsOff.includes(d.demand)),
  ]
}

/** The facts of a job that its options are held against. */
export function fitFrameOf(
  job: Pick<JobSnapshot, 'brief' | 'schools' | 'people' | 'passages' | 'studio' | 'room' | 'uses'>,
  palette: PaletteFacts,
  today: string,
): FitFrame {
  // What is itself to be bought is no neighbor: only what stays, or lies on a surface, is certain.
  const neighbors = palette.finishes.filter((f) => f.share > 0)
  const way = job.passages.map((p) => ({
    id: p.id,
    kind: p.kind,
    name: p.name,
    widthMm: p.widthMm,
    heightMm: p.heightMm,
    lengthMm: p.lengthMm ?? null,
  }))
  const ways = new Map<string, ReturnType<NonNullable<FitFrame['way']>>>()
  return {
    says: formatterOf(job.studio),
    today,
    weights: job.brief.weights,
    rented: job.schools.tenure === 'rented',
    children: job.people.some((p) => p.kind === 'child'),
    demandsOf: (item) => demandsOf(job, item),
    way:
      way.length === 0
        ? undefined
        : (size) => {
            const key = `${size.widthMm} ${size.depthMm} ${size.heightMm} ${size.legsMm ?? 0}`
            const known = ways.get(key)
            if (known) return known
            const carried = carryIn(size, way)
            const found = {
              verdict: carried.verdict,
              where: carried.tightest?.part.name ?? 'the way in',
              spareMm: carried.spareMm,
            }
            ways.set(key, found)
            return found
          },
    color: (lab, material, item) => {
      const own = asColored(lab, material)
      const aim = item.aimFinishId
        ? palette.finishes.find((f) => f.finish.id === item.aimFinishId)
        : undefined
      if (neighbors.length === 0 && !aim) return undefined
      // It is judged in its place: what it would replace is taken out.
      const ownPieces = new Set(palette.pieces.filter((p) => p.itemId === item.id).map((p) => p.id))
      const replaced = (f: FinishFacts) =>
        f.where.length > 0 && f.where.every((w) => w.kind === 'piece' && ownPieces.has(w.id))
      let clash: { name: string; says: string } | undefined
      let nearMiss: { name: string } | undefined
      for (const other of neighbors) {
        if (other === aim || replaced(other)) continue
        const pair = comparePair(own, other)
        if (pair.verdict === 'clashes') clash ??= { name: other.finish.name, says: pair.says }
        if (pair.verdict === 'near miss') nearMiss ??= { name: other.finish.name }
      }
      return { deltaE: aim && deltaE00(aim.lab, lab), aimName: aim?.finish.name ?? '', clash, nearMiss }
    },
  }
}
