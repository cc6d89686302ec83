<script setup lang="ts">
/**
 * How high a tree is wanted: a number, so much off the top, or by how it is picked; for the tree,
 * its row, its block or the holding. Under it the visits that bring it down.
 */
import tell from 'words:parts'
import SaidText from './SaidText.vue'
import PickOne from './PickOne.vue'
import { api, heed, type Schemas } from '@/api/client'
import { useAim } from '@/composables/useAim'
import { useAct } from '@/composables/useAct'
import { useSettings } from '@/composables/useSettings'
import { dayWords } from '@/geometry/day'
import { lengthWords, shareWords } from '@/geometry/measure'
import { computed, ref, toRef, watch } from 'vue'
import MeasureField from './MeasureField.vue'

const { units } = useSettings()
const { act, busy, fields, trouble } = useAct()
const SCOPES = [
  {
    id: 'tree',
    get name() {
      return tell('this-tree')
    },
  },
  {
    id: 'row',
    get name() {
      return tell('its-row')
    },
  },
  {
    id: 'block',
    get name() {
      return tell('its-block')
    },
  },
  {
    id: 'holding',
    get name() {
      return tell('all-trees')
    },
  },
] as const
type Scope = (typeof SCOPES)[number]['id']
/** scope: what it is said for at first. */
const props = defineProps<{ treeId: string; height: number | null; scope?: Scope }>()
const scope = ref<Scope>(props.scope ?? 'tree')
/** By what a height or a width is said, as the API names it. */
const HIGH = [
  {
    id: 'height_m',
    get name() {
      return tell('high')
    },
  },
  {
    id: 'off_top_m',
    get name() {
      return tell('off-the-top')
    },
  },
] as const
const WIDE = [
  {
    id: 'width_m',
    get name() {
      return tell('across')
    },
  },
  {
    id: 'from_stem_m',
    get name() {
      return tell('from-the-stem')
    },
  },
  {
    id: 'off_sides_m',
    get name() {
      return tell('off-each-side')
    },
  },
] as const
const high = ref<(typeof HIGH)[number]['id']>('height_m')
const wide = ref<(typeof WIDE)[number]['id']>('width_m')
const wanted = ref<number | null>(null)
const width = ref<number | null>(null)
const { data: aim } = useAim(toRef(props, 'treeId'))
watch(
  aim,
  (now) => {
    if (!now) return
    high.value = 'height_m'
    wide.value = 'width_m'
    wanted.value = now.height_m
    width.value = now.width_m
    scope.value = props.scope ?? now.said_by ?? 'tree'
  },
  { immediate: true },
)
async function say(body: Partial<Schemas['AimIn']>) {
  await act(() =>
    heed(
      api.PUT('/api/trees/{id}/aim', {
        params: { path: { id: props.treeId } },
        body: { scope: scope.value, ...body },
      }),
    ),
  )
}
/** What this tree, row, block or holding says itself is kept beside what is said anew. */
const own = (of: 'height_m' | 'width_m') =>
  aim.value?.scopes.find((s) => s.scope === scope.value)?.[of] ?? null
const sayHeight = (id: string, m: number | null) => say({ width_m: own('width_m'), [id]: m })
const sayWidth = (id: string, m: number | null) => say({ height_m: own('height_m'), [id]: m })
const by = computed(() => SCOPES.find((s) => s.id === aim.value?.said_by)?.name)
</script>

<template>
  <section class="grid gap-3" :aria-label="tell('how-high-do-you-want')">
    <h2 class="text-head">{{ tell('how-high-do-you-want') }}</h2>
    <p v-if="aim && aim.height_m === null" class="text-ink2">
      {{ tell('nobody-said-until-then-its') }}
    </p>
    <p v-if="aim" data-test="full-size"><SaidText :text="aim.full.text" /></p>
    <div>
      <label class="label" :for="`aim-${treeId}`">{{ tell('for') }}</label>
      <PickOne :id="`aim-${treeId}`" v-model="scope" class="field">
        <option v-for="s in SCOPES" :key="s.id" :value="s.id">
          {{ s.id === props.scope ? tell('this', { id: s.id }) : s.name }}
        </option>
      </PickOne>
    </div>
    <form class="aim" @submit.prevent="sayHeight(high, wanted)">
      <MeasureField
        v-model="wanted"
        :label="tell('height')"
        kind="length"
        :wrong="fields[`/${high}`]"
      />
      <PickOne v-model="high" class="field" :aria-label="tell('how-the-height-is-said')">
        <option v-for="h in HIGH" :key="h.id" :value="h.id">{{ h.name }}</option>
      </PickOne>
      <button class="btn" :disabled="!wanted || busy">{{ tell('keep-it-so') }}</button>
    </form>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="p in aim?.picks ?? []"
        :key="p.says"
        type="button"
        class="choice"
        @click="((wanted = p.height_m), (high = 'height_m'))"
      >
        {{ p.says }}, {{ lengthWords(p.height_m, units) }}
      </button>
      <button v-if="aim?.height_m" type="button" class="link" @click="sayHeight('height_m', null)">
        {{ tell('take-it-back') }}
      </button>
    </div>
    <details :open="!!aim?.width_m">
      <summary class="tag py-2.5">{{ tell('and-how-wide') }}</summary>
      <form class="aim" @submit.prevent="sayWidth(wide, width)">
        <MeasureField
          v-model="width"
          :label="tell('width')"
          kind="length"
          :wrong="fields[`/${wide}`]"
        />
        <PickOne v-model="wide" class="field" :aria-label="tell('how-the-width-is-said')">
          <option v-for="w in WIDE" :key="w.id" :value="w.id">{{ w.name }}</option>
        </PickOne>
        <button class="btn" :disabled="!width || busy">{{ tell('keep-it-so-wide') }}</button>
      </form>
      <div class="flex flex-wrap gap-2 mt-2">
        <button
          v-if="aim?.clear_m"
          type="button"
          class="choice"
          @click="((width = aim.clear_m), (wide = 'width_m'))"
        >
          {{ tell('back-from-its-neighbour-across', { clear: lengthWords(aim.clear_m, units) }) }}
        </button>
        <button v-if="aim?.width_m" type="button" class="link" @click="sayWidth('width_m', null)">
          {{ tell('take-it-back') }}
        </button>
      </div>
    </details>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <template v-if="aim?.height_m">
      <p>
        {{ tell('for-2', { height: lengthWords(aim.height_m, units), by })
        }}<template v-if="height">{{
          tell('it-stands-now', { height: lengthWords(height, units) })
        }}</template
        >.
      </p>
      <template v-if="aim.stairs">
        <p v-for="r in aim.stairs.reasons" :key="r.code"><SaidText :text="r.text" /></p>
        <table v-if="aim.stairs.visits.length" class="w-full text-left" data-test="stairs">
          <thead>
            <tr class="text-ink2">
              <th>{{ tell('visit') }}</th>
              <th>{{ tell('down-to') }}</th>
              <th>{{ tell('takes') }}</th>
              <th>{{ tell('then-stands') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="v in aim.stairs.visits" :key="v.day" class="border-t border-rule">
              <td class="py-1">{{ dayWords(v.day) }}</td>
              <td>{{ lengthWords(v.to_m, units) }}</td>
              <td>{{ shareWords(v.share) }}</td>
              <td>{{ lengthWords(v.after_m, units) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="aim.stairs.visits.length" class="text-ink2">
          {{ tell('each-on-the-cheapest-open') }}
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.aim {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}
@media (max-width: 480px) {
  .aim .btn {
    grid-column: 1 / -1;
  }
}
</style>
