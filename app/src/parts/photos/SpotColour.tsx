// What colour a pin's wire may have, by the picture's own light or by something white that was shown. A proposal: a hand picks it, and it is a note on the pin only.
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { insulationName, type Insulation } from '@oak/core/motor/colour'
import type { Rgb } from '@oak/core/motor/seen-colour/lab'
import type { SeenInsulation } from '@oak/core/motor/seen-colour/seen-insulation'
import { runInWorker } from '../../platform/workers/operations'
import { QuietButton } from '../../ui/PrimaryButton'
import { InsulationLabel } from '../../ui/Swatch'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { meanOf, spotOf, type Place } from './spot'

export interface SpotColourProps {
  readonly photo: string
  readonly at: Place
  /** What was shown to be white in this picture; null: nothing was. */
  readonly white: Rgb | null
  readonly onWhite: (white: Rgb) => void
  readonly onPick: (words: string) => void
}

interface Seen {
  readonly pixels: readonly Rgb[]
  readonly list: readonly SeenInsulation[]
}

export function SpotColour({ photo, at, white, onWhite, onPick }: SpotColourProps) {
  const palette = usePalette()
  const [seen, setSeen] = useState<Seen | null>(null)
  useEffect(() => {
    let stale = false
    void look(photo, at, white)
      .then((found) => {
        if (!stale) setSeen(found)
      })
      .catch((error: unknown) => console.warn('The spot could not be looked at:', error))
    return () => {
      stale = true
    }
  }, [photo, at, white])
  if (!seen || seen.list.length === 0) return null
  return (
    <View style={{ gap: 8 }} testID="spot-colour">
      <Words size="strong">A wire? By its look it may be</Words>
      {seen.list.map(({ insulation }) => (
        <Tap
          key={insulationName(insulation)}
          more="write that on the pin"
          onPress={() => onPick(pinWords(insulation))}
          testID={`looks-${insulationName(insulation).replace(/ /g, '-')}`}
          style={{
            borderWidth: 1.5,
            borderColor: palette.edge,
            borderRadius: 8,
            backgroundColor: palette.surface,
            paddingHorizontal: 10,
          }}
        >
          <InsulationLabel insulation={insulation} />
        </Tap>
      ))}
      <Words size="small" tone="quiet">
        {white
          ? 'By the light of what you showed as white.'
          : 'By the picture’s brightest parts: something white in the same light tells better.'}{' '}
        Light and dirt change a colour: hold it against the wire itself.
      </Words>
      <QuietButton
        text="This spot is something white"
        icon="check"
        onPress={() => onWhite(meanOf(seen.pixels))}
        testID="spot-white"
      />
    </View>
  )
}

/** It is no record of the wire's colour: that is noted by hand, at the wire. */
const pinWords = (insulation: Insulation): string => `looks ${insulationName(insulation)}`

async function look(photo: string, at: Place, white: Rgb | null): Promise<Seen | null> {
  const spot = await spotOf(photo, at)
  if (!spot) return null
  const result = await runInWorker('wire-colour', { pixels: spot.pixels, white: white ?? spot.white })
  if (!result.ok) throw new Error(result.error.message)
  return { pixels: spot.pixels, list: (result.output as { seen: SeenInsulation[] }).seen }
}
