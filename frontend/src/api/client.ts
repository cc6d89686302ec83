/** The one door to the API. Errors come back as problems with a sentence for each field. */
import tell from 'words:app'
import createClient from 'openapi-fetch'
import { actOf, answered, deviceId, hear } from './acts'
import { heardOf } from '@/field/reach'
import { language } from '@/words'
import type { components, paths } from './types'

export type Schemas = components['schemas']
export type Tree = Schemas['TreeOut']
export type { Grove, GroveTree } from './grove'
export type Frame = Schemas['DrawnFrame']
export type Limb = Schemas['DrawnLimb']
export type Verdict = Schemas['VerdictOut']
export type Reason = Schemas['ReasonOut']
export type Preview = Schemas['PreviewOut']
export type Sheet = Schemas['SheetOut']
export type LogEntry = Schemas['LogOut']
export type Work = Verdict['work']
export type Status = Verdict['status']
/** A marked cut; sick: its limb is dead, broken or diseased, whatever the drawing says. */
export interface Marked extends Cut {
  sick: boolean
}
export interface Cut {
  limb: string
  keep_m: number
}

export const api = createClient<paths>({ baseUrl: '' })
api.use({
  async onRequest({ request }) {
    request.headers.set('Accept-Language', language.value)
    request.headers.set('Reader-Units', localStorage.getItem('units') ?? 'metric')
    if (request.method === 'GET' || request.url.includes('/api/calc/')) return request
    request.headers.set(
      'Billhook-Act',
      actOf(request.method, request.url, await request.clone().text()),
    )
    request.headers.set('Billhook-Device', deviceId())
    return request
  },
  async onResponse({ request, response }) {
    const act = request.headers.get('Billhook-Act')
    if (!act) return undefined
    if (response.status < 500) answered(act)
    if (response.ok && response.headers.get('Content-Type')?.includes('json'))
      hear(new URL(request.url).pathname, act, (await response.clone().json()) as object)
    return undefined
  },
})

/** An answer that was refused, with what to say at which field. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly fields: Record<string, string>,
    /** What else the answer says. */
    readonly more: Record<string, unknown> = {},
    /** Field by field, each a sentence. */
    readonly said: string[] = [],
  ) {
    super(title)
  }
}

/** Said on the window when an answer is refused because nobody is signed in. */
export const SIGNED_OUT = 'billhook-signed-out'

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer. Throws Refused with the fields' sentences, also when nobody answered. */
export async function heed<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await asked
    // these may come from this device
    if (!/\/api\/(catalogue|glossary)/.test(answer.response.url)) heardOf(true)
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    heardOf(false)
    throw new Refused(0, tell('billhook-does-not-answer-what'), {})
  }
  if (answer.data !== undefined) return answer.data
  if (answer.response.status === 401) window.dispatchEvent(new Event(SIGNED_OUT))
  const problem = (answer.error ?? {}) as {
    title?: string
    detail?: string
    errors?: Schemas['FieldError'][]
  }
  const errors = problem.errors ?? []
  const fields = Object.fromEntries(errors.map((e) => [e.pointer, e.message]))
  const title = problem.detail || problem.title || tell('something-went-wrong-what-you')
  const said = errors.map((e) => `${e.field} ${e.message}.`.trim())
  throw new Refused(answer.response.status, title, fields, problem, said)
}

/** Whether nobody answered, or not as Billhook would: the same may be taken later. */
export const unanswered = (error: unknown) =>
  error instanceof Refused && (error.status === 0 || error.status >= 500)

/** A sentence out of whatever was thrown. */
export function sentence(error: unknown): string {
  if (error instanceof Refused) return [error.title, ...error.said].join(' ').trim()
  return tell('something-went-wrong-what-you')
}
