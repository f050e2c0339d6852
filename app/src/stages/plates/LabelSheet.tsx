// A line of a plate, typed or pasted: what was understood of it stands piece by piece below, and what can be read two ways is asked.
import { Problem } from '../../ui/Problem'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import type { LabelReading } from '@oak/core/label/read-label'
import type { PlateName } from '../../parts/plates/plate-fields'
import { useOperation } from '../../parts/frame/use-operation'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { Group, Option } from '../../ui/Group'

export interface LabelSheetProps {
  readonly title: string
  /** The plate it is typed on. */
  readonly plate: PlateName
  readonly example: string
  readonly start: string
  readonly onClose: () => void
  /** Keeps what was read; returns what is wrong with it, or null. */
  readonly onKeep: (text: string, reading: LabelReading) => string | null
}

const MAX_LINE = 400

export function LabelSheet({ title, plate, example, start, onClose, onKeep }: LabelSheetProps) {
  const [text, setText] = useState(start)
  const [answers, setAnswers] = useState<Readonly<Record<string, string>>>({})
  const [wrong, setWrong] = useState<string | null>(null)
  const input = useMemo(
    () => (text.trim() ? { text, answers, typedOn: plate } : null),
    [text, answers, plate],
  )
  const result = useOperation('read-label', input)
  const reading = result?.ok ? (result.output as LabelReading) : null
  const open = reading?.questions.find((q) => !q.options.some((o) => o.id === answers[q.id]))
  const something = reading !== null && (reading.capacitor ?? reading.motor ?? reading.unit) !== null
  return (
    <Sheet title={title} open onClose={onClose} testID="label-sheet">
      <TextField
        label={`As it is printed, such as ${example}`}
        value={text}
        onChangeText={(next) => {
          setText(next)
          setAnswers({})
          setWrong(null)
        }}
        maxLength={MAX_LINE}
        multiline
        autoFocus
        testID="label-line"
      />
      <Problem text={result && !result.ok ? result.error.message : null} testID="label-problem" />
      {reading ? <Pieces reading={reading} /> : null}
      {reading?.questions.map((q) => (
        <View key={q.id} style={{ gap: 8 }} testID="label-question">
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <VerdictMark verdict="cannotTell" size={24} />
            <Words size="strong" style={{ flex: 1 }}>
              {q.text}
            </Words>
          </View>
          <Options
            label={q.text}
            options={q.options}
            value={answers[q.id] ?? null}
            onPick={(option) => setAnswers({ ...answers, [q.id]: option })}
          />
        </View>
      ))}
      <Problem text={wrong} />
      <PrimaryButton
        text={open ? 'Choose which it is' : 'Keep what was understood'}
        disabled={!something || open !== undefined}
        icon="check"
        onPress={() => {
          if (!reading) return
          const problem = onKeep(text, reading)
          setWrong(problem)
          if (!problem) onClose()
        }}
        testID="keep-label"
      />
    </Sheet>
  )
}

const KIND_WORDS: Readonly<Record<LabelReading['kind'], string>> = {
  capacitor: 'Read as a capacitor’s label',
  motor: 'Read as a motor’s plate',
  unit: 'Read as a unit’s plate',
  nothing: 'No figure on this line was recognised. Type it as it is printed, with its units.',
}

function Pieces({ reading }: { readonly reading: LabelReading }) {
  const palette = usePalette()
  const shown = reading.pieces.filter((p) => p.kind !== 'other')
  return (
    <View style={{ gap: 8 }} testID="label-pieces">
      <Words size="small" tone={reading.kind === 'nothing' ? 'stop' : 'quiet'} live>
        {KIND_WORDS[reading.kind]}
      </Words>
      {shown.map((p) => (
        <View key={p.from} style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <View
            style={{
              borderBottomWidth: 3,
              borderColor: palette.ink,
              backgroundColor: palette.surface,
              paddingHorizontal: 6,
              paddingVertical: 2,
            }}
          >
            <Words size="strong">{p.text}</Words>
          </View>
          <Words style={{ flex: 1 }}>{p.means}</Words>
        </View>
      ))}
      {reading.unread.length > 0 ? (
        <Words size="small" tone="quiet">
          Not understood, and left alone: {reading.unread.join(' ')}
        </Words>
      ) : null}
    </View>
  )
}

function Options({
  label,
  options,
  value,
  onPick,
}: {
  readonly label: string
  readonly options: LabelReading['questions'][number]['options']
  readonly value: string | null
  readonly onPick: (id: string) => void
}) {
  return (
    <Group label={label} style={{ gap: 8 }}>
      {options.map((option) => {
        const on = option.id === value
        return (
          <Option
            key={option.id}
            selected={on}
            label={option.words}
            testID={`option-${option.id}`}
            onPress={() => onPick(option.id)}
            style={{
              borderRadius: 10,
              paddingHorizontal: 12,
              minHeight: 52,
            }}
          >
            <Words size={on ? 'strong' : 'body'}>{option.words}</Words>
          </Option>
        )
      })}
    </Group>
  )
}
