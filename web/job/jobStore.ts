import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { oneThing } from '@bonitas/core/model/oneThing'
import type { Collection } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { request, type ApiProblem } from '../api/http.js'
import type { Conflict } from './changeQueue.js'
import type { Row } from './edits.js'
import type { Group } from './groups.js'
import { faultsOf, jobChanges } from './jobChanges.js'
import { jobDerived } from './jobDerived.js'
import { JobLink } from './jobLink.js'
import { storePresses } from './jobPresses.js'
import { jobRemovals, type Blocked } from './jobRemovals.js'
import { jobUndo } from './jobUndo.js'
import { dayIn } from '@bonitas/core/kernel/units/days'
import { timeZoneHere } from '../form/timeZoneHere.js'
import { useSessionStore } from '../session/sessionStore.js'
import { t } from './words.js'

/** The day it is where the studio of a job is; where it is not known yet, the day here. */
const today = (timeZone = timeZoneHere()) => dayIn(timeZone, new Date())

/** What the page is told besides the rows: how the link to the server stands, and what was refused. */
const linkState = () => ({
  waiting: ref(0),
  gone: ref(false),
  signedOut: ref(false),
  /** The server describes rows otherwise than this page: it is to be loaded anew. */
  outdated: ref(false),
  conflict: shallowRef<Conflict>(),
  refusal: ref(''),
  /** What undo and redo just did, and where: said for a while. */
  said: ref(''),
  /** The stage in sight: undo acts on what was done there. */
  stage: ref(''),
})

/** The job on the bench: its rows, what is derived from them, and the edits on their way to the server. */
export const useJobStore = defineStore('job', () => {
  const state = linkState()
  const { refusal, said, stage, signedOut, conflict } = state
  /** The rows as they are stored, with what waits. */
  const stored = shallowRef<JobSnapshot>()
  /** The same with every fact of a thing where it is read; what is changed goes to the row that holds it. */
  const snapshot = computed({
    get: () => stored.value && oneThing(stored.value),
    set: (job) => void (stored.value = job),
  })
  const day = ref(today())
  const session = useSessionStore()
  const who = () => session.visitor?.member.name ?? ''
  const link = new JobLink({ stored, ...state }, (group, problem) => void wasRefused(group, problem))
  const { commit, ...changes } = jobChanges(link, { stored, stage, said, refusal, day, who })
  const derivation = jobDerived(stored, day)
  const { letGo, ...presses } = storePresses(stored, refusal, derivation, changes.applyFix)
  const { ask, ...removals } = jobRemovals(stored, refusal, (rows, more) => void commit(rows, more))

  /** Opens a job, and takes up changes that an earlier page could not deliver. */
  async function open(jobId: string): Promise<void> {
    if (!link.isOpen(jobId)) close()
    day.value = today()
    await link.open(jobId)
    turnDay()
  }

  /** It may be another day by now, where the studio is. */
  const turnDay = () => (day.value = today(stored.value?.studio.timeZone))

  function close(): void {
    link.close()
    letGo()
    derivation.findings.value = undefined
    conflict.value = undefined
    removals.blocked.value = undefined
    refusal.value = ''
    said.value = ''
    signedOut.value = false
  }

  async function wasRefused(group: Group, problem: ApiProblem): Promise<void> {
    link.history?.refused(group.key)
    link.showAll()
    refusal.value = group.undoes
      ? t('nameCannotBeDoneSomeone', {
          name: group.name,
          status: problem.status === 412 ? '' : problem.detail,
        })
      : problem.errors.map((e) => e.text).join(' ') || problem.detail
    // What stands in the way may have come from another: looked at anew, it can be offered along.
    if (problem.status === 409 && group.removing) {
      await link.refresh().catch(() => undefined)
      ask(group.removing as Blocked['removing'])
    }
  }

  /**
   * A money act. Changes go first, so that the server orders what the screen shows; then the job is read anew.
   * @param key the same for every try of one act: however often it is sent, it is done once
   */
  async function act(path: string, body: unknown, key: string): Promise<void> {
    const jobId = snapshot.value?.brief.id ?? ''
    await link.flush()
    await request(`/jobs/${jobId}/${path}`, { method: 'POST', body, headers: { 'Idempotency-Key': key } })
    link.history?.acted({ at: stage.value, act: t('theLastActHereMoved') })
    await open(jobId)
  }

  /** Shows a row that the server made by itself, an uploaded photo: nothing is sent. */
  const take = (collection: Collection, row: Row) => link.written([{ collection, id: row.id, row }])

  return {
    ...state,
    ...derivation,
    ...changes,
    ...removals,
    ...presses,
    ...jobUndo(link, { stored, stage, said, refusal }),
    snapshot,
    day,
    turnDay,
    open,
    close,
    refresh: () => link.refresh(),
    faultsOf,
    take,
    settle: (kept: Parameters<JobLink['settle']>[0]) => link.settle(kept),
    act,
    nudge: link.nudge,
  }
})
