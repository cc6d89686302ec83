<script setup lang="ts">
/**
 * The cut plan: for an aim and a day, the cuts that bring most within the limit; pinned,
 * re-planned, compared, and made into a sheet.
 */
import tell from 'words:plan'
import SaidText from '@/controls/SaidText.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { newId } from '@/api/ids'
import { draft } from '@/composables/useMarking'
import { useDay, useStage } from '@/composables/useStage'
import { useSettings } from '@/composables/useSettings'
import VerdictBox from '@/controls/VerdictBox.vue'
import WhyDialog from '@/controls/WhyDialog.vue'
import ShareMeasure from '@/drawings/ShareMeasure.vue'
import { dayWords } from '@/geometry/day'
import { shareWords } from '@/geometry/measure'
import PlanAsk from './PlanAsk.vue'
import PlanCompare from './PlanCompare.vue'
import PlanCut from './PlanCut.vue'
import PlanLeft from './PlanLeft.vue'
import PlanStages from './PlanStages.vue'
import { asked, useWish } from './wish'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

type Plan = Schemas['PlanOut']
const props = defineProps<{ id: string }>()
const route = useRoute()
const router = useRouter()
const { units } = useSettings()
const { wish, forget } = useWish(props.id)
const day = useDay()
watch(day, (d) => (wish.day = d ?? null), { immediate: true })
watch(
  () => wish.day,
  (d) => (day.value = d ?? undefined),
)
const walkId = computed(() => (typeof route.query.walk === 'string' ? route.query.walk : null))
const body = computed(() => asked(wish, walkId.value))
const ask = (what: Schemas['PlanIn']) =>
  heed(api.POST('/api/trees/{id}/plan', { params: { path: { id: props.id } }, body: what }))
const {
  data: plan,
  error,
  isPending,
} = useQuery({
  queryKey: ['plan', () => props.id, body, units],
  queryFn: () => ask(body.value),
  placeholderData: keepPreviousData,
})
const beside = ref<string | null>(null)
const { data: other } = useQuery({
  queryKey: ['plan', () => props.id, body, beside, units],
  queryFn: () => ask({ ...body.value, goal: beside.value! }),
  enabled: computed(() => beside.value !== null),
  placeholderData: keepPreviousData,
})
const shown = ref<'this' | 'other'>('this')
const drawn = computed(() =>
  shown.value === 'other' && beside.value && other.value ? other.value : plan.value,
)
useStage(() => {
  const d = drawn.value
  if (!d) return { plain: true }
  return {
    frame: d.frame,
    plain: true,
    cuts: d.cuts.map((c) => ({ limb: c.limb, keep_m: c.keep_m })),
    gone: d.preview?.gone ?? [],
    free: d.cuts.filter((c) => !c.share).map((c) => c.limb),
    afterHeight: d.preview?.after.height_m ?? null,
  }
})

