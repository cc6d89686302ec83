// Keeps the pages of Billhook on this device so that they open without signal. What is entered is kept by the outbox, not here;
// answers of the API are never kept here, so that nothing old is shown as new.
const CACHE = 'billhook-pages'

async function takeIn() {
  const cache = await caches.open(CACHE)
  const manifest = await (await fetch('/assets.json', { cache: 'no-store' })).json()
  const files = new Set(['/', '/mark.svg', '/billhook.webmanifest'])
  for (const part of Object.values(manifest)) {
    files.add(`/${part.file}`)
    for (const more of [...(part.css ?? []), ...(part.assets ?? [])]) files.add(`/${more}`)
  }
  await cache.addAll([...files])
  for (const kept of await cache.keys()) if (!files.has(new URL(kept.url).pathname)) await cache.delete(kept)
}

self.addEventListener('install', (event) => event.waitUntil(takeIn().then(() => self.skipWaiting())))
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

async function page(request) {
  try {
    const fresh = await fetch(request)
    if (fresh.ok) {
      const cache = await caches.open(CACHE)
      const before = await (await cache.match('/'))?.text()
      const now = await fresh.clone().text()
      // another build is out: take its files in before the next time without signal
      if (before !== now) void takeIn().catch(() => undefined)
      return fresh
    }
  } catch {
    /* nobody answers: the kept page */
  }
  return (await caches.match('/')) ?? Response.error()
}

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url)
  if (event.request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api/')) return
  if (event.request.mode === 'navigate') event.respondWith(page(event.request))
  else event.respondWith(caches.match(event.request).then((kept) => kept ?? fetch(event.request)))
})
