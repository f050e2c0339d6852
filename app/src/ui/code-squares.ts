// A QR code as one path of squares.
import { create } from 'qrcode'
import { CODE_LEVEL, squaresOf, type CodeSquares } from '@oak/core/job/card/code/squares'

export const codeSquares = (text: string): CodeSquares =>
  squaresOf(create(text, { errorCorrectionLevel: CODE_LEVEL }).modules)
