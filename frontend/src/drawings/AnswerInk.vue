<script setup lang="ts">
/** Ink drawings of what a clue's answers look like; answers without one are words alone. */
withDefaults(defineProps<{ clue: string; value: string; size?: number }>(), { size: 92 })
const LEAF = 'M52 74C28 62 30 28 52 8c22 20 24 54 0 66zM52 74V14'
const INK: Record<string, string> = {
  'leaf_form trifoliolate': [
    'M52 98V60M52 58C37 46 37 22 52 8c15 14 15 38 0 50zM52 58V14',
    'M51 61C40 68 20 63 11 46c19-6 35 3 40 15zM50 60 18 49',
    'M53 61c11 7 31 2 40-15-19-6-35 3-40 15zM54 60l32-11',
  ].join(''),
  'leaf_form mixed': [
    'M30 96V62M30 60C20 50 20 30 30 18c10 12 10 32 0 42zM30 62C20 66 8 60 4 48c12-3 22 3 26 14z',
    'M30 62c9 4 20-2 24-14-11-3-20 3-24 14zM78 96V74M78 72C64 62 66 36 78 22c12 14 14 40 0 50z',
  ].join(''),
  'leaf_form unifoliolate': `M52 98V74${LEAF}`,
  'leaf_form leafless': 'M52 100V10M52 80l20-14M52 80 34 68M52 56l18-13M52 56 36 45M52 34l12-10',
  'petiole_wing none_lt1.5mm': `M52 100V74${LEAF}`,
  'petiole_wing narrow_1.5to5mm': `M52 98c-4-7-4-16 0-23 4 7 4 16 0 23z${LEAF}`,
  'petiole_wing wide_gt5mm': `M52 100c-15-8-15-18 0-26 15 8 15 18 0 26z${LEAF}`,
  'thorns_rel none': 'M52 100V8M52 70l18-10M52 40 34 30',
  'thorns_rel similar_or_less': 'M52 100V8M52 74l12-10M52 44 42 36',
  'thorns_rel more_or_longer': 'M52 100V8M52 86l32-18M52 62 20 46M52 40l32-18',
  'leaf_shape rounded_blunt': 'M52 98V76M52 76C22 66 24 22 52 16c28 6 30 50 0 60zM52 76V24',
  'leaf_shape elliptic': `M52 98V74${LEAF}`,
  'leaf_shape pointed': 'M52 98V78M52 78C34 66 38 34 52 6c14 28 18 60 0 72zM52 78V14',
  'leaf_size_rel smaller':
    'M34 92C20 84 22 62 34 52c12 10 14 32 0 40zM74 92C50 80 52 32 74 14c22 18 24 66 0 78z',
  'leaf_size_rel similar':
    'M30 92C12 82 14 42 30 26c16 16 18 56 0 66zM76 92C58 82 60 42 76 26c16 16 18 56 0 66z',
  'leaf_size_rel larger':
    'M32 92C8 80 10 32 32 14c22 18 24 66 0 78zM78 92C64 84 66 62 78 52c12 10 14 32 0 40z',
  'origin soil': 'M4 84H100M44 84V20M60 84V20M44 52h16M30 84C28 60 24 44 20 30',
  'origin below_union': 'M4 92H100M44 92V12M60 92V12M42 46h20M44 70C32 62 26 48 24 30',
  'origin at_union': 'M4 92H100M44 92V12M60 92V12M42 46h20M44 46C32 40 26 28 24 12',
  'origin above_0to5cm': 'M4 92H100M44 92V12M60 92V12M42 62h20M44 52C32 46 26 32 24 16',
  'origin higher_gt5cm': 'M4 92H100M44 92V12M60 92V12M42 78h20M44 30C34 26 28 16 26 6',
  'origin above_union': 'M4 92H100M44 92V12M60 92V12M42 78h20M44 40C34 34 28 22 26 8',
  'angle vertical_le20': 'M14 92H92M52 92 56 12',
  'angle oblique_20to50': 'M14 92H92M30 92 78 24',
  'angle spreading_gt50': 'M14 92H92M16 88 94 58',
  'twig_section round': 'M52 20a32 32 0 1 0 .1 0z',
  'twig_section angular_or_triangular': 'M52 18 86 78H18z',
  'ws_origin scaffold_or_trunk_upper_side': 'M6 84C40 74 66 66 100 44M46 72V14',
  'ws_origin pruning_wound_edge': 'M6 74H56M56 60a14 14 0 0 1 0 28a14 14 0 0 1 0-28zM64 62 76 10',
  'form tree':
    'M8 96H96M52 96V56M52 62C30 62 22 48 26 34C24 18 40 8 52 10c14-4 30 6 26 24 6 14-6 28-26 28z',
  'form bush':
    'M8 96H96M52 96V80M52 94C24 96 14 74 20 52C20 28 38 18 52 20c16-4 34 8 32 32 8 20-6 44-32 42z',
  'form leader':
    'M8 96H96M52 96V8M52 70 28 58M52 70l24-12M52 48 32 38M52 48l20-10M52 28 38 20M52 28l14-8',
  'crossing rub': 'M20 96 84 14M84 96 20 14M44 56q8-8 16 0M44 52q8 8 16 0',
  'crossing parallel': 'M10 92C40 84 70 66 96 34M10 72C40 64 70 46 96 14',
  'crossing cluster': 'M52 98V56M52 56 18 18M52 56 36 10M52 56V6M52 56 70 10M52 56 88 20',
  'skirt touch': 'M8 94H96M20 30C56 26 80 52 88 92M84 84a5 5 0 1 0 .1 0z',
  'skirt hides':
    'M8 94H96M46 94V40M58 94V40M44 74h16M16 40C10 66 22 86 34 92M88 40c6 26-6 46-18 52',
  'ws_origin outer_twig_end': 'M6 84C40 74 66 62 84 34M84 34l8-24',
}
</script>

<template>
  <svg
    v-if="INK[`${clue} ${value}`]"
    :width="size"
    :height="size"
    viewBox="0 0 104 104"
    aria-hidden="true"
    class="flex-none"
  >
    <path
      :d="INK[`${clue} ${value}`]"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2.6"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
  </svg>
</template>
