// A made-up plate as a photo of it, in the browser: its face and look, then light, dirt, tilt, blur and the camera's own noise.
import type { Draws } from './draws'
import type { Item, Plate } from './plate'

export type Grade = 'clean' | 'worn' | 'bad'
export const GRADES: readonly Grade[] = ['clean', 'worn', 'bad']

export interface Photographed {
  readonly photo: Blob
  /** Where a hand set the corners: as shares of the photo's sides. */
  readonly corners: readonly { readonly x: number; readonly y: number }[]
  readonly words: string
}

/** Typefaces by the names under which the page loads them. */
const FACES = ['Plain', 'Barlow Condensed', 'Share Tech Mono', 'B612 Mono', 'Oswald'] as const
const DOTS = 'Doto'
const LOOKS = ['printed', 'inverse', 'embossed', 'dot-matrix', 'laser-etched'] as const
type Look = (typeof LOOKS)[number]

interface Hurt {
  readonly tilt: number
  readonly blur: readonly [number, number]
  readonly noise: number
  readonly rust: readonly [number, number]
  readonly scratches: number
  readonly shadow: number
  readonly glare: number
  readonly contrast: number
}
const HURT: Readonly<Record<Grade, Hurt>> = {
  clean: {
    tilt: 0.03,
    blur: [0, 0.4],
    noise: 5,
    rust: [0, 0],
    scratches: 0,
    shadow: 0.25,
    glare: 0,
    contrast: 1,
  },
  worn: {
    tilt: 0.08,
    blur: [0.3, 0.9],
    noise: 10,
    rust: [2, 7],
    scratches: 6,
    shadow: 0.5,
    glare: 0.55,
    contrast: 0.75,
  },
  bad: {
    tilt: 0.14,
    blur: [0.8, 2],
    noise: 18,
    rust: [8, 22],
    scratches: 18,
    shadow: 0.7,
    glare: 0.95,
    contrast: 0.5,
  },
}

const PX_PER_MM = 14

export async function photograph(plate: Plate, grade: Grade, draws: Draws): Promise<Photographed> {
  const look = draws.one(LOOKS)
  const face = look === 'dot-matrix' ? DOTS : draws.one(FACES)
  const flat = drawPlate(plate, look, face, HURT[grade], draws)
  return { ...(await shoot(flat, HURT[grade], draws)), words: `${plate.layout}, ${look}, ${face}, ${grade}` }
}

interface Inks {
  readonly ground: string
  readonly ink: string
}
function inks(look: Look, { contrast }: Hurt, draws: Draws): Inks {
  const grey = (x: number) =>
    `rgb(${[x, x, x + 2].map((v) => Math.round(Math.max(0, Math.min(255, v)))).join()})`
  const ground = draws.between(175, 235)
  const dark = (depth: number) => grey(ground - (ground - 25) * depth * contrast)
  switch (look) {
    case 'printed':
    case 'dot-matrix':
      return { ground: grey(ground), ink: dark(draws.between(0.85, 1)) }
    case 'laser-etched':
      return { ground: grey(ground), ink: dark(draws.between(0.6, 0.8)) }
    case 'embossed':
      return { ground: grey(ground), ink: dark(draws.between(0.55, 0.75)) }
    case 'inverse': {
      const low = draws.between(25, 70)
      return { ground: grey(low), ink: grey(low + (240 - low) * contrast) }
    }
  }
}

function canvasOf(width: number, height: number) {
  const canvas = new OffscreenCanvas(Math.round(width), Math.round(height))
  const pen = canvas.getContext('2d', { willReadFrequently: true })
  if (!pen) throw new Error('no canvas')
  return { canvas, pen }
}

function drawPlate(plate: Plate, look: Look, face: string, hurt: Hurt, draws: Draws): OffscreenCanvas {
  const { canvas, pen } = canvasOf(plate.width * PX_PER_MM, plate.height * PX_PER_MM)
  const { ground, ink } = inks(look, hurt, draws)
  pen.scale(PX_PER_MM, PX_PER_MM)
  pen.fillStyle = ground
  pen.fillRect(0, 0, plate.width, plate.height)
  grain(pen, plate, look, draws)
  pen.strokeStyle = ink
  pen.lineWidth = 0.3
  for (const [x1, y1, x2, y2] of plate.rules) {
    pen.beginPath()
    pen.moveTo(x1, y1)
    pen.lineTo(x2, y2)
    pen.stroke()
  }
  for (const item of plate.items) letter(pen, item, look, face, ink, plate.width)
  dirt(pen, plate, hurt, draws)
  return canvas
}

