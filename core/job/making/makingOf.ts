import { formatterOf } from '../../kernel/units/formatter.js'
import { oneThing } from '../../model/oneThing.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { reckonMaking, type Making } from '../../stages/takeoff/making/making.js'
import { beforePaint } from './beforePaint.js'
import { coated, madeNewOf, type LineToMake, type Listed, type RoomToMake } from './faces.js'
import { painting } from './painting.js'
import { bought, fixing, hanging, leaving, ofLines, takenDown } from './things.js'

/**
 * What it takes to make the room, from what is already known: surfaces to be painted, lines of the take-off, what leaves and
 * what is hung. Pure; nothing is stored but minutes and packs that differ from the usual.
 * @param lines of the take-off, reckoned
 */
export function makingOf(stored: JobSnapshot, room: RoomToMake, lines: readonly LineToMake[]): Making {
  const job = oneThing(stored)
  const says = formatterOf(job.studio)
  const lists = listsOf(job, room, lines)
  return reckonMaking(
    lists.flatMap((l) => l.wanted),
    lists.flatMap((l) => l.needed),
    {
      efforts: job.efforts,
      consumables: job.consumables,
      hourMinor: job.brief.hourMinor,
      cautions: [...new Set(lists.flatMap((l) => l.cautions ?? []))],
      says,
    },
  )
}

/** What each side of the job asks for; the plan of the work is made from the same. */
export function listsOf(job: JobSnapshot, room: RoomToMake, lines: readonly LineToMake[]): readonly Listed[] {
  const { painted, primed } = coated(room)
  const madeNew = madeNewOf(room, painted, lines)
  return [
    beforePaint(job, room, painted, madeNew),
    painting(painted, primed),
    leaving(job, madeNew),
    takenDown(job, madeNew),
    ofLines(job, lines),
    hanging(job, room, madeNew),
    fixing(job, formatterOf(job.studio)),
    bought(job),
  ]
}
