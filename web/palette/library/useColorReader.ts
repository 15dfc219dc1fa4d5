import { computed, ref, shallowRef } from 'vue'
import { parseColor, type LabD65 } from '@bonitas/core/kernel/color/lab'
import { spreadOf } from '@bonitas/core/stages/palette/library/toFinish'
import { ApiProblem, request, ServerGone } from '../../api/http.js'
import { t } from '../words.js'

type State = 'off' | 'connecting' | 'on' | 'lost' | 'none'

/** One reading of the color reader, with the name the reader gave the sample, when it gave one. */
export interface ColorReading {
  readonly lab: LabD65
  readonly sample: string
}

const LINE = /^(-?\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?)(?: (.{1,80}))?$/

/** Reads one line of a color reader: L*, a*, b* under D65, and the name of the sample. */
export function readColorLine(line: string): ColorReading | { nonsense: string } {
  const said = line.trim().slice(0, 120)
  const found = LINE.exec(said)
  if (!found) return { nonsense: said || 'nothing' }
  try {
    return {
      lab: parseColor(`${found[1] ?? ''} ${found[2] ?? ''} ${found[3] ?? ''}`),
      sample: found[4] ?? '',
    }
  } catch {
    return { nonsense: said }
  }
}

/** The color reader of the studio: its readings of the sample at hand, and how far they lie apart. */
export function useColorReader() {
  const state = ref<State>('off')
  const said = ref('')
  const name = ref('')
  const readings = shallowRef<readonly LabD65[]>([])
  const spread = computed(() => spreadOf(readings.value))
  let source: EventSource | undefined

  function take(line: string): void {
    const read = readColorLine(line)
    if ('nonsense' in read) {
      said.value = t('theReaderSentNonsenseNot', { nonsense: read.nonsense })
      return
    }
    // A sample of another name begins a series of its own.
    if (read.sample && read.sample !== name.value) {
      name.value = read.sample
      readings.value = []
    }
    readings.value = [...readings.value, read.lab]
    said.value = t('sampleReadingReadingsTaken', {
      sample: read.sample || t('sample'),
      readings: readings.value.length,
    })
  }

  async function connect(): Promise<void> {
    state.value = 'connecting'
    said.value = ''
    try {
      const { colorReader } = await request<{ colorReader: string | null }>('/devices')
      if (!colorReader) {
        state.value = 'none'
        return
      }
      const opened = new EventSource(colorReader)
      source = opened
      opened.addEventListener('open', () => (state.value = 'on'))
      opened.addEventListener('reading', (e: MessageEvent) => take(String(e.data)))
      opened.addEventListener('error', () => {
        // The browser would try again by itself, silently; whoever measures wants to know.
        opened.close()
        state.value = 'lost'
        said.value = ''
      })
    } catch (error) {
      state.value = 'off'
      said.value =
        error instanceof ServerGone || error instanceof ApiProblem ? error.message : t('noColorReaderAnswers')
    }
  }

  function disconnect(): void {
    source?.close()
    source = undefined
    state.value = 'off'
  }

  function begin(): void {
    readings.value = []
    said.value = ''
    name.value = ''
  }

  return { state, said, name, readings, spread, connect, disconnect, begin }
}
