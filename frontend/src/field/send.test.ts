import { afterEach, describe, expect, it, vi } from 'vitest'
import { actOf, answered } from '@/api/acts'
import { offer } from './send'
import type { Item } from './store'

const ACT = '3fa06a95-c814-4bb3-8d61-aef9ad012c3c'
const item: Item = {
  says: 'A tick',
  tree: 't',
  method: 'PUT',
  path: '/api/x',
  body: { id: ACT },
  act: ACT,
  device: 'd',
}
const answers = (status: number, body: unknown, type = 'application/json') =>
  vi.stubGlobal('fetch', () =>
    Promise.resolve(
      new Response(typeof body === 'string' ? body : JSON.stringify(body), {
        status,
        headers: { 'Content-Type': type },
      }),
    ),
  )
afterEach(() => vi.unstubAllGlobals())

describe('an entry that is sent', () => {
  it('is taken only by an answer that names it', async () => {
    answers(200, { act: ACT, id: 'sheet' })
    expect(await offer(item)).toHaveProperty('taken')
    answers(409, { act: ACT, taken: true, title: 'That was taken already.' })
    expect(await offer(item)).toHaveProperty('taken')
    for (const stranger of ['<html>Sign in</html>', {}, { act: 'another' }, 'null', '[]']) {
      answers(200, stranger)
      expect(await offer(item)).toEqual({ away: 'stranger' })
    }
  })
  it('waits where nobody answers, or others write', async () => {
    answers(502, '<html>Bad gateway</html>')
    expect(await offer(item)).toEqual({ away: 'silent' })
    answers(503, { act: ACT, title: 'Busy.' })
    expect(await offer(item)).toEqual({ away: 'silent' })
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no signal')))
    expect(await offer(item)).toEqual({ away: 'silent' })
  })
  it('waits where an answer never comes, and holds up nothing', async () => {
    const gone = new AbortController()
    const asked = vi.spyOn(AbortSignal, 'timeout').mockReturnValue(gone.signal)
    vi.stubGlobal(
      'fetch',
      (_: string, { signal }: RequestInit) =>
        new Promise((_, refuse) => signal!.addEventListener('abort', () => refuse(signal!.reason))),
    )
    const offered = offer(item)
    gone.abort(new DOMException('too long', 'TimeoutError'))
    expect(await offered).toEqual({ away: 'silent' })
    expect(asked).toHaveBeenCalledWith(20_000)
    asked.mockRestore()
  })
  it('is set aside with the reason where it is refused or fails', async () => {
    answers(422, {
      act: ACT,
      title: 'Some entries cannot be used.',
      errors: [{ pointer: '/date', message: 'lies in the future' }],
    })
    expect(await offer(item)).toEqual({
      refused: 'Some entries cannot be used. lies in the future',
      wrong: [{ pointer: '/date', message: 'lies in the future' }],
    })
    answers(500, { act: ACT, title: 'Something went wrong on our side.' })
    expect(await offer(item)).toEqual({ failed: 'Something went wrong on our side.' })
    answers(403, { title: 'Not this name.' })
    expect(await offer(item)).toEqual({ away: 'stranger' })
  })
})

describe('the id of a write', () => {
  it('is the one in its body, or stays until an answer came', () => {
    expect(actOf('POST', '/a', JSON.stringify({ id: ACT }))).toBe(ACT)
    const first = actOf('PUT', '/api/units', '{"units":"us"}')
    expect(actOf('PUT', '/api/units', '{"units":"us"}')).toBe(first)
    expect(actOf('PUT', '/api/units', '{"units":"metric"}')).not.toBe(first)
    expect(actOf('POST', '/api/units', '{"units":"us"}')).not.toBe(first)
    answered(first)
    expect(actOf('PUT', '/api/units', '{"units":"us"}')).not.toBe(first)
    expect(actOf('POST', '/b', 'no json, and no id')).toMatch(/^[0-9a-f-]{36}$/)
  })
})
