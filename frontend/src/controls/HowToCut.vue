<script setup lang="ts">
/** How one cut is made: drawn to scale, with all that a helper must know and what could hurt. */
import tell from 'words:parts'
import SaidText from './SaidText.vue'
import type { Preview } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import CutDrawing from '@/drawings/CutDrawing.vue'

defineProps<{ advice: Preview['advice'][number] }>()
const { units } = useSettings()
const closes = (y: number) =>
  y < 1.5 ? tell('within-about-a-year') : tell('in-about-years', { count: Math.round(y) })
</script>

<template>
  <details class="how">
    <summary class="tag">{{ tell('how') }}</summary>
    <div class="flex flex-wrap gap-x-4 gap-y-2 pt-1">
      <CutDrawing
        v-if="advice.drawing"
        :drawing="advice.drawing"
        :units="units"
        :says="
          tell('seen-from-the-side', { position: advice.position, technique: advice.technique })
        "
      />
      <figure v-if="advice.drawing?.wrong.length" data-test="not-so">
        <CutDrawing
          :drawing="advice.drawing"
          :units="units"
          wrong
          :says="
            tell('where-not-to-cut', { notSo: advice.drawing.not_so.map((r) => r.text).join(' ') })
          "
        />
        <figcaption class="text-small max-w-[210px]">
          <p v-for="(r, i) in advice.drawing.not_so" :key="r.code">
            {{ advice.drawing.not_so.length > 1 ? `${i + 1}. ` : '' }}<SaidText :text="r.text" />
          </p>
        </figcaption>
      </figure>
      <ul class="text-small grid gap-1 content-start flex-1 min-w-[200px]">
        <li v-for="m in advice.making" :key="m.code"><SaidText :text="m.text" /></li>
        <li>
          {{
            tell('the-wound-closes-min', {
              closingYears: closes(advice.closing_years),
              count: Math.max(1, Math.round(advice.minutes)),
            })
          }}
        </li>
        <li v-for="c in advice.cautions" :key="c.code" class="keep"><SaidText :text="c.text" /></li>
      </ul>
    </div>
  </details>
</template>

<style scoped>
.how > summary {
  min-height: 30px;
  padding: 4px 0;
  cursor: pointer;
}
@media print {
  .how {
    display: none;
  }
}
</style>
