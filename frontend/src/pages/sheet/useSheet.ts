/**
 * A sheet as Billhook has it; without signal as it was last seen here, with what was ticked since.
 * A tick is put down on this device first and sent as soon as Billhook answers.
 */
import tell from 'words:sheet'
import { api, heed, Refused, type Sheet } from '@/api/client'
import { newId } from '@/api/ids'
import { useSettings } from '@/composables/useSettings'
import { onSent, put, useOutbox } from '@/field/outbox'
import { keepSheet, keptSheet } from '@/field/store'
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { onBeforeUnmount, watch, type Ref } from 'vue'

export type Line = Sheet['lines'][number]

export function useSheet(id: Ref<string>) {
  const { units } = useSettings()
  const queries = useQueryClient()
  const { waitsFor, refused } = useOutbox()
  const who = useLocalStorage('who', '')
  async function ask(): Promise<Sheet> {
    try {
      const found = await heed(
        api.GET('/api/sheets/{id}', {
          params: { path: { id: id.value }, query: { units: units.value } },
        }),
      )
      if (!waitsFor(found.tree_id)) await keepSheet(found)
      return (waitsFor(found.tree_id) && (await keptSheet(found.id))) || found
    } catch (error) {
      const kept =
        error instanceof Refused && error.status !== 404 ? await keptSheet(id.value) : undefined
      if (!kept) throw error
      return kept
    }
  }
  const {
    data: sheet,
    error,
    isPending,
  } = useQuery({
    queryKey: ['sheet', id, units],
    queryFn: ask,
    placeholderData: keepPreviousData,
    networkMode: 'always',
  })
  const again = () => void queries.invalidateQueries({ queryKey: ['sheet'] })
  onBeforeUnmount(
    onSent((item) => item.tree === sheet.value?.tree_id && !waitsFor(item.tree) && again()),
  )
  // somebody else may have been here: show what holds now
  watch(() => refused.value.length, again)
  const show = (next: Sheet) => queries.setQueryData(['sheet', id.value, units.value], next)

  async function keep(
    line: Line,
    says: string,
    change: Partial<Line>,
    mm: number | null,
    why = '',
  ) {
    const now = sheet.value
    if (!now) return
    const body = {
      id: newId(),
      done: change.done ?? false,
      diameter_mm: mm,
      who: who.value,
      date: now.today,
      why,
      seen: line.said_id,
    }
    const lines = now.lines.map((l) =>
      l.id === line.id ? { ...l, ...change, said_id: body.id } : l,
    )
    const next = { ...now, lines }
    await keepSheet(next)
    show(next)
    await put({
      says: tell('on-4', { says, tree: now.tree }),
      tree: now.tree_id,
      method: 'PUT',
      path: `/api/sheets/${id.value}/cuts/${line.id}`,
      body,
    })
  }
  const tick = (line: Line, mm: number | null) =>
    line.done
      ? keep(
          line,
          tell('cut-taken-back', { nth: line.nth }),
          { done: false, done_by: '', done_mm: null, left: '' },
          mm,
        )
      : keep(
          line,
          tell('cut-done-2', { nth: line.nth }),
          { done: true, done_by: who.value, done_mm: mm, left: '' },
          mm,
        )
  const leave = (line: Line, why: string) =>
    keep(line, tell('cut-not-done', { nth: line.nth }), { done: false, left: why }, null, why)
  return { sheet, error, isPending, who, waitsFor, show, tick, leave }
}
