<script setup lang="ts">
/** What is on record of a tree, to be put right: what it is, where it stands, or that it is none. */
import tell from 'words:tree'
import PickOne from '@/controls/PickOne.vue'
import { api, heed, type Schemas, type Tree } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { useNames } from '@/composables/useNames'
import WhichFields from '@/controls/WhichFields.vue'
import VolumeField from '@/controls/VolumeField.vue'
import { reactive, ref, useId, watch } from 'vue'
import { useRouter } from 'vue-router'

type Change = Schemas['TreeChangeIn']
const props = defineProps<{ tree: Tree }>()
const { rows } = useNames()
const { act, busy, fields, trouble } = useAct()
const router = useRouter()
const id = useId()
const draft = reactive({
  species: '',
  cultivar: '',
  rootstock: '',
  origin: '',
  year: 0,
  pot: null as number | null,
  cover: false,
  name: '',
  block: '',
  row: '',
})
/** Whether only this tree is put right, or every one of its kind in its row or block. */
const scope = ref<'tree' | 'row' | 'block'>('tree')
const changed = ref(0)
const fresh = () =>
  Object.assign(draft, {
    species: props.tree.species,
    cultivar: props.tree.cultivar ?? '',
    rootstock: props.tree.rootstock ?? '',
    origin: props.tree.origin ?? '',
    year: props.tree.planted_year,
    pot: props.tree.pot_l,
    cover: props.tree.under_cover,
    name: props.tree.own_name,
    block: props.tree.block,
    row: props.tree.row,
  })
watch(() => [props.tree.id, props.tree.version], fresh, { immediate: true })
const params = () => ({ path: { id: props.tree.id } })
async function save() {
  await act(async () => {
    const changes = {
      version: props.tree.version,
      species: draft.species,
      cultivar: draft.cultivar || null,
      rootstock: draft.rootstock || null,
      origin: (draft.origin || null) as Change['origin'],
      planted_year: draft.year,
      pot_l: draft.pot,
      under_cover: draft.cover,
    }
    const body = { ...changes, name: draft.name.trim() }
    if (scope.value !== 'tree') {
      const many = { scope: scope.value, changes }
      const answer = await heed(api.POST('/api/trees/{id}/alike', { params: params(), body: many }))
      changed.value = answer.trees
      scope.value = 'tree'
      return
    }
    const now = await heed(api.PATCH('/api/trees/{id}', { params: params(), body }))
    if (draft.block !== props.tree.block || draft.row !== props.tree.row) {
      const move = { version: now.version, block: draft.block, row: draft.row || null }
      await heed(api.POST('/api/trees/{id}/move', { params: params(), body: move }))
    }
  })
}
const sure = ref(false)
async function mistake() {
  const done = await act(() =>
    heed(
      api.POST('/api/trees/{id}/mistake', {
        params: params(),
        body: { version: props.tree.version },
      }),
    ),
  )
  if (done) await router.push('/grove')
}
</script>

<template>
  <details>
    <summary class="tag text-part">{{ tell('put-right') }}</summary>
    <form class="grid grid-cols-2 gap-3 mt-2" @submit.prevent="save">
      <div>
        <label class="label" :for="`${id}-kind`">{{ tell('kind') }}</label>
        <PickOne :id="`${id}-kind`" v-model="draft.species" class="field">
          <option v-for="s in rows('species')" :key="s.id" :value="s.id">{{ s.name }}</option>
        </PickOne>
      </div>
      <WhichFields
        v-model:cultivar="draft.cultivar"
        v-model:rootstock="draft.rootstock"
        v-model:origin="draft.origin"
        :species="draft.species"
        :wrong="fields"
      />
      <div>
        <label class="label" :for="`${id}-year`">{{ tell('planted-year') }}</label>
        <input
          :id="`${id}-year`"
          v-model.number="draft.year"
          type="number"
          class="field"
          :aria-invalid="!!fields['/planted_year']"
        />
        <p v-if="fields['/planted_year']" class="wrong">{{ fields['/planted_year'] }}</p>
      </div>
      <VolumeField v-model="draft.pot" :label="tell('pot')" :wrong="fields['/pot_l']" />
      <label class="flex gap-2 items-center min-h-touch">
        <input v-model="draft.cover" type="checkbox" /> {{ tell('under-cover-in-winter') }}
      </label>
      <div>
        <label class="label" :for="`${id}-name`">{{ tell('a-name-of-its-own') }}</label>
        <input :id="`${id}-name`" v-model="draft.name" class="field" maxlength="60" />
      </div>
      <div>
        <label class="label" :for="`${id}-block`">{{ tell('block-2') }}</label>
        <input :id="`${id}-block`" v-model="draft.block" class="field" maxlength="120" />
        <p v-if="fields['/block']" class="wrong">{{ fields['/block'] }}</p>
      </div>
      <div>
        <label class="label" :for="`${id}-row`">{{ tell('row-6') }}</label>
        <input
          :id="`${id}-row`"
          v-model="draft.row"
          class="field"
          maxlength="40"
          :placeholder="tell('a-new-one')"
        />
      </div>
      <div class="col-span-2">
        <label class="label" :for="`${id}-scope`">{{ tell('for') }}</label>
        <PickOne :id="`${id}-scope`" v-model="scope" class="field">
          <option value="tree">{{ tell('this-tree') }}</option>
          <option value="row">{{ tell('every-of-its-row', { kindName: tree.kind_name }) }}</option>
          <option value="block">
            {{ tell('every-of-its-block', { kindName: tree.kind_name }) }}
          </option>
        </PickOne>
        <p v-if="changed" role="status">{{ tell('trees-are-put-right', { changed }) }}</p>
      </div>
      <p v-if="trouble" class="wrong col-span-2" role="alert">{{ trouble }}</p>
      <button class="btn btn-go" :disabled="busy">{{ tell('save') }}</button>
      <button v-if="!sure" type="button" class="btn" @click="sure = true">
        {{ tell('entered-by-mistake') }}
      </button>
      <button v-else type="button" class="btn !border-tape !text-tape" @click="mistake">
        {{ tell('yes-delete-it') }}
      </button>
    </form>
  </details>
</template>
