/** What is open: the tree, row or block whose plate stands in the head of a phone. */
import { onBeforeUnmount, shallowRef, watchEffect } from 'vue'

export interface Opened {
  name: string
  kind?: string
  to: string
}
const opened = shallowRef<Opened | null>(null)

/** What the head names just now. */
export const useHead = () => opened

/** Has the head name this while the page is there. */
export function useOpened(what: () => Opened | null) {
  watchEffect(() => (opened.value = what()))
  onBeforeUnmount(() => (opened.value = null))
}
