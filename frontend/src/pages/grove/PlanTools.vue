<script lang="ts">
export type PlanMode = 'choose' | 'move' | 'draw'
</script>
<script setup lang="ts">
/** What can be done on the plan beside picking a tree, and how near it is. */
import tell from 'words:grove'
import { useSession } from '@/composables/useSession'
import { computed } from 'vue'

defineProps<{
  mode: PlanMode | null
  /** The whole plan is seen. */
  whole: boolean
  trouble: string
}>()
defineEmits<{ turn: [to: PlanMode]; zoom: [by: number]; all: [] }>()
const NEARER = 1.6
const MODES: { id: PlanMode; off: string; on: string }[] = [
  {
    id: 'choose',
    get off() {
      return tell('choose-trees')
    },
    get on() {
      return tell('done-choosing')
    },
  },
  {
    id: 'move',
    get off() {
      return tell('move-trees')
    },
    get on() {
      return tell('done-moving')
    },
  },
  {
    id: 'draw',
    get off() {
      return tell('draw-a-block')
    },
    get on() {
      return tell('leave-the-drawing')
    },
  },
]
const { plans } = useSession()
const may = computed(() => MODES.filter((m) => plans.value || m.id === 'choose'))
</script>

<template>
  <div class="moves no-print">
    <div class="flex flex-wrap gap-1.5 lg:justify-end">
      <RouterLink class="btn btn-small" to="/grove?view=list">{{ tell('as-a-list') }}</RouterLink>
      <button
        v-for="m in may"
        :key="m.id"
        type="button"
        class="btn btn-small"
        :aria-pressed="mode === m.id"
        @click="$emit('turn', m.id)"
      >
        {{ mode === m.id ? m.on : m.off }}
      </button>
    </div>
    <div class="flex flex-wrap gap-1.5 lg:justify-end">
      <button
        type="button"
        class="turn"
        :aria-label="tell('nearer')"
        @click="$emit('zoom', NEARER)"
      >
        +
      </button>
      <button
        type="button"
        class="turn"
        :aria-label="tell('further-2')"
        :disabled="whole"
        @click="$emit('zoom', 1 / NEARER)"
      >
        −
      </button>
      <button type="button" class="btn btn-small" :disabled="whole" @click="$emit('all')">
        {{ tell('the-whole-plan-2') }}
      </button>
    </div>
    <p v-if="mode === 'choose'" class="hint">
      {{ tell('draw-a-line-round-them') }}
    </p>
    <p v-if="trouble" class="hint wrong" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.moves {
  position: absolute;
  right: 14px;
  top: 8px;
  display: grid;
  gap: 4px;
  justify-items: end;
  z-index: 1;
}
.hint {
  background: var(--paper);
  padding: 2px 8px;
  border-radius: 6px;
  font-size: var(--text-note);
}
@media (max-width: 900px) {
  .moves {
    position: static;
    display: flex;
    flex-wrap: wrap;
    padding: 8px 12px;
  }
}
</style>
