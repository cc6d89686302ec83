<script setup lang="ts">
/**
 * Says what is kept on this device and waits for Billhook, and what was set aside. Stands on every
 * page, quiet when there is nothing to say.
 */
import { again, drop, send, useOutbox } from '@/field/outbox'
import { homeSays } from '@/field/home'
import { useReach } from '@/field/reach'
import { fullDay } from '@/geometry/day'
import { computed } from 'vue'

const { reached } = useReach()
const { waiting, refused, failed, away } = useOutbox()
const entries = (n: number) => (n === 1 ? '1 entry is' : `${n} entries are`)
const why = computed(() =>
  away.value === 'stranger'
    ? 'Something else answers in Billhook’s place, such as a network’s sign-in page.'
    : 'Billhook does not answer.',
)
</script>

<template>
  <div role="status" aria-live="polite" class="outbox">
    <p v-if="!reached && !(away && waiting.length)" class="kept" data-test="no-signal">
      <span
        >No signal. What is
        <RouterLink class="underline" to="/phone">on this phone</RouterLink> opens, and what you
        enter is kept.</span
      >
    </p>
    <p v-if="away && waiting.length" class="kept" data-test="kept-here">
      <span>{{ why }} {{ entries(waiting.length) }} kept on this device and sent later.</span>
      <button type="button" class="btn btn-small" @click="send()">Try now</button>
    </p>
    <p v-if="homeSays" class="kept" data-test="home">
      <span v-if="homeSays.other"
        >Another holding answers here now: {{ homeSays.other }}. What was entered for the one before
        is not sent to it; it is kept on this device.</span
      >
      <span v-else
        >An older state was put back, of {{ fullDay(homeSays.asOf!.slice(0, 10)) }}. What was
        entered after it is not there; what still waits on this device is sent.</span
      >
      <button type="button" class="btn btn-small" @click="homeSays = null">Understood</button>
    </p>
    <p v-for="item in failed" :key="item.seq" class="kept" data-test="set-aside">
      <span
        >{{ item.says }}: Billhook could not write it down. It is kept on this device.
        {{ item.failed }}</span
      >
      <span class="flex gap-2">
        <button type="button" class="btn btn-small" @click="again()">Send again</button>
        <button type="button" class="btn btn-small" @click="drop(item)">Drop it</button>
      </span>
    </p>
    <p v-for="item in refused" :key="item.seq" class="kept" data-test="refused">
      <span>{{ item.says }} was not taken: {{ item.refused }}</span>
      <span class="flex gap-2">
        <RouterLink class="btn btn-small" to="/phone">Mend it</RouterLink>
        <button type="button" class="btn btn-small" @click="drop(item)">Drop it</button>
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
