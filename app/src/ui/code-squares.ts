// A QR code as one path of squares.
import { create } from 'qrcode'
import { CODE_LEVEL, squaresOf, type CodeSquares } from '@oak/core/job/card/code/squares'

export function codeSquares(text: string): CodeSquares {
  const { modules } = create(text, { errorCorrectionLevel: CODE_LEVEL })
  return squaresOf({ size: modules.size, get: (row, column) => modules.get(row, column) })
}
