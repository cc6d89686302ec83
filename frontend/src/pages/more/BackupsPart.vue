<script setup lang="ts">
/** The backups that are made by themselves: the last one, where they lie, and one now. */
import { decimals } from '@/words/numbers'
import tell from 'words:more'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { dayWords } from '@/geometry/day'
import { useQuery } from '@tanstack/vue-query'

const { data } = useQuery({
  queryKey: ['backups'],
  queryFn: () => heed(api.GET('/api/backups')),
})
const { act, busy, trouble } = useAct()
const now = () => act(() => heed(api.POST('/api/backups')), ['backups'])
const MB = 1e6
const size = (bytes: number) => `${decimals(bytes / MB, 1)} MB`
</script>

<template>
  <section v-if="data" :aria-label="tell('backups')" data-test="backups">
    <h2 class="text-part border-b-2 border-ink pb-1 mb-2">{{ tell('backups') }}</h2>
    <p :class="data.well ? 'text-ink2' : 'keep'" role="status">{{ data.says }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p class="flex flex-wrap items-baseline gap-3 mt-2">
      <button type="button" class="btn" :disabled="busy" @click="now">
        {{ busy ? tell('backing-up') : tell('back-up-now') }}
      </button>
      <span class="text-ink2"
        >{{ ' ' }}{{ tell('in') }} <code class="break-all">{{ data.folder }}</code>
        {{ tell('on-the-computer-that-runs') }}{{ ' ' }}</span
      >
    </p>
    <details v-if="data.kept.length" class="mt-2">
      <summary class="tag">
        {{
          data.kept.length === 1
            ? tell('one-is-kept')
            : tell('are-kept', { kept: data.kept.length })
        }}
      </summary>
      <ul class="num">
        <li v-for="b in data.kept" :key="b.day">{{ dayWords(b.day) }}, {{ size(b.size) }}</li>
      </ul>
      <p class="text-ink2">
        {{ tell('the-newest-seven-one-of') }} <code>billhook restore</code>
        {{ tell('with-the-file-what-stood') }}
      </p>
    </details>
  </section>
</template>
