import { ref, watch, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/**
 * What is in hand on a page, kept in its address: Back, a reload and a link find it again.
 * @param name the word of the address it stands under
 */
export function useInAddress(name: string): Ref<string | undefined> {
  const route = useRoute()
  const router = useRouter()
  const page = route.path
  const inAddress = () => {
    const value = route.query[name]
    return typeof value === 'string' ? value : undefined
  }
  const inHand = ref(inAddress())
  watch(inHand, (now) => {
    if (route.path !== page || inAddress() === now) return
    const { [name]: _before, ...rest } = route.query
    void router.replace({ query: now === undefined ? rest : { ...rest, [name]: now } })
  })
  watch(inAddress, (now) => {
    // Another page has an address of its own; what is in hand here stays until this one is gone.
    if (route.path === page) inHand.value = now
  })
  return inHand
}
