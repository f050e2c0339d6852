// A QR code as one path of squares, with the quiet edge that a reader needs around it.
import { create } from 'qrcode'

/** ISO/IEC 18004, 6.3.8: four modules of nothing around it. */
const QUIET = 4

/** `d`: a path in modules; `width`: of the whole, in modules, the quiet edge included. Error level M. */
export function codeSquares(text: string): { readonly d: string; readonly width: number } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' })
  const rows: string[] = []
  for (let y = 0; y < modules.size; y++) {
    // Runs of squares, not squares: between two of them some printers leave a hair of white.
    for (let x = 0; x < modules.size; x++) {
      const from = x
      while (x < modules.size && modules.get(y, x)) x++
      if (x > from) rows.push(`M${from + QUIET} ${y + QUIET}h${x - from}v1h${from - x}z`)
    }
  }
  return { d: rows.join(''), width: modules.size + 2 * QUIET }
}
