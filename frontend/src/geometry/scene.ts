/** What of a site is drawn in plan, ready to be drawn at any scale. Pure. */
import type { Grove, GroveTree } from '@/api/grove'
import Flatbush from 'flatbush'
import type { PlanView, Spot } from './plan'

export type Layer = 'tree' | 'row' | 'block'
type Row = Grove['rows'][number]
type Block = Grove['blocks'][number]

export interface SceneRow {
  row: Row
  /** Places of its trees in the scene, in walking order. */
  at: number[]
  /** How far a tree stands off the line from its first to its last, at most, m. */
  bow: number
}
export interface SceneBlock {
  block: Block
  rows: SceneRow[]
  /** West, south, east, north, m. */
  box: [number, number, number, number]
}
export interface Scene {
  trees: readonly GroveTree[]
  rows: SceneRow[]
  blocks: SceneBlock[]
  gaps: Spot[]
  /** How wide its crowns are in the middle, m. */
  crown: number
  hedged: Set<string>
  /** Places of the trees within a box, m. */
  within: (west: number, south: number, east: number, north: number) => number[]
  /** The tree nearest to a spot, at most so far away, m. */
  nearest: (x: number, y: number, most: number) => GroveTree | undefined
}

const SMALL = 1.6
export const crownOf = (tree: GroveTree) => tree.spread_m ?? SMALL

export function sceneOf(grove: Grove, siteId: string): Scene {
  const blocks = new Map<string, SceneBlock>()
  for (const block of grove.blocks)
    if (block.site_id === siteId)
      blocks.set(block.id, {
        block,
        rows: [],
        box: [Infinity, Infinity, -Infinity, -Infinity],
      })
  const rows = new Map<string, SceneRow>()
  for (const row of grove.rows) {
    const block = blocks.get(row.block_id)
    if (!block) continue
    const one = { row, at: [], bow: 0 }
    rows.set(row.id, one)
    block.rows.push(one)
  }
  const trees = grove.trees.filter((tree) => rows.has(tree.row_id))
  const index = trees.length ? new Flatbush(trees.length) : null
  trees.forEach((tree, n) => {
    const row = rows.get(tree.row_id)!
    row.at.push(n)
    const box = blocks.get(row.row.block_id)!.box
    const half = crownOf(tree) / 2
    box[0] = Math.min(box[0], tree.x - half)
    box[1] = Math.min(box[1], tree.y - half)
    box[2] = Math.max(box[2], tree.x + half)
    box[3] = Math.max(box[3], tree.y + half)
    index!.add(tree.x, tree.y)
  })
  index?.finish()
  for (const row of rows.values()) row.bow = bowOf(row.at.map((n) => trees[n]!))
  const widths = trees.map(crownOf).sort((a, b) => a - b)
  return {
    trees,
    rows: [...rows.values()].filter((row) => row.at.length),
    blocks: [...blocks.values()].filter((block) => block.box[0] < Infinity),
    gaps: grove.gaps.filter((gap) => rows.has(gap.row_id)),
    crown: widths[widths.length >> 1] ?? SMALL,
    hedged: new Set(
      [...rows.values()].filter((r) => r.row.kind === 'hedgerow').map((r) => r.row.id),
    ),
    within: (west, south, east, north) => index?.search(west, south, east, north) ?? [],
    nearest: (x, y, most) => {
      const [found] = index?.neighbors(x, y, 1, most) ?? []
      return found === undefined ? undefined : trees[found]
    },
  }
}

function bowOf(line: Spot[]): number {
  const [a, b] = [line[0], line.at(-1)]
  if (!a || !b) return 0
  const long = Math.hypot(b.x - a.x, b.y - a.y)
  const off = (p: Spot) =>
    long ? Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / long : 0
  return Math.max(...line.map(off))
}

/** Pixels that a crown takes from which it is drawn by itself; below that its row is, then its
 * block. */
const ALONE = 5.5
const IN_ROWS = 1.2

/** What can be told apart at a scale. */
export function layerAt(scene: Scene, view: PlanView): Layer {
  const px = scene.crown * view.scale
  return px >= ALONE ? 'tree' : px >= IN_ROWS ? 'row' : 'block'
}

/** Runs of like things along a row: from which to which place, both included. */
export function runsOf<T>(
  at: number[],
  what: (n: number) => T,
): { of: T; from: number; to: number }[] {
  const runs: { of: T; from: number; to: number }[] = []
  at.forEach((n, i) => {
    const of = what(n)
    const last = runs.at(-1)
    if (last && last.of === of) last.to = i
    else runs.push({ of, from: i, to: i })
  })
  return runs
}

export interface Label {
  x: number
  y: number
  w: number
  h: number
}

/** Labels that do not stand on one another; the first come first. */
export function apart<T extends Label>(labels: T[], taken: Label[] = []): T[] {
  const shown: T[] = []
  const cells = new Map<string, Label[]>()
  const CELL = 64
  const near = (l: Label) => {
    const found: string[] = []
    for (let x = Math.floor(l.x / CELL); x <= Math.floor((l.x + l.w) / CELL); x++)
      for (let y = Math.floor(l.y / CELL); y <= Math.floor((l.y + l.h) / CELL); y++)
        found.push(`${x},${y}`)
    return found
  }
  const put = (l: Label) => {
    for (const cell of near(l)) cells.set(cell, [...(cells.get(cell) ?? []), l])
  }
  const free = (l: Label) =>
    near(l).every((cell) =>
      (cells.get(cell) ?? []).every(
        (o) => l.x >= o.x + o.w || o.x >= l.x + l.w || l.y >= o.y + o.h || o.y >= l.y + l.h,
      ),
    )
  taken.forEach(put)
  for (const label of labels)
    if (free(label)) {
      shown.push(label)
      put(label)
    }
  return shown
}

/** Whether a spot lies within an outline, by the rule of odd crossings. */
export function inside({ x, y }: Spot, outline: Spot[]): boolean {
  let odd = false
  outline.forEach((a, i) => {
    const b = outline[(i + outline.length - 1) % outline.length]!
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) odd = !odd
  })
  return odd
}

/** Trees of a scene within an outline, m. */
export function lassoed(scene: Scene, outline: Spot[]): GroveTree[] {
  if (outline.length < 3) return []
  const xs = outline.map((p) => p.x)
  const ys = outline.map((p) => p.y)
  const about = scene.within(Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys))
  return about
    .sort((a, b) => a - b)
    .map((n) => scene.trees[n]!)
    .filter((tree) => inside(tree, outline))
}
