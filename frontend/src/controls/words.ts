/** Kinds of work as they are called once they are done. */
import tell from 'words:app'
import type { LogEntry } from '@/api/client'

export const WORK_DONE: Record<LogEntry['work'], string> = {
  get sucker() {
    return tell('suckers-off')
  },
  get sprout() {
    return tell('water-sprouts')
  },
  get sanitation() {
    return tell('dead-and-broken-wood')
  },
  get skirt() {
    return tell('skirt-lifted')
  },
  get thin() {
    return tell('thinned')
  },
  get height() {
    return tell('lowered')
  },
  get hedge() {
    return tell('hedge-wall-cut')
  },
  get tip() {
    return tell('tipped')
  },
  get fruit() {
    return tell('fruit-taken-off')
  },
  get shear() {
    return tell('sheared')
  },
  get renewal() {
    return tell('a-third-renewed')
  },
  get skeleton() {
    return tell('skeleton-prune')
  },
  get pot() {
    return tell('pot-shaped')
  },
  get young() {
    return tell('trained')
  },
}

/** Work of which one counts how many came off. */
export const COUNTED: ReadonlySet<string> = new Set(['sucker', 'sprout', 'sanitation', 'fruit'])
