// A page in the background is given no frames.
const WITHOUT_FRAMES_MS = 400

/**
 * Puts work off until what is on its way to the screen has been drawn; asked for again before then, it is done once.
 * Outside a browser it follows at once.
 */
export function afterPaint(work: () => void): () => void {
  let due: ReturnType<typeof setTimeout> | undefined
  const run = () => {
    if (due === undefined) return
    clearTimeout(due)
    due = undefined
    work()
  }
  return () => {
    if (due !== undefined) return
    const frames = 'requestAnimationFrame' in globalThis
    due = setTimeout(run, frames ? WITHOUT_FRAMES_MS : 0)
    if (frames) requestAnimationFrame(() => setTimeout(run))
  }
}