type Pen = OffscreenCanvasRenderingContext2D

/** Brushed metal under all but print. */
function grain(pen: Pen, { width, height }: Plate, look: Look, draws: Draws): void {
  if (look === 'printed') return
  pen.lineWidth = 0.12
  for (let y = 0; y < height; y += 0.35) {
    pen.strokeStyle = draws.odds(0.5) ? 'rgba(255,255,255,0.10)' : 'rgba(0,0,0,0.08)'
    pen.beginPath()
    pen.moveTo(0, y)
    pen.lineTo(width, y)
    pen.stroke()
  }
}

function letter(pen: Pen, item: Item, look: Look, face: string, ink: string, plateWidth: number): void {
  const size = item.size * (face === 'Oswald' ? 0.9 : 1)
  pen.font = `${item.bold || look === 'dot-matrix' ? 700 : 500} ${size}px "${face}"`
  pen.textAlign = item.align ?? 'left'
  // A maker sets a wide typeface narrower rather than over the plate's edge.
  const most =
    item.align === 'center' ? 2 * Math.min(item.x, plateWidth - item.x) - 3 : plateWidth - item.x - 2
  const put = (colour: string, dx = 0, dy = 0) => {
    pen.fillStyle = colour
    pen.fillText(item.text, item.x + dx, item.y + dy, most)
  }
  if (look === 'embossed') {
    put('rgba(255,255,255,0.75)', -0.14, -0.14)
    put('rgba(0,0,0,0.55)', 0.12, 0.12)
  }
  put(ink)
}

function dirt(
  pen: Pen,
  { width, height }: Pick<Plate, 'width' | 'height'>,
  { rust, scratches }: Hurt,
  draws: Draws,
): void {
  for (let i = draws.whole(...rust); i > 0; i--) {
    const [x, y, r] = [draws.between(0, width), draws.between(0, height), draws.between(0.6, 3.2)]
    const glow = pen.createRadialGradient(x, y, 0, x, y, r)
    glow.addColorStop(0, `rgba(96,52,24,${draws.between(0.5, 0.9)})`)
    glow.addColorStop(1, 'rgba(96,52,24,0)')
    pen.fillStyle = glow
    pen.fillRect(x - r, y - r, 2 * r, 2 * r)
  }
  pen.lineWidth = 0.2
  for (let i = 0; i < scratches; i++) {
    pen.strokeStyle = draws.odds(0.5) ? 'rgba(255,255,255,0.7)' : 'rgba(40,40,40,0.5)'
    pen.beginPath()
    const [x, y] = [draws.between(0, width), draws.between(0, height)]
    pen.moveTo(x, y)
    pen.lineTo(x + draws.between(-20, 20), y + draws.between(-8, 8))
    pen.stroke()
  }
}

type Point = readonly [number, number]

/** The photo: 3 to 12 megapixels, the plate on half to most of it. */
async function shoot(flat: OffscreenCanvas, hurt: Hurt, draws: Draws) {
  const megapixels = draws.between(3, 12)
  const height = Math.round(Math.sqrt((megapixels * 1e6 * 3) / 4))
  const width = Math.round((height * 4) / 3)
  const fill = draws.between(0.62, 0.9)
  const scale = Math.min((width * fill) / flat.width, (height * fill) / flat.height)
  const [w, h] = [flat.width * scale, flat.height * scale]
  const [left, top] = [(width - w) / 2, (height - h) / 2]
  const angle = draws.between(-1, 1) * hurt.tilt
  const corners = (
    [
      [0, 0],
      [w, 0],
      [w, h],
      [0, h],
    ] as const
  ).map(([x, y]): Point => {
    const [dx, dy] = [x - w / 2, y - h / 2]
    const bend = () => draws.between(-1, 1) * hurt.tilt * 0.6 * Math.min(w, h)
    return [
      Math.max(2, Math.min(width - 3, left + w / 2 + dx * Math.cos(angle) - dy * Math.sin(angle) + bend())),
      Math.max(2, Math.min(height - 3, top + h / 2 + dx * Math.sin(angle) + dy * Math.cos(angle) + bend())),
    ]
  })
  const { canvas, pen } = canvasOf(width, height)
  const ground = draws.between(60, 150)
  pen.fillStyle = `rgb(${ground},${ground},${ground * 0.95})`
  pen.fillRect(0, 0, width, height)
  laid(pen, flat, corners)
  light(pen, width, height, hurt, draws)
  const blurred = canvasOf(width, height)
  // Blur as a share of the photo: a shaking hand moves a large picture by more pixels.
  blurred.pen.filter = `blur(${(draws.between(...hurt.blur) * height) / 1500}px)`
  blurred.pen.drawImage(canvas, 0, 0)
  noise(blurred.pen, width, height, hurt.noise, draws)
  const photo = await blurred.canvas.convertToBlob({ type: 'image/jpeg', quality: draws.between(0.7, 0.9) })
  const off = () => draws.between(-0.008, 0.008)
  return {
    photo,
    corners: corners.map(([x, y]) => ({ x: clamp(x / width + off()), y: clamp(y / height + off()) })),
  }
}
const clamp = (x: number) => Math.min(1, Math.max(0, x))

