/** The fonts of the first view are asked for with the page, so that no line breaks anew when they come. */
import type { Plugin } from 'vite'

const FIRST =
  /(atkinson-hyperlegible-next-latin-wght-normal|barlow-condensed-latin-[56]00-normal)-[^/]*\.woff2$/

export function fonts(): Plugin {
  return {
    name: 'billhook-fonts',
    transformIndexHtml: {
      order: 'post',
      handler: (_, { bundle }) =>
        Object.keys(bundle ?? {})
          .filter((file) => FIRST.test(file))
          .map((file) => ({
            tag: 'link',
            attrs: {
              rel: 'preload',
              as: 'font',
              type: 'font/woff2',
              href: `/${file}`,
              crossorigin: '',
            },
            injectTo: 'head-prepend' as const,
          })),
    },
  }
}
