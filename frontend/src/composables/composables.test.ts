import { Refused } from '@/api/client'
import { QueryClient, VueQueryPlugin, useQuery } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { defineComponent, h, shallowRef, type Ref } from 'vue'
import { useAct, type Act } from './useAct'
import { useDrag, type Drag } from './useDrag'

/** An act in a page that shows two answers; counts how often each was fetched. */
function page() {
  const fetched: Record<string, number> = { today: 0, catalogue: 0 }
  let act!: Act
  const Page = defineComponent({
    setup() {
      act = useAct()
      for (const key of Object.keys(fetched))
        useQuery({ queryKey: [key], queryFn: () => (fetched[key] = fetched[key]! + 1) })
      return () => h('p', act.trouble.value)
    },
  })
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  mount(Page, { global: { plugins: [[VueQueryPlugin, { queryClient: client }]] } })
  return { act, fetched }
}
const settled = () => new Promise((done) => setTimeout(done, 5))

describe('an act', () => {
  it('fetches anew what it may have changed, and not what never changes', async () => {
    const { act, fetched } = page()
    await settled()
    expect(await act.act(() => Promise.resolve())).toBe(true)
    await settled()
    expect(fetched).toEqual({ today: 2, catalogue: 1 })
    await act.act(() => Promise.resolve(), [])
    await settled()
    expect(fetched.today).toBe(2)
  })

  it('says what went wrong at its field, and takes it back with the next try', async () => {
    const { act, fetched } = page()
    await settled()
    const refused = new Refused(422, 'It cannot be kept.', { '/kg': 'must be more than 0' })
    expect(await act.act(() => Promise.reject(refused))).toBe(false)
    expect(act.fields.value).toEqual({ '/kg': 'must be more than 0' })
    expect(act.trouble.value).not.toBe('')
    expect(fetched.today).toBe(1)
    await act.act(() => Promise.resolve())
    expect([act.fields.value, act.trouble.value]).toEqual([{}, ''])
  })

  it('is busy while it runs', async () => {
    const { act } = page()
    let finish!: () => void
    const running = act.act(() => new Promise<void>((done) => (finish = done)))
    await settled()
    expect(act.busy.value).toBe(true)
    finish()
    await running
    expect(act.busy.value).toBe(false)
  })
})

describe('a drag', () => {
  const shown = { left: 100, top: 50, width: 200, height: 100 }
  const svg = { getBoundingClientRect: () => shown } as unknown as SVGElement
  const at = (clientX: number, clientY: number) => ({ clientX, clientY }) as PointerEvent
  function begun() {
    const moved = vi.fn()
    const dropped = vi.fn()
    const holder = shallowRef(svg) as Ref<SVGElement>
    const drag: Drag<string> = useDrag(holder, () => [400, 400] as const, moved, dropped)
    return { drag, moved, dropped }
  }

  it('speaks in the drawing’s own units, whatever size it is shown at', () => {
    const { drag, moved } = begun()
    drag.move(at(150, 75)) // nothing is held yet
    expect(moved).not.toHaveBeenCalled()
    drag.take(at(100, 50), 'roof')
    drag.move(at(200, 100))
    expect(moved).toHaveBeenCalledWith('roof', [200, 200])
  })

  it('lets go once', () => {
    const { drag, dropped } = begun()
    drag.take(at(100, 50), 'roof')
    drag.drop()
    drag.drop()
    expect(dropped.mock.calls).toEqual([['roof']])
    expect(drag.held.value).toBeNull()
  })
})
