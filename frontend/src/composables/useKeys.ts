/** The keyboard set: one list, shown with "?", in force unless someone is typing. */
import { onBeforeUnmount, onMounted, reactive } from 'vue'

export interface Key {
  keys: string[]
  says: string
  run: (event: KeyboardEvent) => void
  shown?: string
}

const stack: Key[][] = reactive([])

function typing(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target instanceof HTMLInputElement)
    return !['range', 'checkbox', 'radio', 'button'].includes(target.type)
  return (
    target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.closest('[role="listbox"],[role="dialog"]') !== null
  )
}

function name(event: KeyboardEvent): string {
  return (
    (event.ctrlKey || event.metaKey ? 'Ctrl+' : '') +
    (event.key.length === 1 ? event.key.toLowerCase() : event.key)
  )
}

function listen(event: KeyboardEvent) {
  if (event.altKey || typing(event.target)) return
  const pressed = name(event)
  for (const keys of [...stack].reverse()) {
    const found = keys.find((k) => k.keys.includes(pressed))
    if (found) {
      event.preventDefault()
      found.run(event)
      return
    }
  }
}

/** Puts keys in force while the component is there. */
export function useKeys(keys: Key[]) {
  onMounted(() => {
    if (stack.length === 0) window.addEventListener('keydown', listen)
    stack.push(keys)
  })
  onBeforeUnmount(() => {
    stack.splice(stack.indexOf(keys), 1)
    if (stack.length === 0) window.removeEventListener('keydown', listen)
  })
}

/** Every key in force, for the help. */
export function keysInForce(): Key[] {
  return stack.flat()
}
