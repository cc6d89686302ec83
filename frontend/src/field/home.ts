/**
 * Which holding this device works for, so that what was entered for one is never sent to another,
 * and that an older backup put back is noticed.
 */
import { shallowRef } from 'vue'

const HOME = 'billhook-holding'
const ACCOUNT = 'billhook-account'
const SEEN = 'billhook-restored'

const read = (key: string) => {
  try {
    return localStorage.getItem(key) ?? ''
  } catch {
    return ''
  }
}
const keep = (key: string, value: string) => {
  try {
    localStorage.setItem(key, value)
  } catch {
    /* a browser that keeps nothing works for whatever holding is open */
  }
}

/** Id of the holding that is open on this device; empty before one was. */
export const homeOf = () => read(HOME)

/** Id of the account that this device was signed in with last; empty where nobody signs in. */
export const accountOf = {
  get: () => read(ACCOUNT),
  /**
   * Signed out, what waits here goes on being that person's until somebody else comes.
   * @returns Whether somebody else was here before.
   */
  set: (id: string): boolean => {
    const before = read(ACCOUNT)
    if (id) keep(ACCOUNT, id)
    return !!id && !!before && before !== id
  },
}

/** What a person at this device should know of the holding that answers. */
export const homeSays = shallowRef<{ other?: string; asOf?: string } | null>(null)

let expected = false
/** The next holding that answers in place of this one was asked for here: it is no stranger. */
export const expectAnother = (asked: boolean) => (expected = asked)

/** Hears which holding answers, and whether an older state of it was put back. */
export function heedHome(
  id: string,
  name: string,
  restored: { at: string; as_of: string } | null,
): void {
  const before = homeOf()
  if (before && before !== id && expected) expected = false
  else if (before && before !== id) homeSays.value = { other: name }
  else if (before && restored && read(SEEN) !== restored.at)
    homeSays.value = { asOf: restored.as_of }
  keep(HOME, id)
  if (restored) keep(SEEN, restored.at)
}
