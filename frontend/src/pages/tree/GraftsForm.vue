<script setup lang="ts">
/** Further cultivars on one tree, each told by its leaf. */
import tell from 'words:tree'
import PickOne from '@/controls/PickOne.vue'
import { newId } from '@/api/ids'
import { api, heed, type Tree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useNames } from '@/composables/useNames'
import { ref, useId } from 'vue'

const props = defineProps<{ tree: Tree }>()
const { cultivars } = useNames()
const { act, busy, fields, trouble } = useAct()
const id = useId()
const cultivar = ref('')
const mark = ref('')
async function add() {
  const body = { id: newId(), cultivar: cultivar.value, mark: mark.value }
  const params = { path: { id: props.tree.id } }
  if (!(await act(() => heed(api.POST('/api/trees/{id}/grafts', { params, body }))))) return
  cultivar.value = ''
  mark.value = ''
}
const takeOff = (graft: string) =>
  act(() =>
    heed(
      api.DELETE('/api/trees/{id}/grafts/{graft}', {
        params: { path: { id: props.tree.id, graft } },
      }),
    ),
  )
</script>

<template>
  <details :open="!!tree.grafts.length">
    <summary class="tag text-lead">{{ tell('more-than-one-cultivar-on') }}</summary>
    <ul>
      <li v-for="g in tree.grafts" :key="g.id" class="flex gap-3 items-center py-1">
        <span
          ><b>{{ g.name }}</b
          >{{ tell('told-by', { mark: g.mark }) }}</span
        >
        <button type="button" class="link min-h-touch ml-auto" @click="takeOff(g.id)">
          {{ tell('take-it-off') }}
        </button>
      </li>
    </ul>
    <form class="grid grid-cols-2 gap-3 mt-2 items-end" @submit.prevent="add">
      <div>
        <label class="label" :for="`${id}-which`">{{ tell('cultivar') }}</label>
        <PickOne :id="`${id}-which`" v-model="cultivar" class="field">
          <option value="" disabled>{{ tell('which') }}</option>
          <option v-for="c in cultivars(tree.species)" :key="c.id" :value="c.id">
            {{ c.name }}
          </option>
        </PickOne>
      </div>
      <div>
        <label class="label" :for="`${id}-mark`">{{ tell('its-leaf-is-told-by') }}</label>
        <input
          :id="`${id}-mark`"
          v-model="mark"
          class="field"
          maxlength="120"
          :placeholder="tell('broad-wings-on-the-stalk')"
        />
        <p v-if="fields['/mark']" class="wrong">{{ fields['/mark'] }}</p>
      </div>
      <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <button class="btn" :disabled="!cultivar || !mark.trim() || busy">
        {{ tell('add-it') }}
      </button>
    </form>
  </details>
</template>
