<script lang="ts">
export type PlanMode = 'choose' | 'move' | 'draw'
</script>
<script setup lang="ts">
/** What can be done on the plan beside picking a tree, and how near it is. */
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
  { id: 'choose', off: 'Choose trees', on: 'Done choosing' },
  { id: 'move', off: 'Move trees', on: 'Done moving' },
  { id: 'draw', off: 'Draw a block', on: 'Leave the drawing' },
]
const { plans } = useSession()
const may = computed(() => MODES.filter((m) => plans.value || m.id === 'choose'))
</script>

<template>
  <div class="moves no-print">
    <div class="flex flex-wrap gap-1.5 lg:justify-end">
      <RouterLink class="btn btn-small" to="/grove?view=list">As a list</RouterLink>
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
      <button type="button" class="turn" aria-label="Nearer" @click="$emit('zoom', NEARER)">
        +
      </button>
      <button
        type="button"
        class="turn"
        aria-label="Further"
        :disabled="whole"
        @click="$emit('zoom', 1 / NEARER)"
      >
        −
      </button>
      <button type="button" class="btn btn-small" :disabled="whole" @click="$emit('all')">
        The whole plan
      </button>
    </div>
    <p v-if="mode === 'choose'" class="hint">
      Draw a line round them, or touch the number of a row.
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
