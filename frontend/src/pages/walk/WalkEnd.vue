<script setup lang="ts">
/**
 * The end of a walk: findings in working order, the cuts on the drawing with their cost, what needs
 * no cutting, and when to come back.
 */
import tell from 'words:walk'
import type { Walk } from '@/field/store'
import { useSettings } from '@/composables/useSettings'
import CountLog from '@/controls/CountLog.vue'
import PhotoTake from '@/controls/PhotoTake.vue'
import TreeElevation from '@/drawings/TreeElevation.vue'
import { dayWords } from '@/geometry/day'
import { diameterWords, shareWords } from '@/geometry/measure'
import { answerWords, isOpen } from '@/geometry/walk'
import { computed, ref } from 'vue'
import FoundHere from './FoundHere.vue'

const props = defineProps<{ walk: Walk; local: boolean; busy: boolean }>()
const emit = defineEmits<{
  finish: []
  plan: []
  back: []
  again: []
  open: [question: string]
  taken: []
}>()
const { units } = useSettings()
const from = ref(180)
const toCut = computed(() => props.walk.findings.filter((f) => f.work))
const toDo = computed(() => toCut.value.filter((f) => !f.done))
const others = computed(() => props.walk.findings.filter((f) => !f.work))
const skipped = computed(() => props.walk.questions.filter((q) => q.skipped))
const cuts = computed(() => props.walk.cuts)
const fruit = computed(() => cuts.value?.fruit_lost ?? 0)
const days = computed(() => {
  const found = props.walk.findings
    .filter((f) => f.again)
    .map((f) => ({ day: f.again!, why: f.text }))
  found.push(
    ...props.walk.after_cuts.map((c) => ({
      day: c.due,
      why: tell('after-the-cuts', { does: c.does[0]!.toLowerCase(), does2: c.does.slice(1) }),
    })),
  )
  if (!found.length)
    found.push({ day: props.walk.look_again, why: props.walk.reasons[0]?.text ?? '' })
  return found.sort((a, b) => a.day.localeCompare(b.day))
})
const answered = computed(() =>
  props.walk.questions.filter((q) => q.given !== null && isOpen(q, props.walk.questions)),
)
const nextOfGroup = computed(() => props.walk.group.find((t) => t.tree_id === props.walk.next_tree))
</script>

