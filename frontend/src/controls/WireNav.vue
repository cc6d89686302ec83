<script setup lang="ts">
/** Tags on a wire; what is open hangs lower. */
import { THEMES, useSettings } from '@/composables/useSettings'
import { computed } from 'vue'
import { useRoute } from 'vue-router'

defineEmits<{ help: [] }>()
const { units, theme, switchUnits } = useSettings()
const route = useRoute()
const places: { to: string; name: string; short?: string; of: string[] }[] = [
  { to: '/today', name: 'Today', of: ['today'] },
  { to: '/almanac', name: 'Almanac', of: ['almanac'] },
  { to: '/', name: 'Grove', of: ['grove', 'tree', 'sheet', 'shoot', 'walk'] },
  { to: '/heights', name: 'Heights', of: ['heights', 'tree-heights'] },
  { to: '/frost', name: 'After frost', short: 'Frost', of: ['frost', 'tree-frost'] },
  { to: '/log', name: 'Log', of: ['log'] },
  { to: '/place', name: 'Place', of: ['place'] },
  { to: '/start', name: 'Add trees', short: 'Add', of: ['start'] },
  { to: '/known', name: 'What is known', short: 'Known', of: ['known'] },
]
const next = computed(
  () => THEMES[(THEMES.findIndex((t) => t.id === theme.value) + 1) % THEMES.length]!,
)
</script>

<template>
  <header class="wire no-print">
    <nav aria-label="Pages" class="flex flex-wrap items-start gap-[3px]">
      <RouterLink
        v-for="place in places"
        :key="place.to"
        :to="place.to"
        class="wire-tag"
        :class="{ on: place.of.includes(String(route.name)) }"
        :aria-current="place.of.includes(String(route.name)) ? 'page' : undefined"
        ><template v-if="place.short"
          ><span class="max-sm:hidden">{{ place.name }}</span
          ><span class="sm:hidden">{{ place.short }}</span></template
        ><template v-else>{{ place.name }}</template></RouterLink
      >
    </nav>
    <div class="tools">
      <slot />
      <button
        type="button"
        class="tool"
        :aria-label="`Units: ${units === 'metric' ? 'metric' : 'feet and inches'}. Switch`"
        @click="switchUnits"
      >
        {{ units === 'metric' ? 'm' : 'ft' }}
      </button>
      <button
        type="button"
        class="tool"
        :aria-label="`Switch to ${next.name.toLowerCase()} colours`"
        @click="theme = next.id"
      >
        {{ next.name }}
      </button>
      <button type="button" class="tool max-sm:hidden" aria-label="Keys" @click="$emit('help')">
        ?
      </button>
    </div>
  </header>
</template>

<style scoped>
.wire {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 12px;
  padding: 0 24px;
  min-height: 54px;
}
.wire::before {
  content: '';
  position: absolute;
  left: 0;
  right: 0;
  top: 9px;
  border-top: var(--line) solid var(--ink);
}
.wire-tag {
  position: relative;
  font: 600 18px/1 var(--font-tag);
  margin-top: 9px;
  padding: 6px 14px;
  height: 34px;
  border: var(--line) solid var(--ink);
  border-top: 0;
  border-radius: 0 0 8px 8px;
  background: var(--paper);
  white-space: nowrap;
}
.wire-tag.on {
  background: var(--ink);
  color: var(--paper);
  height: 44px;
  padding-top: 16px;
}
.tools {
  position: relative;
  display: flex;
  align-items: center;
  gap: 6px;
  padding-top: 9px;
}
.tool {
  font: 600 16px/1 var(--font-tag);
  min-width: 36px;
  height: 34px;
  padding: 0 9px;
  border: 1.5px solid var(--edge);
  border-radius: 7px;
  background: var(--paper);
}
@media (max-width: 720px) {
  .wire {
    padding: 0 6px 6px;
  }
  .wire-tag {
    padding: 9px 5px;
    height: 40px;
    font-size: 16px;
  }
  .wire-tag.on {
    height: 48px;
  }
  .tools {
    width: 100%;
    padding-top: 4px;
  }
  .tool {
    height: 44px;
    min-width: 44px;
  }
}
</style>
