import { onBeforeUnmount, onMounted } from 'vue'

const MINUTE_MS = 60_000

/** Asks for the day once a minute and when the page is looked at again: a page left open overnight is not of yesterday. */
export function useDayTurn(turn: () => void): void {
  let timer: ReturnType<typeof setInterval> | undefined
  onMounted(() => {
    timer = setInterval(turn, MINUTE_MS)
    document.addEventListener('visibilitychange', turn)
  })
  onBeforeUnmount(() => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', turn)
  })
}
