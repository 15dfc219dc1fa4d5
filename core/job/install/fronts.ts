import type { JobSnapshot } from '../../model/snapshot.js'
import { MINUTES, WAITS } from '../../stages/install/methods.js'
import { inRoom } from '../../model/inRoom.js'
import type { Draft } from './drafts.js'

/** Old fronts made good: off, sanded, lacquered, hard, back on; out of use from the first to the last of it. */
export function fronts(job: JobSnapshot): Draft[] {
  return job.pieces
    .filter((p) => p.there && inRoom(p) && p.verdict === 'rework' && FRONTED.has(p.kind))
    .filter((p) => job.finishes.some((f) => f.id === p.finishId && f.material === 'paint'))
    .flatMap((p): Draft[] => {
      const m2 = (p.count * p.widthMm * p.heightMm) / 1e6
      const finish = job.finishes.find((f) => f.id === p.finishId)
      const place = [`piece:${p.id}`]
      const made = (
        part: string,
        step: Draft['step'],
        name: string,
        minutes: number,
        more: Partial<Draft> = {},
      ): Draft => ({
        ...{
          key: `${part}|piece:${p.id}`,
          step,
          name: `${p.name}: ${name}`,
          because: [`${p.name}: made anew`],
        },
        ...{ minutes, places: place, pieceIds: [p.id], asks: null, ...more },
      })
      const coat = (n: 1 | 2, more: Partial<Draft>): Draft =>
        made(`fronts coat ${n}`, 'workshop', `lacquer, coat ${n} of 2`, m2 * MINUTES.frontsCoat, {
          ...{ skill: 'painter', elsewhere: true, turn: n + 1 },
          caution:
            'Air, mask, no flame or spark; rags with oil in them dry flat outdoors or lie under water. Brushed in place it chips and peels: off, sanded, lacquered and left to harden is what holds.',
          needs: job.items.filter((i) => i.finishId === p.finishId).map((i) => `arrives|item:${i.id}`),
          ...more,
        })
      return [
        made('fronts off', 'take off', 'fronts and handles off, numbered', m2 * MINUTES.frontsOff, {
          skill: 'fitter',
          caution: 'Each front gets its number, each handle its bag; hinges stay on the carcass.',
        }),
        made('fronts sand', 'workshop', 'sand the fronts', m2 * MINUTES.frontsSand, {
          ...{ skill: 'painter', elsewhere: true, turn: 1 },
          asks: 'How old is the paint on it? It may hold lead, and a child chews what chips: test it, follow local rules.',
        }),
        coat(1, { dryHours: finish?.recoatHours ?? WAITS.lacquerHours }),
        coat(2, { dryHours: 24 * (finish?.hardDays ?? WAITS.lacquerDays) }),
        made('fronts on', 'put back on', 'fronts back on, set', m2 * MINUTES.frontsOff, { skill: 'fitter' }),
      ]
    })
}
const FRONTED: ReadonlySet<string> = new Set(['cabinet', 'chest of drawers', 'wardrobe', 'desk', 'shelves'])
