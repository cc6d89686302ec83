<script setup lang="ts">
/**
 * One tree: its plate, its drawing, and on a second wire what there is to see and do. Changing
 * between those moves nothing else.
 */
import tell from 'words:tree'
import { sentence } from '@/api/client'
import { useKeys } from '@/composables/useKeys'
import { useNarrow } from '@/composables/useNarrow'
import { useOpened } from '@/composables/useOpened'
import { setStage, useDay } from '@/composables/useStage'
import { useTree } from '@/composables/useTree'
import SecondWire from '@/controls/SecondWire.vue'
import { dayWords } from '@/geometry/day'
import { computed, toRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import TreeStand from './tree/TreeStand.vue'

const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const narrow = useNarrow()
const day = useDay()
const { data: tree, error, isPending } = useTree(toRef(props, 'id'), day)
const stage = setStage()
watch(toRef(props, 'id'), () => (stage.selected.value = null))

const frosted = computed(
  () => tree.value?.seen.some((s) => s.kind === 'freeze_class' && s.value !== 'F0') ?? false,
)
const at = computed(() => `/tree/${props.id}`)
/** Of a tree that is gone there is its record; nothing is looked at or cut any more. */
const gone = computed(() => !!tree.value?.removed_on)
watch(
  () => gone.value && !['tree-now', 'tree-record', 'tree-limbs'].includes(String(route.name)),
  (astray) => astray && void router.replace(at.value),
  { immediate: true },
)
const tags = computed(() => {
  const part = (path: string, name: string) => ({ to: `${at.value}${path}`, name })
  if (gone.value) return [part('', tell('now')), part('/record', tell('record'))]
  return [
    part('', tell('now')),
    part('/look', tell('look')),
    part('/cut', tell('cut-2')),
    part('/height', tell('height')),
    ...(frosted.value || route.name === 'tree-frost' ? [part('/frost', tell('frost'))] : []),
    part('/record', tell('record')),
  ]
})
useOpened(() =>
  tree.value ? { name: tree.value.name, kind: tree.value.kind_name, to: at.value } : null,
)
/** What it is, in a line under its name. */
const line = computed(() => {
  const t = tree.value
  if (!t) return ''
  const kind = t.rootstock_name
    ? tell('on-2', { kindName: t.kind_name, rootstockName: t.rootstock_name })
    : t.kind_name
  return tell('planted-2', { kind, plantedYear: t.planted_year })
})
const drawn = computed(() => {
  const f = tree.value?.frame
  if (!f) return ''
  const how = f.drawn
    ? tell('drawn-how', { how: f.origin, day: dayWords(f.date) })
    : `${tell('outline-from-sizes')} ${dayWords(f.date)}`
  return `${how}${f.fruit ? tell('fruit-on', { fruit: f.fruit }) : ''}`
})
/** A look asks one thing a screen; on a phone it has no room for the drawing. */
const alone = computed(() => narrow.value && !!route.meta.alone)
const turn = (by: number) => (stage.from.value = (stage.from.value + by + 360) % 360)
useKeys([
  {
    keys: ['['],
    get says() {
      return tell('walk-round-the-tree-left')
    },
    run: () => turn(-15),
  },
  {
    keys: [']'],
    get says() {
      return tell('walk-round-the-tree-right')
    },
    run: () => turn(15),
  },
])
</script>

<template>
  <div class="tree">
    <section
      v-show="!alone"
      class="draw"
      :class="{ reserved: route.name !== 'tree-now' }"
      :aria-label="tell('the-tree-from-the-side')"
    >
      <Teleport :to="stage.place.value" :disabled="!narrow || !stage.place.value">
        <TreeStand v-if="tree" :tree="tree" />
      </Teleport>
    </section>
    <div class="words">
      <header class="who">
        <h1 v-if="tree || route.meta.unfetched" class="plate text-title max-[720px]:sr-only">
          {{ tree?.name ?? tell('the-tree-3') }}
        </h1>
        <p v-if="tree" class="text-note text-ink2 leading-tight max-[720px]:hidden">
          {{ line }}<br />{{ drawn }}
        </p>
        <p v-if="tree && day" class="day">
          <span>{{ tell('shown-for', { day: dayWords(day) }) }}</span>
          <button type="button" class="link" @click="day = undefined">
            {{ tell('back-to-today') }}
          </button>
        </p>
      </header>
      <SecondWire :tags="tags" :of="tell('this-tree-2')" />
      <div class="panel">
        <p v-if="error && !tree && !route.meta.unfetched" class="wrong" role="alert">
          {{ sentence(error) }}
        </p>
        <p v-else-if="isPending && !route.meta.unfetched">{{ tell('fetching-the-tree') }}</p>
        <RouterView v-if="tree || route.meta.unfetched" v-slot="{ Component }"
          ><component :is="Component" :key="id + String(route.name)" :tree="tree"
        /></RouterView>
      </div>
    </div>
  </div>
</template>

<style scoped>
.tree {
  display: grid;
  grid-template-columns: minmax(0, 724fr) minmax(0, 556fr);
  min-height: calc(100dvh - var(--head));
}
.draw {
  position: sticky;
  top: 0;
  height: calc(100dvh - var(--head));
}
.words {
  display: flex;
  flex-direction: column;
  background: var(--sheet);
  border-left: var(--line) solid var(--ink);
}
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 12px 24px 4px;
  min-height: 60px;
}
.day {
  display: flex;
  gap: 10px;
  align-items: center;
  border: var(--line) solid var(--ink);
  border-radius: 999px;
  padding: 2px 14px;
  font: 600 var(--text-base) var(--font-tag);
}
.panel {
  flex: 1;
  display: flex;
  flex-direction: column;
  padding: 8px 24px 24px;
}
@media (max-width: 900px) {
  .tree {
    grid-template-columns: minmax(0, 1fr);
    min-height: 0;
  }
  .draw {
    position: relative;
    height: auto;
  }
  /* room for the drawing while the tree is fetched, so that nothing moves when it comes */
  .draw.reserved {
    min-height: calc(100vw * 350 / 420 + 48px);
  }
  .words {
    border-left: 0;
    min-height: calc(100dvh - var(--head) - var(--foot));
  }
  .who {
    padding: 0 14px;
    min-height: 0;
  }
  .day {
    margin-top: 8px;
  }
  .panel {
    padding: 10px 14px 20px;
  }
}
</style>
