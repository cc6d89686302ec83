<script setup lang="ts">
/** A town by the beginning of its name, told apart by region and country; or where one stands. */
import { decimals } from '@/words/numbers'
import tell from 'words:start'
import { api, heed, type Schemas } from '@/api/client'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { ref, useId } from 'vue'

export type Town = Schemas['TownOut']
const emit = defineEmits<{ picked: [town: Town] }>()
const id = useId()
const typed = ref('')
const asked = refDebounced(typed, 150)
const town = ref<Town | null>(null)
const trouble = ref('')
const { data, isFetching } = useQuery({
  queryKey: ['places', asked],
  queryFn: () => heed(api.GET('/api/places', { params: { query: { q: asked.value.trim() } } })),
  enabled: () => asked.value.trim().length > 1,
  staleTime: Infinity,
})
function pick(picked: Town | null) {
  if (!picked) return
  town.value = picked
  trouble.value = ''
  emit('picked', picked)
}
const where = (t: Town) => [t.region, t.country].filter(Boolean).join(', ')
const degrees = (t: Town) =>
  t.latitude < 0
    ? tell('degrees-south', { degrees: decimals(-t.latitude, 1) })
    : tell('degrees-north', { degrees: decimals(t.latitude, 1) })
function here() {
  trouble.value = ''
  navigator.geolocation.getCurrentPosition(
    async ({ coords }) => {
      const query = { latitude: coords.latitude, longitude: coords.longitude }
      const near = await heed(api.GET('/api/places/near', { params: { query } }))
      pick({
        ...near,
        ...query,
        name: near.name ?? '',
        country: near.country ?? '',
        region: null,
        people: 0,
      })
    },
    () => (trouble.value = tell('this-device-did-not-say')),
    { timeout: 15000 },
  )
}
</script>

<template>
  <div>
    <Combobox :model-value="town" nullable as="div" class="relative" @update:model-value="pick">
      <label class="label" :for="id">{{ tell('nearest-town') }}</label>
      <div class="flex gap-2">
        <ComboboxInput
          :id="id"
          class="field"
          autocomplete="off"
          maxlength="80"
          :placeholder="tell('its-name-2')"
          :display-value="(t) => (t ? [(t as Town).name, where(t as Town)].join(', ') : typed)"
          @change="typed = $event.target.value"
        />
        <button type="button" class="btn" @click="here">{{ tell('here') }}</button>
      </div>
      <ComboboxOptions
        v-if="typed.trim().length > 1 && data"
        class="absolute z-10 left-0 right-0 mt-1 border-2 border-ink rounded-lg bg-sheet max-h-80 overflow-auto"
      >
        <ComboboxOption
          v-for="t in data.places"
          :key="`${t.name} ${t.latitude} ${t.longitude}`"
          v-slot="{ active }"
          :value="t"
        >
          <div class="px-3 py-2 min-h-touch" :class="{ 'bg-leaf-soft': active }">
            <b>{{ t.name }}</b>, {{ where(t) }}
            <span class="text-ink2">{{ degrees(t) }}</span>
          </div>
        </ComboboxOption>
        <p v-if="!data.places.length && !isFetching" class="px-3 py-2">
          {{ tell('no-town-of-5-000') }}
        </p>
      </ComboboxOptions>
    </Combobox>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>
