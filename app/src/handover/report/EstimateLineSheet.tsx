// A new line of the estimate: part or labour, how much of it, at what price.
import { Problem } from '../../ui/Problem'
import { useState } from 'react'
import { View, type ViewStyle } from 'react-native'
import { TextField } from '../../ui/TextField'
import { v4 as uuid } from 'uuid'
import { moneyText } from '@oak/core/job/report/estimate'
import { figure } from '@oak/core/quantity/display'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

export function LineSheet({ id, onClose }: { readonly id: string; readonly onClose: () => void }) {
  const palette = usePalette()
  const [kind, setKind] = useState<'part' | 'labour'>('labour')
  const [text, setText] = useState('')
  const [count, setCount] = useState(1)
  const [dollars, setDollars] = useState<number | null>(null)
  const [taxed, setTaxed] = useState(true)
  const [pad, setPad] = useState<'count' | 'price' | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const add = () => {
    const refused =
      dollars === null
        ? 'Enter the price first.'
        : editJob(id, [
            {
              path: ['estimateLines', uuid()],
              value: {
                kind,
                text,
                hundredths: Math.round(count * 100),
                cents: Math.round(dollars * 100),
                taxed,
              },
            },
          ])
    if (refused) setWrong(refused)
    else onClose()
  }
  const box = {
    flex: 1,
    borderRadius: 8,
    borderWidth: 1.5,
    borderColor: palette.ink,
    backgroundColor: palette.surface,
    paddingHorizontal: 10,
  } as const
  return (
    <Sheet title="A line of the estimate" open onClose={onClose} testID="line-of-estimate">
      <Choice<'part' | 'labour'>
        label="Kind"
        testID="line-kind"
        value={kind}
        onChange={setKind}
        options={[
          { value: 'labour', text: 'labour' },
          { value: 'part', text: 'part' },
        ]}
      />
      <TextField label="For what" value={text} onChangeText={setText} maxLength={300} testID="line-text" />
      <CountAndPrice kind={kind} count={count} setPad={setPad} box={box} dollars={dollars} />
      <Choice<'yes' | 'no'>
        label="Taxed"
        testID="line-taxed"
        value={taxed ? 'yes' : 'no'}
        onChange={(value) => setTaxed(value === 'yes')}
        options={[
          { value: 'yes', text: 'taxed' },
          { value: 'no', text: 'not taxed' },
        ]}
      />
      <Problem text={wrong} testID="line-problem" />
      <PrimaryButton text="Add it" onPress={add} testID="line-add" />
      <CountPad pad={pad} kind={kind} count={count} setPad={setPad} setCount={setCount} />
      <PricePad pad={pad} dollars={dollars} setPad={setPad} setDollars={setDollars} />
    </Sheet>
  )
}

interface PricePadProps {
  readonly pad: 'count' | 'price' | null
  readonly dollars: number | null
  readonly setPad: (value: 'count' | 'price' | null) => void
  readonly setDollars: (value: number | null) => void
}

function PricePad({ pad, dollars, setPad, setDollars }: PricePadProps) {
  return pad === 'price' ? (
    <NumberPad
      open
      title="Price"
      unit="$"
      value={dollars}
      onClose={() => setPad(null)}
      onSet={(x) => {
        if (Math.abs(x * 100 - Math.round(x * 100)) > 1e-6) return 'The price has two decimals at most.'
        setDollars(x)
        return null
      }}
    />
  ) : null
}

interface CountPadProps {
  readonly pad: 'count' | 'price' | null
  readonly kind: 'part' | 'labour'
  readonly count: number
  readonly setPad: (value: 'count' | 'price' | null) => void
  readonly setCount: (value: number) => void
}

function CountPad({ pad, kind, count, setPad, setCount }: CountPadProps) {
  return pad === 'count' ? (
    <NumberPad
      open
      title={kind === 'labour' ? 'Hours' : 'How many'}
      unit={kind === 'labour' ? 'h' : ''}
      value={count}
      onClose={() => setPad(null)}
      onSet={(x) => {
        if (x <= 0) return 'It must be above 0.'
        setCount(x)
        return null
      }}
    />
  ) : null
}

interface CountAndPriceProps {
  readonly kind: 'part' | 'labour'
  readonly count: number
  readonly setPad: (value: 'count' | 'price' | null) => void
  readonly box: ViewStyle
  readonly dollars: number | null
}

function CountAndPrice({ kind, count, setPad, box, dollars }: CountAndPriceProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <Tap testID="line-count" onPress={() => setPad('count')} style={box}>
        <Words size="strong">{figure(count)}</Words>
        <Words size="tiny" tone="quiet">
          {kind === 'labour' ? 'hours' : 'how many'}
        </Words>
      </Tap>
      <Tap
        more={dollars === null ? 'price, not entered' : 'price'}
        testID="line-price"
        onPress={() => setPad('price')}
        style={box}
      >
        <Words size="strong">{dollars === null ? '–' : moneyText(Math.round(dollars * 100))}</Words>
        <Words size="tiny" tone="quiet">
          {kind === 'labour' ? 'an hour' : 'each'}
        </Words>
      </Tap>
    </View>
  )
}
