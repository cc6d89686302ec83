/** Draws a scene in plan, in the layer that can be told apart: trees, rows, or blocks. */
import type { GroveTree } from '@/api/grove'
import { fromPlan, toPlan, type PlanView, type Spot } from '@/geometry/plan'
import {
  apart,
  crownOf,
  layerAt,
  runsOf,
  type Label,
  type Scene,
  type SceneRow,
} from '@/geometry/scene'
import type { Ink, Paints } from './ink'

export interface Look {
  view: PlanView
  width: number
  height: number
  inkOf: (tree: GroveTree) => Ink
  /** Those that were looked for or chosen; the others stand pale. */
  lit?: Set<string>
  bands: Band[]
  /** Places that are taken by name plates, px. */
  plates: Label[]
}
/** Stretches of rows that are told the same. */
export interface Band {
  ink: Ink
  pale: boolean
  stretches: { row: SceneRow; from: number; to: number }[]
}
export interface RowLabel extends Label {
  text: string
  row: SceneRow
}

const ROUND = 2 * Math.PI
const INKS: Ink[] = ['stop', 'none', 'wait', 'light', 'go', 'dead', 'dark']
const PALE = 0.22
const NUMBER = 14

/** The whole plan; gives back the row numbers that were written, to be touched. */
export function drawPlan(on: CanvasRenderingContext2D, scene: Scene, look: Look, paints: Paints) {
  on.clearRect(0, 0, look.width, look.height)
  terraces(on, look, paints)
  const layer = layerAt(scene, look.view)
  if (layer === 'block') {
    mosaic(on, scene, look, paints)
    return []
  }
  if (layer === 'row') rows(on, scene, look, paints)
  else trees(on, scene, look, paints)
  gaps(on, scene, look, paints)
  return numbers(on, scene, look, paints)
}

/** The lie of the land, for the eye only. */
function terraces(on: CanvasRenderingContext2D, { width: w, height: h }: Look, paints: Paints) {
  on.strokeStyle = paints.rule
  for (let i = 0; i < 6; i++) {
    const y = (h / 6) * (i + 0.6)
    on.lineWidth = i % 3 === 1 ? 2.5 : 1.2
    on.beginPath()
    on.moveTo(0, y + 18)
    on.bezierCurveTo(w * 0.3, y + 26, w * 0.62, y - 16, w, y - 30)
    on.stroke()
  }
}

function shown(scene: Scene, { view, width, height }: Look): number[] {
  const [a, b] = [
    fromPlan({ x: -40, y: height + 40 }, view),
    fromPlan({ x: width + 40, y: -40 }, view),
  ]
  return scene.within(a.x, a.y, b.x, b.y)
}

/** What each row is told, worked out once and drawn at every scale. */
export function bandsOf(
  scene: Scene,
  inkOf: (tree: GroveTree) => Ink,
  lit: Set<string> | undefined,
): Band[] {
  const bands = new Map<string, Band>()
  for (const row of scene.rows) {
    const told = runsOf(row.at, (n) => {
      const tree = scene.trees[n]!
      return `${inkOf(tree)} ${!!lit && !lit.has(tree.id)}`
    })
    for (const { of, from, to } of told) {
      const [ink, pale] = of.split(' ') as [Ink, string]
      const band = bands.get(of) ?? { ink, pale: pale === 'true', stretches: [] }
      band.stretches.push({ row, from, to })
      bands.set(of, band)
    }
  }
  return [...bands.values()].sort((a, b) => INKS.indexOf(a.ink) - INKS.indexOf(b.ink))
}

const paleOf = (look: Pick<Look, 'lit'>, tree: GroveTree) => !!look.lit && !look.lit.has(tree.id)

/** Whether a row can be drawn as one straight line. */
const straight = (row: SceneRow, view: PlanView) => row.bow * view.scale < 0.7

function line(on: CanvasRenderingContext2D, scene: Scene, row: SceneRow, view: PlanView) {
  const some = straight(row, view) ? [row.at[0]!, row.at.at(-1)!] : row.at
  some.forEach((n, i) => {
    const { x, y } = toPlan(scene.trees[n]!, view)
    if (i) on.lineTo(x, y)
    else on.moveTo(x, y)
  })
}

/** Rows as bands of runs that are told the same. */
function rows(on: CanvasRenderingContext2D, scene: Scene, look: Look, paints: Paints) {
  const band = Math.max(1.6, scene.crown * look.view.scale)
  on.lineCap = 'butt'
  on.lineJoin = 'round'
  on.beginPath()
  for (const row of scene.rows) line(on, scene, row, look.view)
  on.lineWidth = band + 1.6
  on.strokeStyle = paints.rule
  on.stroke()
  for (const { ink, pale, stretches } of look.bands) {
    on.globalAlpha = pale ? PALE : 1
    on.beginPath()
    for (const { row, from, to } of stretches) stretch(on, scene, row, from, to, look.view)
    on.lineWidth = band
    on.strokeStyle = paints.fill(ink)
    on.stroke()
  }
  on.globalAlpha = 1
}

