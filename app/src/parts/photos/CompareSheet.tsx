// Two photos laid over each other, with a divider that is pulled; the pins of each stay where they are on it.
import { useState } from 'react'
import { View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import { ReactCompareSlider } from 'react-compare-slider'
import type { Photo } from '@oak/core/job/fields'
import { PickOne } from '../../ui/PickOne'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { photoNames, usualPair, within, type Photos } from './before-after'
import { PinBadge, PIN_SIZE } from './PinBadge'
import { usePhoto } from './use-photo'

export function CompareSheet({ photos, onClose }: { readonly photos: Photos; readonly onClose: () => void }) {
  const palette = usePalette()
  const [pair, setPair] = useState(() => usualPair(photos))
  if (!pair) return null
  const [before, after] = [photos[pair.before], photos[pair.after]]
  if (!before || !after) return null
  const options = photoNames(photos)
  const pins = [
    ...before.pins.map((pin, i) => `Left ${i + 1}: ${pin.words}`),
    ...after.pins.map((pin, i) => `Right ${i + 1}: ${pin.words}`),
  ]
  return (
    <Sheet title="Before and after" open onClose={onClose} testID="compare-sheet">
      <View
        testID="compare"
        style={{
          width: '100%',
          aspectRatio: before.width / before.height,
          borderRadius: 8,
          overflow: 'hidden',
          borderWidth: 1.5,
          borderColor: palette.ink,
        }}
      >
        <ReactCompareSlider
          itemOne={<Laid key={pair.before} photo={pair.before} facts={before} frame={before} />}
          itemTwo={<Laid key={pair.after} photo={pair.after} facts={after} frame={before} />}
          style={{ width: '100%', height: '100%' }}
        />
      </View>
      <Words size="small" tone="quiet">
        Pull the divider, or move it with the arrow keys.
      </Words>
      <PickOne
        label="Left"
        options={options.filter((o) => o.value !== pair.after)}
        value={pair.before}
        onPick={(id) => setPair({ ...pair, before: id })}
        testID="compare-left"
      />
      <PickOne
        label="Right"
        options={options.filter((o) => o.value !== pair.before)}
        value={pair.after}
        onPick={(id) => setPair({ ...pair, after: id })}
        testID="compare-right"
      />
      {pins.map((words) => (
        <Words key={words} size="small">
          {words}
        </Words>
      ))}
    </Sheet>
  )
}

/** One photo in the frame of the other, with its pins. */
function Laid({
  photo,
  facts,
  frame,
}: {
  readonly photo: string
  readonly facts: Photo
  readonly frame: Photo
}) {
  const palette = usePalette()
  const url = usePhoto(photo)
  const { left, top, width, height } = within(facts, frame)
  const percent = (share: number) => `${share * 100}%` as const
  if (url === 'missing')
    return (
      <View style={{ padding: 12, backgroundColor: palette.surface, height: '100%' }}>
        <Words size="small">This picture is not on this device.</Words>
      </View>
    )
  return (
    <View style={{ width: '100%', height: '100%', backgroundColor: palette.surface }}>
      <View
        style={{
          position: 'absolute',
          left: percent(left),
          top: percent(top),
          width: percent(width),
          height: percent(height),
        }}
      >
        {url ? (
          <NamedImage
            url={url}
            name={facts.caption || 'photo'}
            style={{ width: '100%', height: '100%' }}
            resizeMode="stretch"
          />
        ) : null}
        {facts.pins.map((pin, i) => (
          <View
            key={`${pin.x} ${pin.y} ${i}`}
            testID={`laid-pin-${photo}-${i}`}
            style={{
              position: 'absolute',
              pointerEvents: 'none',
              left: percent(pin.x),
              top: percent(pin.y),
              marginLeft: -PIN_SIZE / 2,
              marginTop: -PIN_SIZE / 2,
            }}
          >
            <PinBadge number={i + 1} />
          </View>
        ))}
      </View>
    </View>
  )
}
