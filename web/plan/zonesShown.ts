import { ref } from 'vue'

/** Whether the zones of the cautions are drawn over plan and walls: asked for on one, it holds for the other. */
export const zonesShown = ref(false)
