// A photo with four corners to drag to those of the plate; by keyboard each is moved with the arrows.
import { useDrag } from '@use-gesture/react'
import { useRef, useState, type RefObject } from 'react'
import { View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import Svg, { Path, Text } from 'react-native-svg'
import type { Corners, Share, Top } from '../../platform/reading/straighten'
import { FONT, usePalette } from '../../ui/theme'
import { CORNER_NAMES, movedCorner } from './corners'

export interface CornersPictureProps {
  readonly url: string
  readonly width: number
  readonly height: number
  readonly corners: Corners
  /** The side that is the plate’s top. */
  readonly top: Top
  readonly onChange: (corners: Corners) => void
}

/** The outline of a word lies under its letters. */
const OUTLINE_FIRST = { paintOrder: 'stroke' } as object
const HANDLE = 48
const HIGHEST = 420

export function CornersPicture({ url, width, height, corners, top, onChange }: CornersPictureProps) {
  const palette = usePalette()
  const [shown, setShown] = useState({ width: 1, height: 1 })
  const at = ({ x, y }: Share) => `${x * shown.width} ${y * shown.height}`
  const move = (index: number, to: Share) => onChange(movedCorner(corners, index, to))
  return (
    <View
      onLayout={(e) => setShown(e.nativeEvent.layout)}
      testID="corners"
      // As high as a sheet has room for, and never stretched.
      style={{
        width: '100%',
        maxWidth: (HIGHEST * width) / height,
        aspectRatio: width / height,
        alignSelf: 'center',
      }}
    >
      <NamedImage
        url={url}
        name="The photo"
        style={{ width: '100%', height: '100%', borderRadius: 6 }}
        resizeMode="stretch"
      />
      <View style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}>
        <Svg width="100%" height="100%" aria-hidden>
          <Path
            d={`M${corners.map(at).join('L')}Z`}
            fill="none"
            stroke={palette.ground}
            strokeWidth={6}
            strokeLinejoin="round"
          />
          <Path
            d={`M${corners.map(at).join('L')}Z`}
            fill="none"
            stroke={palette.action}
            strokeWidth={3}
            strokeLinejoin="round"
          />
          <Path
            d={`M${at(corners[top])}L${at(corners[((top + 1) % 4) as Top])}`}
            stroke={palette.action}
            strokeWidth={9}
            strokeLinecap="round"
          />
          <Text
            x={((corners[top].x + corners[((top + 1) % 4) as Top].x) / 2) * shown.width}
            y={((corners[top].y + corners[((top + 1) % 4) as Top].y) / 2) * shown.height + 6}
            textAnchor="middle"
            fontFamily={FONT}
            fontSize={17}
            fontWeight={700}
            fill={palette.action}
            stroke={palette.ground}
            strokeWidth={5}
            {...OUTLINE_FIRST}
          >
            top
          </Text>
        </Svg>
      </View>
      {corners.map((corner, i) => (
        <Handle key={i} index={i} corner={corner} shown={shown} onMove={(to) => move(i, to)} />
      ))}
    </View>
  )
}

interface HandleProps {
  readonly index: number
  readonly corner: Share
  readonly shown: { readonly width: number; readonly height: number }
  readonly onMove: (to: Share) => void
}

const STEP = 0.01
const ARROWS: Readonly<Record<string, Share>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
}

function Handle({ index, corner, shown, onMove }: HandleProps) {
  const palette = usePalette()
  const handle = useRef<View>(null)
  useDrag(({ offset: [x, y] }) => onMove({ x: x / shown.width, y: y / shown.height }), {
    target: handle as unknown as RefObject<HTMLElement>,
    from: () => [corner.x * shown.width, corner.y * shown.height],
    pointer: { keys: false },
  })
  const byKey = {
    tabIndex: 0,
    role: 'slider',
    'aria-label': `Corner of the plate, ${CORNER_NAMES[index]}`,
    'aria-valuemin': 0,
    'aria-valuemax': 100,
    'aria-valuenow': Math.round(100 * corner.x),
    'aria-valuetext': `${Math.round(100 * corner.x)} % from the left, ${Math.round(100 * corner.y)} % from the top`,
    onKeyDown: (event: { readonly key: string; preventDefault: () => void }) => {
      const by = ARROWS[event.key]
      if (!by) return
      event.preventDefault()
      onMove({ x: corner.x + by.x, y: corner.y + by.y })
    },
  } as object
  return (
    <View
      ref={handle}
      testID={`corner-${index}`}
      {...byKey}
      style={
        {
          position: 'absolute',
          left: corner.x * shown.width - HANDLE / 2,
          top: corner.y * shown.height - HANDLE / 2,
          width: HANDLE,
          height: HANDLE,
          alignItems: 'center',
          justifyContent: 'center',
          touchAction: 'none',
          cursor: 'grab',
        } as object
      }
    >
      <View
        style={{
          width: 26,
          height: 26,
          borderRadius: 13,
          borderWidth: 4,
          borderColor: palette.action,
          backgroundColor: palette.ground,
        }}
      />
    </View>
  )
}
