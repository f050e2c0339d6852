// What this side lends to the operations: the card as a file has its code, read here by another library.
import jsQR from 'jsqr'
import { GOOD } from '@oak/core/operations/testing/inputs'
import { runHere } from './run-here'

/** The code of an SVG file, each square five pixels wide. */
function read(svg: string): string | undefined {
  const path = /<path transform="[^"]*" d="(M\d+ \d+h\d+v1h-\d+z[^"]*)" fill="#000"\/>/.exec(svg)?.[1] ?? ''
  const runs = [...path.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g)].map((m) => m.slice(1).map(Number))
  const side = 5 * (Math.max(...runs.map(([x = 0, , run = 0]) => x + run)) + 4)
  const data = new Uint8ClampedArray(4 * side * side).fill(255)
  for (const [x = 0, y = 0, run = 0] of runs)
    for (let row = 5 * y; row < 5 * (y + 1); row++)
      for (let column = 5 * x; column < 5 * (x + run); column++)
        data.fill(0, 4 * (row * side + column), 4 * (row * side + column) + 3)
  return jsQR(data, side, side)?.data
}

it('a card as a file has its code drawn, and it says what the answer says', () => {
  const input = GOOD['hookup-card'] as { readonly heading: object }
  const code = {
    job: '01950000-0000-7000-8000-0000000000a1',
    date: '2026-11-28',
    site: 'Gull Street 4',
    unitName: 'North',
    readings: [{ mode: 'cooling', amps: 1.3 }],
  }
  const result = runHere('hookup-card', { ...input, heading: { ...input.heading, code } })
  const output = (result as { readonly output: { readonly svg: string; readonly code: string } }).output
  expect(output.code).toContain('SITE Gull Street 4')
  expect(read(output.svg)).toBe(output.code)
})
