// The camera's picture, and a look at it for a code until one is found.
import { useCallback } from 'react'
import { View } from 'react-native'
import { readCodePhoto } from '../../platform/reading/reader'
import { useCamera } from '../../platform/reading/use-camera'
import { Problem } from '../../ui/Problem'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

export interface LiveCodeProps {
  readonly onFound: (text: string) => void
  readonly onFailed: (error: unknown) => void
}

export function LiveCode({ onFound, onFailed }: LiveCodeProps) {
  const palette = usePalette()
  const look = useCallback(
    async (frame: ImageData) => {
      try {
        const text = await readCodePhoto(frame)
        if (text !== null) onFound(text)
      } catch (error) {
        onFailed(error)
      }
    },
    [onFound, onFailed],
  )
  const { video, wrong } = useCamera(look)
  if (wrong) return <Problem text={wrong} testID="camera-problem" />
  return (
    <View style={{ gap: 8 }}>
      <video
        ref={video}
        data-testid="camera"
        aria-label="What the camera sees"
        muted
        playsInline
        style={{
          width: '100%',
          aspectRatio: '4 / 3',
          objectFit: 'cover',
          borderRadius: 10,
          border: `2px solid ${palette.ink}`,
          background: palette.surface,
        }}
      />
      <Words size="small" tone="quiet" live>
        Hold the code of the card before the camera, a hand’s breadth away.
      </Words>
    </View>
  )
}
