import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { request } from '../api/http.js'

export interface Visitor {
  readonly member: { readonly id: string; readonly name: string; readonly role: string }
  readonly studio: {
    readonly id: string
    readonly name: string
    readonly currency: string
    readonly locale: string
    readonly system: 'metric' | 'imperial'
    readonly paper: 'A4' | 'LETTER'
    readonly timeZone: string
  }
}

interface SessionAnswer {
  readonly visitor: Visitor | null
  readonly demo: boolean
  readonly mayFound: boolean
}

/** Who is signed in, and which doors the sign-in page may offer. */
export const useSessionStore = defineStore('session', () => {
  const visitor = shallowRef<Visitor | null>(null)
  const demo = shallowRef(false)
  const mayFound = shallowRef(false)
  let asked: Promise<void> | undefined

  async function load(): Promise<void> {
    const answer = await request<SessionAnswer>('/session')
    visitor.value = answer.visitor
    demo.value = answer.demo
    mayFound.value = answer.mayFound
  }

  /** Asks once; a failed question may be asked again. */
  function ready(): Promise<void> {
    asked ??= load().catch((error: unknown) => {
      asked = undefined
      throw error
    })
    return asked
  }

  async function signIn(email: string, password: string): Promise<void> {
    await request('/session', { method: 'POST', body: { email, password } })
    await load()
  }

  async function openDemo(): Promise<void> {
    await request('/session/demo', { method: 'POST' })
    await load()
  }

  async function found(wish: Record<string, string>): Promise<void> {
    await request('/studios', { method: 'POST', body: wish })
    await load()
  }

  async function signOut(): Promise<void> {
    await request('/session', { method: 'DELETE' })
    await load()
  }

  return { visitor, demo, mayFound, load, ready, signIn, openDemo, found, signOut }
})
