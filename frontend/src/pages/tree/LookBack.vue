<script setup lang="ts">
/** Planned against done, year by year: an outline for the plan, ink for what went. */
import { api, heed } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { lengthWords, shareWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'

const props = defineProps<{ treeId: string }>()
const { units } = useSettings()
const { data } = useQuery({
  queryKey: ['look-back', () => props.treeId],
  queryFn: () => heed(api.GET('/api/trees/{id}/look-back', { params: { path: { id: props.treeId } } })),
})
const most = computed(() => Math.max(0.3, ...(data.value?.years ?? []).flatMap((y) => [y.done_share, y.planned_share ?? 0])))
const width = (share: number) => `${(share / most.value) * 100}%`
</script>

<template>
  <section v-if="data?.years.length" aria-label="Look back">
    <h2 class="text-xl">Look back</h2>
    <ul>
      <li v-for="y in data.years" :key="y.year" class="border-t border-rule py-2 grid grid-cols-[3.2rem_1fr] gap-x-3">
        <b class="num">{{ y.year }}</b>
        <div>
          <div class="bar" aria-hidden="true">
            <i :style="{ width: width(y.done_share) }" /><u v-if="y.planned_share !== null" :style="{ width: width(y.planned_share) }" />
          </div>
          <p class="text-[0.93rem]">
            {{ shareWords(y.done_share) }} of the canopy went<template v-if="y.planned_share !== null"
              >, {{ shareWords(y.planned_share) }} was planned</template
            >; {{ y.done_cuts }} {{ y.done_cuts === 1 ? 'cut' : 'cuts' }}<template v-if="y.planned_cuts"> of {{ y.planned_cuts }}</template
            ><template v-if="y.taken_minutes !== null"
              >; {{ Math.round(y.taken_minutes) }} min<template v-if="y.reckoned_minutes !== null"
                >, {{ Math.round(y.reckoned_minutes) }} reckoned</template
              ></template
            ><template v-if="y.height_m !== null">; {{ lengthWords(y.height_m, units) }} tall after</template>.
          </p>
        </div>
      </li>
    </ul>
    <p v-for="r in data.reasons" :key="r.code" class="keep text-[0.95rem] mt-1">{{ r.text }}</p>
  </section>
</template>

<style scoped>
.bar {
  position: relative;
  height: 14px;
  margin-bottom: 3px;
}
.bar i,
.bar u {
  position: absolute;
  inset: 0 auto 0 0;
}
.bar i {
  background: var(--leaf);
}
.bar u {
  border: 2px solid var(--ink);
}
</style>
