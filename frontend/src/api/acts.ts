/**
 * Every write bears an id made here. The same thing sent again, because no answer came, bears the
 * same one and is written once.
 */
import { newId } from './ids'
import { shallowRef } from 'vue'

const KEY = 'billhook-device'
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i
const unanswered = new Map<string, string>()
let mine = ''

/** Names this device, so that it can be said where something came from. */
export function deviceId(): string {
  try {
    mine ||= localStorage.getItem(KEY) ?? ''
    if (!mine) localStorage.setItem(KEY, (mine = newId()))
  } catch {
    mine ||= newId()
  }
  return mine
}

/** The id of a write: the one that its body bears, or else one that stays until an answer came. */
export function actOf(method: string, path: string, text: string): string {
  try {
    const id = (JSON.parse(text) as { id?: unknown } | null)?.id
    if (typeof id === 'string' && UUID.test(id)) return id
  } catch {
    /* no JSON: it has no id of its own */
  }
  const key = `${method} ${path} ${text}`
  if (!unanswered.has(key)) unanswered.set(key, newId())
  return unanswered.get(key)!
}

/** An answer came: the next time the same thing is sent it is meant anew. */
export function answered(act: string): void {
  for (const [key, id] of unanswered) if (id === act) unanswered.delete(key)
}

/** The newest write of this page and what it did, for the line that offers to take it back. */
export const wrote = shallowRef<{ act: string; said: string; back?: boolean } | null>(null)

/** Answers of a walk and ticks of a sheet are taken back where they stand; a walk that begins did nothing yet. */
const QUIET = /\/walks(\/[^/]+\/answers)?$|\/cuts(\/[^/]+)?$|\/undo$/

/** Hears what a write did out of its answer. */
export function hear(path: string, act: string, answer: { said?: unknown } | null): void {
  if (typeof answer?.said === 'string' && !QUIET.test(path))
    wrote.value = { act, said: answer.said }
}
