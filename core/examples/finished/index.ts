import { balcony } from './balcony.js'
import { bedroom } from './bedroom.js'
import { childsRoom } from './childsRoom.js'
import { courtyard } from './courtyard.js'
import { diningRoom } from './diningRoom.js'
import { entranceHall } from './entranceHall.js'
import { familyRoom } from './familyRoom.js'
import { kitchen } from './kitchen.js'
import { livingRoom } from './livingRoom.js'
import { nursery } from './nursery.js'
import { oneRoomFlat } from './oneRoomFlat.js'
import { serviceRoom } from './serviceRoom.js'
import { smallRented } from './smallRented.js'
import { study } from './study.js'
import { wetRoom } from './wetRoom.js'

/** Rooms that are done, one of each kind that wants an eye of its own: what is said of them must be worth saying. */
export const FINISHED = [
  childsRoom,
  study,
  wetRoom,
  serviceRoom,
  courtyard,
  oneRoomFlat,
  smallRented,
  livingRoom,
  nursery,
  diningRoom,
  bedroom,
  entranceHall,
  kitchen,
  familyRoom,
  balcony,
] as const
