<script setup lang="ts">
/**
 * Before the frosts: the union first. Banks and wraps with their dates, block by block, and what is
 * done on the evening itself.
 */
import tell from 'words:frost'
import SayButtons from '@/controls/SayButtons.vue'
import SaidText from '@/controls/SaidText.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { dayWords } from '@/geometry/day'
import { useSettings } from '@/composables/useSettings'
import { warmthWords } from '@/geometry/warmth'
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'

const props = defineProps<{ siteId: string }>()
const { units } = useSettings()
const { data } = useQuery({
  queryKey: ['before-cold', () => props.siteId],
  queryFn: () =>
    heed(api.GET('/api/sites/{id}/before-cold', { params: { path: { id: props.siteId } } })),
})
const kinds = computed(() => {
  const all = (data.value?.blocks ?? []).flatMap((b) => b.protections)
  return all.filter((p, i) => all.findIndex((q) => q.kind === p.kind) === i)
})
const set = reactive<Record<string, number>>({})
const { act, trouble } = useAct()
async function protect(block: Schemas['BlockBeforeOut']) {
  await act(async () => {
    const body = { block_id: block.block_id }
    set[block.block_id] = (
      await heed(
        api.POST('/api/sites/{id}/protect', { params: { path: { id: props.siteId } }, body }),
      )
    ).set
  }, ['today'])
}
/** What was done for the night counts when it is worked out what it hurt. */
const SHELTER = [
  {
    act: 'covered',
    get label() {
      return tell('covered')
    },
  },
  {
    act: 'heated',
    get label() {
      return tell('heated-or-sprinkled')
    },
  },
]
const upper = (text: string) => text[0]!.toUpperCase() + text.slice(1)
</script>

<template>
  <section v-if="data" :aria-label="tell('before-the-cold')" class="grid gap-2">
    <h2 class="text-part">{{ tell('before-the-cold-the-union') }}</h2>
    <p v-if="!data.blocks.length" class="text-note">
      {{ tell('no-young-tree-stands-where') }}
    </p>
    <div v-for="b in data.blocks" :key="b.block_id" class="border-t border-rule pt-2 text-note">
      <div class="flex items-center gap-3">
        <b class="plate">{{ b.name }}</b>
        <button
          v-if="b.protections.length"
          type="button"
          class="btn btn-small ml-auto"
          :disabled="b.block_id in set"
          @click="protect(b)"
        >
          {{
            b.block_id in set
              ? set[b.block_id]
                ? tell('dates-set', { set: set[b.block_id] })
                : tell('set-already')
              : tell('put-the-dates-in-my')
          }}
        </button>
      </div>
      <ul>
        <li v-for="p in b.protections" :key="p.kind" class="pt-1">
          <b>{{ tell('protection', { kind: p.kind }) }}</b>
          <span class="num">{{
            tell('to-9', { on: dayWords(p.on), off: dayWords(p.off) })
          }}</span>{{ tell('young-trees', { trees: p.trees }) }}
        </li>
      </ul>
      <template v-if="b.tonight.length">
        <p class="keep mt-1">
          <b v-if="b.at_c !== null && b.night">{{
            tell('foreseen-from', { at: warmthWords(b.at_c, units), night: dayWords(b.night) })
          }}</b>
          <b v-else>{{ tell('frost-was-said-to-be') }}</b>
        </p>
        <ul>
          <li v-for="r in b.tonight" :key="r.code"><SaidText :text="r.text" /></li>
        </ul>
        <SayButtons :acts="SHELTER" scope="block" :scope-id="b.block_id" :of="b.name" />
      </template>
    </div>
    <ul v-if="kinds.length" class="text-note border-t border-rule pt-2">
      <li v-for="p in kinds" :key="p.kind" class="pb-1">
        <b>{{ tell('protection', { kind: p.kind }) }}:</b> {{ p.does }}. {{ upper(p.takes_off) }}.
      </li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p class="text-note text-ink2">
      {{ tell('on-ice-and-in-the') }}
    </p>
  </section>
</template>
