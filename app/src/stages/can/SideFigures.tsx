// The figures of one side of the old can: as keys, and where each is entered.
import { View } from 'react-native'
import { runningProbe, type CanSide } from '@oak/core/job/inputs/old-can-input'
import { figure } from '@oak/core/quantity/display'
import { type Measurement } from '@oak/core/meter/measurement'
import { ReadingSheet } from '../../parts/meter/ReadingSheet'
import { FigureTap } from '../../ui/FigureTap'
import { NumberPad } from '../../ui/NumberPad'
import { type Draft } from './reading-draft'

export const FIELDS = [
  { key: 'amps', text: 'Amps in the start lead', unit: 'A' },
  { key: 'volts', text: 'Volts across the capacitor', unit: 'V' },
  { key: 'rated', text: 'Rated', unit: 'µF' },
] as const

type ReadingField = (typeof FIELDS)[number]

interface RunningReadingProps {
  readonly field: ReadingField | undefined
  readonly id: string
  readonly side: CanSide
  readonly setOpen: (value: 'volts' | 'amps' | 'rated' | null) => void
  readonly take: (key: 'amps' | 'volts', measurement: Measurement) => string | null
}

export function RunningReading({ field, id, side, setOpen, take }: RunningReadingProps) {
  return field && field.key !== 'rated' ? (
    <ReadingSheet
      job={id}
      title={`${side}: ${field.text.toLowerCase()}`}
      quantity={field.key}
      probe={runningProbe(field.key, side)}
      onClose={() => setOpen(null)}
      onTake={(measurement) => take(field.key, measurement)}
    />
  ) : null
}

interface RatedPadProps {
  readonly field: ReadingField | undefined
  readonly side: CanSide
  readonly now: Draft
  readonly setOpen: (value: 'volts' | 'amps' | 'rated' | null) => void
  readonly set: (key: keyof Draft, value: number) => string | null
}

export function RatedPad({ field, side, now, setOpen, set }: RatedPadProps) {
  return field?.key === 'rated' ? (
    <NumberPad
      open
      title={`${side}: ${field.text.toLowerCase()}`}
      unit={field.unit}
      value={now.rated}
      onClose={() => setOpen(null)}
      onSet={(value) => set('rated', value)}
    />
  ) : null
}

interface FigureKeysProps {
  readonly side: CanSide
  readonly now: Draft
  readonly setOpen: (value: 'volts' | 'amps' | 'rated' | null) => void
}

export function FigureKeys({ side, now, setOpen }: FigureKeysProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {FIELDS.map(({ key, text, unit }) => (
        <View key={key} style={{ flex: 1 }}>
          <FigureTap
            text={`${now[key] === null ? '–' : figure(now[key])} ${unit}`}
            what={key === 'amps' ? 'start lead' : key === 'volts' ? 'across it' : 'rated'}
            more={`${side} ${text}${now[key] === null ? ', not read' : ''}`}
            testID={`${side}-${key}`}
            onPress={() => setOpen(key)}
          />
        </View>
      ))}
    </View>
  )
}
