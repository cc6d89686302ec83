/** Markdown files as components, made at build time, so that the guide is part of the application. */
import MarkdownIt from 'markdown-it'
import type { Plugin } from 'vite'

/** One chapter for each heading of the second rank, closed until it is asked for. */
function component(text: string): string {
  const markdown = new MarkdownIt({ html: false, typographer: true })
  // files that lie beside the text are not part of the application: their names stay as words
  const beside: boolean[] = []
  markdown.renderer.rules.link_open = (tokens, at, options, _env, self) => {
    beside.push(!/^(https?:|\/|#)/.test(String(tokens[at]!.attrGet('href'))))
    return beside.at(-1) ? '' : self.renderToken(tokens, at, options)
  }
  markdown.renderer.rules.link_close = (tokens, at, options, _env, self) =>
    beside.pop() ? '' : self.renderToken(tokens, at, options)
  const chapters = text.split(/^## /m).slice(1)
  const made = chapters.map((part) => {
    const [name, ...rest] = part.split('\n')
    const summary = markdown.renderInline(name!.trim())
    return `<details class="chapter"><summary class="tag text-lg">${summary}</summary>
      <div class="prose">${markdown.render(rest.join('\n'))}</div></details>`
  })
  return `<template><div v-pre>${made.join('\n')}</div></template>`
}

/** To stand before the plugin of Vue, which takes what comes out for a component. */
export function prose(): Plugin {
  return {
    name: 'billhook-prose',
    enforce: 'pre',
    transform: (code, id) =>
      id.endsWith('.md') ? { code: component(code), map: null } : undefined,
  }
}
