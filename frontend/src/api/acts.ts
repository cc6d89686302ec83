/**
 * Every write bears an id made here. The same thing sent again, because no answer came, bears the
 * same one and is written once.
 */
import { newId } from './ids'

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
