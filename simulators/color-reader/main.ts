import { serveDevice } from '../device.js'
import { colorReadings, SAMPLES } from './readings.js'

// A color reader that is not there: laid on a physical sample, it sends the sample's CIELAB (D65, 2°) with the
// repeatability of a hand-held one. READER_SEED sets it up.
const read = colorReadings(Number(process.env.READER_SEED ?? 1))

serveDevice((send, hangUp) => ({
  name: 'Color reader',
  about: 'Lay it on a sample, then press. It repeats itself within ΔE 0.3.',
  fields: `<label>Sample <select name="sample">${Object.keys(SAMPLES)
    .map((name) => `<option>${name}</option>`)
    .join('')}</select></label>`,
  buttons: [
    ['press', 'Press'],
    ['nonsense', 'Send an error'],
    ['away', 'Go away'],
  ],
  refuse: (wish) => {
    const name = wish.get('sample')
    return name !== null && !Object.hasOwn(SAMPLES, name)
      ? 'There is no such sample on the bench.'
      : undefined
  },
  acts: {
    press: (wish) => {
      const name = wish.get('sample') ?? Object.keys(SAMPLES)[0] ?? ''
      const [l, a, b] = read(name)
      send('reading', `${l} ${a} ${b} ${name}`)
    },
    nonsense: (wish) => send('reading', wish.get('said') ?? 'E-LIFTED'),
    away: hangUp,
  },
}))
