<script setup lang="ts">
/**
 * For next time: where the cold lies and what it took, on the plan; nights, and which trees came
 * back.
 */
import tell from 'words:frost'
import { api, heed, type Grove } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import type { Ink } from '@/drawings/plan/ink'
import GrovePlan from '@/drawings/GrovePlan.vue'
import { dayWords } from '@/geometry/day'
import { warmthWords } from '@/geometry/warmth'
import { useNarrow } from '@/composables/useNarrow'
import { useWindowSize } from '@vueuse/core'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { CLASSES, CLASS_WORDS, type FrostClass } from './classes'

const narrow = useNarrow()
const { width: wide } = useWindowSize()
const props = defineProps<{ siteId: string; grove: Grove }>()
const { units } = useSettings()
const router = useRouter()
const { data } = useQuery({
  queryKey: ['frost-record', () => props.siteId],
  queryFn: () =>
    heed(api.GET('/api/sites/{id}/frost-record', { params: { path: { id: props.siteId } } })),
})
const picked = ref('')
const place = computed(() => data.value?.places.find((p) => p.tree_id === picked.value))
/** Fills by class: the worse, the darker. */
const FILLS: Record<FrostClass, Ink> = {
  F6: 'dark',
  F5: 'dark',
  F4: 'dead',
  F3: 'wait',
  F2: 'wait',
  F1: 'none',
  F0: 'none',
}
const fills = computed(
  () => new Map((data.value?.places ?? []).map((p) => [p.tree_id, FILLS[p.worst]])),
)
const STANDS = {
  get hurt() {
    return tell('not-back-yet')
  },
  get back() {
    return tell('came-back')
  },
  lost: 'lost',
}
const counts = (classes: Record<string, number>) =>
  CLASSES.filter((c) => classes[c])
    .map((c) => `${classes[c]} ${c}`)
    .join(', ')
const worst = computed(() => (data.value?.places ?? []).filter((p) => p.worst !== 'F1'))
</script>

<template>
  <section
    v-if="data"
    :aria-label="tell('the-record-for-next-time')"
    class="grid gap-2"
    data-test="record"
  >
    <h2 class="text-part">{{ tell('for-next-time') }}</h2>
    <p v-if="!data.places.length && !data.nights.length" class="text-note">
      {{ tell('no-night-is-written-down') }}
    </p>
    <template v-else>
      <div class="plan">
        <GrovePlan
          :grove="grove"
          :site-id="siteId"
          :width="narrow ? wide - 28 : 560"
          :height="narrow ? Math.round(wide * 1.1) : 470"
          :selected="picked || null"
          :units="units"
          :fills="fills"
          @pick="picked = $event.id"
          @open="router.push(`/tree/${$event.id}`)"
        />
      </div>
      <p class="text-note flex flex-wrap gap-x-4 gap-y-1" aria-hidden="true">
        <span
          ><svg width="16" height="16" class="inline-block align-[-3px]">
            <circle cx="8" cy="8" r="6" fill="none" stroke="var(--ink)" stroke-width="1.4" />
          </svg>
          {{ tell('whole-or-fruit-only') }}</span
        >
        <span
          ><svg width="16" height="16" class="inline-block align-[-3px]">
            <circle
              cx="8"
              cy="8"
              r="6"
              fill="url(#tone-wait)"
              stroke="var(--ink)"
              stroke-width="1.4"
            />
          </svg>
          {{ tell('leaves-twigs') }}</span
        >
        <span
          ><svg width="16" height="16" class="inline-block align-[-3px]">
            <circle cx="8" cy="8" r="6" fill="url(#dead)" stroke="var(--ink)" stroke-width="1.4" />
          </svg>
          {{ tell('limbs') }}</span
        >
        <span
          ><svg width="16" height="16" class="inline-block align-[-3px]">
            <circle cx="8" cy="8" r="6" fill="var(--ink)" />
          </svg>
          {{ tell('trunk-or-union') }}</span
        >
      </p>
      <p v-if="place" role="status">
        <RouterLink class="link" :to="`/tree/${place.tree_id}`">{{ place.name }}</RouterLink>:
        {{ place.worst }}, {{ CLASS_WORDS[place.worst]
        }}{{
          place.coldest_c !== null
            ? tell('there', { coldest: warmthWords(place.coldest_c, units) })
            : ''
        }}, {{ STANDS[place.stands] }}.
      </p>
      <ul class="text-note" :aria-label="tell('coldest-places')">
        <li
          v-for="b in data.blocks"
          :key="b.block_id"
          class="border-t border-rule py-1 grid grid-cols-[7rem_5.5rem_1fr] gap-2"
        >
          <b>{{ b.name }}</b>
          <span class="num">{{ b.coldest_c === null ? '' : warmthWords(b.coldest_c, units) }}</span>
          <span>{{ tell('of-standing-trees-ever-hurt', { hurt: b.hurt, trees: b.trees }) }}</span>
        </li>
      </ul>
      <ul class="text-note" :aria-label="tell('nights')">
        <li v-for="n in data.nights" :key="n.day" class="border-t border-rule py-1">
          <b class="num">{{ dayWords(n.day) }}</b><template v-if="n.min_c !== null">{{
            tell('at-the-station', {
              min: warmthWords(n.min_c, units),
              hours: n.hours ? ' ' + tell('for-h', { hours: n.hours }) : '',
              source: n.source,
            })
          }}</template
          >{{
            tell('came-back-lost', {
              classes: counts(n.classes) || tell('nothing-hurt'),
              cameBack: n.came_back,
              lost: n.lost,
            })
          }}
        </li>
      </ul>
      <component
        :is="worst.length > 6 ? 'details' : 'div'"
        class="text-note border-t border-rule pt-1"
      >
        <summary v-if="worst.length > 6" class="min-h-8">
          {{ tell('which-trees-came-back') }}
        </summary>
        <ul :aria-label="tell('which-trees-came-back')">
          <li
            v-for="p in worst"
            :key="p.tree_id"
            class="py-1 grid grid-cols-[2.2rem_7rem_1fr] gap-2"
          >
            <b class="tag">{{ p.worst }}</b>
            <RouterLink class="link" :to="`/tree/${p.tree_id}`">{{ p.name }}</RouterLink>
            <span
              >{{ STANDS[p.stands]
              }}{{ p.nights > 1 ? tell('hurt-in-nights', { nights: p.nights }) : '' }}</span
            >
          </li>
        </ul>
      </component>
    </template>
  </section>
</template>

<style scoped>
.plan {
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  overflow: hidden;
}
</style>
