// A name drawn with a finger, on the kept pad of that name; what is kept are its strokes as a path, 1000 across.
import { useEffect, useEffectEvent, useRef, useState } from 'react'
import { View } from 'react-native'
import Pad, { type PointGroup } from 'signature_pad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { pathOf } from './signature-path'

const HEIGHT = 112

export function SignaturePad({ onChange }: { readonly onChange: (path: string | null) => void }) {
  const palette = usePalette()
  const { canvas, drawn, isCut, clear } = useDrawing(palette.ink, onChange)
  return (
    <View style={{ gap: 8 }}>
      <Words size="small" tone="quiet">
        Draw it, or leave it typed.
      </Words>
      <canvas
        ref={canvas}
        data-testid="signature"
        role="img"
        aria-label={drawn ? 'A signature is drawn' : 'Field for a drawn signature'}
        style={{
          width: '100%',
          height: HEIGHT,
          boxSizing: 'border-box',
          border: `2px solid ${palette.ink}`,
          borderRadius: 10,
          background: palette.surface,
          touchAction: 'none',
        }}
      />
      <Problem
        text={
          isCut
            ? 'It is longer than the record takes: the end of it is not kept. Draw it again, shorter.'
            : null
        }
        testID="signature-cut"
      />
      <QuietButton
        text="Draw it again"
        icon="undo"
        disabled={!drawn}
        onPress={clear}
        testID="signature-clear"
      />
    </View>
  )
}

/** The pad on its canvas; what is drawn, and whether all of it is kept. */
function useDrawing(ink: string, onChange: (path: string | null) => void) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const pad = useRef<Pad>(null)
  const [drawn, setDrawn] = useState(false)
  const [isCut, setIsCut] = useState(false)
  const ended = useEffectEvent(() => {
    if (!canvas.current || !pad.current) return
    const { path, cut } = pathOf(pad.current.toData(), canvas.current.clientWidth)
    setDrawn(path !== '')
    setIsCut(cut)
    onChange(path || null)
  })
  useEffect(() => {
    const element = canvas.current
    if (!element) return
    let width = element.clientWidth
    const made = new Pad(element, { penColor: ink, minWidth: 1, maxWidth: 2.5 })
    const draw = (strokes: readonly PointGroup[], scale: number) => {
      sharpen(element)
      made.fromData(strokes.map((stroke) => scaled(stroke, scale, ink)))
    }
    // Night falls: what is drawn stays.
    draw(pad.current?.toData() ?? [], 1)
    pad.current = made
    made.addEventListener('endStroke', () => ended())
    // The phone is turned over: what is drawn goes with it.
    const turned = () => {
      const strokes = made.toData()
      draw(strokes, element.clientWidth / width)
      width = element.clientWidth
    }
    window.addEventListener('resize', turned)
    return () => {
      made.off()
      window.removeEventListener('resize', turned)
    }
  }, [ink])
  const clear = () => {
    pad.current?.clear()
    setDrawn(false)
    setIsCut(false)
    onChange(null)
  }
  return { canvas, drawn, isCut, clear }
}

/** As many dots as the screen has, and one to a px for the pen. */
function sharpen(canvas: HTMLCanvasElement): void {
  const dots = Math.max(1, window.devicePixelRatio)
  canvas.width = canvas.clientWidth * dots
  canvas.height = canvas.clientHeight * dots
  canvas.getContext('2d')?.scale(dots, dots)
}

const scaled = (stroke: PointGroup, scale: number, penColor: string): PointGroup => ({
  ...stroke,
  penColor,
  points: stroke.points.map((point) => ({ ...point, x: point.x * scale, y: point.y * scale })),
})
