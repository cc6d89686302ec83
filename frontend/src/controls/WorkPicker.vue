<script setup lang="ts">
/** Which kind of work, each with its tone of the day. */
import tell from 'words:app'
import type { Verdict, Work } from '@/api/client'
import ToneMark from '@/drawings/ToneMark.vue'
import {
  Listbox,
  ListboxButton,
  ListboxLabel,
  ListboxOption,
  ListboxOptions,
} from '@headlessui/vue'
import { computed } from 'vue'

const props = defineProps<{ verdicts: Verdict[] }>()
const work = defineModel<Work>({ required: true })
const NAMES: Record<Work, string> = {
  get sucker() {
    return tell('suckers')
  },
  get sprout() {
    return tell('water-sprouts')
  },
  get sanitation() {
    return tell('dead-and-broken-wood')
  },
  get skirt() {
    return tell('skirt')
  },
  get thin() {
    return tell('thin-whole-branches')
  },
  get height() {
    return tell('lower-head-back')
  },
  get hedge() {
    return tell('hedge-wall')
  },
  get tip() {
    return tell('tips')
  },
  get fruit() {
    return tell('fruit-taken-off')
  },
  get shear() {
    return tell('shear-a-formal-hedge')
  },
  get renewal() {
    return tell('renew-by-thirds')
  },
  get skeleton() {
    return tell('skeleton-prune')
  },
  get pot() {
    return tell('tree-in-a-pot')
  },
  get young() {
    return tell('train-a-young-tree')
  },
}
const shown = computed(() =>
  props.verdicts.filter((v) => !v.reasons.some((r) => r.code === 'not-for-this-tree')),
)
</script>

<template>
  <Listbox v-model="work" as="div" class="relative">
    <ListboxLabel class="sr-only">{{ tell('kind-of-work') }}</ListboxLabel>
    <ListboxButton class="btn btn-small w-full justify-between"
      >{{ NAMES[work] }} <span aria-hidden="true">▾</span></ListboxButton
    >
    <ListboxOptions class="options">
      <ListboxOption
        v-for="v in shown"
        :key="v.work"
        v-slot="{ active, selected }"
        :value="v.work"
        as="template"
      >
        <li class="option" :class="{ active }">
          <ToneMark :tone="v.status" small />
          <span :class="{ 'font-bold': selected }">{{ NAMES[v.work] }}</span>
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>

<style scoped>
.options {
  position: absolute;
  z-index: 20;
  left: 0;
  right: 0;
  min-width: 250px;
  margin-top: 3px;
  background: var(--sheet);
  border: var(--line) solid var(--ink);
  border-radius: 8px;
  overflow: hidden;
}
.option {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 7px 10px;
  min-height: 40px;
}
.option.active {
  background: var(--leaf-soft);
  outline: 2px solid var(--ink);
  outline-offset: -2px;
}
</style>
