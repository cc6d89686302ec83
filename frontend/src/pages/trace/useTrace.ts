/**
 * A trace in the making: kept on this device until Billhook has it, with its photo; undone touch by
 * touch.
 */
import tell from 'words:trace'
import { newId } from '@/api/ids'
import { api, heed, Refused, type Schemas } from '@/api/client'
import { useSettings } from '@/composables/useSettings'
import { onSent, put, useOutbox } from '@/field/outbox'
import { smallPhoto } from '@/field/photo'
import {
  due,
  touched,
  untouched,
  type SecondTouch,
  type Thick,
  type Touch,
  type Touched,
} from '@/geometry/trace'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced, useLocalStorage } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue'

export interface Facts {
  scale: 'staff' | 'person' | 'tree'
  length_m: number | null
  distance_m: number | null
  from_deg: number
}
export interface Picture {
  id: string
  width: number
  height: number
}
export interface Second {
  picture: Picture
  facts: Facts
  touches: SecondTouch[]
  left: string[]
}
interface Draft {
  picture: Picture | null
  facts: Facts
  steps: Touched[]
  second: Second | null
}
type Body = Schemas['TraceCalcIn']
/** Touches are kept to a tenth of a pixel. */
export const tenths = ([x, y]: Touch): Touch => [Math.round(x * 10) / 10, Math.round(y * 10) / 10]
const said = (thick: Thick) => !!(thick.across || thick.class || thick.mm)

const pictureOf = (p: Picture, f: Facts, foot: Touch, low: Touch, high: Touch) => ({
  width: p.width,
  height: p.height,
  staff: { low, high, length_m: f.length_m! },
  foot,
  from_deg: f.from_deg,
  distance_m: f.distance_m,
})

/** The second picture as it is sent, and the tips on it; null while its scale is not touched. */
function secondOf(second: Second | null) {
  const at = new Map((second?.touches ?? []).map((t) => [t.what, t.at]))
  const [foot, low, high] = [at.get('foot'), at.get('low'), at.get('high')]
  if (!second?.facts.length_m || !foot || !low || !high) return null
  return { picture: pictureOf(second.picture, second.facts, foot, low, high), at }
}

/** What is sent of a draft; null while something that is needed was not touched yet. */
function bodyOf(draft: Draft): Omit<Body, 'units'> | null {
  const [t, f, p] = [draft.steps.at(-1)!, draft.facts, draft.picture]
  const [low, high] = f.scale === 'tree' ? [t.foot, t.top] : [t.low, t.high]
  if (!p || !t.foot || !t.top || !low || !high || !f.length_m || !said(t.trunk)) return null
  const picture = pictureOf(p, f, t.foot, low, high)
  const second = secondOf(draft.second)
  const limbs = t.limbs.flatMap((l) =>
    l.tip && said(l.thick)
      ? [
          {
            ...l,
            tip: l.tip,
            state: 'live' as const,
            fruit: 0,
            second: second?.at.get(l.id) ?? null,
          },
        ]
      : [],
  )
  return { picture, top: t.top, trunk: t.trunk, limbs, second: second?.picture ?? null }
}

export function useTrace(tree: Ref<string>, name: () => string) {
  const { units } = useSettings()
  const { waiting } = useOutbox()
  const draft = useLocalStorage<Draft>(() => `billhook-trace-${tree.value}`, {
    picture: null,
    facts: { scale: 'staff', length_m: 2, distance_m: null, from_deg: 180 },
    steps: [untouched()],
    second: null,
  })
  const now = computed(() => draft.value.steps.at(-1)!)
  const facts = computed(() => draft.value.facts)
  /** The limb in hand is to be touched across. */
  const across = ref<string | null>(null)
  const step = computed(() => due(now.value, facts.value.scale === 'tree', across.value !== null))
  const keep = (next: Touched) => (draft.value.steps = [...draft.value.steps.slice(-60), next])
  function touch(at: Touch) {
    const meant = step.value
    keep(touched(now.value, meant, tenths(at), across.value ?? undefined))
    if (meant === 'across' && !now.value.half) across.value = null
  }
  function undo() {
    across.value = null
    if (draft.value.steps.length > 1) draft.value.steps = draft.value.steps.slice(0, -1)
  }
  const trouble = ref('')
  const urls = new Map<string, string>()
  onBeforeUnmount(() => urls.forEach((url) => URL.revokeObjectURL(url)))
  /** Where a picture lies: still on this device, or with Billhook. */
  function srcOf(id: string): string {
    const blob = waiting.value.find((i) => i.blob && i.path.includes(id))?.blob
    if (blob && !urls.has(id)) urls.set(id, URL.createObjectURL(blob))
    return urls.get(id) ?? `/api/photos/${id}.jpg`
  }
  function choose({ id, width, height }: Picture) {
    draft.value.picture = { id, width, height }
    draft.value.steps = [untouched()]
    draft.value.second = null
    trouble.value = ''
  }
  /** A photo made small and put into the outbox; null, with the reason shown, where it is none. */
  async function take(file: File): Promise<Picture | null> {
    trouble.value = ''
    const small = await smallPhoto(file)
    if (typeof small === 'string') {
      trouble.value = small
      return null
    }
    const { width, height } = await createImageBitmap(small)
    const id = newId()
    const path = `/api/photos/${id}?tree_id=${tree.value}&moment=before`
    const says = tell('a-photo-of-2', { name: name() })
    await put({ says, tree: tree.value, method: 'PUT', path, body: null, blob: small })
    return { id, width, height }
  }

  const body = computed(() => bodyOf(draft.value))
  const asked = refDebounced(body, 150)
  const { data: answer, error } = useQuery({
    queryKey: ['trace', asked, units],
    queryFn: () =>
      heed(api.POST('/api/calc/trace', { body: { ...asked.value!, units: units.value } })),
    enabled: computed(() => asked.value !== null),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const wrong = computed(() => (error.value instanceof Refused ? error.value.fields : {}))

  const sent = ref<'no' | 'waits' | 'done'>('no')
  let id = ''
  watch(tree, () => {
    sent.value = 'no'
    across.value = null
    id = ''
  })
  onBeforeUnmount(
    onSent((item) => {
      if (!id || (item.body as { id?: string } | null)?.id !== id) return
      sent.value = 'done'
      draft.value = { picture: null, facts: facts.value, steps: [untouched()], second: null }
    }),
  )
  async function save() {
    if (!body.value || !draft.value.picture) return
    id = newId()
    sent.value = 'waits'
    await put({
      says: tell('the-limbs-of-traced', { name: name() }),
      tree: tree.value,
      method: 'POST',
      path: `/api/trees/${tree.value}/traces`,
      body: { ...body.value, id, photo_id: draft.value.picture.id },
    })
  }
  return {
    draft,
    now,
    facts,
    across,
    step,
    touch,
    undo,
    keep,
    srcOf,
    choose,
    take,
    trouble,
    body,
    answer,
    wrong,
    sent,
    save,
  }
}
export type Tracing = ReturnType<typeof useTrace>
