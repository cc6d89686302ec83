/** Sends what waits, the oldest first, once. Pages and the service worker send by this. */
import { onDevice, type Item } from './store'

/**
 * Why sending stopped: nobody answers; somebody else answers in Billhook's place, as a network's
 * sign-in page does; or nothing waits.
 */
export type Away = 'silent' | 'stranger' | null
export interface Sent {
  item: Item
  answer: unknown
}
interface Answer {
  act?: string
  taken?: boolean
  title?: string
  detail?: string
  errors?: { pointer: string; field?: string; message: string }[]
}
type Refusal = { refused: string; wrong?: Item['wrong'] }
type Outcome = { taken: unknown } | Refusal | { failed: string } | { away: 'silent' | 'stranger' }

/**
 * How long an answer is awaited, ms: a request that hangs on a weak signal must not hold up all
 * that comes after it. Its act keeps a thing sent twice one thing.
 */
const PATIENCE = { entry: 20_000, photo: 45_000 }

/** Where Billhook gave no reason, which it always does. */
const UNSAID = '…'

const said = (answer: Answer) =>
  [answer.title, answer.detail, ...(answer.errors ?? []).map((e) => e.message)]
    .filter(Boolean)
    .join(' ')

/**
 * One thing to Billhook. Only an answer that names the thing is Billhook's; anything else may be
 * anybody's.
 */
export async function offer(item: Item): Promise<Outcome> {
  try {
    const type = item.blob ? item.blob.type || 'image/jpeg' : 'application/json'
    const headers = {
      'Content-Type': type,
      'Billhook-Act': item.act,
      'Billhook-Device': item.device,
      ...(item.language ? { 'Accept-Language': item.language } : {}),
      ...(item.units ? { 'Reader-Units': item.units } : {}),
      ...(item.home ? { 'Billhook-Holding': item.home } : {}),
      ...(item.account ? { 'Billhook-Account': item.account } : {}),
    }
    // read first: a photo whose store was emptied meanwhile fails at once and holds up nothing
    const photo = item.blob && (await item.blob.arrayBuffer())
    const response = await fetch(item.path, {
      method: item.method,
      body: photo ?? JSON.stringify(item.body),
      headers,
      signal: AbortSignal.timeout(item.blob ? PATIENCE.photo : PATIENCE.entry),
    })
    const answer = (await response.json().catch(() => null)) as Answer | null
    if (answer?.act !== item.act) return { away: response.status >= 500 ? 'silent' : 'stranger' }
    if (response.ok || answer.taken) return { taken: answer }
    if (response.status === 503) return { away: 'silent' }
    if (response.status >= 500) return { failed: said(answer) || UNSAID }
    const wrong = answer.errors?.length ? { wrong: answer.errors } : {}
    return { refused: said(answer) || UNSAID, ...wrong }
  } catch {
    return { away: 'silent' }
  }
}

/**
 * Sends all that waits and can be sent. What is refused or fails is set aside, with the reason, and
 * the rest goes on.
 */
export async function sendAll(
  changed: () => Promise<unknown>,
  heard: (sent: Sent) => void,
): Promise<Away> {
  for (;;) {
    const waiting = await onDevice((db) => db.getAll('outbox'))
    const next = waiting.find((i) => !i.refused && !i.failed)
    if (!next) return null
    const outcome = await offer(next)
    if ('away' in outcome) return outcome.away
    if ('taken' in outcome) await onDevice((db) => db.delete('outbox', next.seq!))
    else await onDevice((db) => db.put('outbox', { ...next, ...outcome }))
    await changed()
    if ('taken' in outcome) heard({ item: next, answer: outcome.taken })
  }
}

/**
 * One sender at a time, among all windows and the service worker; without locks, ids keep a thing
 * sent twice one thing.
 */
export async function alone<T>(work: () => Promise<T>): Promise<T> {
  return 'locks' in navigator ? await navigator.locks.request('billhook-outbox', work) : work()
}

/** What windows and the service worker tell one another. */
export const CHANNEL = 'billhook-outbox'
/** The name under which the browser wakes the service worker once there is signal. */
export const SYNC = 'billhook-outbox'
