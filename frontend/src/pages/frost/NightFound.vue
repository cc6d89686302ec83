<script setup lang="ts">
/** What a night hurt, block by block, and tree by tree what must be seen to first. */
import tell from 'words:frost'
import type { Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import SayButtons from '@/controls/SayButtons.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import { dayWords } from '@/geometry/day'
import { shareWords, weightWords } from '@/geometry/measure'
import { spreadWords, warmthWords } from '@/geometry/warmth'
import { computed, ref } from 'vue'
import { CLASSES } from './classes'

const props = defineProps<{ night: Schemas['NightOut']; busy: boolean }>()
const emit = defineEmits<{ save: []; again: [] }>()
const { units } = useSettings()
const counts = (b: Schemas['HurtBlockOut']) =>
  CLASSES.filter((c) => b.classes[c])
    .map((c) => `${b.classes[c]} ${c}`)
    .join(', ')
const shown = ref(30)
const working = ref<Schemas['HurtTreeOut'] | null>(null)
const open = computed({ get: () => !!working.value, set: (on) => !on && (working.value = null) })
const fruit = computed(() => props.night.blocks.some((b) => (b.fruit_hurt ?? 0) > 0))
const between = (t: Schemas['HurtTreeOut']) =>
  t.damage.milder && t.damage.milder !== t.damage.class
    ? tell('to-10', { milder: t.damage.milder, possible: t.damage.possible ?? t.damage.class })
    : ''
</script>

<template>
  <section :aria-label="tell('what-the-night-hurt')" class="grid gap-3" data-test="night">
    <div class="flex flex-wrap items-center gap-4">
      <h2 class="text-part">{{ tell('what-the-night-hurt') }}</h2>
      <p class="text-ink2">
        {{
          tell('foreseen-from-the-numbers-off', {
            uncertain: spreadWords(night.uncertain_c, units),
          })
        }}
      </p>
      <button
        type="button"
        class="btn btn-go ml-auto"
        :disabled="busy || !!night.saved"
        @click="emit('save')"
      >
        {{
          night.saved
            ? tell('classes-are-written-down', { saved: night.saved })
            : tell('write-night-classes-and-dates')
        }}
      </button>
    </div>
    <ul class="blocks">
      <li v-for="b in night.blocks" :key="b.block_id">
        <b class="plate">{{ b.name }}</b>
        <span class="num">{{ warmthWords(b.at_c, units) }}</span> {{ counts(b) }}
        <span v-if="b.fruit_hurt" class="text-ink2">{{
          tell('about-of-hanging-fruit-hurt', { fruitHurt: shareWords(b.fruit_hurt) })
        }}</span>
        <span v-if="b.missed_kg !== null && b.missed_kg > 0.5" class="text-ink2">{{
          tell('about-of-the-next-crop', { missed: weightWords(b.missed_kg, units) })
        }}</span>
        <SayButtons
          v-if="!night.saved"
          :acts="[
            { act: 'covered', label: tell('was-covered') },
            { act: 'heated', label: tell('was-heated') },
          ]"
          scope="block"
          :scope-id="b.block_id"
          :of="b.name"
          @said="emit('again')"
        />
      </li>
    </ul>
    <p v-if="night.unknown.length">
      {{ tell('hardiness-is-not-known-of', { unknown: night.unknown.join(', ') }) }}
    </p>
    <p v-if="fruit">
      {{
        tell('cut-test-fruit-from-to', {
          testFrom: dayWords(night.salvage.test_from),
          testTo: dayWords(night.salvage.test_to),
          early: dayWords(night.salvage.early),
          late: dayWords(night.salvage.late),
          which: night.salvage.warm ? tell('for-it-is-warm') : '',
        })
      }}
    </p>
    <ol>
      <li v-for="t in night.trees.slice(0, shown)" :key="t.tree_id" class="hurt">
        <b class="tag text-lead">{{ t.damage.class }}</b>
        <RouterLink class="link" :to="`/tree/${t.tree_id}/frost`">{{ t.name }}</RouterLink>
        <span
          ><b>{{ t.damage.organs.join(', ') || tell('nothing-for-sure') }}</b
          >{{
            between(t)
              ? tell('by-the-hours', { between: between(t) })
              : t.damage.possible
                ? tell('possibly', { possible: t.damage.possible })
                : ''
          }}. {{ t.first }}</span
        >
        <button
          type="button"
          class="underline min-h-6 min-w-6"
          :aria-label="tell('why-3', { name: t.name })"
          @click="working = t"
        >
          {{ tell('why') }}
        </button>
      </li>
    </ol>
    <button v-if="night.trees.length > shown" type="button" class="btn" @click="shown += 100">
      {{ tell('more-2', { trees: night.trees.length - shown }) }}
    </button>
    <WhyDialog
      v-if="working"
      v-model="open"
      :title="working.name"
      :sentence="working.damage.reasons[0]?.text ?? ''"
      :reasons="working.damage.reasons"
    />
  </section>
</template>

<style scoped>
.blocks li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  border-top: 1px solid var(--rule);
  padding: 7px 0;
}
.hurt {
  display: grid;
  grid-template-columns: 2.2rem 7rem 1fr auto;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
  align-items: baseline;
}
@media (max-width: 640px) {
  .hurt {
    grid-template-columns: 2.2rem 1fr;
  }
}
</style>
