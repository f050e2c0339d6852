// What a printer makes of a code's path: black and white pixels, for another library to read.

/** `d`: runs of squares as core/job/card/code/squares draws them; `width`: of the whole, in squares; `each`: pixels a square. */
export function printedCode({ d, width }: { readonly d: string; readonly width: number }, each: number) {
  const side = width * each
  const data = new Uint8ClampedArray(side * side * 4).fill(255)
  for (const [, x = '', y = '', run = ''] of d.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
    for (let row = Number(y) * each; row < (Number(y) + 1) * each; row++)
      for (let column = Number(x) * each; column < (Number(x) + Number(run)) * each; column++)
        data.fill(0, 4 * (row * side + column), 4 * (row * side + column) + 3)
  return { data, side }
}