/** From half a step before a run to half a step after it. */
function stretch(
  on: CanvasRenderingContext2D,
  scene: Scene,
  row: SceneRow,
  from: number,
  to: number,
  view: PlanView,
) {
  const at = (i: number) => toPlan(scene.trees[row.at[i]!]!, view)
  const between = (a: Spot, b: Spot) => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })
  const half = (scene.crown * view.scale) / 2
  const first = at(from)
  const start = from > 0 ? between(at(from - 1), first) : { x: first.x - half, y: first.y }
  on.moveTo(start.x, start.y)
  if (!straight(row, view))
    for (let i = from; i <= to; i++) {
      const { x, y } = at(i)
      on.lineTo(x, y)
    }
  const last = at(to)
  const end = to < row.at.length - 1 ? between(last, at(to + 1)) : { x: last.x + half, y: last.y }
  on.lineTo(end.x, end.y)
}

/** Every tree as a ring with its tone in the heart; hedgerows as one band. */
function trees(on: CanvasRenderingContext2D, scene: Scene, look: Look, paints: Paints) {
  const { view } = look
  const here = shown(scene, look)
  const inView = new Set(here.map((n) => scene.trees[n]!.row_id))
  on.beginPath()
  for (const row of scene.rows)
    if (inView.has(row.row.id) && !scene.hedged.has(row.row.id)) line(on, scene, row, view)
  on.lineWidth = 1
  on.strokeStyle = paints.rule
  on.stroke()
  for (const row of scene.rows) {
    if (inView.has(row.row.id) && scene.hedged.has(row.row.id)) {
      on.beginPath()
      line(on, scene, row, view)
      const width = Math.max(...row.at.map((n) => crownOf(scene.trees[n]!) * view.scale), 6)
      on.lineCap = on.lineJoin = 'round'
      on.lineWidth = width + 3
      on.strokeStyle = paints.ink
      on.stroke()
      on.lineWidth = width
      on.strokeStyle = paints.sheet
      on.stroke()
    }
  }
  for (const pale of look.lit ? [true, false] : [false]) {
    on.globalAlpha = pale ? PALE : 1
    for (const n of here) {
      const tree = scene.trees[n]!
      if (paleOf(look, tree) !== pale) continue
      const { x, y } = toPlan(tree, view)
      const seal = sealOf(tree, scene.hedged.has(tree.row_id), look, paints)
      on.drawImage(seal.on, x - seal.middle, y - seal.middle, seal.side, seal.side)
    }
  }
  on.globalAlpha = 1
}

const radius = (tree: GroveTree, view: PlanView) => Math.max(2.5, (crownOf(tree) / 2) * view.scale)

interface Seal {
  on: HTMLCanvasElement
  middle: number
  side: number
}

/** A tree drawn once for all that look alike: put down by the thousand, it is quick. */
function sealOf(tree: GroveTree, hedged: boolean, look: Look, paints: Paints): Seal {
  const { view } = look
  const ink = look.inkOf(tree)
  const pot = !!tree.pot_l
  const r = pot ? Math.max(6, 1.1 * view.scale) / 2 : Math.round(radius(tree, view) * 2) / 2
  const key = `${ink}|${r}|${pot ? 'pot' : hedged ? 'hedge' : tree.measured}`
  let seal = paints.seals.get(key)
  if (!seal) {
    if (paints.seals.size > 600) paints.seals.clear()
    const middle = Math.ceil(r) + 2
    const made = document.createElement('canvas')
    made.width = made.height = Math.ceil(2 * middle * paints.pixels)
    const on = made.getContext('2d')!
    on.scale(paints.pixels, paints.pixels)
    on.translate(middle, middle)
    if (pot) potted(on, r, ink, paints)
    else crown(on, r, ink, hedged, tree.measured, paints)
    seal = { on: made, middle, side: made.width / paints.pixels }
    paints.seals.set(key, seal)
  }
  return seal
}

function round(on: CanvasRenderingContext2D, r: number) {
  on.beginPath()
  on.arc(0, 0, r, 0, ROUND)
}

function potted(on: CanvasRenderingContext2D, half: number, ink: Ink, paints: Paints) {
  on.beginPath()
  on.roundRect(-half, -half, 2 * half, 2 * half, 1.5)
  filled(on, ink, 1.6, paints)
}

function crown(
  on: CanvasRenderingContext2D,
  r: number,
  ink: Ink,
  hedged: boolean,
  measured: boolean,
  paints: Paints,
) {
  if (!hedged) {
    round(on, r)
    on.fillStyle = paints.sheet
    on.fill()
    on.strokeStyle = paints.ink
    on.lineWidth = measured ? 2.2 : 1.1
    on.setLineDash(measured ? [] : [4, 2.5])
    on.stroke()
    on.setLineDash([])
  }
  if (ink === 'none') return
  if (ink === 'stop' && !hedged) {
    round(on, 1.6)
    on.fillStyle = paints.ink
    return on.fill()
  }
  round(on, Math.max(2.4, r * (hedged ? 0.36 : 0.56)))
  filled(on, ink, 1, paints)
}

