<script setup lang="ts">
/** The drawing of a tree, or what takes its place, as the open tag wants it shown. */
import tell from 'words:tree'
import { api, heed, type Tree } from '@/api/client'
import { useNarrow } from '@/composables/useNarrow'
import { useSettings } from '@/composables/useSettings'
import { useStage } from '@/composables/useStage'
import PhotoCuts from '@/drawings/PhotoCuts.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import WantedHandle from '@/drawings/WantedHandle.vue'
import { diameterWords, lengthWords, windWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import FirstSizes from './FirstSizes.vue'
import WantedSaid from './WantedSaid.vue'
import WhipPanel from './WhipPanel.vue'

const props = defineProps<{ tree: Tree }>()
const { units } = useSettings()
const narrow = useNarrow()
const route = useRoute()
const { from, selected, shown } = useStage()
const frame = computed(() => shown.value.frame ?? props.tree.frame)
const inHand = computed(() => props.tree.frame?.limbs.find((l) => l.id === selected.value))
/** The photo it was traced on, if it was; cuts can be marked on either. */
const onPhoto = ref(route.query.on === 'photo')
const { data: seen } = useQuery({
  queryKey: ['trace', () => props.tree.id, () => props.tree.frame?.id],
  queryFn: () =>
    heed(api.GET('/api/trees/{id}/trace', { params: { path: { id: props.tree.id } } })),
  enabled: computed(() => !!props.tree.photos.length && !!props.tree.frame?.drawn),
  retry: false,
})
const drawing = ref<InstanceType<typeof TreeElevation>>()
const wanted = ref<InstanceType<typeof WantedSaid>>()
const turn = (by: number) => (from.value = (from.value + by + 360) % 360)
const says = computed(() => {
  const l = inHand.value
  if (!l) return ''
  const length = lengthWords(l.length_m, units.value)
  return tell('long-2', { name: l.name, base: diameterWords(l.base_mm, units.value), length })
})
</script>

<template>
  <div class="stand">
    <div
      v-if="seen && !shown.frame"
      class="views no-print"
      role="group"
      :aria-label="tell('shown')"
    >
      <button type="button" class="btn btn-small" :aria-pressed="!onPhoto" @click="onPhoto = false">
        {{ tell('drawing') }}
      </button>
      <button type="button" class="btn btn-small" :aria-pressed="onPhoto" @click="onPhoto = true">
        {{ tell('photo') }}
      </button>
    </div>
    <PhotoCuts
      v-if="seen && tree.frame && onPhoto && !shown.frame"
      class="p-3 pt-14"
      :seen="seen"
      :frame="tree.frame"
      :cuts="shown.cuts ?? []"
      :gone="shown.gone ?? []"
      :free="shown.free ?? []"
      :selected="selected"
      @mark="(limb, keep) => shown.pick?.(limb, keep)"
    />
    <template v-else-if="frame">
      <div class="compass no-print" role="group" :aria-label="tell('where-you-stand')">
        <template v-if="narrow">
          <button
            type="button"
            class="turn"
            :aria-label="tell('nearer')"
            @click="drawing?.zoom(1.6)"
          >
            +
          </button>
          <button
            type="button"
            class="turn mr-auto"
            :aria-label="tell('the-whole-tree')"
            :disabled="!drawing?.near"
            @click="drawing?.all()"
          >
            −
          </button>
        </template>
        <button
          type="button"
          class="turn"
          :aria-label="tell('walk-round-to-the-left')"
          @click="turn(-15)"
        >
          ‹
        </button>
        <span class="from tag" aria-live="polite">{{
          tell('from', { from: windWords(from) })
        }}</span>
        <button
          type="button"
          class="turn"
          :aria-label="tell('walk-round-to-the-right')"
          @click="turn(15)"
        >
          ›
        </button>
      </div>
      <TreeElevation
        ref="drawing"
        :frame="frame"
        :pot="tree.pot_l"
        :units="units"
        :from="from"
        :width="narrow ? 420 : 724"
        :height="narrow ? 350 : 690"
        :cap="tree.removed_on ? null : tree.cap_m"
        :reach="tree.reach_m"
        :union-mark="tree.union_mark"
        :cuts="shown.cuts"
        :gone="shown.gone"
        :free="shown.free"
        :after-height="shown.afterHeight"
        :selected="shown.selected === undefined ? selected : shown.selected"
        :edge="shown.edge"
        :plain="shown.plain"
        :touch="shown.touch"
        @pick="(limb, keep) => shown.pick?.(limb, keep)"
        @slide="(limb, keep) => shown.slide?.(limb, keep)"
        @settle="shown.settle?.()"
      >
        <template #default="{ view, size }">
          <component :is="shown.marks(view)" v-if="shown.marks" />
          <WantedHandle
            v-if="!shown.plain && !tree.removed_on"
            :y0="view.y0"
            :scale="view.scale"
            :left="74"
            :size="size"
            :wanted="tree.cap_m"
            :tall="frame.height_m"
            :units="units"
            @want="wanted?.want($event)"
          />
        </template>
      </TreeElevation>
      <WantedSaid ref="wanted" :tree-id="tree.id" />
      <p class="sr-only" aria-live="polite">{{ says }}</p>
      <p class="keys no-print" aria-hidden="true">
        <kbd>[</kbd> <kbd>]</kbd> {{ tell('walk-round') }} <kbd class="ml-3">?</kbd>
        {{ tell('all-keys') }}
      </p>
    </template>
    <WhipPanel v-else-if="tree.form === 'whip'" :tree="tree" />
    <div v-else class="p-8 max-w-lg max-[900px]:p-4">
      <h2 class="text-head">
        {{ tree.standing === 'sized' ? tell('not-drawn-yet') : tell('not-measured-yet-2') }}
      </h2>
      <p v-if="tree.standing === 'sized'" class="mt-2 text-ink2">
        {{ tell('its-sizes-are-known-cuts') }}
      </p>
      <p v-else class="mt-2 text-ink2">
        {{ tell('the-verdict-stands-without-a') }}
      </p>
      <FirstSizes :key="tree.id" :tree="tree" />
    </div>
  </div>
</template>

<style scoped>
.stand {
  position: relative;
  height: 100%;
  display: flex;
  flex-direction: column;
}
.stand :deep(> svg) {
  flex: 1;
  min-height: 0;
}
.views {
  position: absolute;
  left: 14px;
  top: 8px;
  z-index: 1;
  display: flex;
  gap: 6px;
}
.compass {
  position: absolute;
  right: 14px;
  top: 8px;
  display: flex;
  align-items: center;
  gap: 4px;
}
.from {
  border: var(--line) solid var(--ink);
  border-radius: 999px;
  background: var(--sheet);
  padding: 7px 12px;
  font-size: 16px;
  min-width: 84px;
  text-align: center;
}
.turn {
  width: 44px;
  height: 44px;
  border-radius: 8px;
}
.keys {
  padding: 0 0 10px 100px;
  font-size: 13.5px;
  color: var(--ink2);
}
@media (max-width: 900px) {
  .compass {
    position: static;
    justify-content: flex-end;
    padding: 4px 8px 0;
  }
  .keys {
    display: none;
  }
}
</style>
