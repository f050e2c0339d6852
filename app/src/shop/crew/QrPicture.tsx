// A QR code, black on white by day and by night: cameras read no other.
import { create } from 'qrcode'
import { useMemo } from 'react'
import Svg, { Path, Rect } from 'react-native-svg'

/** ISO/IEC 18004, 6.3.8: four modules of nothing around it. */
const QUIET = 4

interface QrPictureProps {
  readonly text: string
  /** What it leads to, for the ear. */
  readonly label: string
  readonly size?: number
}

export function QrPicture({ text, label, size = 220 }: QrPictureProps) {
  const { d, width } = useMemo(() => drawing(text), [text])
  return (
    <Svg
      viewBox={`0 0 ${width} ${width}`}
      width={size}
      height={size}
      role="img"
      aria-label={label}
      testID="qr"
    >
      <Rect width={width} height={width} fill="#fff" />
      <Path d={d} fill="#000" />
    </Svg>
  )
}

function drawing(text: string) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' })
  const squares: string[] = []
  for (let y = 0; y < modules.size; y++)
    for (let x = 0; x < modules.size; x++)
      if (modules.get(y, x)) squares.push(`M${x + QUIET} ${y + QUIET}h1v1h-1z`)
  return { d: squares.join(''), width: modules.size + 2 * QUIET }
}
