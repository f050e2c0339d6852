// A wire drawn thick in its own colour, outlined so that yellow and white show on paper, its stripe as a tracer.
// Colour not noted: a thin ink line, dashed while the wire is not traced.
import { G, Path } from 'react-native-svg'
import type { Insulation } from '@oak/core/motor/colour'
import { PAINT, tracerOf } from '@oak/core/motor/paint'
import { usePalette } from './theme'

export interface WirePathProps {
  readonly d: string
  readonly insulation: Insulation | null
  readonly width?: number
  /** Not landed or not traced: drawn broken. */
  readonly broken?: boolean
  readonly emphasis?: 'selected' | 'stop'
}

export function WirePath({ d, insulation, width = 7, broken, emphasis }: WirePathProps) {
  const palette = usePalette()
  const line = { d, fill: 'none', strokeLinecap: 'round', strokeLinejoin: 'round' } as const
  const tracer = insulation && tracerOf(insulation.colour, insulation.stripe)
  const glow = emphasis ? (
    <Path
      {...line}
      stroke={emphasis === 'stop' ? palette.stop : palette.action}
      strokeWidth={width + 9}
      strokeOpacity={0.55}
    />
  ) : null
  if (!insulation)
    return (
      <G>
        {glow}
        <Path
          {...line}
          stroke={palette.ink}
          strokeWidth={Math.min(3, width)}
          strokeDasharray={broken ? '7 6' : undefined}
          strokeLinecap="butt"
        />
      </G>
    )
  const dash = broken ? '14 9' : undefined
  return (
    <G>
      {glow}
      <Path
        {...line}
        stroke={palette.dark ? '#d8cfc0' : palette.ink}
        strokeWidth={width + 2.5}
        strokeDasharray={dash}
      />
      <Path {...line} stroke={PAINT[insulation.colour]} strokeWidth={width} strokeDasharray={dash} />
      {tracer ? (
        <Path
          {...line}
          stroke={tracer}
          strokeWidth={width * 0.42}
          strokeDasharray="8 6"
          strokeLinecap="butt"
        />
      ) : null}
    </G>
  )
}
