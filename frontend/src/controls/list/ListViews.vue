<script setup lang="ts" generic="T extends Row">
/** Which columns a list shows, views of it kept under a name, and the list as a file. */
import tell from 'words:parts'
import { ref, useId } from 'vue'
import { saveFile } from './csv'
import type { List, Row } from './useList'

const props = defineProps<{ list: List<T> }>()
const id = useId()
const open = ref(false)
const name = ref('')
function keep() {
  props.list.keep(name.value.trim())
  name.value = ''
}
const save = () => saveFile(`${props.list.name}.csv`, props.list.csv())
const print = () => window.print()
</script>

<template>
  <div class="flex flex-wrap gap-2 items-center justify-end">
    <button
      v-for="v in list.views.value"
      :key="v.name"
      type="button"
      class="btn btn-small"
      data-test="view"
      @click="list.show(v)"
    >
      {{ v.name }}
    </button>
    <button type="button" class="btn btn-small" :aria-expanded="open" @click="open = !open">
      {{ tell('columns-and-views') }}
    </button>
    <button type="button" class="btn btn-small" @click="save">{{ tell('csv-of-these') }}</button>
    <button type="button" class="btn btn-small" @click="print">{{ tell('print') }}</button>
    <div v-if="open" class="w-full grid gap-2 border-t border-rule pt-2">
      <fieldset class="flex flex-wrap gap-x-4">
        <legend class="label">{{ tell('columns') }}</legend>
        <label
          v-for="c in list.every.slice(1)"
          :key="c.id"
          class="inline-flex items-center gap-2 min-h-touch"
        >
          <input
            type="checkbox"
            :checked="list.now.value.columns.includes(c.id)"
            @change="list.column(c.id, ($event.target as HTMLInputElement).checked)"
          />
          {{ c.name }}
        </label>
      </fieldset>
      <form class="flex flex-wrap gap-2 items-end" @submit.prevent="keep">
        <div>
          <label class="label" :for="`${id}n`">{{ tell('keep-this-view-as') }}</label>
          <input :id="`${id}n`" v-model="name" class="field w-56" maxlength="40" />
        </div>
        <button class="btn btn-small" :disabled="!name.trim()">{{ tell('keep-the-view') }}</button>
        <button
          v-for="v in list.views.value"
          :key="v.name"
          type="button"
          class="btn btn-small"
          @click="list.forget(v.name)"
        >
          {{ tell('forget', { name: v.name }) }}
        </button>
      </form>
    </div>
  </div>
</template>
