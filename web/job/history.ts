import { didNow } from '@bonitas/core/model/renamed'
import { inverseOf, type Did } from '@bonitas/core/model/undo'

/** One step of a tab's history: what was done, where, and how to take it back. */
export interface Step {
  /** The key of the group that did it. */
  readonly key: string
  readonly name: string
  /** The stage it was made on. */
  readonly at: string
  /** What the server says it did; until it has answered, what is shown. */
  readonly did: readonly Did[]
  /** The step an undo took back: it returns when the undo is refused. */
  readonly from?: Step
}

/** An act of money on a stage: it is no step to undo, and what was done before it is out of reach until then. */
export interface Act {
  readonly at: string
  readonly act: string
}

type Entry = Step | Act
export const isAct = (entry: Entry): entry is Act => 'act' in entry

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>

const MOST_STEPS = 50
const MOST_CHARACTERS = 1_000_000

interface Kept {
  readonly done: readonly Entry[]
  readonly undone: readonly Step[]
}

/** A step as the program knows it now: whole and with something to take back, or not at all. */
function stepNow(step: Step): Step[] {
  const did = step.did.flatMap((d) => didNow(d) ?? [])
  if (did.length < step.did.length || inverseOf(did).length === 0) return []
  const { from, ...rest } = step
  const [before] = from ? stepNow(from) : []
  return [{ ...rest, did, ...(before ? { from: before } : {}) }]
}

/**
 * What this tab did, to be undone within sight: the newest fifty steps, kept over a reload of the tab and gone with it.
 */
export class History {
  private kept: Kept = { done: [], undone: [] }

  constructor(
    private readonly storageKey: string,
    private readonly storage: Store,
    private readonly changed: () => void,
  ) {
    try {
      const read = JSON.parse(storage.getItem(storageKey) ?? 'null') as Kept | null
      if (read && [read.done, read.undone].every(Array.isArray))
        this.kept = {
          done: read.done.flatMap((e): Entry[] => (isAct(e) ? [e] : stepNow(e))),
          undone: read.undone.flatMap(stepNow),
        }
    } catch {
      // what cannot be read is no history
    }
  }

  /** The newest step of a stage that can be undone, or the act of money that stands before it. */
  last(at: string): Entry | undefined {
    return [...this.kept.done].reverse().find((e) => e.at === at)
  }

  /** The newest step of a stage that can be done again. */
  next(at: string): Step | undefined {
    return [...this.kept.undone].reverse().find((s) => s.at === at)
  }

  /** A new step: what was undone on its stage cannot be done again. */
  did(step: Step): void {
    this.keep({
      done: [...this.kept.done.filter((e) => !isAct(e) || e.at !== step.at), step],
      undone: this.kept.undone.filter((s) => s.at !== step.at),
    })
  }

  /** An act of money stands before what was done on its stage. */
  acted(act: Act): void {
    this.keep({ ...this.kept, done: [...this.kept.done.filter((e) => !isAct(e) || e.at !== act.at), act] })
  }

  /** A step was taken back by another, which can itself be taken back: that is what doing again is. */
  undid(step: Step, by: Step): void {
    this.keep({
      done: this.kept.done.filter((e) => isAct(e) || e.key !== step.key),
      undone: [...this.kept.undone, { ...by, from: step }],
    })
  }

  redid(step: Step, by: Step): void {
    this.keep({ done: [...this.kept.done, by], undone: this.kept.undone.filter((s) => s.key !== step.key) })
  }

  /** The server has answered: what it did takes the place of what was shown. A step that did nothing is none. */
  answered(key: string, did: readonly Did[]): void {
    const told = <E extends Entry>(list: readonly E[]): E[] =>
      list.flatMap((e) => (isAct(e) || e.key !== key ? [e] : did.length > 0 ? [{ ...e, did }] : []))
    this.keep({ done: told(this.kept.done), undone: told(this.kept.undone) })
  }

  /** The server refused a group: it is no step; an undo that was refused gives its step back. */
  refused(key: string): void {
    const undo = this.kept.undone.find((s) => s.key === key)
    this.keep({
      done: [...this.kept.done.filter((e) => isAct(e) || e.key !== key), ...(undo?.from ? [undo.from] : [])],
      undone: this.kept.undone.filter((s) => s.key !== key),
    })
  }

  /** A group goes on under another key. */
  renamed(from: string, to: string): void {
    const told = <E extends Entry>(list: readonly E[]): E[] =>
      list.map((e) => (isAct(e) || e.key !== from ? e : { ...e, key: to }))
    this.keep({ done: told(this.kept.done), undone: told(this.kept.undone) })
  }

  private keep({ done, undone }: Kept): void {
    this.kept = { done: done.slice(-MOST_STEPS), undone: undone.slice(-MOST_STEPS) }
    // A full store throws: the oldest steps go until the rest has room.
    for (let most = this.kept.done.length; ; most = Math.floor(most / 2)) {
      const text = JSON.stringify({
        done: most > 0 ? this.kept.done.slice(-most) : [],
        undone: this.kept.undone,
      })
      try {
        if (text.length <= MOST_CHARACTERS || most === 0) {
          this.storage.setItem(this.storageKey, text.length <= MOST_CHARACTERS ? text : '')
          break
        }
      } catch {
        if (most === 0) break
      }
    }
    this.changed()
  }
}
