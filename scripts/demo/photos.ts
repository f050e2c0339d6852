// The demo's pictures, drawn by us: what a camera would have seen, as plain shapes on the grain of metal. Made with the browser of the tests.
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { PHOTO_IDS } from './jobs'

const [WIDTH, HEIGHT] = [960, 720]

const ground = (base: string, light: string) => `
  <defs>
    <linearGradient id="sheen" x1="0" y1="0" x2="1" y2="1">
      <stop offset="0" stop-color="${light}"/><stop offset="1" stop-color="${base}"/>
    </linearGradient>
    <radialGradient id="dome" cx="0.42" cy="0.36" r="0.75">
      <stop offset="0" stop-color="#e8e6df"/><stop offset="0.7" stop-color="#a7a49b"/><stop offset="1" stop-color="#6d6a62"/>
    </radialGradient>
  </defs>
  <rect width="${WIDTH}" height="${HEIGHT}" fill="url(#sheen)"/>
  ${Array.from({ length: 36 }, (_, i) => `<rect x="0" y="${i * 20 + 3}" width="${WIDTH}" height="2" fill="#000" opacity="0.04"/>`).join('')}`

const wire = (d: string, colour: string, stripe = '') => `
  <path d="${d}" fill="none" stroke="#1b1712" stroke-width="26" stroke-linecap="round"/>
  <path d="${d}" fill="none" stroke="${colour}" stroke-width="20" stroke-linecap="round"/>
  ${stripe ? `<path d="${d}" fill="none" stroke="${stripe}" stroke-width="6" stroke-dasharray="26 18"/>` : ''}`

const blade = (x: number, y: number) =>
  `<rect x="${x - 9}" y="${y - 30}" width="18" height="60" rx="4" fill="#d7d3c8" stroke="#3a362f" stroke-width="4"/>`

const can = (swollen: boolean) => `
  <ellipse cx="480" cy="390" rx="250" ry="225" fill="#4a473f"/>
  <ellipse cx="480" cy="${swollen ? 352 : 372}" rx="240" ry="${swollen ? 226 : 212}" fill="url(#dome)" stroke="#35322c" stroke-width="6"/>
  ${swollen ? '<path d="M330 250q150-96 300 4" fill="none" stroke="#f7f5ee" stroke-width="14" opacity="0.7"/><path d="M560 470q40 30 90 22-30 44-92 36z" fill="#5a4a20" opacity="0.8"/>' : ''}
  ${blade(480, 300)}${blade(385, 430)}${blade(575, 430)}
  <g font-family="Atkinson Hyperlegible, sans-serif" font-size="40" font-weight="700" fill="#26221c" text-anchor="middle">
    <text x="480" y="255">C</text><text x="385" y="512">FAN</text><text x="575" y="512">HERM</text>
  </g>`

const strap = `<path d="M210 330q270-90 540 0v70q-270-90-540 0z" fill="#8d8779" stroke="#35322c" stroke-width="5"/>
  <rect x="640" y="520" width="250" height="130" rx="8" fill="#fffdf6" stroke="#35322c" stroke-width="4"/>
  <g font-family="Atkinson Hyperlegible, sans-serif" fill="#26221c"><text x="660" y="568" font-size="34" font-weight="700">HERM 40 µF</text><text x="660" y="608" font-size="34" font-weight="700">FAN 7.5 µF</text><text x="660" y="638" font-size="22">17 Jul 2026</text></g>`

const terminals = `
  <rect x="120" y="90" width="720" height="150" rx="12" fill="#2f2c27"/>
  ${[190, 350, 510, 670, 790].map((x) => `<circle cx="${x}" cy="170" r="26" fill="#c9b27a" stroke="#5d4f2c" stroke-width="6"/><path d="M${x - 14} 170h28" stroke="#5d4f2c" stroke-width="6"/>`).join('')}
  ${wire('M190 190C190 360 250 420 300 700', '#1d1d1f')}
  ${wire('M350 190C350 340 420 470 420 700', '#2f5fae')}
  ${wire('M510 190C510 330 520 480 540 700', '#c0392b')}
  ${wire('M670 190C670 360 640 470 650 700', '#f4f1e8')}
  ${wire('M790 190C800 380 740 500 760 700', '#7a4a26', '#f4f1e8')}`

const wheel = `
  <circle cx="480" cy="370" r="300" fill="#57534a"/>
  <circle cx="480" cy="370" r="286" fill="#77736a"/>
  <circle cx="480" cy="370" r="240" fill="#3b3832"/>
  ${Array.from({ length: 40 }, (_, i) => {
    const a = (i / 40) * 2 * Math.PI
    return `<path d="M${480 + 190 * Math.cos(a)} ${370 + 190 * Math.sin(a)}L${480 + 238 * Math.cos(a + 0.12)} ${370 + 238 * Math.sin(a + 0.12)}" stroke="#b9b4a8" stroke-width="12"/>`
  }).join('')}
  <circle cx="480" cy="370" r="64" fill="#8d8779" stroke="#26221c" stroke-width="6"/>
  <circle cx="480" cy="370" r="24" fill="#c9c5ba" stroke="#26221c" stroke-width="5"/>
  <rect x="530" y="358" width="40" height="24" rx="5" fill="#4a473f"/>`

const PICTURES: Readonly<Record<keyof typeof PHOTO_IDS, string>> = {
  swollen: ground('#8b7f6b', '#b6ab95') + can(true),
  strapped: ground('#8b7f6b', '#b6ab95') + can(false) + strap,
  wires: ground('#7c8288', '#a7adb2') + terminals,
  wheel: ground('#6f6a61', '#99948a') + wheel,
}

/** Each as a JPEG under its photo's id, without anything that a camera would add. */
export async function drawPhotos(folder: string): Promise<void> {
  const executablePath = process.env.CHROMIUM_PATH
  const browser = await chromium.launch({
    args: ['--no-sandbox'],
    ...(executablePath ? { executablePath } : {}),
  })
  try {
    const page = await browser.newPage({ viewport: { width: WIDTH, height: HEIGHT } })
    for (const [name, shapes] of Object.entries(PICTURES)) {
      await page.setContent(
        `<body style="margin:0"><svg width="${WIDTH}" height="${HEIGHT}" viewBox="0 0 ${WIDTH} ${HEIGHT}">${shapes}</svg></body>`,
      )
      const id = PHOTO_IDS[name as keyof typeof PHOTO_IDS]
      await page.screenshot({ path: join(folder, `${id}.jpg`), type: 'jpeg', quality: 72 })
    }
  } finally {
    await browser.close()
  }
}
