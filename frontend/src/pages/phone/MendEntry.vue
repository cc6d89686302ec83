<script setup lang="ts">
/** What of an entry was refused, field by field, to be said anew and sent. */
import tell from 'words:phone'
import DayField from '@/controls/DayField.vue'
import MeasureField from '@/controls/MeasureField.vue'
import { resend } from '@/field/outbox'
import type { Item } from '@/field/store'
import { dayWords, today } from '@/geometry/day'
import { computed, reactive } from 'vue'

const props = defineProps<{ item: Item }>()
const body = computed(() => (props.item.body ?? {}) as Record<string, unknown>)
const DAYS = new Set(['day', 'date', 'night'])
/** Only what stands in the entry itself can be said anew here. */
const fields = computed(() =>
  (props.item.wrong ?? []).flatMap(({ pointer, field, message }) => {
    const key = pointer.slice(1)
    const value = body.value[key]
    if (!(key in body.value) || (typeof value === 'object' && value !== null)) return []
    const kind = DAYS.has(key) ? 'day' : /_mm?$/.test(key) ? 'measure' : 'plain'
    const words = kind === 'day' ? tell('day-it-was') : (field ?? key)
    return [{ key, kind, message, label: words.charAt(0).toUpperCase() + words.slice(1) }]
  }),
)
const said = reactive<Record<string, unknown>>({})
const now = (key: string) => (key in said ? said[key] : body.value[key])
const kept = (typed: string, key: string) =>
  typeof body.value[key] === 'number' ? Number(typed.replace(',', '.')) : typed
</script>

<template>
  <form
    v-if="fields.length"
    class="grid gap-2 mt-2"
    :aria-label="tell('mend', { item: item.says })"
    @submit.prevent="resend(item, { ...said })"
  >
    <div v-for="f in fields" :key="f.key">
      <template v-if="f.kind === 'day'">
        <label class="label" :for="`mend-${f.key}`">{{ f.label }}</label>
        <DayField
          :id="`mend-${f.key}`"
          :model-value="String(now(f.key) ?? '')"
          @update:model-value="said[f.key] = $event"
        />
        <p class="text-ink2">{{ tell('by-billhook-s-clock-it', { today: dayWords(today) }) }}</p>
      </template>
      <MeasureField
        v-else-if="f.kind === 'measure'"
        :label="f.label"
        :kind="f.key.endsWith('_mm') ? 'diameter' : 'length'"
        :model-value="(now(f.key) as number | null) ?? null"
        @update:model-value="said[f.key] = $event"
      />
      <template v-else>
        <label class="label" :for="`mend-${f.key}`">{{ f.label }}</label>
        <input
          :id="`mend-${f.key}`"
          class="field"
          :value="String(now(f.key) ?? '')"
          @input="said[f.key] = kept(($event.target as HTMLInputElement).value, f.key)"
        />
      </template>
      <p class="wrong">{{ tell('it', { message: f.message }) }}</p>
    </div>
    <div>
      <button type="submit" class="btn btn-go">{{ tell('send-it-mended') }}</button>
    </div>
  </form>
</template>
