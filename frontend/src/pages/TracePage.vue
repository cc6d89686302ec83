<script setup lang="ts">
/**
 * A tree traced on a photo: the foot, the top, something of known length, then each limb by its
 * fork and its tip. It gives a drawing that cuts can be marked on. Works without signal.
 */
import tell from 'words:trace'
import { useNames } from '@/composables/useNames'
import { useTree } from '@/composables/useTree'
import PhotoTouch from '@/drawings/PhotoTouch.vue'
import TouchMarks from '@/drawings/TouchMarks.vue'
import { changed, type LimbTouch, type Step } from '@/geometry/trace'
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, toRef, watch } from 'vue'
import LimbRow from './trace/LimbRow.vue'
import PictureFacts from './trace/PictureFacts.vue'
import ThickPick from './trace/ThickPick.vue'
import PhotoPick from './trace/PhotoPick.vue'
import SecondPicture from './trace/SecondPicture.vue'
import { useTrace } from './trace/useTrace'

const props = defineProps<{ id: string }>()
// asked for at once, so that it is there when the signal goes
useNames()
const { data: tree } = useTree(toRef(props, 'id'), ref(undefined))
const name = computed(() => tree.value?.name ?? tell('this-tree'))
const tracing = useTrace(toRef(props, 'id'), () => name.value)
const { draft, now, facts, across, step, answer, wrong, sent } = tracing
const ASKS: Record<Step, string> = {
  get foot() {
    return tell('touch-the-foot-of-the')
  },
  get top() {
    return tell('touch-the-top-of-the')
  },
  get low() {
    return tell('touch-the-lower-end-of')
  },
  get high() {
    return tell('touch-its-upper-end')
  },
  get trunk() {
    return tell('touch-both-sides-of-the')
  },
  get fork() {
    return tell('touch-where-a-limb-starts')
  },
  get tip() {
    return tell('touch-the-tip-of-this')
  },
  get across() {
    return tell('touch-both-sides-of-this')
  },
}
const asks = computed(() => (now.value.half ? tell('touch-its-other-side') : ASKS[step.value]))
const chosen = ref<string | null>(null)
const last = computed(() => now.value.limbs.at(-1)?.id ?? null)
watch(last, (id) => (chosen.value = id), { immediate: true })
const change = (id: string, to: Partial<LimbTouch>) =>
  tracing.keep(changed({ ...now.value, half: null }, id, to))
const remove = (id: string) =>
  tracing.keep({ ...now.value, half: null, limbs: now.value.limbs.filter((l) => l.id !== id) })
function acrossOf(id: string) {
  if (now.value.limbs.find((l) => l.id === id)?.tip) across.value = id
}
const measured = computed(() => (tracing.body.value?.limbs ?? []).map((l) => l.id))
/** What is wrong with one limb, by its own field. */
const wrongOf = (id: string) => {
  const at = `/limbs/${measured.value.indexOf(id)}/`
  return Object.fromEntries(Object.entries(wrong.value).filter(([p]) => p.startsWith(at)))
}
const others = computed(() =>
  Object.entries(wrong.value).filter(
    ([p]) => !p.startsWith('/limbs/') && !p.endsWith('length_m') && !p.endsWith('distance_m'),
  ),
)
const newestFirst = computed(() =>
  now.value.limbs.map((limb, i) => ({ limb, nth: i + 1 })).reverse(),
)
const shareOf = (id: string) => answer.value?.shares.find((s) => s.limb === id)
onKeyStroke('z', (event) => {
  if (!(event.target as HTMLElement).closest('input, textarea, select')) tracing.undo()
})
</script>

