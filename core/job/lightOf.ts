import { declinationDeg, sunPosition } from '../stages/measure/daylight.js'
import type { RoomAreas } from '../stages/measure/roomAreas.js'
import { roomLight, type RoomLight, type Sky } from '../stages/palette/roomLight.js'
import { inRoom } from '../model/inRoom.js'
import { sized } from '../model/openingSize.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { LampType } from '../model/vocabulary/lamp.js'

/** A moment to look at the room. */
export interface Moment {
  /** 0 to 24, sun time. */
  readonly hour: number
  /** 1 to 365. */
  readonly dayOfYear: number
  readonly sky: Sky
  readonly lampsOn: boolean
}

/** A room that has no lamp yet is looked at under the commonest one. */
export const USUAL_LAMP: LampType = 'LED, 2 700 K'

/** Lamps of the room by type, each type once. */
export function lampsOf(job: Pick<JobSnapshot, 'pieces'>): LampType[] {
  const types = job.pieces.filter(inRoom).flatMap((p) => p.lampType ?? [])
  return [...new Set(types)]
}

/** The light in the room of a job at a moment, from its windows, its bearing and its lamps. */
export function lightOf(job: JobSnapshot, areas: RoomAreas | undefined, at: Moment): RoomLight {
  const { latitudeDeg } = job.room
  const lamps = lampsOf(job)
  return roomLight({
    sun: latitudeDeg == null ? undefined : sunPosition(latitudeDeg, declinationDeg(at.dayOfYear), at.hour),
    windows: job.openings
      .map((o) => sized(o))
      .filter((o) => o.kind === 'window')
      .map((o) => ({
        facesDeg: areas?.walls.find((w) => w.wallId === o.wallId)?.facesDeg,
        areaMm2: o.widthMm * o.heightMm,
      })),
    floorMm2: areas?.floorMm2 ?? 0,
    sky: at.sky,
    lamps: at.lampsOn ? (lamps.length > 0 ? lamps : [USUAL_LAMP]) : [],
  })
}
