// The piece of the picture that a figure was read from: what a person holds it against.
import { View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import type { Box } from '@oak/core/label/photo/words'
import { usePalette } from '../../ui/theme'

export interface CutoutProps {
  readonly url: string
  /** The picture's own sides, px. */
  readonly width: number
  readonly height: number
  /** In thousandths of the longer side. */
  readonly box: Box
  readonly label: string
  /** px that it may take. */
  readonly widest?: number
  readonly highest?: number
}

const UNITS = 1000
const WIDEST = 150
const HIGHEST = 44
/** What is shown around it, as a share of its height. */
const EDGE = 0.3

export function Cutout({ url, width, height, box, label, widest = WIDEST, highest = HIGHEST }: CutoutProps) {
  const palette = usePalette()
  const [w, h] = [box.x1 - box.x0, box.y1 - box.y0]
  const edge = EDGE * h
  const scale = Math.min(widest / (w + 2 * edge), highest / (h + 2 * edge))
  const longer = Math.max(width, height)
  return (
    <View
      style={{
        width: (w + 2 * edge) * scale,
        height: (h + 2 * edge) * scale,
        overflow: 'hidden',
        borderWidth: 1.5,
        borderColor: palette.edge,
        borderRadius: 4,
      }}
    >
      <NamedImage
        url={url}
        name={label}
        style={{
          position: 'absolute',
          left: (edge - box.x0) * scale,
          top: (edge - box.y0) * scale,
          width: (width / longer) * UNITS * scale,
          height: (height / longer) * UNITS * scale,
        }}
        resizeMode="stretch"
      />
    </View>
  )
}
