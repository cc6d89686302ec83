/**
 * A walk on this device: every tap is kept here first, then sent; the next question follows from
 * the walk's own data.
 */
import tell from 'words:app'
import { api, heed, sentence, unanswered } from '@/api/client'
import { newId } from '@/api/ids'
import { onUndone } from '@/composables/useUndo'
import { nextQuestion } from '@/geometry/walk'
import { onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { onSent, put, send, useOutbox } from './outbox'
import { keepWalk, keptWalk, type KeptWalk, type Walk } from './store'

const notOnPhone = () =>
  `${tell('billhook-does-not-answer-and')} ${tell('take-its-row-along-while')}`

const DAY_MS = 86_400_000

/** The day by Billhook's own reckoning, gone on since a walk was taken along. */
function dayOf(kept: KeptWalk): string {
  const days = Math.floor((Date.now() - kept.at) / DAY_MS)
  return new Date(Date.parse(kept.walk.day) + days * DAY_MS).toISOString().slice(0, 10)
}

/** A walk that has not begun, out of what was taken along. */
function begun(kept: KeptWalk): Walk {
  const questions = kept.walk.questions.map((q) => ({ ...q, given: null, given_id: null }))
  const fresh = { findings: [], crossings: [], cuts: null, after_cuts: [], nothing: true }
  return {
    ...kept.walk,
    ...fresh,
    questions,
    id: newId(),
    state: 'open',
    day: dayOf(kept),
    at: nextQuestion(questions),
  }
}

export function useWalk(tree: Ref<string>) {
  const { waitsFor } = useOutbox()
  const walk = ref<Walk | null>(null)
  const trouble = ref('')
  /** What is shown was worked out here, and waits for Billhook. */
  const local = ref(false)

  async function begin(again = false): Promise<void> {
    const id = tree.value
    trouble.value = ''
    const kept = await keptWalk(id)
    if (kept && waitsFor(id) && !again) {
      walk.value = kept.walk
      local.value = true
      void send()
      return
    }
    try {
      const found = await heed(
        api.POST('/api/trees/{id}/walks', { params: { path: { id } }, body: { id: newId() } }),
      )
      if (id !== tree.value) return
      walk.value = found
      local.value = false
      await keepWalk(found, true)
    } catch (error) {
      if (!unanswered(error)) trouble.value = sentence(error)
      else if (!kept) trouble.value = notOnPhone()
      else if (kept.walk.state === 'open' && !again) walk.value = kept.walk
      else {
        walk.value = begun(kept)
        await keepWalk(walk.value, false)
        await put({
          says: tell('a-walk-on', { walk: walk.value.name }),
          tree: id,
          method: 'POST',
          path: `/api/trees/${id}/walks`,
          body: { id: walk.value.id, day: walk.value.day },
        })
      }
      local.value = true
    }
  }

  /** How many answers were given here, and how many of them are still being put down. */
  let answers = 0
  let putting = 0
  /** What is given here counts from the tap on, and not only once it is put down. */
  async function given(run: () => Promise<void>): Promise<void> {
    answers++
    putting++
    try {
      await run()
    } finally {
      putting--
    }
  }

  /** Goes on as a look for one thing, or for all. */
  async function lookFor(look: string): Promise<void> {
    const at = walk.value
    const asks = at?.looks.find((l) => l.id === look)?.questions
    if (!at?.id || !asks || at.look === look) return
    at.look = look
    at.questions = at.questions.filter((q) => asks.includes(q.id))
    at.at = nextQuestion(at.questions)
    local.value = true
    await given(async () => {
      await keepWalk(at, false)
      await put({
        says: tell('what-the-look-at-is', { at: at.name }),
        tree: at.tree_id,
        method: 'PUT',
        path: `/api/walks/${at.id}`,
        body: { look },
      })
    })
  }

  /** Looks again at the walk as it stands, also a finished one. */
  async function refresh(): Promise<void> {
    const id = walk.value?.id
    if (!id || waitsFor(tree.value)) return
    const before = answers
    const found = await heed(api.GET('/api/walks/{id}', { params: { path: { id } } })).catch(
      () => null,
    )
    if (!found || found.tree_id !== tree.value) return
    // answered meanwhile: what came does not know of it, and must not ask it again
    if (answers !== before) return
    walk.value = found
    local.value = false
    await keepWalk(found, true)
  }

  /** Answers a question, changes its answer, or takes it back with null. */
  async function give(question: string, answer: string | null): Promise<void> {
    const at = walk.value
    const asked = at?.questions.find((q) => q.id === question)
    if (!at?.id || !asked) return
    const id = newId()
    const body = { id, question, answer, seen: asked.given_id ?? '' }
    asked.given = answer
    asked.given_id = id
    at.at = nextQuestion(at.questions)
    local.value = true
    await given(async () => {
      await keepWalk(at, false)
      await put({
        says: tell('an-answer-on', { at: at.name }),
        tree: at.tree_id,
        method: 'POST',
        path: `/api/walks/${at.id}/answers`,
        body,
      })
    })
  }

  async function finish(): Promise<void> {
    const at = walk.value
    if (!at?.id) return
    at.state = 'done'
    local.value = true
    await given(async () => {
      await keepWalk(at, false)
      await put({
        says: tell('the-end-of-the-walk', { at: at.name }),
        tree: at.tree_id,
        method: 'POST',
        path: `/api/walks/${at.id}/finish`,
        body: {},
      })
    })
  }

  // Billhook's word replaces what was worked out here as soon as nothing of this tree waits any
  // more
  const off = onSent((item, answer) => {
    const found = answer as Walk | null
    if (
      item.tree !== walk.value?.tree_id ||
      waitsFor(item.tree) ||
      putting > 0 ||
      !found ||
      !('questions' in found)
    )
      return
    walk.value = found
    local.value = false
    void keepWalk(found, true)
  })
  onBeforeUnmount(off)
  onUndone(refresh)
  watch(tree, () => begin(), { immediate: true })
  return { walk, trouble, local, begin, lookFor, refresh, give, finish }
}
