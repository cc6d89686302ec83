/** A rehearsal of marked cuts: seasons beside the uncut twin and a second plan, and their range. */
import { api, heed, type Cut } from '@/api/client'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced, refThrottled } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'

const SEASONS = 7

export function useRehearsal(
  id: Ref<string>,
  cuts: Ref<Cut[]>,
  day: Ref<string | undefined>,
  ready: Ref<boolean>,
) {
  const seed = ref(0)
  const whitewash = ref(false)
  const second = ref<Cut[] | null>(null)
  const plain = (list: Cut[]) => list.map(({ limb, keep_m }) => ({ limb, keep_m }))
  const body = computed(() => ({
    cuts: plain(cuts.value),
    second: second.value,
    day: day.value ?? null,
    seasons: SEASONS,
    seed: seed.value,
    whitewash: whitewash.value,
  }))
  const soon = refThrottled(body, 90, true)
  const still = refDebounced(body, 400)
  const at = computed(() => ({ params: { path: { id: id.value } } }))
  const { data, error } = useQuery({
    queryKey: ['rehearse', id, soon],
    queryFn: () => heed(api.POST('/api/trees/{id}/rehearse', { ...at.value, body: soon.value })),
    enabled: ready,
    placeholderData: keepPreviousData,
  })
  const { data: range } = useQuery({
    queryKey: ['rehearse-range', id, still],
    queryFn: () =>
      heed(api.POST('/api/trees/{id}/rehearse/range', { ...at.value, body: still.value })),
    enabled: ready,
    placeholderData: keepPreviousData,
  })
  return {
    data,
    error,
    range,
    whitewash,
    second,
    otherWeather: () => seed.value++,
    keepAsSecond: () => (second.value = plain(cuts.value)),
    dropSecond: () => (second.value = null),
  }
}
