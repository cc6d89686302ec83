<script setup lang="ts">
/** Who did it: a name typed, or one of those on the list by a tap. */
import tell from 'words:app'
import { usePeople } from '@/composables/usePeople'
import { useSession } from '@/composables/useSession'
import { useId, watch } from 'vue'

const who = defineModel<string>({ required: true })
defineProps<{ label?: string }>()
const { people } = usePeople()
const { account } = useSession()
/** Whoever is signed in did it, unless they say otherwise. */
watch(account, (a) => a && !who.value && (who.value = a.name), { immediate: true })
const id = useId()
</script>

<template>
  <div>
    <label class="label" :for="id">{{ label ?? tell('who') }}</label>
    <div class="flex flex-wrap gap-1.5">
      <button
        v-for="p in people"
        :key="p.id"
        type="button"
        class="btn btn-small"
        :aria-pressed="who === p.name"
        @click="who = who === p.name ? '' : p.name"
      >
        {{ p.name }}
      </button>
      <input :id="id" v-model="who" class="field !w-44" maxlength="120" autocomplete="name" />
    </div>
  </div>
</template>
