import { ref } from 'vue'

/** What is gone for good is asked for twice: the first press arms the button, the second does it. */
export function useConfirm(act: (id: string) => void) {
  const armed = ref('')
  const press = (id: string): void => {
    if (armed.value === id) act(id)
    armed.value = armed.value === id ? '' : id
  }
  return { armed, press }
}