/** The flat plate laid into four corners, pixel by pixel, backwards through the projection that maps the unit square to them. */
function laid(pen: Pen, flat: OffscreenCanvas, corners: readonly Point[]): void {
  const source = flat
    .getContext('2d', { willReadFrequently: true })
    ?.getImageData(0, 0, flat.width, flat.height)
  if (!source) throw new Error('no picture')
  const back = inverse(squareTo(corners))
  const [xs, ys] = [corners.map((c) => c[0]), corners.map((c) => c[1])]
  const [x0, y0] = [Math.floor(Math.min(...xs)), Math.floor(Math.min(...ys))]
  const [w, h] = [Math.ceil(Math.max(...xs)) - x0, Math.ceil(Math.max(...ys)) - y0]
  const target = pen.getImageData(x0, y0, w, h)
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const [px, py] = [x + x0 + 0.5, y + y0 + 0.5]
      const z = back[6] * px + back[7] * py + back[8]
      const u = (back[0] * px + back[1] * py + back[2]) / z
      const v = (back[3] * px + back[4] * py + back[5]) / z
      if (u < 0 || u >= 1 || v < 0 || v >= 1) continue
      const [fx, fy] = [u * (flat.width - 1), v * (flat.height - 1)]
      const [ix, iy] = [Math.floor(fx), Math.floor(fy)]
      const [ax, ay] = [fx - ix, fy - iy]
      const i = 4 * (iy * flat.width + ix)
      const o = 4 * (y * w + x)
      for (let c = 0; c < 3; c++) {
        const d = source.data
        const up = d[i + c]! * (1 - ax) + (d[i + 4 + c] ?? 0) * ax
        const down = (d[i + 4 * flat.width + c] ?? 0) * (1 - ax) + (d[i + 4 * flat.width + 4 + c] ?? 0) * ax
        target.data[o + c] = up * (1 - ay) + down * ay
      }
    }
  pen.putImageData(target, x0, y0)
}

type Matrix = readonly [number, number, number, number, number, number, number, number, number]

/** The projection that takes the unit square to four points: Heckbert, Fundamentals of Texture Mapping, 1989 (from memory). */
function squareTo(points: readonly Point[]): Matrix {
  const [[x0, y0], [x1, y1], [x2, y2], [x3, y3]] = points as [Point, Point, Point, Point]
  const [dx1, dx2, sx] = [x1 - x2, x3 - x2, x0 - x1 + x2 - x3]
  const [dy1, dy2, sy] = [y1 - y2, y3 - y2, y0 - y1 + y2 - y3]
  const det = dx1 * dy2 - dx2 * dy1
  const g = (sx * dy2 - dx2 * sy) / det
  const h = (dx1 * sy - sx * dy1) / det
  return [x1 - x0 + g * x1, x3 - x0 + h * x3, x0, y1 - y0 + g * y1, y3 - y0 + h * y3, y0, g, h, 1]
}

/** By cofactors. */
function inverse([a, b, c, d, e, f, g, h, i]: Matrix): Matrix {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ]
}

