import type { PanelLayout } from '../../../model/rows/panelLayouts.js'
import type { Room } from '../../../model/rows/room.js'
import type { PanelLayoutKind } from '../../../model/vocabulary/settingOut.js'
import type { PlanFacts } from '../planFacts.js'
import { curtainRail } from './layPanels.js'
import { stretchesOf } from './stretches.js'

type Fields = Omit<PanelLayout, 'id' | 'version' | 'position'>

/**
 * What a setting-out of a wall begins as, by the room: over the longest stretch between its doors and up to where the lower wall ends, a
 * third of the height where it was not said (common practice). A curtain rail begins over the first window
 * that has none.
 *
 * @throws when the wall is not of the room
 */
export function newPanelLayout(facts: PlanFacts, room: Room, wallId: string, kind: PanelLayoutKind): Fields {
  const wall = facts.room.walls.find((w) => w.id === wallId)
  if (!wall) throw new Error(`no wall ${wallId}`)
  const lengthMm = Math.floor(wall.lengthMm)
  const topMm = room.lowerWallMm ?? Math.round((room.heightMm ?? 2400) / 3)
  // A run ends at the frames of doors: it begins as the longest stretch between them.
  const doors = facts.room.openings.filter((o) => o.wallId === wallId && o.sillMm < topMm)
  const [run] = stretchesOf({ startMm: 0, endMm: lengthMm }, doors).sort(
    (a, b) => b.endMm - b.startMm - (a.endMm - a.startMm),
  )
  const { startMm, endMm } = run ?? { startMm: 0, endMm: lengthMm }
  const base: Fields = {
    wallId,
    kind,
    name: '',
    startMm,
    endMm,
    bottomMm: room.skirtingMm,
    heightMm: Math.max(100, topMm - room.skirtingMm - 60),
    count: Math.max(1, Math.round((endMm - startMm) / 700)),
    stileMm: 90,
    depthMm: 18,
    openingId: null,
  }
  switch (kind) {
    case 'rail':
      return { ...base, bottomMm: topMm - 40, heightMm: 40, count: 1, stileMm: 0 }
    case 'shelf':
      return {
        ...base,
        startMm: Math.round(lengthMm / 4),
        endMm: Math.round((lengthMm * 3) / 4),
        bottomMm: 1400,
        heightMm: 30,
        count: 1,
        stileMm: 0,
        depthMm: 220,
      }
    case 'board and batten':
      return { ...base, stileMm: 60, count: Math.max(1, Math.round((endMm - startMm) / 400)) }
    case 'curtain rail': {
      const hasRail = new Set(facts.panelLayouts.map((l) => l.openingId))
      const windows = facts.room.openings.filter((o) => o.wallId === wallId && o.kind === 'window')
      const window = windows.find((o) => !hasRail.has(o.id)) ?? windows[0]
      const rail = window && curtainRail(window.startMm, window.widthMm, facts.needs.railBeyond, 2)
      return {
        ...base,
        startMm: Math.max(0, rail?.startMm ?? 0),
        endMm: Math.min(lengthMm, rail?.endMm ?? lengthMm),
        bottomMm: Math.min(
          (room.heightMm ?? 2500) - 60,
          window ? window.sillMm + window.heightMm + 120 : 2300,
        ),
        heightMm: 40,
        count: 1,
        stileMm: 0,
        depthMm: 100,
        openingId: window?.id ?? null,
      }
    }
    default:
      return base
  }
}
