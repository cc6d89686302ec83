<script setup lang="ts">
/** First steps, the words of the trade, the keys, and the guide: all of it works without signal. */
import tell from 'words:more'
import KeysList from '@/controls/KeysList.vue'
import { useTerms } from '@/composables/useTerms'
import { language } from '@/words'
import { computed, defineAsyncComponent, ref, type Component } from 'vue'

const { terms, fetched } = useTerms()
/** The guide in the language of this device, else in English. */
const GUIDES = {
  en: () => import('../../../docs/guide.md'),
  ...Object.fromEntries(
    Object.entries(
      import.meta.glob<{ default: Component }>('../../../billhook/catalogue/languages/*/guide.md'),
    ).map(([path, file]) => [path.split('/').at(-2)!, file]),
  ),
} as Record<string, () => Promise<{ default: Component }>>
const guide = computed(() => defineAsyncComponent(GUIDES[language.value] ?? GUIDES.en!))
const asked = ref('')
const found = computed(() => {
  const q = asked.value.trim().toLowerCase()
  return terms.value.filter((t) => `${t.word} ${t.also.join(' ')}`.toLowerCase().includes(q))
})
const STEPS = [
  {
    to: '/start',
    get does() {
      return tell('say-where-your-trees-stand')
    },
  },
  {
    to: '/today',
    get does() {
      return tell('today-says-what-is-due')
    },
  },
  {
    to: '/grove',
    get does() {
      return tell('open-a-tree-may-i')
    },
  },
  {
    to: '/grove',
    get does() {
      return tell('look-at-it-one-question')
    },
  },
  {
    to: '/grove',
    get does() {
      return tell('plan-the-cuts-print-the')
    },
  },
  {
    to: '/book',
    get does() {
      return tell('what-was-done-stands-in')
    },
  },
]
</script>

<template>
  <div class="max-w-3xl mx-auto px-4 py-4 grid gap-6">
    <h1 class="text-title">{{ tell('help') }}</h1>
    <section :aria-label="tell('first-steps')">
      <h2 class="help-head">{{ tell('first-steps') }}</h2>
      <ol class="list-decimal pl-6">
        <li v-for="s in STEPS" :key="s.does" class="py-1">
          <RouterLink class="underline underline-offset-4" :to="s.to">{{ s.does }}</RouterLink>
        </li>
      </ol>
    </section>
    <section :aria-label="tell('words-of-the-trade')" data-test="glossary">
      <h2 class="help-head">{{ tell('words-of-the-trade') }}</h2>
      <label class="sr-only" for="term">{{ tell('which-word') }}</label>
      <input id="term" v-model="asked" class="field my-2" :placeholder="tell('which-word-2')" />
      <dl>
        <div v-for="t in found" :key="t.id" class="border-b border-rule py-2">
          <dt class="tag text-lead">{{ t.word }}</dt>
          <dd>{{ t.says }}</dd>
        </div>
      </dl>
      <p v-if="terms.length && !found.length">{{ tell('that-word-is-not-among') }}</p>
    </section>
    <section v-if="fetched" :aria-label="tell('guide')" data-test="guide">
      <h2 class="help-head">{{ tell('the-guide') }}</h2>
      <component :is="guide" />
    </section>
    <section v-if="fetched" :aria-label="tell('keys')">
      <h2 class="help-head">{{ tell('keys') }}</h2>
      <KeysList class="mt-3" />
      <p class="text-ink2 mt-2">{{ tell('each-page-has-more-of') }}</p>
    </section>
  </div>
</template>

<style>
.help-head {
  font-size: var(--text-part);
  border-bottom: 2px solid var(--ink);
  padding-bottom: 4px;
}
.chapter > summary {
  padding: 12px 0;
  border-bottom: 1px solid var(--rule);
}
.prose {
  padding: 6px 0 18px 24px;
  overflow-x: auto;
}
.prose p,
.prose ul,
.prose ol,
.prose table {
  margin: 8px 0;
}
.prose ul {
  list-style: disc;
}
.prose ol {
  list-style: decimal;
}
.prose li {
  margin-left: 18px;
}
.prose th,
.prose td {
  border-bottom: 1px solid var(--rule);
  padding: 4px 14px 4px 0;
  text-align: left;
  vertical-align: top;
}
.prose h3 {
  font-size: var(--text-lead);
  margin-top: 12px;
}
.prose code {
  font-weight: 700;
}
</style>