function filled(on: CanvasRenderingContext2D, ink: Ink, line: number, paints: Paints) {
  on.fillStyle = paints.fill(ink)
  on.fill()
  on.strokeStyle = paints.ink
  on.lineWidth = line
  on.stroke()
}

function gaps(on: CanvasRenderingContext2D, scene: Scene, { view }: Look, paints: Paints) {
  const arm = Math.min(4, scene.crown * view.scale * 0.4)
  on.beginPath()
  for (const gap of scene.gaps) {
    const { x, y } = toPlan(gap, view)
    on.moveTo(x - arm, y - arm)
    on.lineTo(x + arm, y + arm)
    on.moveTo(x + arm, y - arm)
    on.lineTo(x - arm, y + arm)
  }
  on.strokeStyle = paints.ink
  on.lineWidth = 1.6
  on.stroke()
}

/** A block by the shares of its tones, with how many there are of each. */
function mosaic(on: CanvasRenderingContext2D, scene: Scene, look: Look, paints: Paints) {
  const SAYS: Partial<Record<Ink, string>> = {
    go: 'go',
    light: 'light',
    wait: 'wait',
    stop: 'stop',
  }
  for (const { rows: mine, box } of scene.blocks) {
    const a = toPlan({ x: box[0], y: box[3] }, look.view)
    const b = toPlan({ x: box[2], y: box[1] }, look.view)
    const [w, h] = [Math.max(3, b.x - a.x), Math.max(3, b.y - a.y)]
    if (a.x > look.width || a.y > look.height || b.x < 0 || b.y < 0) continue
    const places = mine.flatMap((row) => row.at)
    const counts = new Map<Ink, number>()
    for (const n of places) {
      const tree = scene.trees[n]!
      if (paleOf(look, tree)) continue
      counts.set(look.inkOf(tree), (counts.get(look.inkOf(tree)) ?? 0) + 1)
    }
    on.fillStyle = paints.sheet
    on.fillRect(a.x, a.y, w, h)
    let x = a.x
    for (const ink of [...INKS].reverse()) {
      const share = ((counts.get(ink) ?? 0) / places.length) * w
      on.fillStyle = paints.fill(ink)
      on.fillRect(x, a.y, share, h)
      x += share
    }
    on.strokeStyle = paints.ink
    on.lineWidth = 1.6
    on.strokeRect(a.x, a.y, w, h)
    const says = (['go', 'light', 'wait', 'stop'] as const)
      .filter((ink) => counts.get(ink))
      .map((ink) => `${counts.get(ink)!.toLocaleString('en')} ${SAYS[ink]}`)
    on.font = `600 ${NUMBER}px ${paints.font}`
    const text = says.join(', ')
    const wide = on.measureText(text).width + 8
    if (wide > w || h < 20) continue
    on.fillStyle = paints.sheet
    on.fillRect(a.x + w / 2 - wide / 2, a.y + h / 2 - 10, wide, 20)
    on.fillStyle = paints.ink
    on.textAlign = 'center'
    on.textBaseline = 'middle'
    on.fillText(text, a.x + w / 2, a.y + h / 2 + 1)
  }
}

/** Numbers of rows, as far as they do not stand on one another; near by, those of trees too. */
function numbers(on: CanvasRenderingContext2D, scene: Scene, look: Look, paints: Paints) {
  const { view } = look
  on.font = `600 ${NUMBER}px ${paints.font}`
  on.fillStyle = paints.ink
  on.textAlign = 'right'
  on.textBaseline = 'middle'
  const wanted: RowLabel[] = []
  for (const row of scene.rows) {
    if (row.at.length < 2) continue
    const first = scene.trees[row.at[0]!]!
    const { x, y } = toPlan(first, view)
    if (y < 0 || y > look.height || x < -20 || x > look.width + 60) continue
    const text = String(row.row.n)
    const right = Math.max(x - radius(first, view) - 6, 20)
    const w = text.length * 7
    wanted.push({ text, row, x: right - w, y: y - NUMBER / 2, w, h: NUMBER })
  }
  const written = apart(wanted, look.plates)
  for (const label of written) on.fillText(label.text, label.x + label.w, label.y + NUMBER / 2 + 1)
  if (scene.crown * view.scale > 44) places(on, scene, look)
  return written
}

function places(on: CanvasRenderingContext2D, scene: Scene, look: Look) {
  on.textAlign = 'center'
  for (const n of shown(scene, look)) {
    const tree = scene.trees[n]!
    const { x, y } = toPlan(tree, look.view)
    const r = radius(tree, look.view)
    on.fillText(tree.name.split('·').at(-1)!, x, y + r * 0.78)
  }
}
