import type { LabD65 } from '../../kernel/color/lab.js'
import type { FinishAssignment } from '../../model/rows/finishAssignments.js'
import type { Surface } from '../../model/vocabulary/surface.js'
import { cheapestTins, type Tin, type TinChoice } from './cheapestTins.js'
import { coatsFor } from './coats.js'

/** One surface to be painted, as Measure and Palette know it. */
export interface PaintedSurface {
  /** The surface as it is kept. */
  readonly on: Surface
  readonly name: string
  readonly areaMm2: number
  readonly finishId: string
  readonly over: LabD65 | undefined
  readonly substrate: FinishAssignment['substrate']
}

/** A paint or primer as sold. */
export interface PaintGoods {
  readonly id: string
  readonly name: string
  readonly lab: LabD65
  readonly kit: {
    readonly spreadM2PerL: number
    readonly lossPpm: number
    readonly tins: readonly Tin[]
  } | null
}

export interface PaintStep extends Pick<PaintedSurface, 'on' | 'substrate'> {
  readonly surface: string
  readonly areaM2: number
  readonly coats: number
  readonly because: string
  readonly liters: number
}

export interface PaintLine {
  readonly finishId: string
  readonly name: string
  readonly isPrimer: boolean
  readonly steps: readonly PaintStep[]
  readonly liters: number
  readonly spreadM2PerL: number
  readonly lossPpm: number
  /** Undefined while no tin sizes are known. */
  readonly tins: TinChoice | undefined
  readonly offered: readonly Tin[]
}

// Common practice for a wall paint on a smooth wall (10 to 14) and a primer on new plaster (8 to 12), m² per liter.
export const DEFAULT_SPREAD = 12
export const DEFAULT_PRIMER_SPREAD = 10

/**
 * Liters of one coat schedule: area × coats / spreading rate × (1 + loss).
 * @returns liters, not rounded: tins round up once, at the end
 */
export function paintLiters(areaM2: number, coats: number, spreadM2PerL: number, lossPpm = 0): number {
  return ((areaM2 * coats) / spreadM2PerL) * (1 + lossPpm / 1_000_000)
}

/** Paint and primer for a room: one line per paint, each with its steps, so that every figure shows its sum. */
export function paintTakeoff(
  surfaces: readonly PaintedSurface[],
  paints: readonly PaintGoods[],
  primer: PaintGoods | undefined,
): PaintLine[] {
  const toPrime: PaintStep[] = []
  const primerSpread = primer?.kit?.spreadM2PerL ?? DEFAULT_PRIMER_SPREAD
  const primerLoss = primer?.kit?.lossPpm ?? 0
  const lines = paints.map((paint) => {
    const spread = paint.kit?.spreadM2PerL ?? DEFAULT_SPREAD
    const loss = paint.kit?.lossPpm ?? 0
    const steps = surfaces
      .filter((s) => s.finishId === paint.id && s.areaMm2 > 0)
      .map((s): PaintStep => {
        const areaM2 = s.areaMm2 / 1e6
        const { coats, primer: priming, because } = coatsFor(paint.lab, s.over, s.substrate)
        if (priming > 0)
          toPrime.push({
            on: s.on,
            substrate: s.substrate,
            surface: s.name,
            areaM2,
            coats: priming,
            because: `on ${s.substrate}`,
            liters: paintLiters(areaM2, priming, primerSpread, primerLoss),
          })
        const { on, substrate, name: surface } = s
        const liters = paintLiters(areaM2, coats, spread, loss)
        return { on, substrate, surface, areaM2, coats, because, liters }
      })
    return line(paint.id, paint.name, false, steps, spread, loss, paint.kit?.tins ?? [])
  })
  if (toPrime.length > 0)
    lines.push(
      line(
        primer?.id ?? 'primer',
        primer?.name ?? 'Primer',
        true,
        toPrime,
        primerSpread,
        primerLoss,
        primer?.kit?.tins ?? [],
      ),
    )
  return lines.filter((l) => l.steps.length > 0)
}

function line(
  finishId: string,
  name: string,
  isPrimer: boolean,
  steps: readonly PaintStep[],
  spreadM2PerL: number,
  lossPpm: number,
  offered: readonly Tin[],
): PaintLine {
  const liters = steps.reduce((sum, s) => sum + s.liters, 0)
  // A whole milliliter is the finest a tin is filled to; binary dust below a microliter must not buy a tin.
  const needMl = Math.ceil(Math.round(liters * 1e6) / 1e3)
  const tins = offered.length > 0 && needMl <= 1_000_000 ? cheapestTins(needMl, offered) : undefined
  return { finishId, name, isPrimer, steps, liters, spreadM2PerL, lossPpm, tins, offered }
}
