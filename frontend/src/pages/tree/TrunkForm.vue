<script setup lang="ts">
/** The trunk's girth, its highest fork and the union, as they were measured. */
import tell from 'words:tree'
import type { Frame } from '@/api/client'
import MeasureField from '@/controls/MeasureField.vue'
import { reactive, ref, watch } from 'vue'
import type { TrunkIn } from './frames'

const props = defineProps<{
  frame: Frame
  busy: boolean
  fields: Record<string, string>
  save: (trunk: TrunkIn) => Promise<boolean>
}>()
const open = ref(false)
const trunk = reactive<{ mm: number | null; height: number | null; union: number | null }>({
  mm: null,
  height: null,
  union: null,
})
watch(
  () => props.frame.id,
  () =>
    Object.assign(trunk, {
      mm: props.frame.trunk_mm,
      height: props.frame.trunk_m,
      union: props.frame.union_m,
    }),
  { immediate: true },
)
async function send() {
  if (trunk.mm === null || trunk.height === null) return
  const said = { union_m: trunk.union, diameter_mm: trunk.mm, height_m: trunk.height }
  if (await props.save(said)) open.value = false
}
</script>

<template>
  <details :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary class="tag text-lead">{{ tell('trunk-and-union') }}</summary>
    <form
      class="grid grid-cols-3 gap-3 mt-2"
      :aria-label="tell('trunk-and-union')"
      @submit.prevent="send"
    >
      <MeasureField
        v-model="trunk.mm"
        :label="tell('trunk-just-above-the-union')"
        kind="diameter"
        :wrong="fields['/frame/trunk/diameter_mm']"
      />
      <MeasureField
        v-model="trunk.height"
        :label="tell('highest-fork-above-ground')"
        kind="length"
        :wrong="fields['/frame/trunk/height_m']"
      />
      <MeasureField
        v-model="trunk.union"
        :label="tell('union-above-ground')"
        kind="length"
        :wrong="fields['/frame/union_m']"
      />
      <button
        class="btn btn-small col-span-3"
        :disabled="busy || trunk.mm === null || trunk.height === null"
      >
        {{ tell('save-trunk-and-union') }}
      </button>
    </form>
  </details>
</template>
