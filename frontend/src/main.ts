import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { start } from './field/outbox'
import { router } from './router'
import { ready } from './words'
import './style.css'

// a service worker needs a secure origin; elsewhere the outbox works without it. It waits until the
// first view is done.
if ('serviceWorker' in navigator && window.isSecureContext && import.meta.env.PROD)
  window.addEventListener('load', () =>
    setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), 2000),
  )

const app = createApp(App)
  .use(router)
  .use(VueQueryPlugin, {
    queryClientConfig: {
      defaultOptions: {
        queries: { retry: 1, retryDelay: 600, refetchOnWindowFocus: false, networkMode: 'always' },
        mutations: { networkMode: 'always' },
      },
    },
  })
void ready().then(() => app.mount('#app'))

// whatever page is opened first, what waits on this device is sent
start()
