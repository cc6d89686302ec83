<script setup lang="ts">
/** One limb that was touched: how thick, which way it runs, what it carries, what is wrong. */
import tell from 'words:trace'
import type { Schemas } from '@/api/client'
import { useNames } from '@/composables/useNames'
import WordField from '@/controls/WordField.vue'
import { shareWords } from '@/geometry/measure'
import { bearingOf, turnOf, turns, type LimbTouch } from '@/geometry/trace'
import { computed, ref } from 'vue'
import ThickPick from './ThickPick.vue'

const props = defineProps<{
  limb: LimbTouch
  nth: number
  from: number
  open: boolean
  touching: boolean
  share: Schemas['LimbShareOut'] | undefined
  wrong: Record<string, string>
}>()
const emit = defineEmits<{
  change: [change: Partial<LimbTouch>]
  across: []
  remove: []
  select: []
}>()
const turn = computed(() => Math.round(turnOf(props.limb, props.from)))
const { number } = useNames()
const ways = computed(() => turns(number('trace/turned-little') ?? 0, number('trace/turned') ?? 0))
const exact = ref(false)
const troubles = computed(() => Object.values(props.wrong))
const percent = (x: number) => Math.round(x * 100)
const turned = (deg: number) => ({
  bearing_deg: deg === 0 ? null : bearingOf(props.limb, props.from, deg),
})
</script>

<template>
  <li class="border-t border-rule py-2" :data-limb="limb.id">
    <button
      type="button"
      class="flex w-full items-baseline gap-2 text-left min-h-touch"
      :aria-expanded="open"
      @click="emit('select')"
    >
      <b class="tag text-lead">{{ tell('limb', { nth }) }}</b>
      <span v-if="share" class="num ml-auto"
        >{{ ' ' }}{{ tell('of-the-leaf-traced', { share: shareWords(share.share) })
        }}<template v-if="share.high - share.low > 0.011">{{
          tell('to-13', { low: percent(share.low), high: percent(share.high) })
        }}</template>
      </span>
      <span v-else class="ml-auto text-ink2">{{
        limb.tip ? tell('how-thick') : tell('its-tip-next')
      }}</span>
    </button>
    <p v-for="t in troubles" :key="t" class="wrong" role="alert">{{ t }}</p>
    <div v-if="open && limb.tip" class="grid gap-2 mt-1">
      <p class="label">{{ tell('how-thick-at-its-base') }}</p>
      <ThickPick
        :thick="limb.thick"
        :label="tell('how-thick-limb-is-at', { nth })"
        :touching="touching"
        @class="emit('change', { thick: { class: $event } })"
        @across="emit('across')"
      />
      <p class="label">{{ tell('which-way-it-runs') }}</p>
      <div
        role="group"
        :aria-label="tell('which-way-limb-runs', { nth })"
        class="flex flex-wrap gap-1.5"
      >
        <button
          v-for="t in ways"
          :key="t.id"
          type="button"
          class="btn btn-small"
          :aria-pressed="turn === t.deg"
          @click="emit('change', turned(t.deg))"
        >
          {{ t.says }}
        </button>
        <button type="button" class="btn btn-small" :aria-expanded="exact" @click="exact = !exact">
          {{ tell('by-compass') }}
        </button>
      </div>
      <WordField
        v-if="exact"
        :label="tell('direction-it-runs')"
        kind="direction"
        :standing="from"
        :model-value="limb.bearing_deg"
        @update:model-value="emit('change', { bearing_deg: $event })"
      />
      <button type="button" class="link justify-self-start min-h-touch" @click="emit('remove')">
        {{ tell('take-this-limb-out') }}
      </button>
    </div>
  </li>
</template>
