<script setup lang="ts">
import type { GroveTree } from '@/api/client'
import { sentence } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import GrovePlan from '@/drawings/GrovePlan.vue'
import ToneMark from '@/drawings/ToneMark.vue'
import { dayWords, lengthWords } from '@/geometry/measure'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useKeys } from '@/composables/useKeys'

const { data: grove, error, isPending } = useGrove()
const { units, heedUnits } = useSettings()
const router = useRouter()
const site = ref('')
const picked = ref<GroveTree | null>(null)
watch(
  grove,
  (g) => {
    if (!g) return
    heedUnits(g.units)
    if (!g.sites.some((s) => s.id === site.value)) site.value = g.sites[0]?.id ?? ''
    if (g.holding === null) void router.replace('/start')
  },
  { immediate: true },
)

/** Like needs side by side, in walking order: block, row, tree. */
const needs = computed(() => {
  const g = grove.value
  if (!g) return []
  const blocks = new Map(g.blocks.map((b) => [b.id, b]))
  const rows = new Map(g.rows.map((r) => [r.id, r]))
  const groups = new Map<
    string,
    {
      key: string
      block: string
      tone: GroveTree['tone']
      text: string
      trees: GroveTree[]
      rows: Set<number>
    }
  >()
  for (const tree of g.trees) {
    const row = rows.get(tree.row_id)
    const block = row && blocks.get(row.block_id)
    if (!row || !block || block.site_id !== site.value) continue
    const key = `${block.id}/${tree.need_alike}`
    const group = groups.get(key) ?? {
      key,
      block: block.name,
      tone: tree.tone,
      text: tree.need_alike,
      trees: [],
      rows: new Set<number>(),
    }
    group.trees.push(tree)
    group.rows.add(row.n)
    groups.set(key, group)
  }
  const order = { go: 0, light: 1, wait: 2, stop: 3 }
  return [...groups.values()].sort(
    (a, b) => order[a.tone] - order[b.tone] || a.block.localeCompare(b.block),
  )
})
function rowsWords(rows: Set<number>) {
  const list = [...rows].sort((a, b) => a - b)
  const run = list.length > 2 && list.at(-1)! - list[0]! === list.length - 1
  const which = run ? `${list[0]}–${list.at(-1)}` : list.join(', ')
  return `${list.length > 1 ? 'rows' : 'row'} ${which}`
}
const siteTrees = computed(() => {
  const g = grove.value
  if (!g) return []
  const blocks = new Set(g.blocks.filter((b) => b.site_id === site.value).map((b) => b.id))
  const rows = new Set(g.rows.filter((r) => blocks.has(r.block_id)).map((r) => r.id))
  return g.trees.filter((t) => rows.has(t.row_id))
})
function step(by: number) {
  const list = siteTrees.value
  const at = list.findIndex((t) => t.id === picked.value?.id)
  picked.value = list[(at + by + list.length) % list.length] ?? null
}
const open = (tree: GroveTree) => void router.push(`/tree/${tree.id}`)
useKeys([
  {
    keys: ['ArrowRight', 'ArrowDown'],
    says: 'next tree in the row',
    run: () => step(1),
    shown: '→',
  },
  { keys: ['ArrowLeft', 'ArrowUp'], says: 'the tree before', run: () => step(-1), shown: '←' },
  { keys: ['Enter'], says: 'open the tree', run: () => picked.value && open(picked.value) },
])
</script>

