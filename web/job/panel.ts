import { onBeforeUnmount, onMounted } from 'vue'

/** The panel of the page on screen, where it opens over the page. */
interface OverPage {
  readonly isOpen: () => boolean
  /** Opens it; done when what is in it can have the focus. */
  readonly show: () => Promise<void>
}

let overPage: OverPage | undefined

/** Says that the panel of this page opens over it. */
export function usePanelOverPage(panel: OverPage): void {
  onMounted(() => (overPage = panel))
  onBeforeUnmount(() => {
    if (overPage === panel) overPage = undefined
  })
}

/** Brings the panel into sight where it does not stand beside the page: what is begun there may not happen unseen. */
export const showPanel = (): Promise<void> => overPage?.show() ?? Promise.resolve()

/** Whether the panel lies over the page now. */
export const isPanelOverPage = (): boolean => overPage?.isOpen() ?? false
