<script setup lang="ts">
/**
 * Crop of a block in the ten years after a freeze, each group brought back or replanted as advised.
 */
import tell from 'words:frost'
import SaidText from '@/controls/SaidText.vue'
import PickOne from '@/controls/PickOne.vue'
import { api, heed } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import CropYears from '@/drawings/CropYears.vue'
import { weightWords } from '@/geometry/measure'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'

const props = defineProps<{ blocks: { id: string; name: string }[] }>()
const { units } = useSettings()
const block = ref('')
const id = computed(
  () => props.blocks.find((b) => b.id === block.value)?.id ?? props.blocks[0]?.id ?? '',
)
const { data } = useQuery({
  queryKey: ['block-recovery', id],
  queryFn: () => heed(api.GET('/api/blocks/{id}/recovery', { params: { path: { id: id.value } } })),
  enabled: computed(() => !!id.value),
})
const kg = (n: number) => weightWords(n, units.value)
const hurt = computed(() => (data.value?.groups ?? []).filter((g) => g.frost_class !== 'F0'))
</script>

<template>
  <section v-if="data" :aria-label="tell('crop-of-a-block')" class="grid gap-2">
    <div class="flex flex-wrap items-end gap-3">
      <h2 class="text-part">{{ tell('the-crop-to-come') }}</h2>
      <div>
        <label class="label" for="crop-block">{{ tell('block-2') }}</label>
        <PickOne id="crop-block" v-model="block" class="field">
          <option v-for="(b, i) in blocks" :key="b.id" :value="i ? b.id : ''">{{ b.name }}</option>
        </PickOne>
      </div>
    </div>
    <p v-if="!hurt.length">{{ tell('no-tree-of-this-block') }}</p>
    <template v-else>
      <CropYears
        v-if="data.known"
        :heal="data.kg.map((k) => k / data!.usual_kg)"
        :replant="data.replant_kg.map((k) => k / data!.usual_kg)"
        :replant-says="tell('all-replanted-that-lost-limbs')"
        :heal-says="tell('as-advised')"
      />
      <p v-if="data.known">
        {{
          tell('usual-crop-a-year-over', {
            usual: kg(data.usual_kg),
            lost: kg(data.lost_kg),
            healAllLost: kg(data.heal_all_lost_kg),
            replantLost: kg(data.replant_lost_kg),
          })
        }}
      </p>
      <p v-else>{{ tell('write-down-what-is-picked') }}</p>
      <ul class="text-note">
        <li
          v-for="g in hurt"
          :key="g.frost_class + g.kind_name"
          class="border-t border-rule py-1.5"
        >
          <b class="tag">{{ g.frost_class }}</b> {{ g.trees }} {{ g.kind_name.toLowerCase() }}:
          <SaidText :text="g.recovery.reasons[0]?.text ?? ''" />
        </li>
      </ul>
    </template>
  </section>
</template>