/** What the last change moved. */
const moved = ref('')
watch(plan, (now, before) => {
  if (!now || !before) return
  const [a, b] = [
    new Map(before.cuts.map((c) => [c.id, c.name])),
    new Map(now.cuts.map((c) => [c.id, c.name])),
  ]
  const came = [...b].filter(([id]) => !a.has(id)).map(([, name]) => name)
  const why = new Map(now.left.map((l) => [l.id, l.left_why]))
  const went = [...a]
    .filter(([id]) => !b.has(id))
    .map(([id, name]) => (why.has(id) ? `${name} (${why.get(id)!.replace(/\.$/, '')})` : name))
  const parts = [
    came.length ? tell('in-2', { came: came.join('; ') }) : '',
    went.length ? tell('out', { went: went.join('; ') }) : '',
  ]
  moved.value = parts.filter(Boolean).join(' ')
})
function pin(id: string, how: 'in' | 'out' | null) {
  wish.pinsIn = wish.pinsIn.filter((p) => p !== id)
  wish.pinsOut = wish.pinsOut.filter((p) => p !== id)
  if (how === 'in') wish.pinsIn.push(id)
  if (how === 'out') wish.pinsOut.push(id)
}
const pinned = computed(() => wish.pinsIn.length + wish.pinsOut.length > 0)
function unpin() {
  wish.pinsIn = []
  wish.pinsOut = []
}
const URGENT = ['over-limit', 'one-too-large']
const urgent = computed(() => plan.value?.reasons.filter((r) => URGENT.includes(r.code)) ?? [])
const calm = computed(
  () => plan.value?.reasons.slice(1).filter((r) => !URGENT.includes(r.code)) ?? [],
)
/** Leaves what belongs to later stages for their windows. */
function firstStage() {
  const later = plan.value?.stages.slice(1).flatMap((s) => s.cuts.map((c) => c.id)) ?? []
  wish.pinsIn = wish.pinsIn.filter((p) => !later.includes(p))
  wish.pinsOut = [...new Set([...wish.pinsOut, ...later])]
}
const costOf = (p: Plan, limb: string) => p.preview?.cuts.find((c) => c.limb === limb)
const adviceOf = (p: Plan, limb: string) => p.preview?.advice.find((a) => a.limb === limb)
const goalName = (id: string) => plan.value?.goals.find((g) => g.id === id)?.name ?? id
const working = ref(false)
const { act, busy, trouble } = useAct()
let sheetId = newId()
/** The same cuts as marks on the drawing, seasons ahead. */
async function rehearse() {
  const p = plan.value
  if (!p) return
  draft(
    p.frame.id,
    p.cuts.map((c) => ({ limb: c.limb, keep_m: c.keep_m, sick: c.work === 'sanitation' })),
  )
  day.value = p.day
  await router.push(`/tree/${props.id}/rehearse`)
}
async function makeSheet() {
  const p = plan.value
  if (!p?.preview) return
  await act(async () => {
    const later = p.stages
      .filter((x) => x.day > p.day)
      .map((x) => ({
        day: x.day,
        says: x.cuts
          .map((c) => c.name)
          .join('; ')
          .slice(0, 300),
      }))
    const sheet = {
      id: sheetId,
      frame_id: p.frame.id,
      cuts: p.cuts.map((c) => ({
        limb: c.limb,
        keep_m: c.keep_m,
        sick: c.work === 'sanitation',
      })),
      work: p.work,
      day: p.day,
      later,
    }
    const made = await heed(
      api.POST('/api/trees/{id}/sheets', { params: { path: { id: props.id } }, body: sheet }),
    )
    sheetId = newId()
    forget()
    await router.push(`/sheet/${made.id}`)
  })
}
</script>

