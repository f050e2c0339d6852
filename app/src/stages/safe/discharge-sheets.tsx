// What the discharge goes through and what it takes down, as sheets.
import { Problem } from '../../ui/Problem'
import { useState } from 'react'
import { View } from 'react-native'
import { MAX_MICROFARADS } from '@oak/core/capacitor/can'
import { figure, ohmsText } from '@oak/core/quantity/display'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { Sheet } from '../../ui/Sheet'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { type DischargePanelProps } from './discharge-props'

type Editor = Pick<DischargePanelProps, 'record' | 'onChange'> & { readonly onClose: () => void }

export function ResistorSheet({ record, onChange, onClose }: Editor) {
  const [pad, setPad] = useState<'ohms' | 'watts' | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const usual = [
    { ohms: 20_000, watts: 5 },
    { ohms: 15_000, watts: 2 },
  ]
  const known = usual.find((r) => r.ohms === record.ohms && r.watts === record.watts)
  return (
    <Sheet title="The resistor in hand" open onClose={onClose} testID="resistor-sheet">
      <Choice
        label="Resistor"
        value={known ? `${known.ohms}` : null}
        onChange={(value) => {
          const r = usual.find((u) => `${u.ohms}` === value)
          if (r) {
            setWrong(onChange({ ...record, ...r, startedAt: null }))
            onClose()
          }
        }}
        options={usual.map((r) => ({ value: `${r.ohms}`, text: `${ohmsText(r.ohms)} ${r.watts} W` }))}
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <QuietButton text={ohmsText(record.ohms)} testID="resistor-ohms" onPress={() => setPad('ohms')} />
        </View>
        <View style={{ flex: 1 }}>
          <QuietButton
            text={`${figure(record.watts)} W`}
            testID="resistor-watts"
            onPress={() => setPad('watts')}
          />
        </View>
      </View>
      <Problem text={wrong} />
      <Words size="small" tone="quiet">
        A screwdriver across the posts arcs and damages parts. Use a resistor, then the meter.
      </Words>
      {pad ? (
        <NumberPad
          open
          title={pad === 'ohms' ? 'Resistor' : 'Rated watts'}
          unit={pad === 'ohms' ? 'Ω' : 'W'}
          value={record[pad]}
          onClose={() => setPad(null)}
          onSet={(value) => onChange({ ...record, [pad]: value, startedAt: null })}
        />
      ) : null}
    </Sheet>
  )
}

export function SectionsSheet({
  record,
  assumed,
  onChange,
  onClose,
}: Editor & { readonly assumed: boolean }) {
  const [pad, setPad] = useState<number | null>(null)
  const list = assumed ? [] : record.microfarads
  const put = (i: number, value: number): string | null => {
    if (value > MAX_MICROFARADS) return `No motor capacitor has more than ${MAX_MICROFARADS} µF.`
    return onChange({
      ...record,
      startedAt: null,
      microfarads: i < list.length ? list.map((x, j) => (j === i ? value : x)) : [...list, value],
    })
  }
  return (
    <Sheet title="Sections of the can" open onClose={onClose} testID="sections-sheet">
      {list.map((value, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <QuietButton text={`${figure(value)} µF`} onPress={() => setPad(i)} />
          </View>
          {list.length > 1 ? (
            <QuietButton
              text="Remove"
              icon="trash"
              onPress={() =>
                void onChange({ ...record, startedAt: null, microfarads: list.filter((_, j) => j !== i) })
              }
            />
          ) : null}
        </View>
      ))}
      {list.length < 24 ? (
        <QuietButton
          text="Add a section"
          icon="plus"
          testID="add-discharge-section"
          onPress={() => setPad(list.length)}
        />
      ) : null}
      {pad === null ? null : (
        <NumberPad
          open
          title="Section"
          unit="µF"
          value={list[pad] ?? null}
          onClose={() => setPad(null)}
          onSet={(value) => put(pad, value)}
        />
      )}
    </Sheet>
  )
}
