<script setup lang="ts">
import { grouped } from '@/words/numbers'
import tell from 'words:grove'
import type { GroveTree } from '@/api/client'
import { api, heed, sentence } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useGrove } from '@/composables/useGrove'
import { useSettings } from '@/composables/useSettings'
import ManyTrees from '@/controls/trees/ManyTrees.vue'
import TreeTable from '@/controls/trees/TreeTable.vue'
import GrovePlan from '@/drawings/GrovePlan.vue'
import { dayWords } from '@/geometry/day'
import { computed, ref, shallowRef, watch } from 'vue'
import { useQuery } from '@tanstack/vue-query'
import { useRoute, useRouter } from 'vue-router'
import { useKeys } from '@/composables/useKeys'
import { useNarrow } from '@/composables/useNarrow'
import { useWindowSize } from '@vueuse/core'
import DrawBlock from './grove/DrawBlock.vue'
import MoveBlock from './grove/MoveBlock.vue'
import NeedsList from './grove/NeedsList.vue'
import PickedTree from './grove/PickedTree.vue'
import PlanLegend from './grove/PlanLegend.vue'
import PlanTools, { type PlanMode } from './grove/PlanTools.vue'
import { useDraft } from './grove/useDraft'

const { data: grove, error, isPending } = useGrove()
const { units } = useSettings()
const router = useRouter()
const site = ref('')
const picked = shallowRef<GroveTree | null>(null)
watch(
  grove,
  (g) => {
    if (!g) return
    if (!g.sites.some((s) => s.id === site.value)) site.value = g.sites[0]?.id ?? ''
    if (g.holding === null) void router.replace('/start')
  },
  { immediate: true },
)

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
/** What was looked for, and which trees that lights. */
const route = useRoute()
const asList = computed(() => route.query.view === 'list')
const looked = computed(() => (typeof route.query.find === 'string' ? route.query.find : ''))
const { data: lit } = useQuery({
  queryKey: ['find', looked],
  queryFn: () => heed(api.GET('/api/find', { params: { query: { q: looked.value } } })),
  enabled: computed(() => !!looked.value),
})
const lights = computed(() => (looked.value && lit.value ? new Set(lit.value.trees) : undefined))
/** What pointers do on the plan beside picking a tree. */
const mode = ref<PlanMode | null>(null)
const drafting = useDraft()
function turnTo(to: PlanMode | null) {
  mode.value = mode.value === to ? null : to
  drafting.begin(mode.value === 'draw' ? 'drawn' : null)
}
/** Trees that a line went round, or of a row: one thing is done to all. */
const chosen = shallowRef<GroveTree[]>([])
function choose(trees: GroveTree[]) {
  chosen.value = trees
  mode.value = null
}
const chosenIn = computed(() => {
  const [first, last] = [chosen.value[0], chosen.value.at(-1)]
  return first && last && first !== last
    ? tell('to-4', { first: first.name, last: last.name })
    : (first?.name ?? '')
})
const pale = computed(() =>
  chosen.value.length ? new Set(chosen.value.map((t) => t.id)) : lights.value,
)
const narrow = useNarrow()
const { width: wide, height: high } = useWindowSize()
const SIDE_PX = 412
const HEAD_PX = 48
/** The room beside the list, px. */
const roomy = computed(
  () => [Math.max(300, wide.value - SIDE_PX), Math.max(300, high.value - HEAD_PX)] as const,
)
const plan = ref<InstanceType<typeof GrovePlan>>()
const { act, trouble: moveTrouble } = useAct()
/** Puts a tree where it stands [m]. */
const put = (tree: GroveTree, x_m: number, y_m: number) =>
  act(async () => {
    const params = { path: { id: tree.id } }
    const { version } = await heed(api.GET('/api/trees/{id}', { params }))
    await heed(api.PUT('/api/trees/{id}/spot', { params, body: { version, x_m, y_m } }))
  })
const STEP = 0.5
function shove(event: KeyboardEvent, east: number, north: number) {
  if (!event.shiftKey) return false
  if (drafting.what.value) {
    drafting.shift(east * STEP, north * STEP)
    return true
  }
  const tree = siteTrees.value.find((t) => t.id === picked.value?.id)
  if (mode.value !== 'move' || !tree) return false
  void put(tree, tree.x + east * STEP, tree.y + north * STEP)
  return true
}
const open = (tree: GroveTree) => void router.push(`/tree/${tree.id}`)
useKeys([
  {
    keys: ['ArrowRight', 'ArrowDown'],
    get says() {
      return tell('next-tree-in-the-row')
    },
    run: (e) => shove(e, e.key === 'ArrowRight' ? 1 : 0, e.key === 'ArrowDown' ? -1 : 0) || step(1),
    shown: '→',
  },
  {
    keys: ['ArrowLeft', 'ArrowUp'],
    get says() {
      return tell('the-tree-before')
    },
    run: (e) => shove(e, e.key === 'ArrowLeft' ? -1 : 0, e.key === 'ArrowUp' ? 1 : 0) || step(-1),
    shown: '←',
  },
  {
    keys: ['Enter'],
    get says() {
      return tell('open-the-tree')
    },
    run: () => picked.value && open(picked.value),
  },
  {
    keys: ['+', '='],
    get says() {
      return tell('nearer-2')
    },
    run: () => plan.value?.zoom(1.6),
    shown: '+',
  },
  {
    keys: ['-'],
    get says() {
      return tell('further')
    },
    run: () => plan.value?.zoom(1 / 1.6),
    shown: '−',
  },
  {
    keys: ['0'],
    get says() {
      return tell('the-whole-plan')
    },
    run: () => plan.value?.all(),
  },
  ...(
    [
      ['h', 1, 0, () => tell('move-the-plan-left')],
      ['l', -1, 0, () => tell('right-2')],
      ['k', 0, 1, () => tell('upwards')],
      ['j', 0, -1, () => tell('down')],
    ] as const
  ).map(([key, x, y, says]) => ({
    keys: [key],
    get says() {
      return says()
    },
    run: () => plan.value?.pan(x * 120, y * 120),
  })),
])
</script>

