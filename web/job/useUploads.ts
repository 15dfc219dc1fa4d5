import { onScopeDispose, ref, watch } from 'vue'
import type { PHOTO_KINDS } from '@bonitas/core/model/vocabulary/photo'
import type { Photo } from '@bonitas/core/model/rows/photos'
import { ApiProblem, sendPicture, ServerGone } from '../api/http.js'
import { nextPosition } from './edits.js'
import { useJobStore } from './jobStore.js'
import { t } from './words.js'

type Kind = (typeof PHOTO_KINDS)[number]

/** What is said of a file before it is sent. */
export interface UploadAbout {
  readonly kind: Kind
  readonly subject: string
}

/** A file on its way, or one that did not get through. */
export interface Upload extends UploadAbout {
  readonly id: string
  readonly file: File
  says: string
  failed: boolean
  /** The server was not reached: it is sent again by itself when the network is there. */
  unreached?: boolean
}

const MOST_BYTES = 20 * 1024 * 1024

/** Sends photos, and PDFs of papers, one after another; what fails waits on the page with its reason. */
export function useUploads() {
  const store = useJobStore()
  const waiting = ref<Upload[]>([])

  const forget = (id: string): void => {
    waiting.value = waiting.value.filter((w) => w.id !== id)
  }

  async function send(w: Upload): Promise<void> {
    const job = store.snapshot
    if (!job) return
    w.failed = false
    w.unreached = false
    w.says = t('sending')
    try {
      const about = { kind: w.kind, subject: w.subject, note: '', position: nextPosition(job.photos) }
      store.take('photos', await sendPicture<Photo>(job.brief.id, w.id, w.file, about))
      forget(w.id)
    } catch (error) {
      w.failed = true
      if (error instanceof ApiProblem) w.says = error.detail
      else if (error instanceof ServerGone) {
        w.unreached = true
        w.says = t('theServerDidNotAnswer')
      } else throw error
    }
  }

  async function take(files: readonly File[], about: UploadAbout): Promise<void> {
    const taken = files.map((file): Upload => ({
      id: crypto.randomUUID(),
      file,
      ...about,
      says: 'waiting',
      failed: false,
    }))
    waiting.value = [...waiting.value, ...taken]
    for (const file of taken) {
      const w = waiting.value.find((x) => x.id === file.id)
      if (!w) continue
      w.says = unfit(w)
      if (w.says) w.failed = true
      else await send(w)
    }
  }

  /** Whatever did not reach the server goes again, one after another. */
  async function sendUnreached(): Promise<void> {
    for (const w of waiting.value.filter((x) => x.unreached)) await send(w)
  }
  const again = (): void => void sendUnreached()
  if ('addEventListener' in globalThis) {
    globalThis.addEventListener('online', again)
    onScopeDispose(() => globalThis.removeEventListener('online', again))
  }
  watch(
    () => store.gone,
    (gone) => !gone && again(),
  )

  return { waiting, send, take, forget }
}

/** Why a file is not worth sending; empty when it is. */
export function unfit({ file, kind }: Pick<Upload, 'file' | 'kind'>): string {
  const paper = kind === 'paper'
  if (file.size > MOST_BYTES) return t('thePaperIsOver20', { paper: paper ? 'file' : 'picture' })
  if (file.type === '' || file.type.startsWith('image/')) return ''
  if (paper && file.type === 'application/pdf') return ''
  return paper ? t('theFileIsNeitherA') : t('theFileIsNotA')
}
