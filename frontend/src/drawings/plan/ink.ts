/** The inks of the plan on a canvas: tones by pattern and weight, never by hue alone. */

export type Ink = 'go' | 'light' | 'wait' | 'stop' | 'dead' | 'dark' | 'none'

export interface Paints {
  /** Pixels of the screen to a point. */
  pixels: number
  /** Trees that were drawn once, by what they look like. */
  seals: Map<string, { on: HTMLCanvasElement; middle: number; side: number }>
  ink: string
  sheet: string
  rule: string
  frost: string
  tape: string
  font: string
  fill: (ink: Ink) => string | CanvasPattern
}

const SIDE = 12

function tile(pixels: number, draw: (on: CanvasRenderingContext2D) => void): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = SIDE * pixels
  const on = canvas.getContext('2d')!
  on.scale(pixels, pixels)
  draw(on)
  return canvas
}

function striped(on: CanvasRenderingContext2D, ground: string, stripe: string, width: number) {
  on.fillStyle = ground
  on.fillRect(0, 0, SIDE, SIDE)
  on.strokeStyle = stripe
  on.lineWidth = width
  for (let at = -SIDE; at <= 2 * SIDE; at += SIDE / 2) {
    on.beginPath()
    on.moveTo(at, SIDE)
    on.lineTo(at + SIDE, 0)
    on.stroke()
  }
}

function dotted(on: CanvasRenderingContext2D, ground: string, dot: string) {
  on.fillStyle = ground
  on.fillRect(0, 0, SIDE, SIDE)
  on.fillStyle = dot
  for (const x of [3, 9])
    for (const y of [3, 9]) {
      on.beginPath()
      on.arc(x, y, 1.3, 0, 2 * Math.PI)
      on.fill()
    }
}

/** The paints of the page as it is, for a screen of so many pixels to a point. */
export function paintsOf(on: CanvasRenderingContext2D, pixels: number): Paints {
  const style = getComputedStyle(document.documentElement)
  const colour = (name: string) => style.getPropertyValue(`--${name}`).trim()
  const [ink, sheet, leaf] = [colour('ink'), colour('sheet'), colour('leaf')]
  const pattern = (draw: (on: CanvasRenderingContext2D) => void) => {
    const made = on.createPattern(tile(pixels, draw), 'repeat')!
    made.setTransform(new DOMMatrix().scale(1 / pixels))
    return made
  }
  const fills: Record<Ink, string | CanvasPattern> = {
    go: leaf,
    light: pattern((c) => striped(c, sheet, leaf, 2.2)),
    wait: pattern((c) => dotted(c, sheet, ink)),
    dead: pattern((c) => striped(c, sheet, ink, 1.4)),
    stop: sheet,
    dark: ink,
    none: sheet,
  }
  return {
    pixels,
    seals: new Map(),
    ink,
    sheet,
    rule: colour('rule'),
    frost: colour('frost'),
    tape: colour('tape'),
    font: colour('font-tag') || 'sans-serif',
    fill: (one) => fills[one],
  }
}
