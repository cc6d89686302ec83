<script setup lang="ts">
/**
 * Trees that bear a class, the worst first; those that lost only fruit or flush are counted. And
 * the fruit of a block, cut through.
 */
import tell from 'words:frost'
import SaidText from '@/controls/SaidText.vue'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { dayWords } from '@/geometry/day'
import { computed, reactive, ref } from 'vue'
import { CLASS_WORDS, CLASSES } from './classes'

const props = defineProps<{
  siteId: string
  hurt: Schemas['HurtOut'][]
  blocks: { id: string; name: string }[]
}>()
const wood = computed(() =>
  CLASSES.map((c) => {
    const trees = props.hurt.filter((t) => t.frost_class === c)
    return { c, trees, since: [...new Set(trees.map((t) => dayWords(t.night)))].join(', ') }
  }).filter((g) => g.trees.length),
)
const sample = reactive({ block: '', cut: '20', hurt: '' })
const said = ref<Schemas['CutTestOut'] | null>(null)
const { act, trouble } = useAct()
let id = newId()
async function weigh() {
  said.value = null
  await act(async () => {
    const body = {
      id,
      block_id: sample.block || props.blocks[0]!.id,
      cut: Number(sample.cut),
      hurt: Number(sample.hurt),
    }
    said.value = await heed(
      api.POST('/api/sites/{id}/cut-test', { params: { path: { id: props.siteId } }, body }),
    )
    id = newId()
  }, ['frost-record'])
}
const whole = (text: string) => /^\d+$/.test(text.trim())
</script>

<template>
  <section :aria-label="tell('trees-that-bear-a-class')" class="grid gap-2">
    <h2 class="text-part">{{ tell('hurt-trees') }}</h2>
    <p v-if="!hurt.length">{{ tell('no-tree-bears-a-class') }}</p>
    <div
      v-for="g in wood"
      :key="g.c"
      class="border-t border-rule py-0.5 flex flex-wrap gap-x-4 items-baseline"
    >
      <p class="tag text-lead min-w-[13.5rem]">
        {{ g.c }} <span class="font-normal">{{ CLASS_WORDS[g.c] }}</span>
      </p>
      <component :is="g.trees.length > 12 ? 'details' : 'div'" class="flex-1 min-w-[200px]">
        <summary v-if="g.trees.length > 12" class="min-h-8">
          {{ tell('trees-5', { trees: g.trees.length }) }}
        </summary>
        <ul class="flex flex-wrap gap-x-4">
          <li v-for="t in g.trees" :key="t.tree_id">
            <RouterLink class="link" :to="`/tree/${t.tree_id}/frost`">{{ t.name }}</RouterLink>
          </li>
        </ul>
      </component>
      <span class="text-ink2 num">{{ g.since }}</span>
    </div>
    <form
      v-if="hurt.length && blocks.length"
      class="sample"
      :aria-label="tell('cut-test')"
      @submit.prevent="weigh"
    >
      <h3 class="text-lead col-span-full">
        {{ tell('cut-test-slice-fruit-at') }}
      </h3>
      <div>
        <label class="label" for="sample-block">{{ tell('block-2') }}</label>
        <PickOne id="sample-block" v-model="sample.block" class="field">
          <option v-for="(b, i) in blocks" :key="b.id" :value="i ? b.id : ''">{{ b.name }}</option>
        </PickOne>
      </div>
      <div>
        <label class="label" for="sample-cut">{{ tell('fruit-cut') }}</label>
        <input id="sample-cut" v-model="sample.cut" class="field" inputmode="numeric" />
      </div>
      <div>
        <label class="label" for="sample-hurt">{{ tell('hurt') }}</label>
        <input id="sample-hurt" v-model="sample.hurt" class="field" inputmode="numeric" />
      </div>
      <button class="btn" :disabled="!whole(sample.cut) || !whole(sample.hurt)">
        {{ tell('weigh-it') }}
      </button>
      <p v-if="said" class="col-span-full" role="status"><SaidText :text="said.reason.text" /></p>
      <p v-if="trouble" class="wrong col-span-full" role="alert">{{ trouble }}</p>
    </form>
  </section>
</template>

<style scoped>
.sample {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr auto;
  gap: 10px;
  align-items: end;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
@media (max-width: 640px) {
  .sample {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
