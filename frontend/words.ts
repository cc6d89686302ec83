/**
 * What pages say, made at build time out of the folders of languages: one small file for each
 * language and room, so that a page fetches what it says in the language that is chosen and no more.
 * What a language lacks is taken from English.
 *
 * `words:today` tells the messages of `languages/<code>/pages/today.ftl`; `words:languages` names
 * the languages there are.
 */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Plugin } from 'vite'

/** Another folder is named where every message is to be seen, as tests want it. */
const FOLDER =
  process.env.BILLHOOK_LANGUAGES ?? join(import.meta.dirname, '../billhook/catalogue/languages')
const FIRST = 'en'
const ENTRY = /^(?=[a-z][\w-]* =)/m

const codes = () =>
  readdirSync(FOLDER, { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && entry.name !== FIRST)
    .map((entry) => entry.name)
    .sort()
const fileOf = (code: string, room: string) => join(FOLDER, code, 'pages', `${room}.ftl`)

/** Messages of a room by name, without what is only for who translates. */
function messages(code: string, room: string): Map<string, string> {
  let text = ''
  try {
    text = readFileSync(fileOf(code, room), 'utf8')
  } catch {
    return new Map()
  }
  const plain = text.replace(/^#.*$\n?/gm, '').replace(/\n{2,}/g, '\n')
  const found = plain.split(ENTRY).filter((entry) => entry.trim())
  return new Map(found.map((entry) => [entry.slice(0, entry.indexOf(' =')), entry.trimEnd()]))
}

const told = (code: string, room: string) =>
  [...new Map([...messages(FIRST, room), ...messages(code, room)]).values()].join('\n')

/** A language's own name, and whether it is spoken throughout. */
function named(code: string) {
  const sheet = readFileSync(join(FOLDER, code, 'sheet.toml'), 'utf8')
  return {
    code,
    name: /^name = "(.*)"$/m.exec(sheet)?.[1] ?? code,
    whole: /^whole = true$/m.test(sheet),
    regions: regionsOf(code),
  }
}

/** Words that change from region to region; an array of TOML is one of JSON. */
function regionsOf(code: string): Record<string, string[][]> {
  let text = ''
  try {
    text = readFileSync(join(FOLDER, code, 'regions.toml'), 'utf8')
  } catch {
    return {}
  }
  const lines = [...text.matchAll(/^([\w-]+) = (\[.*\])$/gm)]
  return Object.fromEntries(lines.map(([, name, forms]) => [name!, JSON.parse(forms!)]))
}

/** inOne: English comes with the pages, as tests want it. */
export function words(inOne: boolean): Plugin {
  const room = (name: string) => {
    const first = inOne
      ? JSON.stringify(told(FIRST, name))
      : `() => import('messages:${FIRST}/${name}')`
    const others = codes().map((code) => `${code}: () => import('messages:${code}/${name}')`)
    return `import { saysOf } from '/src/words'
      export default saysOf('${name}', { ${[`${FIRST}: ${first}`, ...others].join(', ')} })`
  }
  return {
    name: 'billhook-words',
    resolveId: (id) => (/^(words|messages):/.test(id) ? `\0${id}` : undefined),
    load(id) {
      const [, kind, name] = /^\0(words|messages):(.+)$/.exec(id) ?? []
      if (kind === 'messages') {
        const [code, of] = name!.split('/')
        for (const one of [FIRST, code!]) this.addWatchFile(fileOf(one, of!))
        return `export default ${JSON.stringify(told(code!, of!))}`
      }
      if (name === 'languages')
        return `export default ${JSON.stringify([FIRST, ...codes()].map(named))}`
      return kind && room(name!)
    },
  }
}
