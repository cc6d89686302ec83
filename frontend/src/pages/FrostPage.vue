<script setup lang="ts">
/**
 * Frost over a site: before the cold, the night and what it hurt, the trees that bear a class, the
 * crop to come, and the record for next time.
 */
import tell from 'words:frost'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { spreadWords } from '@/geometry/warmth'
import { useSettings } from '@/composables/useSettings'
import { useGrove } from '@/composables/useGrove'
import { computed, ref, watch } from 'vue'
import BeforeCold from './frost/BeforeCold.vue'
import BlockCrop from './frost/BlockCrop.vue'
import FrostRecord from './frost/FrostRecord.vue'
import HurtTrees from './frost/HurtTrees.vue'
import NightAsk from './frost/NightAsk.vue'
import NightFound from './frost/NightFound.vue'
import { useColdNights, useHurt } from './frost/site'

const { units } = useSettings()
const { data: grove, error: unreached } = useGrove()
const site = ref('')
const siteId = computed(() => site.value || (grove.value?.sites[0]?.id ?? ''))
const blocks = computed(() =>
  (grove.value?.blocks ?? [])
    .filter((b) => b.site_id === siteId.value)
    .sort((a, b) => a.offset_c - b.offset_c),
)
const found = ref<Schemas['NightOut'] | null>(null)
const asked = ref<Schemas['NightIn'] | null>(null)
watch(siteId, () => (found.value = null))
const { act, trouble, busy } = useAct()
const save = () => ask(true)
async function ask(keep: boolean) {
  await act(async () => {
    const body = { ...asked.value!, save: keep }
    found.value = await heed(
      api.POST('/api/sites/{id}/night', { params: { path: { id: siteId.value } }, body }),
    )
  })
}
const { data: hurt, isFetched } = useHurt(siteId)
/** Waited for, so that nothing moves when it comes. */
const { isFetched: nightsThere } = useColdNights(siteId)
</script>

<template>
  <div class="px-6 py-3 max-sm:px-3 max-w-[1320px] mx-auto grid gap-4">
    <header class="pb-2 border-b-2 border-ink flex flex-wrap gap-4 items-end">
      <div class="flex-1 min-w-[260px]">
        <h1 class="text-title">{{ tell('after-frost') }}</h1>
        <p v-if="grove?.frost.says" class="tag text-lead">{{ grove.frost.says }}.</p>
        <p class="text-ink2">
          {{ tell('wait-before-you-cut-green') }}
          <template v-if="hurt">{{
            tell('a-class-f0-to-f6', { uncertain: spreadWords(hurt.uncertain_c, units) })
          }}</template>
        </p>
      </div>
      <div v-if="(grove?.sites.length ?? 0) > 1">
        <label class="label" for="site">{{ tell('site') }}</label>
        <PickOne id="site" v-model="site" class="field">
          <option
            v-for="s in grove?.sites ?? []"
            :key="s.id"
            :value="s.id === grove?.sites[0]?.id ? '' : s.id"
          >
            {{ s.name }}
          </option>
        </PickOne>
      </div>
    </header>
    <p v-if="unreached && !grove" class="wrong" role="alert">{{ sentence(unreached) }}</p>
    <div v-if="grove && siteId && isFetched && nightsThere" class="two">
      <div class="grid gap-5 content-start min-w-0">
        <NightAsk
          :site-id="siteId"
          :today="grove.day"
          @found="(night, body) => ((found = night), (asked = body))"
        />
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
        <NightFound v-if="found" :night="found" :busy="busy" @save="save" @again="ask(false)" />
        <HurtTrees :site-id="siteId" :hurt="hurt?.trees ?? []" :blocks="blocks" />
        <BlockCrop :blocks="blocks" />
      </div>
      <div class="grid gap-5 content-start min-w-0">
        <FrostRecord :site-id="siteId" :grove="grove" />
        <BeforeCold :site-id="siteId" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 470px);
  gap: 36px;
}
@media (max-width: 1000px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
