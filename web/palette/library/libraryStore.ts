import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { LabD65 } from '@bonitas/core/kernel/color/lab'
import type { Deck, Sample } from '@bonitas/core/stages/palette/library/sample'
import { request } from '../../api/http.js'
import type { NearestAnswer, SampleFilter } from './nearestAsk.js'

export interface DeckLine {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly samples: number
}

/** A sample with the deck it is of. */
export interface LibrarySample extends Sample {
  readonly deckId: string
  readonly deck: string
}

export interface NearSample {
  readonly sample: LibrarySample
  readonly deltaE: number
}

/** The finish library of the studio, fetched when first asked for and searched in a worker. */
export const useLibraryStore = defineStore('library', () => {
  const decks = shallowRef<readonly DeckLine[]>([])
  const samples = shallowRef<readonly LibrarySample[]>([])
  const state = ref<'empty' | 'loading' | 'ready'>('empty')
  let worker: Worker | undefined
  let asked = 0
  const waiting = new Map<number, (found: NearSample[]) => void>()
  let loading: Promise<void> | undefined

  async function fetchAll(): Promise<void> {
    state.value = 'loading'
    try {
      const { decks: list } = await request<{ decks: readonly DeckLine[] }>('/library')
      const all = await Promise.all(
        list.map(async (d) =>
          (await request<Deck>(`/library/${d.id}`)).samples.map((s): LibrarySample => ({
            ...s,
            deckId: d.id,
            deck: d.name,
          })),
        ),
      )
      decks.value = list
      samples.value = all.flat()
      searcher().postMessage({ samples: samples.value.map((s) => ({ ...s })) })
      state.value = 'ready'
    } catch (error) {
      state.value = 'empty'
      throw error
    }
  }

  /** Fetches the library unless it is there. @throws {ServerGone} */
  function load(again = false): Promise<void> {
    if (again) loading = undefined
    loading ??= fetchAll().catch((error: unknown) => {
      loading = undefined
      throw error
    })
    return loading
  }

  function searcher(): Worker {
    if (worker) return worker
    worker = new Worker(new URL('./deckWorker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<NearestAnswer>) => {
      waiting.get(data.ask)?.(
        data.found.flatMap(({ index, deltaE }) => {
          const sample = samples.value[index]
          return sample ? [{ sample, deltaE }] : []
        }),
      )
      waiting.delete(data.ask)
    })
    return worker
  }

  /** The nearest samples to a color by ΔE00, the nearest first. */
  async function nearest(lab: LabD65, count: number, filter: SampleFilter = {}): Promise<NearSample[]> {
    await load()
    const ask = ++asked
    const plain = { l: lab.l, a: lab.a, b: lab.b }
    return new Promise((resolve) => {
      waiting.set(ask, resolve)
      searcher().postMessage({ ask, lab: plain, count, filter: { ...filter } })
    })
  }

  /** Keeps a deck in the studio's library. @throws {ApiProblem} */
  async function keep(deck: Deck): Promise<void> {
    await request(`/library/${crypto.randomUUID()}`, { method: 'PUT', body: deck })
    await load(true)
  }

  async function remove(id: string): Promise<void> {
    await request(`/library/${id}`, { method: 'DELETE' })
    await load(true)
  }

  /** Keeps a measured sample; one of the same name is replaced. */
  async function keepMeasured(sample: Sample): Promise<void> {
    await request('/library/measured', { method: 'POST', body: sample })
    await load(true)
  }

  const count = computed(() => samples.value.length)
  return { decks, samples, state, count, load, nearest, keep, remove, keepMeasured }
})
