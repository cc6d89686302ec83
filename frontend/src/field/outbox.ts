/**
 * The outbox: everything entered under the tree is put down here first and sent in order, once,
 * from whatever page is open.
 */
import { newId } from '@/api/ids'
import { deviceId, hear } from '@/api/acts'
import { language } from '@/words'
import { accountOf, homeOf } from './home'
import { alone, CHANNEL, sendAll, SYNC, type Away, type Sent } from './send'
import { onDevice, type Item } from './store'
import { computed, ref, shallowRef } from 'vue'

const AGAIN_MS = 3000
/** Everything that waits or was set aside, in order. */
const items = shallowRef<Item[]>([])
const away = ref<Away>(null)
const listeners = new Set<(item: Item, answer: unknown) => void>()
const others = 'BroadcastChannel' in globalThis ? new BroadcastChannel(CHANNEL) : null
let sending: Promise<void> | null = null
/** Something was put in while a sending went on. */
let more = false
let timer: ReturnType<typeof setTimeout> | undefined

const load = async () => (items.value = await onDevice((db) => db.getAll('outbox')))
function told({ item, answer }: Sent) {
  hear(item.path, item.act, answer as { said?: unknown } | null)
  listeners.forEach((heard) => heard(item, answer))
}
others?.addEventListener(
  'message',
  (event: MessageEvent<Sent | null>) => void load().then(() => event.data && told(event.data)),
)

/** On which device, for which holding and by whom it is entered. */
const entered = () => ({
  device: deviceId(),
  home: homeOf(),
  account: accountOf.get(),
  language: language.value,
  units: localStorage.getItem('units') ?? 'metric',
})
export type New = Omit<
  Item,
  | 'seq'
  | 'act'
  | 'device'
  | 'home'
  | 'account'
  | 'language'
  | 'units'
  | 'refused'
  | 'wrong'
  | 'failed'
>

/** Puts something into the outbox and sends it when it can. Resolves once it is safely kept. */
export async function put(item: New): Promise<void> {
  // what the browser's database is given must be plain
  const body = JSON.parse(JSON.stringify(item.body ?? null)) as { id?: string } | null
  const kept = { ...item, body, act: body?.id ?? newId(), ...entered() }
  await onDevice((db) => db.add('outbox', kept))
  await load()
  others?.postMessage(null)
  void send()
  void wakeLater()
}

/**
 * Asks the browser to send what waits once there is signal, also with no page open; where it can.
 */
async function wakeLater(): Promise<void> {
  const worker = await navigator.serviceWorker?.getRegistration().catch(() => undefined)
  const sync = (
    worker as unknown as { sync?: { register(tag: string): Promise<void> } } | undefined
  )?.sync
  await sync?.register(SYNC).catch(() => undefined)
}

/** Takes out what was set aside. */
export async function drop(item: Item): Promise<void> {
  await onDevice((db) => db.delete('outbox', item.seq!))
  await load()
}

/** Sends once more what was set aside, as it was or mended. */
export async function resend(item: Item, mended: Record<string, unknown> = {}): Promise<void> {
  const body = item.body === null ? null : { ...(item.body as object), ...mended }
  const anew = { ...item, body, refused: undefined, wrong: undefined, failed: undefined }
  await onDevice((db) => db.put('outbox', anew))
  await load()
  await send()
}

/** Sends anew what failed, in its order. */
export async function again(): Promise<void> {
  for (const item of await onDevice((db) => db.getAll('outbox')))
    if (item.failed) await onDevice((db) => db.put('outbox', { ...item, failed: undefined }))
  await send()
}

/** Hears of everything that was sent, with Billhook's answer. */
export function onSent(heard: (item: Item, answer: unknown) => void): () => void {
  listeners.add(heard)
  return () => listeners.delete(heard)
}

/**
 * Sends what waits; one sender at a time. Once more afterwards where something was put in
 * meanwhile.
 */
export function send(): Promise<void> {
  clearTimeout(timer)
  more = sending !== null
  sending ??= run().finally(() => {
    sending = null
    if (more) void send()
  })
  return sending
}

async function run(): Promise<void> {
  const heard = (sent: Sent) => {
    told(sent)
    others?.postMessage({ item: { ...sent.item, blob: undefined }, answer: sent.answer })
  }
  away.value = await alone(() => sendAll(load, heard))
  await load()
  if (away.value) timer = setTimeout(() => void send(), AGAIN_MS)
}

/** Sends what waits now, at every sign of signal, and what failed before once more. */
export function start(): void {
  void load().then(again)
  window.addEventListener('online', () => void send())
  document.addEventListener(
    'visibilitychange',
    () => document.visibilityState === 'visible' && void send(),
  )
}

/** What waits and what was set aside, for the screens. */
export function useOutbox() {
  return {
    waiting: computed(() => items.value.filter((i) => !i.refused && !i.failed)),
    refused: computed(() => items.value.filter((i) => i.refused)),
    failed: computed(() => items.value.filter((i) => i.failed)),
    away,
    /** Whether anything of a tree still waits. */
    waitsFor: (tree: string) => items.value.some((i) => i.tree === tree && !i.refused && !i.failed),
  }
}
