import { describe, expect, it } from 'vitest'
import { heed, Refused, sentence } from './client'
import { newId } from './ids'

const answer = (status: number, error: unknown) =>
  Promise.resolve({ error, response: new Response(null, { status }) })

describe('what the API refuses', () => {
  it('is said at its field', async () => {
    const problem = {
      title: 'Some entries cannot be used.',
      errors: [{ pointer: '/frame/limbs/3/at_m', field: 'at', message: 'the trunk ends at 0.7 m' }],
    }
    const refused = await heed(answer(422, problem)).catch((e: unknown) => e)
    expect(refused).toBeInstanceOf(Refused)
    expect((refused as Refused).fields['/frame/limbs/3/at_m']).toBe('the trunk ends at 0.7 m')
    expect(sentence(refused)).toBe('Some entries cannot be used. at the trunk ends at 0.7 m.')
  })
  it('says that nothing is lost when nobody answers or the answer is empty', async () => {
    const silent = await heed(Promise.reject(new TypeError('failed to fetch'))).catch(
      (e: unknown) => e,
    )
    expect(sentence(silent)).toContain('kept here')
    const empty = await heed(answer(500, {})).catch((e: unknown) => e)
    expect(sentence(empty)).toContain('kept here')
    expect(sentence('odd')).toContain('kept here')
  })
  it('hands on what was answered, and a question that was called off', async () => {
    expect(await heed(Promise.resolve({ data: 0, response: new Response() }))).toBe(0)
    const off = await heed(Promise.reject(new DOMException('off', 'AbortError'))).catch(
      (e: unknown) => e,
    )
    expect(off).toBeInstanceOf(DOMException)
  })
})

describe('ids', () => {
  it('are version 4 and never the same', () => {
    const made = new Set(Array.from({ length: 200 }, newId))
    expect(made.size).toBe(200)
    for (const id of made)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
  })
})