<template>
  <div class="page">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <h1 class="plate text-title">{{ name }}</h1>
      <p class="text-ink2">{{ tell('traced-on-a-photo') }}</p>
      <RouterLink class="link ml-auto" :to="`/tree/${id}`">{{ tell('the-tree-3') }}</RouterLink>
    </header>
    <section v-if="sent === 'done'" class="mt-4 max-w-xl" role="status">
      <h2 class="text-head">{{ tell('the-tree-is-drawn') }}</h2>
      <p class="mt-1">{{ tell('its-limbs-are-as-they') }}</p>
      <div class="flex flex-wrap gap-2 mt-3">
        <RouterLink class="btn btn-go" :to="`/tree/${id}?on=photo`">{{
          tell('mark-cuts')
        }}</RouterLink>
        <RouterLink class="btn" :to="`/tree/${id}/cut`">{{ tell('propose-a-plan') }}</RouterLink>
      </div>
    </section>
    <section v-else-if="!draft.picture" class="mt-4 max-w-xl grid gap-3">
      <p>
        {{ tell('stand-level-with-the-trunk') }}
      </p>
      <PhotoPick
        :photos="tree?.photos ?? []"
        :name="name"
        :take="tracing.take"
        @picked="tracing.choose"
      />
      <p v-if="tracing.trouble.value" class="wrong" role="alert">{{ tracing.trouble.value }}</p>
    </section>
    <div v-else class="body">
      <div class="picture">
        <div class="ask">
          <p class="tag text-lead flex-1" role="status">{{ asks }}</p>
          <button
            type="button"
            class="btn btn-small"
            :disabled="draft.steps.length < 2"
            @click="tracing.undo"
          >
            {{ tell('undo') }}
          </button>
        </div>
        <PhotoTouch
          :src="tracing.srcOf(draft.picture.id)"
          :width="draft.picture.width"
          :height="draft.picture.height"
          :says="tell('photo-of-arrow-keys-move', { name, asks })"
          @touch="tracing.touch"
        >
          <template #default="{ scale }">
            <TouchMarks :touched="now" :scale="scale" :selected="chosen" />
          </template>
        </PhotoTouch>
      </div>
      <aside class="grid gap-3 content-start">
        <details :open="facts.length_m === null || step !== 'fork' || !now.limbs.length">
          <summary class="label py-2.5">{{ tell('how-the-picture-was-taken') }}</summary>
          <PictureFacts v-model="draft.facts" :wrong="wrong" />
        </details>
        <ul v-if="others.length" class="wrong" role="alert">
          <li v-for="[at, says] in others" :key="at">{{ says }}</li>
        </ul>
        <div v-if="step === 'trunk'">
          <p class="label">{{ tell('or-how-thick-the-trunk') }}</p>
          <ThickPick
            :thick="now.trunk"
            :label="tell('how-thick-the-trunk-is')"
            :touching="true"
            @class="tracing.keep({ ...now, half: null, trunk: { class: $event } })"
          />
        </div>
        <p v-for="r in answer?.reasons ?? []" :key="r.code" class="text-note">{{ r.text }}</p>
        <ol>
          <LimbRow
            v-for="{ limb, nth } in newestFirst"
            :key="limb.id"
            :limb="limb"
            :nth="nth"
            :from="facts.from_deg"
            :open="chosen === limb.id"
            :touching="across === limb.id"
            :share="shareOf(limb.id)"
            :wrong="wrongOf(limb.id)"
            @select="chosen = chosen === limb.id ? null : limb.id"
            @change="change(limb.id, $event)"
            @across="acrossOf(limb.id)"
            @remove="remove(limb.id)"
          />
        </ol>
        <SecondPicture
          v-if="measured.length"
          v-model="draft.second"
          :tracing="tracing"
          :photos="(tree?.photos ?? []).filter((p) => p.id !== draft.picture?.id)"
          :name="name"
        />
        <button
          type="button"
          class="btn btn-go btn-tall text-part"
          :disabled="!measured.length || sent === 'waits'"
          @click="tracing.save"
        >
          {{ sent === 'waits' ? tell('waits-to-be-sent') : tell('keep-this-drawing') }}
        </button>
        <p class="text-small text-ink2">
          {{ tell('picture-and-touches-stay-on') }}
        </p>
        <button type="button" class="link justify-self-start" @click="draft.picture = null">
          {{ tell('another-picture') }}
        </button>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.page {
  max-width: 1280px;
  margin: 0 auto;
  padding: 12px 22px 30px;
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 7fr) minmax(0, 5fr);
  gap: 22px;
  margin-top: 10px;
}
.picture {
  position: sticky;
  top: 0;
  align-self: start;
}
.ask {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 52px;
}
@media (max-width: 900px) {
  .page {
    padding: 8px 12px 40px;
  }
  .body {
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
  }
  .picture {
    background: var(--paper);
    z-index: 1;
  }
}
</style>
