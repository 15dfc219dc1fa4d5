/** What the server says of a job while its page is open. */
export interface LiveWord {
  /** The key of the group that was written; empty for an act of money, or when it is not known what was missed. */
  readonly key: string
}

const POLL_MS = 15_000

/**
 * Listens to a job: each word is a change that was written, by this page or another. The browser reconnects by itself;
 * while it cannot, the page looks by and by.
 *
 * @returns ends the listening
 */
export function listenTo(jobId: string, heard: (word: LiveWord) => void): () => void {
  const unknown = () => heard({ key: '' })
  if (typeof EventSource === 'undefined') {
    const timer = setInterval(unknown, POLL_MS)
    return () => clearInterval(timer)
  }
  let timer: ReturnType<typeof setInterval> | undefined
  const source = new EventSource(`/api/jobs/${jobId}/live`)
  source.addEventListener('message', (event: MessageEvent<string>) =>
    heard(JSON.parse(event.data) as LiveWord),
  )
  let lost = false
  source.addEventListener('open', () => {
    clearInterval(timer)
    timer = undefined
    // What was written while nobody listened is not known.
    if (lost) unknown()
    lost = false
  })
  source.addEventListener('error', () => {
    lost = true
    timer ??= setInterval(unknown, POLL_MS)
  })
  return () => {
    clearInterval(timer)
    source.close()
  }
}
