<script setup lang="ts">
/** A line of a recipe: how many, how thick, where; with boxes to tick on paper. */
import tell from 'words:parts'
import type { Schemas } from '@/api/client'
import { shareWords } from '@/geometry/measure'

defineProps<{ line: Schemas['RecipeLineOut'] }>()
</script>

<template>
  <li class="line" data-test="recipe-line">
    <div>
      <b class="tag text-lead"
        >{{ ' ' }}{{ line.share ? tell('up-to', { n: line.n }) : tell('all-2') }},
        {{
          line.share
            ? tell('thick-2', { class: line.class.replace('-', ' ') })
            : tell('however-thick')
        }}, {{ line.whole ? tell('whole') : tell('shortened') }}{{ ' ' }}</b
      >
      <p>{{ line.what }}; {{ line.where }}.</p>
      <p v-if="line.share" class="text-ink2">
        {{ tell('about', { share: shareWords(line.share) }) }}
      </p>
    </div>
    <span class="boxes" aria-hidden="true">{{ '☐'.repeat(Math.min(line.n, 12)) }}</span>
    <slot></slot>
  </li>
</template>

<style scoped>
.boxes {
  display: none;
  font-size: 20px;
  letter-spacing: 3px;
}
@media print {
  .boxes {
    display: block;
  }
}
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
