<script setup lang="ts">
/** A day, typed as people write it or picked from the month; `yearly` holds one of every year. */
import tell from 'words:app'
import {
  dayWords,
  fullDay,
  monthDayWords,
  monthSheet,
  monthWords,
  parseDay,
  addDays,
  today,
} from '@/geometry/day'
import { useSettings } from '@/composables/useSettings'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { useElementBounding, useWindowSize } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'

const props = defineProps<{
  id: string
  modelValue: string | null | undefined
  yearly?: boolean
  min?: string
  max?: string
  required?: boolean
  wrong?: string
}>()
/** An ISO date, or `MM-DD` of every year; empty when it was emptied. */
const emit = defineEmits<{ 'update:modelValue': [day: string] }>()
defineOptions({ inheritAttrs: false })
const { units } = useSettings()
const words = (day: string | null | undefined) =>
  !day ? '' : props.yearly ? monthDayWords(day) : dayWords(day)
const text = ref(words(props.modelValue))
const focused = ref(false)
watch([() => props.modelValue, today], ([day]) => {
  if (!focused.value) text.value = words(day)
})
const within = computed(() => ({
  monthFirst: units.value === 'us',
  min: props.min,
  max: props.max,
}))
const read = computed(() => parseDay(text.value, within.value))
const said = (day: string) => emit('update:modelValue', props.yearly ? day.slice(5) : day)
const trouble = computed(() => {
  if (!text.value.trim() || focused.value) return ''
  if (!read.value) return tell('cannot-read-this-day-type')
  if (props.max && read.value > props.max) return tell('not-after', { max: fullDay(props.max) })
  if (props.min && read.value < props.min) return tell('not-before', { min: fullDay(props.min) })
  return ''
})
/** Said when the field is left, so that nothing moves while it is typed. */
function left() {
  focused.value = false
  if (!text.value.trim()) {
    if (props.modelValue && !props.required) emit('update:modelValue', '')
    else text.value = words(props.modelValue)
  } else if (read.value && !trouble.value) {
    const same = props.yearly ? read.value.slice(5) : read.value
    if (same !== props.modelValue) said(read.value)
    text.value = words(same)
  }
}

const field = ref<HTMLElement>()
const { top, bottom, left: x, update } = useElementBounding(field)
const { width, height } = useWindowSize()
const SHEET = { width: 330, height: 390 }
const place = computed(() => ({
  left: `${Math.max(8, Math.min(x.value, width.value - SHEET.width - 8))}px`,
  top: `${bottom.value + SHEET.height < height.value ? bottom.value + 4 : Math.max(8, top.value - SHEET.height)}px`,
  width: `${SHEET.width}px`,
}))
const month = ref('')
const sheet = computed(() => monthSheet(month.value, units.value === 'us'))
const names = computed(() =>
  (units.value === 'us' ? tell('su-mo-tu-we-th') : tell('mo-tu-we-th-fr')).split(' '),
)
const chosen = computed(() => read.value ?? today.value)
const closed = (day: string) => (!!props.min && day < props.min) || (!!props.max && day > props.max)
function opened() {
  update()
  month.value = chosen.value.slice(0, 7)
  void stand(chosen.value)
}
const panel = ref<HTMLElement>()
async function stand(day: string) {
  month.value = day.slice(0, 7)
  await nextTick()
  panel.value?.querySelector<HTMLElement>(`[data-day="${day}"]`)?.focus()
}
const turn = (by: number) => {
  const [year, nth] = month.value.split('-').map(Number)
  month.value = new Date(Date.UTC(year!, nth! - 1 + by, 1)).toISOString().slice(0, 7)
}
const STEPS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowUp: -7,
  ArrowDown: 7,
  PageUp: -28,
  PageDown: 28,
}
function step(event: KeyboardEvent, day: string) {
  const by = STEPS[event.key]
  if (by === undefined) return
  event.preventDefault()
  void stand(addDays(day, by))
}
function pick(day: string, close: () => void) {
  said(day)
  text.value = words(props.yearly ? day.slice(5) : day)
  close()
}
</script>

<template>
  <div ref="field">
    <Popover as="div" class="day-field">
      <input
        :id="id"
        v-model="text"
        v-bind="$attrs"
        class="field"
        autocomplete="off"
        :placeholder="tell('n-30-may')"
        :required="required"
        :aria-invalid="!!(trouble || wrong)"
        :aria-describedby="trouble || wrong ? `${id}-wrong` : undefined"
        @focus="focused = true"
        @input="focused = true"
        @blur="left"
        @keydown.enter="left"
      />
      <PopoverButton class="day-open" :aria-label="tell('pick-from-the-month')" @click="opened">
        <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
          <path d="M2 4h16v14H2zM2 8h16M6 1v4M14 1v4" />
          <path d="M6 12h2M11 12h2M6 15h2" />
        </svg>
      </PopoverButton>
      <PopoverPanel v-slot="{ close }" class="day-list" :style="place">
        <div ref="panel" class="p-2">
          <div class="flex items-center justify-between">
            <button
              type="button"
              class="turn"
              :aria-label="tell('the-month-before')"
              @click="turn(-1)"
            >
              ‹
            </button>
            <span class="tag text-part" aria-live="polite">{{ monthWords(month) }}</span>
            <button
              type="button"
              class="turn"
              :aria-label="tell('the-next-month')"
              @click="turn(1)"
            >
              ›
            </button>
          </div>
          <div class="day-sheet">
            <span v-for="n in names" :key="n" class="text-ink2 text-center">{{ n }}</span>
            <template v-for="(day, i) in sheet" :key="day ?? i">
              <button
                v-if="day"
                type="button"
                :data-day="day"
                :tabindex="day === chosen || (chosen.slice(0, 7) !== month && i < 7) ? 0 : -1"
                :aria-label="fullDay(day)"
                :aria-current="day === today ? 'date' : undefined"
                :aria-pressed="day === read"
                :disabled="closed(day)"
                @keydown="step($event, day)"
                @click="pick(day, close)"
              >
                {{ Number(day.slice(8)) }}
              </button>
              <span v-else />
            </template>
          </div>
        </div>
      </PopoverPanel>
    </Popover>
    <p v-if="trouble || wrong" :id="`${id}-wrong`" class="wrong">{{ trouble || wrong }}</p>
  </div>
</template>

<style>
.day-field {
  position: relative;
}
.day-field > .field {
  padding-right: 48px;
}
.day-open {
  position: absolute;
  right: 0;
  top: 0;
  bottom: 0;
  width: 44px;
  display: grid;
  place-items: center;
}
.day-open path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8px;
}
.day-sheet {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
  margin-top: 6px;
}
.day-sheet button {
  min-height: 44px;
  border-radius: 6px;
  font-variant-numeric: tabular-nums;
}
.day-sheet button[aria-current] {
  box-shadow: inset 0 0 0 2px var(--ink);
}
.day-sheet button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.day-sheet button:disabled {
  color: var(--ink2);
  text-decoration: line-through;
}
</style>
