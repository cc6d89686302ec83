<script setup lang="ts">
/**
 * On each topic the school that holds, for the holding, a block or a tree; what it believes, what
 * speaks against it, what it changes.
 */
import tell from 'words:place'
import PickOne from '@/controls/PickOne.vue'
import { useAct } from '@/composables/useAct'
import { api, heed, sentence, type Schemas } from '@/api/client'
import { useGrove } from '@/composables/useGrove'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, useId, watch } from 'vue'
import { useRoute } from 'vue-router'

const route = useRoute()
const id = useId()
const { data: grove } = useGrove()
const where = ref(typeof route.query.tree === 'string' ? `tree ${route.query.tree}` : 'holding')
const scope = computed(() => where.value.split(' ')[0] as 'holding' | 'block' | 'tree')
const scopeId = computed(() => where.value.split(' ')[1] ?? null)
const treeName = computed(() => grove.value?.trees.find((t) => t.id === route.query.tree)?.name)
const { data, error } = useQuery({
  queryKey: ['stances', where],
  queryFn: () =>
    heed(
      api.GET('/api/stances', {
        params: {
          query: { scope: scope.value, ...(scopeId.value ? { scope_id: scopeId.value } : {}) },
        },
      }),
    ),
})
const TOPICS: Record<string, string> = {
  get timing() {
    return tell('when-to-cut')
  },
  get form() {
    return tell('form-of-the-tree')
  },
  get middle() {
    return tell('the-middle')
  },
  get height() {
    return tell('height')
  },
  get renewal() {
    return tell('renewal')
  },
  get vigour() {
    return tell('clippings-and-vigour')
  },
  get wounds() {
    return tell('wounds')
  },
  get 'leaf-miner'() {
    return tell('mined-leaves')
  },
  get 'first-fruit'() {
    return tell('fruit-on-a-young-tree')
  },
  get 'frost-wait'() {
    return tell('waiting-after-a-frost')
  },
  get 'union-shoots'() {
    return tell('shoots-exactly-at-the-union')
  },
}
const FROM = {
  get default() {
    return tell('unless-you-choose')
  },
  get holding() {
    return tell('chosen-for-the-holding')
  },
  get block() {
    return tell('chosen-for-the-block')
  },
  get tree() {
    return tell('chosen-for-this-tree')
  },
}
const looked = ref<{ topic: string; school: string; effect: Schemas['EffectOut'] } | null>(null)
const { act, trouble } = useAct()
watch(where, () => (looked.value = null))
async function look(topic: string, school: string) {
  await act(async () => {
    const effect = await heed(
      api.POST('/api/stances/effect', {
        body: { scope: scope.value, scope_id: scopeId.value, topic, school },
      }),
    )
    looked.value = { topic, school, effect }
  }, [])
}
async function choose(topic: string, school: string | null) {
  await act(async () => {
    await heed(
      api.PUT('/api/stances', {
        body: { scope: scope.value, scope_id: scopeId.value, topic, school },
      }),
    )
    looked.value = null
  })
}
</script>

<template>
  <div class="grid gap-3">
    <div class="max-w-xs">
      <label class="label" :for="`${id}w`">{{ tell('ways-of-working-of') }}</label>
      <PickOne :id="`${id}w`" v-model="where" class="field">
        <option value="holding">{{ tell('the-whole-holding') }}</option>
        <option v-for="b in grove?.blocks ?? []" :key="b.id" :value="`block ${b.id}`">
          {{ tell('block-3', { name: b.name }) }}
        </option>
        <option v-if="treeName" :value="`tree ${route.query.tree}`">
          {{ tell('tree-2', { treeName }) }}
        </option>
      </PickOne>
    </div>
    <p v-if="error || trouble" class="wrong" role="alert">{{ trouble || sentence(error) }}</p>
    <details
      v-for="t in data?.topics ?? []"
      :key="t.topic"
      class="topic"
      :data-topic="t.topic"
      :open="t.topic === 'timing'"
    >
      <summary>
        <b class="tag text-lead">{{ TOPICS[t.topic] ?? t.topic }}</b>:
        {{ t.schools.find((s) => s.id === t.in_force)?.name }}
        <span class="text-ink2 text-note">({{ FROM[t.chosen_at] }})</span>
      </summary>
      <ul class="grid gap-2 mt-2">
        <li v-for="s in t.schools" :key="s.id" class="school" :class="{ on: s.id === t.in_force }">
          <h3 class="text-lead">{{ s.name }}{{ s.id === t.in_force ? tell('in-force') : '' }}</h3>
          <dl class="grid sm:grid-cols-[auto_1fr] gap-x-4 text-note">
            <dt class="text-ink2">{{ tell('believes') }}</dt>
            <dd>{{ s.believes }}</dd>
            <dt class="text-ink2">{{ tell('against-it') }}</dt>
            <dd>{{ s.against }}</dd>
            <dt class="text-ink2">{{ tell('changes') }}</dt>
            <dd>{{ s.changes }}</dd>
          </dl>
          <div
            v-if="looked?.topic === t.topic && looked.school === s.id"
            class="mt-1 text-note"
            data-test="effect"
            aria-live="polite"
          >
            <p v-if="!looked.effect.kinds.some((k) => k.changes.length)">
              {{ tell('no-date-changes') }}
            </p>
            <template v-for="k in looked.effect.kinds" :key="k.tree">
              <template v-if="k.changes.length">
                <h4 class="font-semibold mt-1">
                  {{ tell('such-as-over-the-next', { kindName: k.kind_name, tree: k.tree }) }}
                </h4>
                <ul>
                  <li v-for="c in k.changes" :key="c.work">
                    <b>{{ c.name }}</b>: {{ c.then }}
                    <span class="text-ink2">{{ tell('now-3', { now: c.now }) }}</span>
                  </li>
                </ul>
              </template>
            </template>
          </div>
          <div class="flex flex-wrap gap-2 mt-2">
            <button
              v-if="s.id !== t.in_force"
              type="button"
              class="btn btn-small"
              :aria-label="tell('what-would-change', { name: s.name })"
              @click="look(t.topic, s.id)"
            >
              {{ tell('what-would-change-2') }}
            </button>
            <button
              v-if="s.id !== t.in_force"
              type="button"
              class="btn btn-small"
              :aria-label="tell('choose-3', { name: s.name })"
              @click="choose(t.topic, s.id)"
            >
              {{ tell('choose-4') }}
            </button>
            <button
              v-else-if="t.chosen_at === scope"
              type="button"
              class="btn btn-small"
              :aria-label="tell('take-back-3', { name: s.name })"
              @click="choose(t.topic, null)"
            >
              {{ tell('take-the-choice-back') }}
            </button>
          </div>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.topic {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.school {
  border: var(--line) solid var(--edge);
  border-radius: 8px;
  padding: 8px 14px;
  background: var(--sheet);
}
.school.on {
  border-color: var(--ink);
  box-shadow: inset 6px 0 0 var(--leaf);
  padding-left: 20px;
}
</style>
