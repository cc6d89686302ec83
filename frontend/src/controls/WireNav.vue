<script setup lang="ts">
/**
 * Four places and More, as tags on a wire; what is open hangs lower. On top at the table; at the
 * foot of a phone, in reach of the thumb, with what is open named in the head.
 */
import tell from 'words:app'
import { useGrove } from '@/composables/useGrove'
import { useHead } from '@/composables/useOpened'
import { computed } from 'vue'
import { useRoute } from 'vue-router'

const route = useRoute()
const opened = useHead()
const places: { to: string; name: string; of: string[] }[] = [
  {
    to: '/today',
    get name() {
      return tell('today-2')
    },
    of: ['today', 'weeks', 'months'],
  },
  {
    to: '/grove',
    get name() {
      return tell('grove')
    },
    of: ['grove', 'tree', 'block', 'row', 'row-walk', 'sheet', 'start', 'trace', 'rehearse'],
  },
  {
    to: '/year',
    get name() {
      return tell('year')
    },
    of: ['year'],
  },
  {
    to: '/book',
    get name() {
      return tell('book')
    },
    of: ['book', 'report'],
  },
  {
    to: '/more',
    get name() {
      return tell('more')
    },
    of: [
      'more',
      'place',
      'known',
      'frost',
      'heights',
      'help',
      'phone',
      'people',
      'practice',
      'lesson',
    ],
  },
]
const at = (place: (typeof places)[number]) =>
  route.matched.some((r) => place.of.includes(String(r.name)))
/** A frost that is foreseen, or not judged yet, hangs its own. */
const { data: grove } = useGrove()
const frost = computed(() => grove.value?.frost.says)
const tags = computed(() => {
  const last = places.at(-1)!
  const cold = { to: '/frost', name: tell('frost'), of: ['frost'] }
  const rest = { ...last, of: last.of.filter((page) => page !== 'frost') }
  return frost.value ? [...places.slice(0, -1), cold, rest] : places
})
const page = () => places.find(at)?.name ?? tell('billhook')
</script>

<template>
  <header class="head no-print">
    <p class="open">
      <RouterLink v-if="opened" class="plate" :to="opened.to"
        ><b>{{ opened.name }}</b> <span v-if="opened.kind">{{ opened.kind }}</span></RouterLink
      >
      <span v-else class="tag">{{ page() }}</span>
    </p>
    <nav :aria-label="tell('places')" class="wire">
      <RouterLink
        v-for="place in tags"
        :key="place.to"
        :to="place.to"
        class="wire-tag"
        :class="{ on: at(place) }"
        :aria-current="at(place) ? 'page' : undefined"
        :title="place.to === '/frost' ? (frost ?? undefined) : undefined"
        >{{ place.name }}</RouterLink
      >
    </nav>
    <slot />
  </header>
</template>

<style scoped>
.head {
  position: relative;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  height: var(--head);
  padding: 0 24px;
}
.head::before {
  content: '';
  position: absolute;
  inset: 9px 0 auto;
  border-top: var(--line) solid var(--ink);
}
.open {
  display: none;
}
.wire {
  position: relative;
  display: flex;
  align-items: flex-start;
  gap: 3px;
  padding-top: 9px;
}
.wire-tag:last-child {
  margin-left: 26px;
}
@media (max-width: 720px) {
  .head {
    align-items: center;
    padding: 0 6px 0 12px;
    border-bottom: var(--line) solid var(--ink);
  }
  .head::before {
    display: none;
  }
  .open {
    display: block;
    min-width: 0;
    font-size: var(--text-lead);
  }
  .open .plate {
    max-width: 100%;
    min-height: 36px;
    overflow: hidden;
  }
  .open .plate b {
    font-weight: inherit;
  }
  .open .plate span {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .wire {
    position: fixed;
    z-index: 20;
    inset: auto 0 0;
    align-items: flex-end;
    height: 58px;
    padding: 0 8px;
    background: var(--paper);
    border-bottom: 10px solid var(--paper);
    box-shadow: inset 0 calc(-1 * var(--line)) 0 var(--ink);
  }
  .wire-tag {
    flex: 1;
    height: 46px;
    padding: 0 2px;
    line-height: 44px;
    text-align: center;
    border-top: var(--line) solid var(--ink);
    border-bottom: 0;
    border-radius: 8px 8px 0 0;
  }
  .wire-tag.on {
    height: 48px;
  }
  .wire-tag:last-child {
    margin-left: 0;
  }
}
</style>
