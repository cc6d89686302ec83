/**
 * Whether the window is as narrow as a phone, so that drawings are made for it and their lettering
 * stays readable.
 */
import { useMediaQuery } from '@vueuse/core'

export const useNarrow = () => useMediaQuery('(max-width: 900px)')
