// A photo of a cat, drawn: what somebody holds a camera at, and no plate.
import type { Page } from '@playwright/test'

/** A tabby cat on a step in the sun: fur in 14,000 hairs, stripes, eyes, whiskers. Edges and contrast everywhere, and no letter. */
export async function drawCat(page: Page): Promise<Buffer> {
  const bytes = await page.evaluate(async () => {
    const canvas = document.createElement('canvas')
    canvas.width = 1600
    canvas.height = 1200
    const pen = canvas.getContext('2d')
    if (!pen) throw new Error('no canvas')
    // A generator of fixed seed (Park and Miller): the same cat each time.
    let seed = 20261129
    const chance = () => (seed = (seed * 48271) % 2147483647) / 2147483647
    const light = pen.createLinearGradient(0, 0, 1600, 1200)
    light.addColorStop(0, '#e9dcc0')
    light.addColorStop(1, '#8d7f6a')
    pen.fillStyle = light
    pen.fillRect(0, 0, 1600, 1200)
    const furAt = (x: number, y: number) => {
      const dark = Math.sin(x / 34 + Math.sin(y / 70) * 2) > 0.35
      return `hsl(${28 + chance() * 10} ${25 + chance() * 20}% ${(dark ? 18 : 48) + chance() * 16}%)`
    }
    const hairs = (cx: number, cy: number, rx: number, ry: number, count: number) => {
      for (let i = 0; i < count; i++) {
        const [turn, out] = [chance() * 2 * Math.PI, Math.sqrt(chance())]
        const [x, y] = [cx + Math.cos(turn) * rx * out, cy + Math.sin(turn) * ry * out]
        pen.strokeStyle = furAt(x, y)
        pen.lineWidth = 2 + chance() * 3
        pen.beginPath()
        pen.moveTo(x, y)
        pen.quadraticCurveTo(x + 8, y + 14, x + (x - cx) / 14 + chance() * 20 - 10, y + 20 + chance() * 22)
        pen.stroke()
      }
    }
    hairs(830, 820, 520, 330, 9000)
    for (const x of [350, 590]) {
      pen.fillStyle = '#5b4632'
      pen.beginPath()
      pen.moveTo(x - 80, 330)
      pen.lineTo(x, 130)
      pen.lineTo(x + 80, 330)
      pen.fill()
    }
    hairs(470, 450, 240, 200, 5000)
    for (const x of [390, 550]) {
      pen.fillStyle = '#b7c34a'
      pen.beginPath()
      pen.ellipse(x, 420, 44, 34, 0, 0, 7)
      pen.fill()
      pen.fillStyle = '#111'
      pen.beginPath()
      pen.ellipse(x, 420, 9, 32, 0, 0, 7)
      pen.fill()
      pen.strokeStyle = '#f6f2e8'
      pen.lineWidth = 3
      for (const lift of [-40, 0, 40]) {
        pen.beginPath()
        pen.moveTo(470 + (x - 470) / 2, 530)
        pen.lineTo(470 + (x - 470) * 4, 520 + lift)
        pen.stroke()
      }
    }
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
    if (!blob) throw new Error('no picture')
    return [...new Uint8Array(await blob.arrayBuffer())]
  })
  return Buffer.from(bytes)
}