function light(pen: Pen, width: number, height: number, { shadow, glare }: Hurt, draws: Draws): void {
  const sun = pen.createLinearGradient(0, 0, draws.between(-1, 1) * width, height)
  sun.addColorStop(0, `rgba(0,0,0,${draws.between(0, shadow * 0.6)})`)
  sun.addColorStop(1, 'rgba(0,0,0,0)')
  pen.fillStyle = sun
  pen.fillRect(0, 0, width, height)
  if (draws.odds(0.5)) {
    // A hand's or a guard's shadow, with a hard edge.
    pen.fillStyle = `rgba(0,0,10,${shadow * draws.between(0.5, 1)})`
    pen.beginPath()
    const x = draws.between(0.2, 0.8) * width
    pen.moveTo(x, 0)
    pen.lineTo(width, 0)
    pen.lineTo(width, height)
    pen.lineTo(x + draws.between(-0.3, 0.3) * width, height)
    pen.fill()
  }
  if (glare > 0 && draws.odds(0.6)) {
    const [x, y, r] = [
      draws.between(0.1, 0.9) * width,
      draws.between(0.1, 0.9) * height,
      draws.between(0.08, 0.2) * width,
    ]
    const spot = pen.createRadialGradient(x, y, 0, x, y, r)
    spot.addColorStop(0, `rgba(255,255,255,${glare})`)
    spot.addColorStop(1, 'rgba(255,255,255,0)')
    pen.fillStyle = spot
    pen.fillRect(x - r, y - r, 2 * r, 2 * r)
  }
}

function noise(pen: Pen, width: number, height: number, most: number, draws: Draws): void {
  const image = pen.getImageData(0, 0, width, height)
  const { data } = image
  // A row of noise, begun at another place each time: a generator call a pixel would take longer than the reading.
  const grains = Float32Array.from({ length: 8191 }, () => (draws.share() + draws.share() - 1) * most * 1.5)
  let k = 0
  for (let i = 0; i < data.length; i += 4) {
    const by = grains[k] ?? 0
    k = k + 1 === grains.length ? Math.floor((i * 7919) % 4096) : k + 1
    for (let c = 0; c < 3; c++) data[i + c] = (data[i + c] ?? 0) + by
  }
  pen.putImageData(image, 0, 0)
}

/** A code as squares: a path, and how many squares wide it is with its quiet edge. */
interface Squares {
  readonly d: string
  readonly width: number
}
const CARD_MM = 60
const CODE_MM = 28

/** The corner of a card with its code, folded, dirty and tilted, as a photo. */
export async function photographCode({ d, width }: Squares, draws: Draws): Promise<Blob> {
  const { canvas, pen } = canvasOf(CARD_MM * PX_PER_MM, CARD_MM * PX_PER_MM)
  pen.scale(PX_PER_MM, PX_PER_MM)
  pen.fillStyle = '#f7f5ef'
  pen.fillRect(0, 0, CARD_MM, CARD_MM)
  pen.save()
  pen.translate(CARD_MM - CODE_MM - 8, CARD_MM - CODE_MM - 8)
  pen.scale(CODE_MM / width, CODE_MM / width)
  pen.fillStyle = '#111'
  pen.fill(new Path2D(d))
  pen.restore()
  folds(pen, draws)
  smudges(pen, draws)
  // Paper does not mirror the sun.
  return (await shoot(canvas, { ...HURT.worn, glare: 0 }, draws)).photo
}

/** Thumbs and rain: what is under them shows through. */
function smudges(pen: Pen, draws: Draws): void {
  for (let i = draws.whole(4, 12); i > 0; i--) {
    const [x, y, r] = [draws.between(0, CARD_MM), draws.between(0, CARD_MM), draws.between(1, 7)]
    const stain = pen.createRadialGradient(x, y, 0, x, y, r)
    stain.addColorStop(0, `rgba(90,70,50,${draws.between(0.15, 0.6)})`)
    stain.addColorStop(1, 'rgba(90,70,50,0)')
    pen.fillStyle = stain
    pen.fillRect(x - r, y - r, 2 * r, 2 * r)
  }
}

/** A fold is a light edge beside a dark one. */
function folds(pen: Pen, draws: Draws): void {
  for (let i = draws.whole(1, 3); i > 0; i--) {
    const [x, lean] = [draws.between(0.3, 0.95) * CARD_MM, draws.between(-20, 20)]
    for (const [colour, by] of [
      ['rgba(255,255,255,0.8)', 0],
      ['rgba(60,50,40,0.45)', 0.35],
    ] as const) {
      pen.strokeStyle = colour
      pen.lineWidth = 0.35
      pen.beginPath()
      pen.moveTo(x + by, 0)
      pen.lineTo(x + by + lean, CARD_MM)
      pen.stroke()
    }
  }
}
