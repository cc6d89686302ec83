<script setup lang="ts">
/**
 * The search in the head: a field, or a word on a phone. What it finds with comes in when it is
 * used; what was typed by then goes on in it.
 */
import tell from 'words:app'
import { defineAsyncComponent, onMounted, ref } from 'vue'

const load = () => import('./FindTree.vue')
const FindTree = defineAsyncComponent(load)
const finding = ref(false)
const asked = ref('')
const standIn = ref<HTMLInputElement>()
const find = ref<{ focus: () => void }>()
function open() {
  if (find.value) return find.value.focus()
  standIn.value?.focus()
  finding.value = true
}
function left() {
  finding.value = false
  asked.value = ''
}
onMounted(() => setTimeout(() => void load().catch(() => undefined), 1500))
defineExpose({ open })
</script>

<template>
  <FindTree v-if="finding" ref="find" :start="asked" @left="left" />
  <template v-else>
    <button type="button" class="on-phone" @click="open">{{ tell('find') }}</button>
    <input
      ref="standIn"
      v-model="asked"
      class="find-field at-table"
      :aria-label="tell('find-a-tree-2')"
      :placeholder="tell('find-a-tree-3')"
      autocomplete="off"
      @focus="finding = true"
    />
  </template>
</template>

<style>
.find-field {
  align-self: end;
  width: 240px;
  height: 31px;
  margin-bottom: 3px;
  padding: 0 10px;
  border: 1.5px solid var(--edge);
  border-radius: 7px;
  background: var(--paper);
}
.find-field::placeholder {
  color: var(--ink2);
  opacity: 1;
}
.on-phone {
  display: none;
}
@media (max-width: 720px) {
  .on-phone {
    display: block;
    min-width: 56px;
    min-height: 44px;
    font: 600 var(--text-lead) var(--font-tag);
    text-decoration: underline;
    text-underline-offset: 4px;
  }
  .at-table {
    display: none;
  }
}
</style>
