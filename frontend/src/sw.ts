/// <reference lib="webworker" />
/** Keeps the pages of Billhook on this device so that they open without signal, and sends what
 * waits once there is signal again.
 * Answers of the API are never kept here, so that nothing old is shown as new; but for the
 * catalogue, which changes only with the pages. */
import { alone, CHANNEL, sendAll, SYNC } from '@/field/send'

declare const self: ServiceWorkerGlobalScope
interface SyncEvent extends ExtendableEvent {
  tag: string
}
interface Part {
  file: string
  css?: string[]
  assets?: string[]
}
const CACHE = 'billhook-pages'
const KNOWN = 'billhook-known'
/** Answers that change only with the pages. */
const FIXED = new Set(['/api/catalogue', '/api/glossary'])
/** The course changes only with them too, and is kept once it was opened. */
const fixed = (url: URL) =>
  FIXED.has(url.pathname + url.search) ||
  url.pathname === '/api/practice' ||
  url.pathname.startsWith('/api/practice/lessons/')

async function takeIn(): Promise<void> {
  const cache = await caches.open(CACHE)
  const manifest = (await (await fetch('/assets.json', { cache: 'no-store' })).json()) as Record<
    string,
    Part
  >
  const files = new Set(['/', '/mark.svg', '/billhook.webmanifest'])
  for (const part of Object.values(manifest)) {
    files.add(`/${part.file}`)
    for (const more of [...(part.css ?? []), ...(part.assets ?? [])]) files.add(`/${more}`)
  }
  await cache.addAll([...files])
  for (const kept of await cache.keys())
    if (!files.has(new URL(kept.url).pathname)) await cache.delete(kept)
}

/** How long a page is awaited where one is kept on this device, ms: a weak signal may never answer. */
const PATIENCE_MS = 6000

/** Whether a page is Billhook's, and not that of a network that wants a password first. */
const ours = (text: string) => text.includes('<title>Billhook</title>')

async function page(request: Request): Promise<Response> {
  const kept = await (await caches.open(CACHE)).match('/')
  try {
    const fresh = await fetch(request, kept && { signal: AbortSignal.timeout(PATIENCE_MS) })
    const now = await fresh.clone().text()
    if (fresh.ok && ours(now)) {
      const before = await kept?.clone().text()
      // another build is out: take its files in before the next time without signal
      if (before !== now) void takeIn().catch(() => undefined)
      return fresh
    }
    if (fresh.ok) return fresh
  } catch {
    /* nobody answers: the kept page */
  }
  return kept ?? Response.error()
}

/** The catalogue as Billhook has it; without signal as it was last seen here. */
async function known(request: Request): Promise<Response> {
  const cache = await caches.open(KNOWN)
  try {
    const fresh = await fetch(request)
    if (fresh.ok) await cache.put(request, fresh.clone())
    return fresh
  } catch (error) {
    // rather in another language than not at all
    const kept = (await cache.match(request)) ?? (await cache.match(request, { ignoreVary: true }))
    if (!kept) throw error
    return kept
  }
}

/** Sends what waits; fails where something still does, so that the browser wakes this again. */
async function send(): Promise<void> {
  const pages = new BroadcastChannel(CHANNEL)
  const tell = (sent: unknown) => pages.postMessage(sent)
  const away = await alone(() =>
    sendAll(
      async () => tell(null),
      ({ item, answer }) => tell({ item: { ...item, blob: undefined }, answer }),
    ),
  )
  pages.close()
  if (away) throw new Error('Billhook does not answer yet')
}

self.addEventListener('install', (event) =>
  event.waitUntil(
    takeIn()
      // the first page asked for them before anybody was here to keep them
      .then(() => Promise.allSettled([...FIXED].map((path) => known(new Request(path)))))
      .then(() => self.skipWaiting()),
  ),
)
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('sync' as 'message', (event) => {
  const woken = event as unknown as SyncEvent
  if (woken.tag === SYNC) woken.waitUntil(send())
})
self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url)
  if (event.request.method === 'GET' && url.origin === self.location.origin && fixed(url))
    return event.respondWith(known(event.request))
  if (
    event.request.method !== 'GET' ||
    url.origin !== self.location.origin ||
    url.pathname.startsWith('/api/')
  )
    return
  if (event.request.mode === 'navigate') event.respondWith(page(event.request))
  else event.respondWith(caches.match(event.request).then((kept) => kept ?? fetch(event.request)))
})
