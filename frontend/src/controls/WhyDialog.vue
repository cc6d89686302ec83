<script setup lang="ts">
/**
 * Why an answer is as it is: sentences with this tree's numbers, how sure they are, the way of
 * working behind them, and what would change it.
 */
import tell from 'words:app'
import { api, heed, type Reason, type Schemas } from '@/api/client'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import SaidText from './SaidText.vue'

const open = defineModel<boolean>({ required: true })
/** counted: where it is a sum that can be followed, its inputs and sources are shown too. */
defineProps<{ title: string; sentence: string; reasons: Reason[]; counted?: boolean }>()
const { data } = useQuery({
  queryKey: ['catalogue', ''],
  queryFn: () => heed(api.GET('/api/catalogue', { params: { query: {} } })),
  enabled: open,
  staleTime: Infinity,
})
const known = computed(() => new Map((data.value?.values ?? []).map((v) => [v.id, v])))
/** The values a sentence rests on; the rule itself is the sentence. */
const valuesOf = (reason: Reason) =>
  (reason.catalogue_ids ?? [])
    .filter((id) => !id.startsWith('rule/'))
    .map((id) => known.value.get(id))
    .filter((v): v is Schemas['KnownOut'] => !!v)
const ruleOf = (reason: Reason) =>
  (reason.catalogue_ids ?? [])
    .map((id) => known.value.get(id))
    .find((v) => v?.id.startsWith('rule/'))
const inputs = (reason: Reason) =>
  Object.entries(reason.used ?? {}).filter(([, value]) => value !== null)
const number = (value: unknown) =>
  typeof value === 'number'
    ? String(Math.round(value * 1000) / 1000)
    : Array.isArray(value)
      ? value.join(', ')
      : String(value)
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="open = false">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-4">
      <DialogPanel
        class="mx-auto my-6 bg-sheet border-2 border-ink rounded-[10px] p-6 w-full max-w-2xl"
      >
        <DialogTitle class="text-head">{{ title }}</DialogTitle>
        <p class="mt-1 text-lead">{{ sentence }}</p>
        <ol class="mt-4 space-y-4">
          <li
            v-for="reason in reasons"
            :key="reason.code + reason.text"
            class="border-t border-rule pt-3"
          >
            <p>
              <SaidText :text="reason.text" />{{ ' ' }}
              <span v-if="ruleOf(reason)" class="text-ink2">({{ ruleOf(reason)!.sure }})</span>
            </p>
            <p v-if="reason.school" class="text-ink2">
              {{
                tell('way-of-working', {
                  known: String(known.get(`schools/${reason.school}/name`)?.value ?? reason.school),
                })
              }}
            </p>
            <p v-if="reason.remedy" class="font-semibold">
              {{ tell('what-would-change-it', { remedy: reason.remedy }) }}
            </p>
            <dl
              v-if="counted && inputs(reason).length"
              class="mt-1 grid grid-cols-[1fr_auto] gap-x-4 text-note"
            >
              <template v-for="[name, value] in inputs(reason)" :key="name">
                <dt class="text-ink2">{{ name }}</dt>
                <dd class="num text-right">{{ number(value) }}</dd>
              </template>
            </dl>
            <ul v-if="valuesOf(reason).length" class="mt-1 text-note space-y-1">
              <li v-for="v in valuesOf(reason)" :key="v.id">
                {{ v.says }}: <b class="num">{{ number(v.value) }} {{ v.unit }}</b
                ><span v-if="v.low !== null" class="text-ink2"
                  >{{ ' ' }}{{ tell('to', { low: v.low, high: v.high }) }}</span
                >;
                <span class="text-ink2"
                  >{{ v.sure }}<template v-if="counted && v.source">: {{ v.source }}</template
                  ><template v-if="v.rivals">{{
                    tell('others-say', { rivals: v.rivals })
                  }}</template></span
                >
              </li>
            </ul>
          </li>
        </ol>
        <p class="mt-4 text-note">
          <RouterLink class="link" to="/known" @click="open = false">{{
            tell('every-value-with-its-source')
          }}</RouterLink>
        </p>
        <button type="button" class="btn mt-4" @click="open = false">{{ tell('close') }}</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
