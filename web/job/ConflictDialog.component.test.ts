import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { emptyJob, pieceWith } from '@bonitas/core/examples/emptyJob'
import { onBench } from '../testing/bench.js'
import ConflictDialog from './ConflictDialog.vue'

enableAutoUnmount(afterEach)
afterEach(() => vi.unstubAllGlobals())

describe('two people changed the same field', () => {
  const piece = pieceWith({ id: 'p', name: 'Settee', kind: 'sofa', widthMm: 1980 })
  const theirs = { ...piece, widthMm: 1700, version: 2 }
  async function met() {
    let refused = false
    const bench = await onBench(emptyJob({ pieces: [piece] }), (changes) => {
      if (refused) return undefined
      refused = true
      const fields = Object.keys((changes[0] as { readonly set: object }).set)
      return Response.json(
        {
          title: 'Changed meanwhile',
          status: 412,
          detail: 'Another changed the same.',
          current: [{ collection: 'pieces', id: 'p', fields, now: theirs }],
        },
        { status: 412, headers: { 'Content-Type': 'application/problem+json' } },
      )
    })
    bench.store.change('pieces', 'p', { widthMm: 2100 })
    await vi.waitFor(() => expect(bench.store.conflict).toBeDefined())
    mount(ConflictDialog, { attachTo: document.body })
    await flushPromises()
    return bench
  }

  const plain = (text: string | null | undefined) => (text ?? '').replace(/\s+/g, ' ')
  const button = (name: string) =>
    [...document.querySelectorAll<HTMLButtonElement>('button')].find((b) =>
      plain(b.textContent).includes(name),
    )!
  const radio = (side: string) =>
    document.querySelector<HTMLInputElement>(`input[type=radio][value=${side}]`)!

  test('both values are shown as they are typed, nothing is chosen beforehand, and nothing can be kept unchosen', async () => {
    await met()
    const text = plain(document.body.textContent)
    expect(text).toContain('Width of Settee')
    expect(text).toContain('Yours: 2 100')
    expect(text).toContain('Theirs: 1 700')
    expect([radio('mine').checked, radio('theirs').checked]).toEqual([false, false])
    expect(button('1 to choose').disabled).toBe(true)
  })

  test('mine is sent again over theirs', async () => {
    const { store, sent } = await met()
    radio('mine').click()
    await flushPromises()
    button('Keep what is chosen').click()
    await vi.waitFor(() => expect(sent).toHaveLength(1))
    expect(sent[0]).toMatchObject({ set: { widthMm: 2100 }, was: { widthMm: 1700 } })
    expect(store.conflict).toBeUndefined()
  })

  test('left as it is, theirs stands and nothing more is sent', async () => {
    const { store, sent } = await met()
    button('Leave all as it is now').click()
    await flushPromises()
    expect([store.conflict, sent]).toEqual([undefined, []])
    expect(store.snapshot!.pieces[0]!.widthMm).toBe(1700)
  })
})
