// A new line of the estimate: part or labour, how much of it, at what price. What is wrong stands beside what it is wrong with.
import { valibotResolver } from '@hookform/resolvers/valibot'
import { useState } from 'react'
import { useController, useForm, type Control } from 'react-hook-form'
import { View } from 'react-native'
import { v4 as uuid } from 'uuid'
import { moneyText } from '@oak/core/job/report/estimate'
import { figure } from '@oak/core/quantity/display'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { FigureTap } from '../../ui/FigureTap'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'
import { EstimateLineForm, NEW_LINE, type LineForm } from './estimate-line-form'

export function LineSheet({ id, onClose }: { readonly id: string; readonly onClose: () => void }) {
  const { control, handleSubmit } = useForm<LineForm, unknown, LineForm>({
    defaultValues: NEW_LINE,
    resolver: valibotResolver(EstimateLineForm),
    // Focus goes to the field in words below, not to an input: figures are entered on a pad.
    shouldFocusError: false,
  })
  const [wrong, setWrong] = useState<string | null>(null)
  const add = handleSubmit((line) => {
    const refused = editJob(id, [{ path: ['estimateLines', uuid()], value: line }])
    if (refused) setWrong(refused)
    else onClose()
  })
  const kind = useController({ control, name: 'kind' }).field
  const text = useController({ control, name: 'text' })
  const taxed = useController({ control, name: 'taxed' }).field
  return (
    <Sheet title="A line of the estimate" open onClose={onClose} testID="line-of-estimate">
      <Choice<'part' | 'labour'>
        label="Kind"
        testID="line-kind"
        value={kind.value}
        onChange={kind.onChange}
        options={[
          { value: 'labour', text: 'labour' },
          { value: 'part', text: 'part' },
        ]}
      />
      <TextField
        label="For what"
        value={text.field.value}
        onChangeText={text.field.onChange}
        onBlur={text.field.onBlur}
        problem={text.fieldState.error?.message}
        maxLength={300}
        testID="line-text"
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Count control={control} isLabour={kind.value === 'labour'} />
        <Price control={control} isLabour={kind.value === 'labour'} />
      </View>
      <Choice<'yes' | 'no'>
        label="Taxed"
        testID="line-taxed"
        value={taxed.value ? 'yes' : 'no'}
        onChange={(value) => taxed.onChange(value === 'yes')}
        options={[
          { value: 'yes', text: 'taxed' },
          { value: 'no', text: 'not taxed' },
        ]}
      />
      <Problem text={wrong} testID="line-problem" />
      <PrimaryButton text="Add it" onPress={() => void add()} testID="line-add" />
    </Sheet>
  )
}

interface FigureProps {
  readonly control: Control<LineForm, unknown, LineForm>
  readonly isLabour: boolean
}

function Count({ control, isLabour }: FigureProps) {
  const [open, setOpen] = useState(false)
  const { field, fieldState } = useController({ control, name: 'hundredths' })
  return (
    <View style={{ flex: 1 }}>
      <FigureTap
        text={figure(field.value / 100)}
        what={isLabour ? 'hours' : 'how many'}
        onPress={() => setOpen(true)}
        testID="line-count"
      />
      <Problem text={fieldState.error?.message} testID="line-count-problem" />
      {open ? (
        <NumberPad
          open
          title={isLabour ? 'Hours' : 'How many'}
          unit={isLabour ? 'h' : ''}
          value={field.value / 100}
          onClose={() => setOpen(false)}
          onSet={(count) => {
            if (count <= 0) return 'It must be above 0.'
            field.onChange(Math.round(count * 100))
            return null
          }}
        />
      ) : null}
    </View>
  )
}

function Price({ control, isLabour }: FigureProps) {
  const [open, setOpen] = useState(false)
  const { field, fieldState } = useController({ control, name: 'cents' })
  const cents = field.value
  return (
    <View style={{ flex: 1 }}>
      <FigureTap
        text={cents === null ? '–' : moneyText(cents)}
        what={isLabour ? 'an hour' : 'each'}
        more={cents === null ? 'price, not entered' : 'price'}
        onPress={() => setOpen(true)}
        testID="line-price"
      />
      <Problem text={fieldState.error?.message} testID="line-price-problem" />
      {open ? (
        <NumberPad
          open
          title="Price"
          unit="$"
          value={cents === null ? null : cents / 100}
          onClose={() => setOpen(false)}
          onSet={(dollars) => {
            if (Math.abs(dollars * 100 - Math.round(dollars * 100)) > 1e-6)
              return 'The price has two decimals at most.'
            field.onChange(Math.round(dollars * 100))
            return null
          }}
        />
      ) : null}
    </View>
  )
}
