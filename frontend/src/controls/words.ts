/** Kinds of work as they are called once they are done. */
import type { LogEntry } from '@/api/client'

export const WORK_DONE: Record<LogEntry['work'], string> = {
  sucker: 'Suckers off',
  sprout: 'Water sprouts',
  sanitation: 'Dead and broken wood',
  skirt: 'Skirt lifted',
  thin: 'Thinned',
  height: 'Lowered',
  hedge: 'Hedge wall cut',
  tip: 'Tipped',
  fruit: 'Fruit taken off',
  shear: 'Sheared',
  renewal: 'A third renewed',
  skeleton: 'Skeleton prune',
  pot: 'Pot shaped',
  young: 'Trained',
}

/** Work of which one counts how many came off. */
export const COUNTED: ReadonlySet<string> = new Set(['sucker', 'sprout', 'sanitation', 'fruit'])
