import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Photo } from '@bonitas/core/model/rows/photos'
import type { PHOTO_KINDS } from '@bonitas/core/model/vocabulary/photo'
import { ApiProblem, sendPicture, ServerGone } from '../api/http.js'
import { nextPosition } from './edits.js'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

/** What is said of a file before it is sent. */
export interface UploadAbout {
  readonly kind: (typeof PHOTO_KINDS)[number]
  readonly subject: string
}

/** A file on its way, or one that did not get through. */
export interface Upload extends UploadAbout {
  readonly id: string
  /** The job it was taken in: it goes there, whatever job is open by then. */
  readonly jobId: string
  readonly file: File
  says: string
  failed: boolean
  /** The server was not reached: it is sent again by itself when the network is there. */
  unreached: boolean
}

const MOST_BYTES = 20 * 1024 * 1024

/**
 * Files on their way, of every job that was open: they wait here, not on a page, so that going from one page to another loses
 * none. One is sent after another.
 */
export const useUploadStore = defineStore('uploads', () => {
  const job = useJobStore()
  const waiting = ref<Upload[]>([])

  const forget = (id: string): void => {
    waiting.value = waiting.value.filter((w) => w.id !== id)
  }

  async function send(w: Upload): Promise<void> {
    ;[w.failed, w.unreached, w.says] = [false, false, t('sending')]
    const open = () => (job.snapshot?.brief.id === w.jobId ? job.snapshot : undefined)
    try {
      const about = {
        kind: w.kind,
        subject: w.subject,
        note: '',
        position: nextPosition(open()?.photos ?? []),
      }
      const kept = await sendPicture<Photo>(w.jobId, w.id, w.file, about)
      if (open()) job.take('photos', kept)
      forget(w.id)
    } catch (error) {
      w.failed = true
      if (error instanceof ApiProblem) w.says = error.detail
      else if (error instanceof ServerGone) [w.unreached, w.says] = [true, t('theServerDidNotAnswer')]
      else throw error
    }
  }

  async function take(files: readonly File[], about: UploadAbout): Promise<void> {
    const jobId = job.snapshot?.brief.id
    if (jobId === undefined) return
    const taken = files.map((file): Upload => ({
      ...{ id: crypto.randomUUID(), jobId, file, ...about },
      ...{ says: 'waiting', failed: false, unreached: false },
    }))
    waiting.value = [...waiting.value, ...taken]
    for (const { id } of taken) {
      const w = waiting.value.find((x) => x.id === id)
      if (!w) continue
      w.says = unfit(w)
      if (w.says) w.failed = true
      else await send(w)
    }
  }

  /** Whatever did not reach the server goes again, one after another. */
  async function sendUnreached(): Promise<void> {
    for (const { id } of waiting.value.filter((x) => x.unreached)) {
      // By now it may have been sent, or left.
      const w = waiting.value.find((x) => x.id === id && x.unreached)
      if (w) await send(w)
    }
  }
  return { waiting, forget, send, take, sendUnreached }
})

/** Why a file is not worth sending; empty when it is. */
export function unfit({ file, kind }: Pick<Upload, 'file' | 'kind'>): string {
  const paper = kind === 'paper'
  if (file.size > MOST_BYTES) return t('thePaperIsOver20', { paper: paper ? 'file' : 'picture' })
  if (file.type === '' || file.type.startsWith('image/')) return ''
  if (paper && file.type === 'application/pdf') return ''
  return paper ? t('theFileIsNeitherA') : t('theFileIsNotA')
}
