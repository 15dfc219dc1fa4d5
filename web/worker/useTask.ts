import { onBeforeUnmount, ref } from 'vue'

/** What a worker says while it works: how far it is. Anything else is its result. */
interface Progress {
  readonly done: number
}

/**
 * Heavy work in a worker of its own: shows how far it is, ends when it is stopped, asked anew or left behind.
 *
 * @param make starts the worker
 */
export function useTask<Result extends object>(make: () => Worker) {
  /** 0 to 1 while it works. */
  const done = ref<number>()
  let worker: Worker | undefined
  let settle: ((result: Result | undefined) => void) | undefined

  function stop(): void {
    worker?.terminate()
    worker = undefined
    done.value = undefined
    settle?.(undefined)
    settle = undefined
  }
  onBeforeUnmount(stop)

  /**
   * Begins, in the place of what may be going on.
   * @returns the result; undefined when it was stopped
   * @throws {Error} when the worker fails
   */
  function run(ask: object): Promise<Result | undefined> {
    stop()
    done.value = 0
    return new Promise((resolve, reject) => {
      settle = resolve
      const started = make()
      worker = started
      started.addEventListener('message', ({ data }: MessageEvent<Progress | Result>) => {
        if ('done' in data) done.value = data.done
        else {
          settle = undefined
          stop()
          resolve(data)
        }
      })
      started.addEventListener('error', (event) => {
        settle = undefined
        stop()
        reject(new Error(event.message))
      })
      started.postMessage(ask)
    })
  }
  return { done, run, stop }
}
