/**
 * What pages say, in the language of this device. Each module that says something takes its room's
 * `tell` from `words:<room>`; with that the room's messages are wanted, and fetched in the chosen
 * language before the page is shown.
 */
import { FluentBundle, FluentNumber, FluentResource } from '@fluent/bundle'
import { useLocalStorage } from '@vueuse/core'
import { computed, shallowRef, triggerRef, watch } from 'vue'
import languages from 'words:languages'
import { region, regional } from './regions'

type Given = string | number | boolean | null | undefined
export type Tell = (id: string, values?: Record<string, Given>) => string
type Files = Record<string, string | (() => Promise<{ default: string }>)>

export { formOf, region, sayForm } from './regions'

const FIRST = 'en'
/** Languages that pages are in throughout. */
export const LANGUAGES = languages.filter((l) => l.whole || l.code === FIRST)

/** What this device was told to speak; empty until somebody says. */
export const chosen = useLocalStorage('language', '')
const spoken = (code: string) => LANGUAGES.some((l) => l.code === code)
/** The language in which pages speak: as chosen, else the first that the device asks for. */
export const language = computed(
  () => [chosen.value, ...navigator.languages.map((l) => l.slice(0, 2))].find(spoken) ?? FIRST,
)

/** Words of the language spoken that change from region to region. */
export const regions = computed(() => languages.find((l) => l.code === language.value)?.regions)

// links to papers and lists are followed by the browser itself, and are answered in it too
const remember = (name: string, value: string) => {
  document.cookie = `${name}=${value}; path=/; max-age=31536000; samesite=strict`
}
watch(chosen, (code) => code && remember('billhook-language', code), { immediate: true })
watch(region, (words) => remember('billhook-words', words), { immediate: true, flush: 'sync' })

const rooms = new Map<string, Files>()
const bundles = new Map<string, FluentBundle>()
/** Messages that are here, by language and room. */
const taken = new Map<string, string>()
const regionsOf = (code: string) => languages.find((l) => l.code === code)?.regions ?? {}
const heard = shallowRef(bundleOf(language.value))

function bundleOf(code: string): FluentBundle {
  if (!bundles.has(code)) bundles.set(code, new FluentBundle(code, { useIsolating: false }))
  return bundles.get(code)!
}

function take(code: string, room: string, text: string): void {
  taken.set(`${code}/${room}`, text)
  speakOf(code, text)
  if (code === language.value) triggerRef(heard)
}

function speakOf(code: string, text: string): void {
  const said = regional(text, regionsOf(code))
  bundleOf(code).addResource(new FluentResource(said), { allowOverrides: true })
}

/** All that is here, in the words that were chosen now. */
watch(region, () => {
  bundles.clear()
  for (const [of, text] of taken) speakOf(of.split('/')[0]!, text)
  heard.value = bundleOf(language.value)
})

/** Fetch what is wanted in the chosen language and is not here yet, then speak it. */
export async function ready(): Promise<void> {
  const code = language.value
  const missing = [...rooms].filter(([room]) => !taken.has(`${code}/${room}`))
  await Promise.all(
    missing.map(async ([room, files]) => {
      const file = files[code]!
      take(code, room, typeof file === 'string' ? file : (await file()).default)
    }),
  )
  if (code !== language.value) return ready()
  heard.value = bundleOf(code)
  document.documentElement.lang = code
}

const number = (n: number) => new FluentNumber(n, { useGrouping: false, maximumFractionDigits: 20 })
const given = (value: Given) =>
  typeof value === 'number'
    ? number(value)
    : value === null || value === undefined
      ? ''
      : `${value}`

const tell: Tell = (id, values = {}) => {
  const message = heard.value.getMessage(id)
  if (!message?.value) return ''
  const said = Object.fromEntries(Object.entries(values).map(([k, v]) => [k, given(v)]))
  return heard.value.formatPattern(message.value, said)
}

let asked = false
/** Fetch what came in since; several at once are one fetch. What cannot be fetched is asked again. */
function soon(): void {
  if (asked) return
  asked = true
  queueMicrotask(() => {
    asked = false
    void ready().catch(() => undefined)
  })
}

/** The messages of a room are wanted from here on. */
export function saysOf(room: string, files: Files): Tell {
  rooms.set(room, files)
  const here = files[language.value]
  if (typeof here === 'string') take(language.value, room, here)
  else soon()
  return tell
}

watch(language, () => void ready().catch(() => undefined))
