import { serveDevice } from '../device.js'
import { laserReadings } from '../noise.js'

// A laser tape that is not there. LASER_SEED and LASER_SEND_EVERY_MS set it up.
const read = laserReadings(Number(process.env.LASER_SEED ?? 1))
const everyMs = Number(process.env.LASER_SEND_EVERY_MS ?? 250)
let aimMm = 3_000
let held: ReturnType<typeof setInterval> | undefined

serveDevice((send, hangUp) => {
  const letGo = () => {
    if (!held) return
    clearInterval(held)
    held = undefined
    send('released', '')
  }
  return {
    name: 'Laser tape',
    about: 'Aim at a length, then press. It reads with 1.5 mm of noise.',
    fields: '<label>Length, mm <input name="mm" value="3000" inputmode="numeric"></label>',
    buttons: [
      ['press', 'Press'],
      ['hold', 'Hold'],
      ['release', 'Let go'],
      ['nonsense', 'Send an error'],
      ['away', 'Go away'],
    ],
    refuse: (wish) => {
      const mm = wish.get('mm')
      return mm !== null && !(Number(mm) > 0 && Number(mm) < 100_000)
        ? 'Length must lie between 0 and 100 000 mm.'
        : undefined
    },
    acts: {
      aim: (wish) => (aimMm = Number(wish.get('mm') ?? aimMm)),
      press: (wish) => {
        aimMm = Number(wish.get('mm') ?? aimMm)
        send('reading', `${read(aimMm)} mm`)
      },
      hold: (wish) => {
        aimMm = Number(wish.get('mm') ?? aimMm)
        letGo()
        held = setInterval(() => send('held', `${read(aimMm)} mm`), everyMs)
      },
      release: letGo,
      nonsense: (wish) => send('reading', wish.get('said') ?? 'Er05'),
      away: () => {
        letGo()
        hangUp()
      },
    },
  }
})
