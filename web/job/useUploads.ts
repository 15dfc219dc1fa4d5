import { computed } from 'vue'
import { useJobStore } from './jobStore.js'
import { useUploadStore } from './uploadStore.js'

/** Sends photos, and PDFs of papers, of the open job; what fails waits with its reason, on every page that takes files. */
export function useUploads() {
  const job = useJobStore()
  const store = useUploadStore()
  const waiting = computed(() => store.waiting.filter((w) => w.jobId === job.snapshot?.brief.id))
  const { send, take, forget } = store
  return { waiting, send, take, forget }
}
