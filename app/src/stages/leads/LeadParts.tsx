// Leads and pairs as keys: a press reads one.
import { useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { ColourCode, Insulation } from '@oak/core/motor/colour'
import type { FindLeadsOutput } from '@oak/core/operations/find-leads'
import { useReadingText } from '../../parts/meter/units'
import { Sheet } from '../../ui/Sheet'
import { SwatchGrid, WirePiece } from '../../ui/Swatch'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { pairProbe, pairsOf } from './leads-model'

/** A lead; a press reads it to the frame. */
export function LeadChip({
  name,
  lead,
  frame,
  onFrame,
}: {
  readonly name: string
  readonly lead: Insulation
  readonly frame: string | null
  readonly onFrame: () => void
}) {
  const palette = usePalette()
  return (
    <Tap
      label={`${name}, to the frame: ${frame ?? 'not read'}`}
      testID={`frame-${name}`}
      onPress={onFrame}
      style={{
        borderRadius: 8,
        borderWidth: 1.5,
        borderColor: palette.edge,
        backgroundColor: palette.surface,
        paddingHorizontal: 8,
        alignItems: 'center',
      }}
    >
      <WirePiece insulation={lead} width={50} />
      <Words size="tiny">{name}</Words>
      <Words size="tiny" tone="quiet">
        {frame ? `frame ${frame}` : 'to frame'}
      </Words>
    </Tap>
  )
}

export function Pairs({
  job,
  names,
  again,
  onAsk,
}: {
  readonly job: JobDocument
  readonly names: readonly string[]
  readonly again: FindLeadsOutput['readAgain']
  readonly onAsk: (a: string, b: string) => void
}) {
  const readingText = useReadingText()
  const palette = usePalette()
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {pairsOf(names.length).map(([i, j]) => {
        const [a, b] = [names[i] as string, names[j] as string]
        const reading = job.measurements[pairProbe(i, j)]
        const wrong = again.some((pair) => pair.includes(a) && pair.includes(b))
        return (
          <Tap
            key={`${i}-${j}`}
            testID={`ohms-${a}-${b}`}
            label={`${a} to ${b}: ${reading ? readingText(reading) : 'not read'}${wrong ? ', read again' : ''}`}
            onPress={() => onAsk(a, b)}
            style={{
              width: '31%',
              flexGrow: 1,
              borderRadius: 8,
              borderWidth: wrong ? 3 : 1.5,
              borderStyle: reading ? 'solid' : 'dashed',
              borderColor: wrong ? palette.stop : palette.edge,
              paddingHorizontal: 6,
              alignItems: 'center',
            }}
          >
            <Words size="tiny" lines={1}>
              {a} – {b}
            </Words>
            <Words size="strong" lines={1}>
              {reading ? readingText(reading) : '–'}
              {wrong ? ' again' : ''}
            </Words>
          </Tap>
        )
      })}
    </View>
  )
}

export function AddLead({
  onAdd,
  onClose,
}: {
  readonly onAdd: (lead: Insulation) => void
  readonly onClose: () => void
}) {
  const [colour, setColour] = useState<ColourCode | null>(null)
  return (
    <Sheet title={colour ? 'Its stripe' : 'The lead’s colour'} open onClose={onClose} testID="add-lead-sheet">
      {colour ? (
        <SwatchGrid
          label="Stripe"
          none="no stripe"
          value={null}
          onPick={(stripe) => onAdd({ colour, stripe })}
        />
      ) : (
        <SwatchGrid label="Colour" value={null} onPick={(code) => code && setColour(code)} />
      )}
    </Sheet>
  )
}
