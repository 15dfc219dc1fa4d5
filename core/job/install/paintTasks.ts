import type { Formatter } from '../../kernel/units/formatter.js'
import { listed } from '../../kernel/listed.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { LAST_COAT } from '../../stages/install/follows.js'
import { METHODS, WAITS } from '../../stages/install/methods.js'
import type { PaintStep } from '../../stages/takeoff/paintTakeoff.js'
import type { RoomToMake } from '../making/faces.js'
import { isBrushed } from '../making/painting.js'
import { sumOf, type Draft } from './drafts.js'

/** What is painted in one go: from above downward. */
const GOES = ['ceiling', 'walls', 'trim', 'floor'] as const
type Go = (typeof GOES)[number]

function goOf(on: string): Go {
  if (on === 'ceiling' || on === 'floor') return on
  return isBrushed(on) ? 'trim' : 'walls'
}

/** Said where work goes over one's head. */
const LADDER = ' The right ladder, and a second person at its foot.'

/** Who of the household is kept away from ladders, wet faces and dust; said only where there is somebody. */
export function awayNote(job: Pick<JobSnapshot, 'people'>): string {
  const away = job.people.filter((p) => p.kind !== 'adult' && p.kind !== 'guest').map((p) => p.name)
  return away.length === 0 ? '' : ` ${listed(away)}: out of the room, and not under a ladder.`
}

/**
 * Primer and coats: one task for each coat of what is painted in one go with one finish. A coat follows the one before when
 * that is dry, by the finish's own word where it has one.
 */
export function paintTasks(
  job: JobSnapshot,
  { paint }: Pick<RoomToMake, 'paint'>,
  minutesEach: (task: 'prime' | 'paint with a roller' | 'paint with a brush') => number,
  placesOf: (on: string) => readonly string[],
  says: Formatter,
): Draft[] {
  const drafts: Draft[] = []
  const primed = paint.filter((l) => l.isPrimer).flatMap((l) => l.steps)
  const amount = (steps: readonly PaintStep[]) => steps.reduce((sum, s) => sum + s.areaM2 * 1e6, 0)
  if (primed.length > 0 && minutesEach('prime') > 0)
    drafts.push({
      ...{ key: 'prime', step: 'prime', name: `Primer: ${listed(primed.map((p) => p.surface))}` },
      because: primed.map((p) => p.because),
      minutes: (amount(primed) / 1e6) * minutesEach('prime'),
      sum: sumOf('area', amount(primed), minutesEach('prime'), says),
      places: primed.flatMap((p) => placesOf(p.on)),
      needs: job.items.filter((i) => i.buysPaint !== null).map((i) => `arrives|item:${i.id}`),
    })
  for (const line of paint.filter((l) => !l.isPrimer))
    for (const [nth, go] of GOES.entries()) {
      const steps = line.steps.filter((s) => goOf(s.on) === go)
      const most = Math.max(0, ...steps.map((s) => s.coats))
      const finish = job.finishes.find((f) => f.id === line.finishId)
      const each = minutesEach(go === 'trim' ? 'paint with a brush' : 'paint with a roller')
      if (each === 0) continue
      const needs = job.items
        .filter((i) => i.buysPaint === 'all paint' || (i.buysPaint !== null && i.finishId === line.finishId))
        .map((i) => `arrives|item:${i.id}`)
      for (let coat = 1; coat <= most; coat++) {
        // What takes fewer coats is begun later, so that the last of all are done together.
        const now = steps.filter((s) => s.coats > most - coat)
        const last = coat === most
        const area = amount(now)
        drafts.push({
          key: `coat|${go}|finish:${line.finishId}|${coat}`,
          step: 'coat',
          name: `${listed(now.map((s) => s.surface))}, ${line.name}${most > 1 ? `: coat ${coat} of ${most}` : ''}`,
          because: [...new Set(now.map((s) => `${says.count(s.coats, 'coat')}: ${s.because}`))],
          minutes: (area / 1e6) * each,
          sum: sumOf('area', area, each, says),
          places: now.flatMap((s) => placesOf(s.on)),
          turn: last ? LAST_COAT + nth : coat,
          dryHours: finish?.recoatHours ?? METHODS.coat.dryHours,
          ...(last ? { hardDays: finish?.hardDays ?? WAITS.stuckDays } : {}),
          needs,
          caution: `${METHODS.coat.caution ?? ''}${go === 'ceiling' || go === 'walls' ? LADDER : ''}${awayNote(job)}`,
        })
      }
    }
  return drafts
}
