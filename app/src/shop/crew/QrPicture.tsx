// A QR code, black on white by day and by night: cameras read no other.
import { useMemo } from 'react'
import Svg, { Path, Rect } from 'react-native-svg'
import { codeSquares } from '../../ui/code-squares'

interface QrPictureProps {
  readonly text: string
  /** What it leads to, for the ear. */
  readonly label: string
  readonly size?: number
}

export function QrPicture({ text, label, size = 220 }: QrPictureProps) {
  const { d, width } = useMemo(() => codeSquares(text), [text])
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
