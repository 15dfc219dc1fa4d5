import { computed, ref, shallowRef } from 'vue'
import { ApiProblem, request, ServerGone } from '../../api/http.js'
import { seriesOf, type LengthMeter } from './lengthMeter.js'
import { meterOverNetwork } from './meterOverNetwork.js'
import { saysNow } from '../../form/useLocale.js'
import { t } from '../words.js'

type State = 'off' | 'connecting' | 'on' | 'lost' | 'none'

const state = ref<State>('off')
const said = ref('')
const series = shallowRef<readonly number[]>([])
let meter: LengthMeter | undefined

/** Puts a reading into the field in focus, as if it had been typed; false when no field of lengths has the focus. */
export function intoFocus(mm: number): boolean {
  const field = document.activeElement
  if (!(field instanceof HTMLInputElement) || field.dataset.length === undefined) return false
  // A turn or a name that is typed behind the length stays.
  const rest =
    field.dataset.length === 'wall'
      ? field.value.replace(/^\s*[\d\s.,/'"-]+(mm|cm|m|in|ft)?(?![a-z])/i, '')
      : ''
  field.value = `${saysNow()
    .length(mm)
    .replace(/\u2009/g, '')}${rest}`
  field.dispatchEvent(new Event('input', { bubbles: true }))
  return true
}

function take(mm: number, words: string): void {
  said.value = intoFocus(mm) ? words : t('wordsPutTheCursorIn', { words })
}

async function connect(): Promise<void> {
  state.value = 'connecting'
  said.value = ''
  try {
    const { laserTape } = await request<{ laserTape: string | null }>('/devices')
    if (!laserTape) {
      state.value = 'none'
      return
    }
    meter = meterOverNetwork(laserTape)
    await meter.connect({
      reading({ mm, held }) {
        if (!held) {
          series.value = []
          take(mm, `${saysNow().length(mm)} taken`)
          return
        }
        series.value = [...series.value, mm]
        const s = seriesOf(series.value)
        if (s)
          take(
            s.meanMm,
            t('countReadingsMeanMeanMmSpread', {
              count: s.count,
              meanMm: saysNow().length(s.meanMm),
              spreadMm: saysNow().fine(s.spreadMm),
            }),
          )
      },
      released: () => (series.value = []),
      nonsense: (words) => (said.value = t('theTapeSentWordsNot', { words })),
      lost() {
        state.value = 'lost'
        said.value = ''
      },
    })
    state.value = 'on'
  } catch (error) {
    state.value = error instanceof ServerGone || error instanceof ApiProblem ? 'off' : 'lost'
    said.value = error instanceof Error ? error.message : ''
  }
}

function disconnect(): void {
  meter?.disconnect()
  meter = undefined
  state.value = 'off'
  said.value = ''
}

const words = (): Readonly<Record<State, string>> => ({
  off: '',
  connecting: t('lookingForTheLaserTape'),
  on: t('laserTapeReadyItsReadings'),
  lost: t('theLaserTapeIsGone'),
  none: t('noLaserTapeIsSet'),
})

/** The laser tape, shared by every page: it stays connected from wall to opening. */
export function useLaser() {
  return { state, says: computed(() => said.value || words()[state.value]), connect, disconnect }
}
