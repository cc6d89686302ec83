<script setup lang="ts">
/**
 * Says what is kept on this device and waits for Billhook, and what was set aside. Stands on every
 * page, quiet when there is nothing to say.
 */
import tell from 'words:app'
import { again, drop, send, useOutbox } from '@/field/outbox'
import { homeSays } from '@/field/home'
import { useReach } from '@/field/reach'
import { fullDay } from '@/geometry/day'
import { computed } from 'vue'

const { reached } = useReach()
const { waiting, refused, failed, away } = useOutbox()
const entries = (n: number) => (n === 1 ? tell('n-1-entry-is') : tell('entries-are', { n }))
const why = computed(() =>
  away.value === 'stranger'
    ? tell('something-else-answers-in-billhook')
    : tell('billhook-does-not-answer'),
)
</script>

<template>
  <div role="status" aria-live="polite" class="outbox">
    <p v-if="!reached && !(away && waiting.length)" class="kept" data-test="no-signal">
      <span
        >{{ tell('no-signal-what-is') }}
        <RouterLink class="underline" to="/phone">{{ tell('on-this-phone') }}</RouterLink>
        {{ tell('opens-and-what-you-enter') }}</span
      >
    </p>
    <p v-if="away && waiting.length" class="kept" data-test="kept-here">
      <span>{{ tell('kept-on-this-device-and', { why, waiting: entries(waiting.length) }) }}</span>
      <button type="button" class="btn btn-small" @click="send()">{{ tell('try-now') }}</button>
    </p>
    <p v-if="homeSays" class="kept" data-test="home">
      <span v-if="homeSays.other">{{
        tell('another-holding-answers-here-now', { other: homeSays.other })
      }}</span>
      <span v-else>{{
        tell('an-older-state-was-put', { asOf: fullDay(homeSays.asOf!.slice(0, 10)) })
      }}</span>
      <button type="button" class="btn btn-small" @click="homeSays = null">
        {{ tell('understood') }}
      </button>
    </p>
    <p v-for="item in failed" :key="item.seq" class="kept" data-test="set-aside">
      <span>{{
        tell('billhook-could-not-write-it', { item: item.says, failed: item.failed })
      }}</span>
      <span class="flex gap-2">
        <button type="button" class="btn btn-small" @click="again()">
          {{ tell('send-again') }}
        </button>
        <button type="button" class="btn btn-small" @click="drop(item)">
          {{ tell('drop-it') }}
        </button>
      </span>
    </p>
    <p v-for="item in refused" :key="item.seq" class="kept" data-test="refused">
      <span>{{ tell('was-not-taken', { item: item.says, refused: item.refused }) }}</span>
      <span class="flex gap-2">
        <RouterLink class="btn btn-small" to="/phone">{{ tell('mend-it') }}</RouterLink>
        <button type="button" class="btn btn-small" @click="drop(item)">
          {{ tell('drop-it') }}
        </button>
      </span>
    </p>
  </div>
</template>

<style scoped>
.outbox {
  display: grid;
  gap: 8px;
  padding: 0 16px;
}
.kept {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  justify-content: space-between;
  width: 100%;
  max-width: 760px;
  margin: 8px auto 0;
  border: var(--line) dashed var(--ink);
  border-radius: 10px;
  padding: 8px 12px;
}
.kept span:first-child {
  flex: 1 1 220px;
}
.kept .btn {
  min-height: 44px;
  flex: none;
}
</style>