<template>
  <p v-if="isPending" class="p-6">{{ tell('opening-the-holding') }}</p>
  <p v-else-if="error" class="p-6 wrong" role="alert">{{ sentence(error) }}</p>
  <div v-else-if="grove?.holding && asList" class="max-w-5xl mx-auto w-full px-4 py-4 grid gap-2">
    <div class="flex flex-wrap gap-3 items-center">
      <h1 class="text-title">{{ tell('grove') }}</h1>
      <RouterLink class="btn btn-small ml-auto" to="/grove">{{ tell('in-plan') }}</RouterLink>
      <RouterLink class="btn btn-small" to="/start">{{ tell('add-trees') }}</RouterLink>
    </div>
    <TreeTable :trees="lights ? siteTrees.filter((t) => lights!.has(t.id)) : siteTrees" />
  </div>
  <div v-else-if="grove?.holding" class="page">
    <section class="draw" :aria-label="tell('plan-of-the-holding')">
      <div v-if="grove.sites.length > 1" class="sites" role="group" :aria-label="tell('site')">
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
        ref="plan"
        :grove="grove"
        :site-id="site"
        :width="narrow ? wide : roomy[0]"
        :height="narrow ? Math.round(wide * 1.15) : roomy[1]"
        :selected="picked?.id ?? null"
        :units="units"
        :moving="mode === 'move'"
        :choosing="mode === 'choose'"
        :draft="drafting.draft.value"
        :wheel="!narrow"
        :lit="pale"
        @pick="picked = $event"
        @choose="choose"
        @open="open"
        @put="put"
        @spot="drafting.touch"
        @corner="drafting.corner"
        @nudge="
          (n, east, north) => {
            const from = drafting.corners.value[n]!
            drafting.corner(n, { x: from.x + east, y: from.y + north })
          }
        "
        @take-out="drafting.takeOut"
        @shift="drafting.shift"
        @block="router.push(`/block/${$event}`)"
      />
      <PlanTools
        :mode="mode"
        :whole="!plan?.nearer && !drafting.draft.value"
        :trouble="moveTrouble"
        @turn="turnTo"
        @zoom="plan?.zoom($event)"
        @all="plan?.all()"
      />
      <PlanLegend />
    </section>
    <aside v-if="mode === 'draw'" class="side">
      <DrawBlock
        :key="site"
        :grove="grove"
        :site-id="site"
        :trees="siteTrees"
        :drafting="drafting"
        @done="turnTo(null)"
      />
    </aside>
    <aside v-else-if="mode === 'move'" class="side">
      <PickedTree v-if="picked" :tree="picked" @open="open(picked)" />
      <MoveBlock :key="site" :grove="grove" :site-id="site" :drafting="drafting" />
    </aside>
    <aside v-else class="side">
      <section v-if="chosen.length" class="chosen" data-test="chosen" aria-live="polite">
        <p class="flex items-center gap-3">
          <b class="text-head"
            >{{ chosen.length }} {{ tell('trees-4', { chosen: chosen.length }) }}</b
          >
          <span class="text-note">{{ chosenIn }}</span>
          <button type="button" class="link ml-auto" @click="chosen = []">
            {{ tell('leave-them') }}
          </button>
        </p>
        <ManyTrees :trees="chosen" @done="chosen = []" />
      </section>
      <PickedTree v-if="picked" :tree="picked" @open="open(picked)" />
      <p v-if="lights" class="found" role="status" data-test="found">
        <span>{{ tell('trees-lit-in-the-plan', { looked, size: lights.size }) }}</span>
        <RouterLink class="link" to="/grove">{{ tell('show-all-again') }}</RouterLink>
      </p>
      <h1 class="text-title">{{ tell('what-each-needs-next') }}</h1>
      <p class="text-note text-ink2">
        {{
          tell('trees-pick-one-in-the', {
            day: dayWords(grove.day),
            siteTrees: grouped(siteTrees.length),
          })
        }}<span class="hidden sm:inline">: <kbd>/</kbd></span
        >.
      </p>
      <NeedsList :grove="grove" :site-id="site" :lit="lights" @open="open" />
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 412px;
  height: calc(100dvh - var(--head));
}
.draw {
  position: relative;
  overflow: hidden;
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
  font-size: var(--text-base);
  min-height: 34px;
}
.sites .on {
  background: var(--ink);
  color: var(--paper);
}
.side {
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
  padding: 16px 22px;
  overflow-y: auto;
}
.chosen {
  border: var(--line) solid var(--tape);
  border-radius: 10px;
  padding: 8px 12px 10px;
  margin-bottom: 10px;
}
.found {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  border: var(--line) solid var(--ink);
  border-radius: 10px;
  padding: 6px 12px;
  margin-bottom: 8px;
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
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
}
</style>
