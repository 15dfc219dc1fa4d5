import { onBeforeUnmount, ref, type Ref } from 'vue'

/** Whether a media query holds, followed while the component is there. */
export function useMedia(query: string): Readonly<Ref<boolean>> {
  const asked = window.matchMedia(query)
  const holds = ref(asked.matches)
  const look = () => (holds.value = asked.matches)
  asked.addEventListener('change', look)
  onBeforeUnmount(() => asked.removeEventListener('change', look))
  return holds
}
