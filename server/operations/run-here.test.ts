// What this side lends to the operations: the card as a file has its code, read here by another library.
import jsQR from 'jsqr'
import { GOOD } from '@oak/core/operations/testing/inputs'
import { printedCode } from '@oak/core/testing/printed-code'
import { runHere } from './run-here'

/** The code of an SVG file. */
function read(svg: string): string | undefined {
  const d = /<path transform="[^"]*" d="(M\d+ \d+h\d+v1h-\d+z[^"]*)" fill="#000"\/>/.exec(svg)?.[1] ?? ''
  // Its upper right corner square ends where its quiet edge of four begins.
  const right = Math.max(...[...d.matchAll(/M(\d+) \d+h(\d+)/g)].map(([, x, run]) => Number(x) + Number(run)))
  const { data, side } = printedCode({ d, width: right + 4 }, 5)
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
