<script setup lang="ts">
/** What would change a verdict, one tap each; what was said can be taken back at once. */
import tell from 'words:app'
import { useAct } from '@/composables/useAct'
import { api, heed, type Schemas } from '@/api/client'
import { ref } from 'vue'

const props = defineProps<{
  acts: Schemas['ActOut'][]
  treeIds?: string[]
  scope?: 'row' | 'block'
  scopeId?: string
  species?: string[]
  of?: string
}>()
const emit = defineEmits<{ day: [iso: string]; said: [] }>()
const said = ref<Schemas['SaidOut'] | null>(null)
const { act, trouble } = useAct()
const say = (one: Schemas['ActOut']) =>
  one.day
    ? emit('day', one.day)
    : void act(async () => {
        const body = {
          saying: one.act,
          tree_ids: props.treeIds ?? [],
          scope: props.scope ?? null,
          scope_id: props.scopeId ?? '',
          species: props.species ?? [],
        }
        said.value = await heed(api.POST('/api/says', { body }))
        emit('said')
      })
const takeBack = (what: Schemas['SaidOut']) =>
  void act(async () => {
    await heed(api.POST('/api/says/take-back', { body: { saying: what.saying, ids: what.ids } }))
    said.value = null
    emit('said')
  })
</script>

<template>
  <div
    v-if="acts.length || said || trouble"
    class="flex flex-wrap items-center gap-2 no-print"
    data-test="says"
  >
    <button
      v-for="one in acts"
      :key="one.act"
      type="button"
      class="btn btn-small max-sm:"
      :data-act="one.act"
      :aria-label="of && !one.day ? `${one.label}: ${of}` : undefined"
      @click="say(one)"
    >
      {{ one.label }}
    </button>
    <p v-if="said" role="status" class="text-note" data-test="said">
      {{ said.words }}{{ said.trees > 1 ? tell('trees-2', { trees: said.trees }) : '' }}.
      <button v-if="said.ids.length" type="button" class="link min-h-6" @click="takeBack(said)">
        {{ tell('take-back') }}
      </button>
    </p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>