<template>
  <div class="grid gap-4">
    <h1 class="text-title" data-test="end">
      <template v-if="local">{{
        tell('kept-on-this-phone', {
          answered:
            answered.length === 1
              ? tell('one-answer')
              : tell('answers', { answered: answered.length }),
        })
      }}</template>
      <template v-else>{{
        walk.nothing
          ? tell('nothing-to-cut')
          : !toDo.length
            ? tell('cut-all-that-was-found')
            : toDo.length === 1
              ? tell('one-thing-to-cut')
              : tell('things-to-cut', { toDo: toDo.length })
      }}</template>
    </h1>
    <template v-if="local">
      <p>
        {{ tell('what-they-come-to-is') }}
      </p>
      <ul>
        <li
          v-for="q in answered"
          :key="q.id"
          class="border-t border-rule py-1.5 flex justify-between gap-3"
        >
          <span class="text-ink2">{{ q.asks }}</span><b class="text-right">{{ answerWords(q) }}</b>
        </li>
      </ul>
    </template>
    <template v-else>
      <div v-if="walk.frame && cuts" class="grid gap-1">
        <TreeElevation
          :frame="walk.frame"
          :units="units"
          :from="from"
          :width="380"
          :height="300"
          :cap="walk.cap_m"
          :reach="walk.reach_m"
          plain
          :cuts="cuts.cuts.map((c) => ({ limb: c.limb, keep_m: c.keep_m }))"
          :gone="cuts.gone"
          :free="cuts.cuts.filter((c) => c.free).map((c) => c.limb)"
        />
        <ol class="border-t border-rule">
          <li
            v-for="(c, i) in cuts.cuts"
            :key="c.limb"
            class="grid grid-cols-[auto_1fr_auto] gap-x-3 border-b border-rule py-2"
            data-test="named-cut"
          >
            <b class="tag">{{ i + 1 }}</b><span class="first">{{ c.position }}</span>
            <span class="num text-right"
              >{{
                c.void
                  ? tell('goes-anyway')
                  : c.free
                    ? tell('free')
                    : c.share === null
                      ? ''
                      : shareWords(c.share)
              }}<br />{{ diameterWords(c.wound_mm, units)
              }}<template v-if="c.fruit_lost"
                ><br />{{ tell('fruit-4', { fruitLost: c.fruit_lost }) }}</template
              ></span
            >
          </li>
        </ol>
        <p :class="{ keep: !cuts.fits }">
          {{
            tell('about-minutes', {
              sentence: cuts.sentence,
              fruit: fruit ? tell('fruit-go-with-it', { fruit }) : tell('no-fruit-goes-with-it'),
              count: Math.ceil(cuts.minutes),
              minutes: cuts.minutes,
            })
          }}
        </p>
        <p>{{ cuts.verdict.sentence }}</p>
      </div>
      <p v-if="toDo.length && walk.state === 'open'">
        {{ tell('done-on-the-spot-or') }}
      </p>
      <ul v-if="toCut.length" :aria-label="tell('to-cut')">
        <li v-for="f in toCut" :key="f.answer" class="border-t border-rule py-2">
          <b>{{ f.text }}</b>
          <span v-for="r in f.reasons" :key="r.code" class="block text-note">{{ r.text }}</span>
          <FoundHere
            v-if="walk.state === 'open'"
            :finding="f"
            :tree-id="walk.tree_id"
            :day="walk.day"
            @done="emit('taken')"
          />
          <p v-else-if="f.done" class="font-semibold">{{ tell('in-the-log-as-done') }}</p>
        </li>
      </ul>
      <div v-if="others.length">
        <h2 class="text-lead">{{ tell('needs-no-cutting') }}</h2>
        <ul>
          <li v-for="f in others" :key="f.answer" class="border-t border-rule py-2">
            {{ f.text }}
            <span v-for="r in f.reasons" :key="r.code" class="block text-note">{{ r.text }}</span>
          </li>
        </ul>
      </div>
      <div>
        <h2 class="text-lead">{{ tell('come-back-2') }}</h2>
        <ul>
          <li
            v-for="d in days"
            :key="d.day + d.why"
            class="border-t border-rule py-2 grid grid-cols-[7.5rem_1fr] gap-2"
          >
            <b class="num">{{ dayWords(d.day) }}</b><span>{{ d.why }}</span>
          </li>
        </ul>
      </div>
      <details v-if="skipped.length">
        <summary class="tag py-2">{{ tell('not-asked-on-this-tree') }}</summary>
        <p v-for="q in skipped" :key="q.id" class="text-note text-ink2 py-1">
          {{ q.asks }} {{ q.skipped!.text }}
          <button
            v-if="q.id === 'form'"
            type="button"
            class="underline min-h-touch"
            @click="emit('open', q.id)"
          >
            {{ tell('change-it-on-the-tree') }}
          </button>
        </p>
      </details>
    </template>
    <details v-if="!local">
      <summary class="tag py-2.5">{{ tell('taken-off-on-the-spot') }}</summary>
      <CountLog :tree-id="walk.tree_id" @logged="emit('taken')" />
    </details>
    <PhotoTake
      :tree="walk.tree_id"
      :name="walk.name"
      moment="before"
      :photos="walk.photos"
      @taken="emit('taken')"
    />
    <div v-if="walk.state === 'open'" class="grid gap-2.5">
      <button
        v-if="cuts && !local"
        type="button"
        class="btn btn-go btn-tall text-part"
        :disabled="busy"
        @click="emit('plan')"
      >
        {{ tell('finish-and-make-the-cut') }}
      </button>
      <RouterLink
        v-if="walk.frame && !local"
        class="btn"
        :to="`/tree/${walk.tree_id}/cut?walk=${walk.id}`"
        >{{ tell('weigh-the-cuts-first') }}</RouterLink
      >
      <button
        type="button"
        class="btn btn-tall text-part"
        :class="{ 'btn-go': !cuts || local }"
        :disabled="busy"
        @click="emit('finish')"
      >
        {{ tell('finish-the-walk') }}
      </button>
      <button type="button" class="btn" @click="emit('back')">{{ tell('back') }}</button>
    </div>
    <div v-else class="grid gap-2.5">
      <p role="status" class="font-semibold">
        {{
          local
            ? tell('the-walk-is-kept-on')
            : toDo.length
              ? tell('what-was-found-stays-as')
              : tell('the-days-to-come-back')
        }}
      </p>
      <RouterLink
        v-if="walk.next_tree"
        class="btn btn-go btn-tall text-part"
        :to="`/tree/${walk.next_tree}/look`"
        replace
        >{{
          nextOfGroup
            ? tell('next-of-this-planting', { nextOfGroup: nextOfGroup.name })
            : tell('next-tree-of-the-row')
        }}</RouterLink
      >
      <RouterLink v-if="toDo.length && !local" class="btn" :to="`/tree/${walk.tree_id}`">{{
        tell('mark-cuts-in-the-drawing')
      }}</RouterLink>
      <RouterLink class="btn" :to="`/row/${walk.row_id}/walk`">{{ tell('the-row') }}</RouterLink>
      <button type="button" class="btn" @click="emit('again')">{{ tell('walk-it-again') }}</button>
    </div>
  </div>
</template>

<style scoped>
.first::first-letter {
  text-transform: uppercase;
}
</style>
