/** The outbox: everything entered under the tree is put down here first and sent in order, once, as soon as Billhook answers. */
import { device, type Item } from './store'
import { computed, ref, shallowRef } from 'vue'

const AGAIN_MS = 3000
/** Everything that waits or was refused, in order. */
const items = shallowRef<Item[]>([])
const away = ref(false)
const listeners = new Set<(item: Item, answer: unknown) => void>()
let sending: Promise<void> | null = null
let timer: ReturnType<typeof setTimeout> | undefined

const load = async () => (items.value = await (await device()).getAll('outbox'))

/** Puts something into the outbox and sends it when it can. Resolves once it is safely kept. */
export async function put(item: Item): Promise<void> {
  // what the browser's database is given must be plain
  await (await device()).add('outbox', { ...item, body: JSON.parse(JSON.stringify(item.body ?? null)) as unknown })
  await load()
  void send()
}

/** Takes a refused item out. */
export async function drop(item: Item): Promise<void> {
  await (await device()).delete('outbox', item.seq!)
  await load()
}

/** Hears of everything that was sent, with Billhook's answer. */
export function onSent(heard: (item: Item, answer: unknown) => void): () => void {
  listeners.add(heard)
  return () => listeners.delete(heard)
}

/** Sends what waits, the oldest first; one sender at a time, also among several windows. */
export function send(): Promise<void> {
  clearTimeout(timer)
  sending ??= locked(run).finally(() => (sending = null))
  return sending
}

async function locked(work: () => Promise<void>): Promise<void> {
  // where the browser has locks only one window sends; without them ids keep a thing sent twice one thing
  await (navigator.locks ? navigator.locks.request('billhook-outbox', work) : work())
}

async function run(): Promise<void> {
  for (;;) {
    const next = (await load()).find((i) => !i.refused)
    if (!next) {
      away.value = false
      return
    }
    const reply = await offer(next)
    if (reply === null) {
      away.value = true
      timer = setTimeout(() => void send(), AGAIN_MS)
      return
    }
    away.value = false
    const db = await device()
    if (reply.refused) await db.put('outbox', { ...next, refused: reply.refused })
    else await db.delete('outbox', next.seq!)
    await load()
    if (!reply.refused) for (const heard of listeners) heard(next, reply.answer)
  }
}

/** One thing to Billhook: its answer, or why it will not take it; null where nobody answers. */
async function offer(item: Item): Promise<{ answer?: unknown; refused?: string } | null> {
  try {
    const body = item.blob ?? JSON.stringify(item.body)
    const type = item.blob ? item.blob.type || 'image/jpeg' : 'application/json'
    const response = await fetch(item.path, { method: item.method, body, headers: { 'Content-Type': type } })
    if (response.status >= 500) return null
    const answer = (await response.json().catch(() => null)) as { title?: string; detail?: string; errors?: { message: string }[] } | null
    if (response.ok) return { answer }
    return { refused: [answer?.title, answer?.detail, ...(answer?.errors ?? []).map((e) => e.message)].filter(Boolean).join(' ') || 'refused' }
  } catch {
    return null
  }
}

/** What waits and what was refused, for the screens. */
export function useOutbox() {
  return {
    waiting: computed(() => items.value.filter((i) => !i.refused)),
    refused: computed(() => items.value.filter((i) => i.refused)),
    away,
    /** Whether anything of a tree still waits. */
    waitsFor: (tree: string) => items.value.some((i) => i.tree === tree && !i.refused),
  }
}

void load().then(() => send())
window.addEventListener('online', () => void send())
