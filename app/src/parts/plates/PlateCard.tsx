// A plate as it is riveted to the machine: its figures to press, blanks shown as blanks.
import type { ReactNode } from 'react'
import { useState } from 'react'
import { View } from 'react-native'
import { IconTap } from '../../ui/IconTap'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import type { PlateField } from './plate-fields'
import { Group, Option } from '../../ui/Group'

export interface PlateCardProps {
  readonly title: string
  readonly testID: string
  readonly fields: readonly PlateField[]
  /** Changes a figure; returns what is wrong with it, or null. */
  readonly onChange: (key: string, value: string | number | null) => string | null
  /** Types a line of it; left out where there is nothing printed. */
  readonly onRead?: () => void
  /** Reads it from a photo. */
  readonly onPhoto?: () => void
  readonly children?: ReactNode
}

export function PlateCard({ title, testID, fields, onChange, onRead, onPhoto, children }: PlateCardProps) {
  const palette = usePalette()
  const [open, setOpen] = useState<string | null>(null)
  const field = fields.find((f) => f.key === open)
  return (
    <View
      testID={testID}
      style={{
        borderRadius: 12,
        borderWidth: 2.5,
        borderColor: palette.ink,
        backgroundColor: palette.surface,
        padding: 10,
        gap: 8,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Rivet />
        <Words size="strong" heading={2} style={{ flex: 1 }}>
          {title}
        </Words>
        {onPhoto ? (
          <IconTap
            icon="camera"
            label={`Read it from a photo: ${title}`}
            testID={`${testID}-photo`}
            onPress={onPhoto}
          />
        ) : null}
        {onRead ? (
          <SmallButton
            text="Type a line"
            label={`Type a line of it: ${title}`}
            testID={`${testID}-read`}
            onPress={onRead}
          />
        ) : null}
        <Rivet />
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <FieldTiles fields={fields} testID={testID} title={title} setOpen={setOpen} />
      </View>
      {children}
      {field?.entry.kind === 'number' ? (
        <NumberPad
          open
          title={`${title}: ${field.label}`}
          unit={field.entry.unit}
          value={field.entry.value}
          onClose={() => setOpen(null)}
          onSet={(value) => onChange(field.key, value)}
          extra={
            field.text === null ? undefined : (
              <QuietButton
                text="Not readable: leave it blank"
                onPress={() => {
                  if (!onChange(field.key, null)) setOpen(null)
                }}
              />
            )
          }
        />
      ) : null}
      {field?.entry.kind === 'pick' ? (
        <PickSheet
          title={`${title}: ${field.label}`}
          entry={field.entry}
          onClose={() => setOpen(null)}
          onPick={(value) => {
            if (!onChange(field.key, value === '' ? null : value)) setOpen(null)
          }}
        />
      ) : null}
    </View>
  )
}

interface FieldTilesProps {
  readonly fields: readonly PlateField[]
  readonly testID: string
  readonly title: string
  readonly setOpen: (value: string | null) => void
}

function FieldTiles({ fields, testID, title, setOpen }: FieldTilesProps) {
  const palette = usePalette()
  return (
    <>
      {fields.map((f) => (
        <Tap
          key={f.key}
          testID={`${testID}-${f.key}`}
          more={`${title}${f.text === null ? ', blank' : ''}`}
          onPress={() => setOpen(f.key)}
          style={{
            width: '31%',
            flexGrow: 1,
            borderRadius: 6,
            borderWidth: 1.5,
            borderStyle: f.text === null ? 'dashed' : 'solid',
            borderColor: palette.edge,
            paddingHorizontal: 8,
            paddingVertical: 4,
            minHeight: 54,
          }}
        >
          <Words size="strong" lines={2}>
            {f.text ?? '–'}
          </Words>
          <Words size="tiny" tone="quiet" lines={1}>
            {f.label}
          </Words>
        </Tap>
      ))}
    </>
  )
}

function PickSheet({
  title,
  entry,
  onClose,
  onPick,
}: {
  readonly title: string
  readonly entry: Extract<PlateField['entry'], { kind: 'pick' }>
  readonly onClose: () => void
  readonly onPick: (value: string) => void
}) {
  return (
    <Sheet title={title} open onClose={onClose} testID="pick-sheet">
      <Group label={title} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {entry.options.map((option) => {
          const on = option.value === entry.value
          return (
            <Option
              key={option.value}
              selected={on}
              label={option.text}
              onPress={() => onPick(option.value)}
              style={{
                minWidth: '30%',
                flexGrow: 1,
                minHeight: 56,
                borderRadius: 10,
                alignItems: 'center',
                paddingHorizontal: 10,
              }}
            >
              <Words size={on ? 'strong' : 'body'}>{option.text}</Words>
            </Option>
          )
        })}
      </Group>
    </Sheet>
  )
}

function Rivet() {
  const palette = usePalette()
  return (
    <View
      aria-hidden
      style={{ width: 10, height: 10, borderRadius: 5, borderWidth: 2, borderColor: palette.edge }}
    />
  )
}
