<script setup lang="ts">
/**
 * Which limbs a finding means: those the drawing shows it of come first, each with its reason and
 * what it would cost.
 */
import tell from 'words:walk'
import type { Frame } from '@/api/client'
import { LATER, type WalkQuestion } from '@/geometry/walk'
import { useKeys } from '@/composables/useKeys'
import { useSettings } from '@/composables/useSettings'
import WalkRound from '@/controls/WalkRound.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { diameterWords, shareWords } from '@/geometry/measure'
import { computed, ref, watch } from 'vue'

const props = defineProps<{
  question: WalkQuestion
  frame: Frame
  cap: number | null
  reach: number
}>()
const emit = defineEmits<{ answer: [value: string] }>()
const { units } = useSettings()
const chosen = ref<string[]>([])
const from = ref(180)
watch(
  () => props.question.id,
  () => {
    const given = (props.question.given ?? '').split(' ').map((p) => p.slice(0, p.lastIndexOf('@')))
    chosen.value = given.filter((id) => props.question.limbs.some((l) => l.limb === id))
  },
  { immediate: true },
)
const shown = computed(() => props.question.limbs.filter((l) => l.why))
const others = computed(() => props.question.limbs.filter((l) => !l.why))
const cuts = computed(() =>
  props.question.limbs
    .filter((l) => chosen.value.includes(l.limb))
    .map((l) => ({ limb: l.limb, keep_m: l.keep_m })),
)
const toggle = (id: string) => {
  if (!props.question.limbs.some((l) => l.limb === id)) return
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((x) => x !== id)
    : [...chosen.value, id]
}
const done = () =>
  emit(
    'answer',
    cuts.value.length ? cuts.value.map((c) => `${c.limb}@${c.keep_m}`).join(' ') : LATER,
  )
useKeys([
  ...[1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => ({
    keys: [String(n)],
    says: tell('limb-4', { n }),
    run: () => shown.value[n - 1] && toggle(shown.value[n - 1]!.limb),
  })),
  {
    keys: ['Enter'],
    get says() {
      return tell('go-on-2')
    },
    run: done,
  },
  {
    keys: ['0'],
    get says() {
      return tell('not-now')
    },
    run: () => emit('answer', LATER),
  },
  {
    keys: ['['],
    get says() {
      return tell('walk-round-the-tree-left')
    },
    run: () => (from.value = (from.value + 345) % 360),
  },
  {
    keys: [']'],
    get says() {
      return tell('walk-round-the-tree-right')
    },
    run: () => (from.value = (from.value + 15) % 360),
  },
])
</script>

<template>
  <div class="grid gap-2.5">
    <div class="relative">
      <TreeElevation
        :frame="frame"
        :units="units"
        :from="from"
        :width="380"
        :height="270"
        :cap="cap"
        :reach="reach"
        :cuts="cuts"
        plain
        touch
        @pick="toggle"
      />
      <WalkRound v-model="from" />
    </div>
    <p v-if="!shown.length" class="text-note text-ink2">
      {{ tell('the-drawing-shows-none-by') }}
    </p>
    <template v-for="(list, which) in [shown, others]" :key="which">
      <details v-if="list.length" :open="which === 0">
        <summary class="tag py-2">
          {{
            which === 0
              ? tell('what-the-drawing-shows')
              : tell('the-other-limbs', { others: others.length })
          }}
        </summary>
        <div class="grid gap-2">
          <button
            v-for="(l, i) in list"
            :key="l.limb"
            type="button"
            class="limb"
            :class="{ given: chosen.includes(l.limb) }"
            :aria-pressed="chosen.includes(l.limb)"
            :data-limb-option="l.limb"
            @click="toggle(l.limb)"
          >
            <span class="flex gap-2 items-baseline"
              ><kbd v-if="which === 0 && i < 9">{{ i + 1 }}</kbd
              ><b>{{ l.name }}</b></span
            >
            <span v-if="l.why" class="why">{{ l.why.text }}</span>
            <span class="num cost"
              >{{
                tell('wound-2', {
                  share:
                    l.share === null
                      ? tell('no-leaf')
                      : tell('of-the-leaf', { share: shareWords(l.share) }),
                  wound: diameterWords(l.wound_mm, units),
                })
              }}<template v-if="l.fruit">{{ tell('fruit-3', { fruit: l.fruit }) }}</template></span
            >
          </button>
        </div>
      </details>
    </template>
    <div class="sticky bottom-(--foot) bg-sheet py-2">
      <button
        type="button"
        class="btn btn-go btn-tall text-part w-full"
        data-test="go-on"
        @click="done"
      >
        {{
          cuts.length
            ? tell('go-on-with', {
                cuts: cuts.length === 1 ? tell('one-limb') : tell('limbs-2', { cuts: cuts.length }),
              })
            : tell('none-of-them-go-on')
        }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.limb {
  scroll-margin-bottom: 90px;
  display: grid;
  gap: 2px;
  min-height: 58px;
  padding: 8px 12px;
  border: var(--line) solid var(--ink);
  border-radius: 12px;
  background: var(--sheet);
  text-align: left;
  line-height: 1.25;
}
.limb b {
  font: 600 19px/1.1 var(--font-tag);
}
.limb b::first-letter {
  text-transform: uppercase;
}
.why {
  font-size: var(--text-note);
}
.cost {
  font-size: var(--text-note);
  color: var(--ink2);
}
.limb.given {
  box-shadow: inset 8px 0 0 var(--leaf);
  padding-left: 20px;
}
</style>
