<script setup lang="ts">
/**
 * A season's figures on ruled bars: yours filled, the uncut twin as a dashed box over it, a second
 * plan as a mark. Plain numbers in.
 */
export interface Bar {
  name: string
  most: number
  value: number
  twin: number
  second: number | null
  says: string
  beside: string
  tone: string
}
defineProps<{ bars: Bar[] }>()
const W = 160
const at = (v: number, most: number) => Math.max(0, Math.min(1, v / most)) * W
const ticks = [0, 1, 2, 3, 4, 5, 6, 7, 8]
</script>

<template>
  <dl class="bars">
    <div v-for="b in bars" :key="b.name">
      <dt>{{ b.name }}</dt>
      <dd>
        <svg viewBox="-2 -6 166 30" width="166" height="30" aria-hidden="true">
          <rect
            width="160"
            height="15"
            fill="var(--sheet)"
            stroke="var(--ink)"
            stroke-width="1.6"
          />
          <rect
            :width="at(b.value, b.most)"
            height="15"
            :fill="b.tone"
            stroke="var(--ink)"
            stroke-width="1.6"
          />
          <path
            :d="`M0 -3.5H${at(b.twin, b.most)}V18.5H0`"
            fill="none"
            stroke="var(--ink)"
            stroke-width="1.4"
            stroke-dasharray="4 3"
          />
          <path
            v-if="b.second !== null"
            :d="`M${at(b.second, b.most)} -5v26`"
            stroke="var(--tape)"
            stroke-width="3"
          />
          <path
            v-for="t in ticks"
            :key="t"
            :d="`M${t * 20} 15v${t % 2 ? 3 : 5}`"
            stroke="var(--ink)"
            stroke-width="1.1"
          />
        </svg>
        <span class="leading-tight"
          ><b class="tag">{{ b.says }}</b
          ><br /><span class="text-ink2 text-small">{{ b.beside }}</span></span
        >
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.bars div {
  display: grid;
  grid-template-columns: 92px auto;
  gap: 10px;
  align-items: start;
  min-height: 42px;
}
.bars dt {
  padding-top: 2px;
  text-align: right;
  font: 600 var(--text-base) var(--font-tag);
}
.bars dd {
  display: grid;
  grid-template-columns: 166px 1fr;
  gap: 0 10px;
  margin: 0;
}
</style>
