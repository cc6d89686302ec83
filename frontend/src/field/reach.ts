/** Whether Billhook answers, known before the next tap. */
import { useOnline } from '@vueuse/core'
import { computed, ref } from 'vue'

const answered = ref(true)
/** Told by everything that asks Billhook. */
export const heardOf = (there: boolean) => (answered.value = there)

export function useReach() {
  const online = useOnline()
  return { reached: computed(() => online.value && answered.value) }
}
