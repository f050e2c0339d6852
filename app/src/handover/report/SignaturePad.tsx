// A name drawn with a finger: strokes as a path, 1000 across.
import { useRef, useState } from 'react'
import { View } from 'react-native'
import Svg, { Path } from 'react-native-svg'
import { QuietButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

const HEIGHT = 112

export function SignaturePad({ onChange }: { readonly onChange: (path: string | null) => void }) {
  const palette = usePalette()
  const [path, setPath] = useState('')
  const drawing = useRef(false)
  const add = (event: React.PointerEvent, command: 'M' | 'L') => {
    const box = event.currentTarget.getBoundingClientRect()
    const scale = 1000 / box.width
    const at = (x: number) => Math.max(0, Math.round(x * scale))
    const next = `${path}${command}${at(event.clientX - box.left)} ${at(event.clientY - box.top)}`
    if (next.length > 39_000) return
    setPath(next)
    onChange(next)
  }
  return (
    <View style={{ gap: 8 }}>
      <Words size="small" tone="quiet">
        Draw it, or leave it typed.
      </Words>
      <div
        data-testid="signature"
        role="img"
        aria-label={path ? 'A signature is drawn' : 'Field for a drawn signature'}
        style={{
          height: HEIGHT,
          border: `2px solid ${palette.ink}`,
          borderRadius: 10,
          background: palette.surface,
          touchAction: 'none',
        }}
        onPointerDown={(e) => {
          drawing.current = true
          e.currentTarget.setPointerCapture(e.pointerId)
          add(e, 'M')
        }}
        onPointerMove={(e) => (drawing.current ? add(e, 'L') : undefined)}
        onPointerUp={() => {
          drawing.current = false
        }}
      >
        <Svg width="100%" height={HEIGHT} viewBox="0 0 1000 320" preserveAspectRatio="xMinYMin meet">
          <Path
            d={path}
            fill="none"
            stroke={palette.ink}
            strokeWidth={7}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </Svg>
      </div>
      <QuietButton
        text="Draw it again"
        icon="undo"
        disabled={path === ''}
        onPress={() => {
          setPath('')
          onChange(null)
        }}
        testID="signature-clear"
      />
    </View>
  )
}
