/**
 * Whether the window is as narrow as a phone, so that drawings are made for it and their lettering
 * stays readable.
 */
import { onBeforeUnmount, ref } from 'vue'

export function useNarrow() {
  const media = window.matchMedia('(max-width: 900px)')
  const narrow = ref(media.matches)
  const listen = () => (narrow.value = media.matches)
  media.addEventListener('change', listen)
  onBeforeUnmount(() => media.removeEventListener('change', listen))
  return narrow
}