<template>
  <div class="grid gap-3 content-start">
    <button
      v-if="beside"
      type="button"
      class="btn btn-small w-fit"
      :aria-pressed="shown === 'other'"
      @click="shown = shown === 'this' ? 'other' : 'this'"
    >
      {{ tell('drawn', { goal: goalName(shown === 'this' ? wish.goal : beside) }) }}
    </button>
    <p v-if="isPending">{{ tell('weighing-the-cuts') }}</p>
    <div v-else-if="error" class="grid gap-2">
      <p class="wrong" role="alert">{{ sentence(error) }}</p>
      <button v-if="pinned" type="button" class="btn w-fit" @click="unpin()">
        {{ tell('plan-anew-without-the-pins') }}
      </button>
      <RouterLink class="btn w-fit" :to="`/tree/${id}/cut/count`">{{
        tell('what-to-look-for-and-count')
      }}</RouterLink>
    </div>
    <template v-if="plan">
      <PlanAsk v-model="wish" :plan="plan" />
      <p class="text-note">
        <SaidText :text="plan.reasons[0]?.text ?? ''" />{{ ' ' }}
        <button type="button" class="underline min-h-6" @click="working = true">
          {{ tell('why') }}
        </button>
      </p>
      <ShareMeasure
        :pieces="plan.cuts.map((c, i) => ({ n: i + 1, share: c.share })).filter((c) => c.share)"
        :limit="plan.limit"
        :limit-says="tell('limit-2', { limit: shareWords(plan.limit) })"
        :year="Math.max(plan.limit, 0.2)"
        :used="0"
      />
      <VerdictBox
        v-if="plan.preview"
        :verdict="plan.preview.verdict"
        :tree-id="id"
        @day="wish.day = $event"
      />
      <p v-if="plan.not_today" class="keep font-semibold" role="status" data-test="not-today">
        <SaidText :text="plan.not_today.text" />
      </p>
      <p v-for="r in urgent" :key="r.code" class="keep font-semibold" role="alert">
        <SaidText :text="r.text" />
      </p>
      <p v-for="r in calm" :key="r.code" class="text-note"><SaidText :text="r.text" /></p>
      <section
        v-if="plan.skeleton.length"
        :aria-label="tell('before-you-decide')"
        class="warned"
        data-test="skeleton"
      >
        <h2 class="text-part">{{ tell('before-you-decide') }}</h2>
        <p v-for="r in plan.skeleton" :key="r.code"><SaidText :text="r.text" /></p>
      </section>
      <p v-if="moved" role="status" class="text-note" data-test="moved">{{ moved }}</p>
      <section :aria-label="tell('cut-now')">
        <h2 class="text-part">
          {{
            plan.cuts.length
              ? plan.not_today
                ? tell('cut-on-2', { day: dayWords(plan.day) })
                : tell('cut-now')
              : tell('nothing-to-cut-under-this')
          }}
        </h2>
        <ol>
          <PlanCut
            v-for="(c, i) in plan.cuts"
            :key="c.id"
            :cut="c"
            :n="i + 1"
            :cost="costOf(plan, c.limb)"
            :advice="adviceOf(plan, c.limb)"
            :pinned="wish.pinsIn.includes(c.id)"
            @pin="pin(c.id, $event)"
          />
        </ol>
      </section>
      <PlanStages :plan="plan" @first="firstStage" />
      <section v-if="plan.left.length" :aria-label="tell('left-for-now')">
        <h2 class="text-part">{{ tell('left-for-now') }}</h2>
        <ul>
          <PlanLeft
            v-for="c in plan.left"
            :key="c.id"
            :cut="c"
            :out="wish.pinsOut.includes(c.id)"
            @pin="pin(c.id, $event)"
          />
        </ul>
      </section>
      <PlanCompare v-model="beside" :plan="plan" :other="beside ? other : undefined" />
      <section
        v-if="plan.cuts.length"
        :aria-label="tell('after-the-cut')"
        class="text-note grid gap-1"
      >
        <h2 class="text-part">{{ tell('after-the-cut') }}</h2>
        <p><SaidText :text="plan.light.reasons[0]!.text" /></p>
        <p><SaidText :text="plan.clippings.reasons[0]!.text" /></p>
        <p v-if="plan.bark">
          {{ tell('bared-bark') }} <SaidText :text="plan.bark.reasons[0]!.text" />
        </p>
        <p v-for="a in plan.regrowth" :key="a.code"><SaidText :text="a.text" /></p>
        <p v-for="a in plan.after" :key="a.code"><SaidText :text="a.text" /></p>
      </section>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <div class="grid grid-cols-[auto_1fr] gap-2">
        <button
          type="button"
          class="btn btn-tall"
          :disabled="!plan.cuts.length"
          data-test="rehearse"
          @click="rehearse"
        >
          {{ tell('rehearse-it') }}
        </button>
        <button
          type="button"
          class="btn btn-go btn-tall text-part"
          :disabled="!plan.preview || busy"
          @click="makeSheet"
        >
          {{ tell('make-the-cut-sheet') }}
        </button>
      </div>
      <p class="text-small text-ink2">
        {{ tell('look-at-the-blades-before') }}
      </p>
      <WhyDialog
        v-model="working"
        :title="tell('cut-plan')"
        :sentence="plan.reasons[0]?.text ?? ''"
        :reasons="[...plan.reasons, ...plan.crop.reasons, ...plan.light.reasons]"
      />
    </template>
  </div>
</template>

<style scoped>
.warned {
  border: 3px double var(--ink);
  padding: 8px 12px;
  display: grid;
  gap: 4px;
}
</style>
