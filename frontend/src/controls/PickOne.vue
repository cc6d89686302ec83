<script setup lang="ts" generic="T extends string | number | null">
/** One of a list, written as options; opens under the field or over it, where there is room. */
import tell from 'words:app'
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { useElementBounding, useWindowSize } from '@vueuse/core'
import { computed, Fragment, ref, useSlots, type VNode } from 'vue'

defineOptions({ inheritAttrs: false })
const props = defineProps<{ id?: string; disabled?: boolean; modelValue?: T }>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const slots = useSlots()
const button = ref<InstanceType<typeof ListboxButton>>()
const { top, bottom, left, width, update } = useElementBounding(
  computed(() => button.value?.$el as HTMLElement | undefined),
)
const { height } = useWindowSize()

interface Option {
  value: string | number | null
  says: string
  closed: boolean
}
const words = (node: VNode['children']): string =>
  typeof node === 'string'
    ? node
    : Array.isArray(node)
      ? node.map((n) => words((n as VNode).children ?? null)).join('')
      : ''
const flat = (nodes: VNode[]): VNode[] =>
  nodes.flatMap((n) => (n.type === Fragment ? flat(n.children as VNode[]) : n))
const options = (): Option[] =>
  flat(slots.default?.() ?? [])
    .filter((n) => n.type === 'option')
    .map((n) => {
      const says = words(n.children).replace(/\s+/g, ' ').trim()
      const bare = n.props?.value as string | number | null | undefined
      return {
        value: bare === undefined ? says : bare,
        says,
        closed: n.props?.disabled !== undefined && n.props.disabled !== false,
      }
    })
/** What stands chosen in words; an empty value may be one of the options too. */
const said = () => {
  const found = options()
  return (
    found.find((o) => o.value === props.modelValue) ??
    found.find((o) => o.value === (props.modelValue ?? ''))
  )?.says
}
/** Where the list hangs: below, unless the foot of the window is near and there is more above. */
const place = computed(() => {
  const below = height.value - bottom.value - 70
  const above = top.value - 60
  const up = below < 220 && above > below
  return {
    left: `${left.value}px`,
    minWidth: `${width.value}px`,
    maxHeight: `${Math.max(140, Math.min(400, up ? above : below))}px`,
    ...(up ? { bottom: `${height.value - top.value + 4}px` } : { top: `${bottom.value + 4}px` }),
  }
})
</script>

<template>
  <Listbox
    :model-value="modelValue"
    :disabled="disabled"
    as="template"
    @update:model-value="emit('update:modelValue', $event as T)"
  >
    <ListboxButton
      :id="id"
      ref="button"
      v-bind="$attrs"
      :value="String(modelValue ?? '')"
      class="oneof"
      :aria-describedby="id && `${id}-now`"
      @pointerdown="update"
      @keydown="update"
    >
      <span :id="id && `${id}-now`">{{ said() ?? tell('choose') }}</span>
    </ListboxButton>
    <ListboxOptions class="oneof-list" :style="place">
      <ListboxOption
        v-for="o in options()"
        :key="String(o.value)"
        v-slot="{ active, selected }"
        as="template"
        :value="o.value"
        :disabled="o.closed"
      >
        <li class="oneof-option" :class="{ active, chosen: selected, closed: o.closed }">
          {{ o.says }}
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