<template>
  <p v-if="isPending" class="p-6">Opening the holding …</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="grove?.holding" class="page">
    <section class="draw" aria-label="Plan of the holding">
      <div v-if="grove.sites.length > 1" class="sites" role="group" aria-label="Site">
        <button
          v-for="s in grove.sites"
          :key="s.id"
          type="button"
          class="plate"
          :class="{ on: s.id === site }"
          :aria-pressed="s.id === site"
          @click="((site = s.id), (picked = null))"
        >
          {{ s.name }}
        </button>
      </div>
      <GrovePlan
        :grove="grove"
        :site-id="site"
        :width="868"
        :height="720"
        :selected="picked?.id ?? null"
        :units="units"
        @pick="picked = $event"
        @open="open"
      />
      <p class="legend" aria-hidden="true">
        <span
          v-for="t in ['go', 'light', 'wait', 'stop'] as const"
          :key="t"
          class="inline-flex items-center gap-1.5"
          ><ToneMark :tone="t" small /> {{ t }}</span
        >
        <span class="inline-flex items-center gap-1.5"
          ><svg width="18" height="18">
            <circle cx="9" cy="9" r="7" fill="none" stroke="var(--ink)" stroke-width="2.2" />
          </svg>
          measured</span
        >
        <span class="inline-flex items-center gap-1.5"
          ><svg width="18" height="18">
            <circle cx="9" cy="9" r="7" fill="none" stroke="var(--ink)" stroke-dasharray="4 2.5" />
          </svg>
          sketched</span
        >
      </p>
    </section>
    <aside class="side">
      <div v-if="picked" class="border-b-2 border-ink pb-3 mb-1" aria-live="polite">
        <div class="flex items-center gap-3">
          <span class="plate text-2xl">{{ picked.name }}</span>
          <p class="text-[0.92rem] text-ink2 leading-tight">
            {{ picked.kind_name }}, planted {{ picked.planted_year }}<br /><template
              v-if="picked.height_m"
              >{{ lengthWords(picked.height_m, units) }} tall,
              {{ lengthWords(picked.spread_m!, units) }} across,
              {{ picked.measured ? 'measured' : 'sketched' }}</template
            ><template v-else>not measured yet</template>
          </p>
        </div>
        <p class="mt-2 flex gap-3 items-center">
          <ToneMark :tone="picked.tone" small /> {{ picked.need }}
        </p>
        <button type="button" class="btn btn-go w-full mt-3" @click="open(picked)">
          Open {{ picked.name }}
        </button>
      </div>
      <h1 class="text-[1.7rem]">What each needs next</h1>
      <p class="text-[0.92rem] text-ink2">
        {{ dayWords(grove.day) }}, {{ siteTrees.length }} trees. Pick one in the plan, or press
        <kbd>/</kbd> and type its name.
      </p>
      <ul class="mt-2">
        <li v-for="n in needs" :key="n.key" class="need">
          <ToneMark :tone="n.tone" class="mt-1" small />
          <div class="min-w-0">
            <h2 class="text-[1.18rem]">{{ n.block }}, {{ rowsWords(n.rows) }}</h2>
            <p class="text-[0.92rem] text-ink2">{{ n.text }}</p>
            <p v-if="n.trees.length <= 6" class="text-[0.92rem]">
              <button
                v-for="t in n.trees"
                :key="t.id"
                type="button"
                class="link mr-3 min-h-6"
                @click="open(t)"
              >
                {{ t.name }}
              </button>
            </p>
            <RouterLink
              v-if="n.rows.size === 1"
              class="link text-[0.92rem] mr-3"
              :to="`/row/${n.trees[0]!.row_id}/walk`"
              >Walk the row</RouterLink
            >
            <details v-if="n.trees.length > 6" class="text-[0.92rem]">
              <summary>{{ n.trees.length }} trees</summary>
              <button
                v-for="t in n.trees"
                :key="t.id"
                type="button"
                class="link mr-3 min-h-6"
                @click="open(t)"
              >
                {{ t.name }}
              </button>
            </details>
          </div>
          <span class="tag text-lg">{{ n.trees.length }}</span>
        </li>
      </ul>
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 412px;
  height: calc(100dvh - 54px);
}
.draw {
  position: relative;
  overflow: hidden;
}
.draw :deep(svg[role='img'].cursor-pointer) {
  height: calc(100dvh - 54px);
}
.sites {
  position: absolute;
  left: 24px;
  top: 4px;
  display: flex;
  gap: 8px;
  z-index: 1;
}
.sites .plate {
  font-size: 1.05rem;
  min-height: 34px;
}
.sites .on {
  background: var(--ink);
  color: var(--paper);
}
.legend {
  position: absolute;
  left: 24px;
  bottom: 8px;
  display: flex;
  gap: 16px;
  flex-wrap: wrap;
  font: 500 15px var(--font-tag);
}
.side {
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
  padding: 16px 22px;
  overflow-y: auto;
}
.need {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 12px;
  padding: 10px 0;
  border-top: 1.5px solid var(--rule);
}
.need:first-child {
  border-top: var(--line) solid var(--ink);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
    height: auto;
  }
  .draw :deep(svg[role='img'].cursor-pointer) {
    height: auto;
  }
  .side {
    border-left: 0;
    border-top: var(--line) solid var(--ink);
  }
  .sites {
    position: static;
    padding: 8px 12px 0;
  }
  .legend {
    position: static;
    padding: 0 12px 10px;
  }
}
</style>
