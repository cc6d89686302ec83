/** A row or a block: its name, rows and trees, and the tags of its pages. */
import tell from 'words:app'
import { useGrove } from '@/composables/useGrove'
import { useOpened } from '@/composables/useOpened'
import { computed } from 'vue'

export function useStand(props: { id: string; of: 'block' | 'row' }) {
  const { data: grove } = useGrove()
  const rows = computed(() =>
    (grove.value?.rows ?? []).filter((r) =>
      props.of === 'block' ? r.block_id === props.id : r.id === props.id,
    ),
  )
  const block = computed(() => {
    const blockId = props.of === 'block' ? props.id : rows.value[0]?.block_id
    return grove.value?.blocks.find((b) => b.id === blockId)
  })
  const name = computed(() =>
    props.of === 'block'
      ? block.value?.name
      : rows.value.length
        ? tell('row', { block: block.value?.name ?? '', n: rows.value[0]!.n })
        : undefined,
  )
  const trees = computed(() => {
    const here = new Set(rows.value.map((r) => r.id))
    return (grove.value?.trees ?? []).filter((t) => here.has(t.row_id))
  })
  const at = computed(() => `/${props.of}/${props.id}`)
  const frosty = computed(() => rows.value.some((r) => grove.value?.frost.rows.includes(r.id)))
  const tags = computed(() => [
    { to: at.value, name: tell('now') },
    { to: `${at.value}/trees`, name: tell('trees') },
    ...(props.of === 'row' ? [{ to: `/row/${props.id}/walk`, name: tell('look') }] : []),
    ...(block.value ? [{ to: `/year?block=${block.value.id}`, name: tell('year') }] : []),
    ...(trees.value.length ? [{ to: `${at.value}/height`, name: tell('height') }] : []),
    ...(frosty.value ? [{ to: `${at.value}/frost`, name: tell('frost') }] : []),
    { to: `${at.value}/record`, name: tell('record') },
  ])
  useOpened(() => (name.value ? { name: name.value, to: at.value } : null))
  return { grove, rows, block, name, trees, tags }
}
