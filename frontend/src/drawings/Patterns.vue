<template>
  <!-- Patterns shared by every drawing: tone and pattern carry meaning, never hue alone. -->
  <svg width="0" height="0" class="absolute" aria-hidden="true">
    <defs>
      <pattern
        id="tone-light"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="6" height="6" fill="var(--sheet)" />
        <rect width="3" height="6" fill="var(--leaf)" />
      </pattern>
      <pattern id="tone-wait" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--sheet)" />
        <circle cx="3" cy="3" r="1.3" fill="var(--ink)" />
      </pattern>
      <pattern
        id="dead"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="5" height="5" fill="var(--sheet)" />
        <rect width="1.8" height="5" fill="var(--ink)" />
      </pattern>
    </defs>
  </svg>
</template>
