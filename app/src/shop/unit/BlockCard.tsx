// A block of the unit: what it is, what of it can be chosen, and what is wrong with it, beside it.
import type { ReactNode } from 'react'
import { View } from 'react-native'
import { MODE_NAMES, type Block, type UnitPlan } from '@oak/core/wiring/unit-blocks/plan'
import type { ModeId } from '@oak/core/wiring/unit-type'
import { Choice } from '../../ui/Choice'
import { IconTap } from '../../ui/IconTap'
import { QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { SomeOf } from '../../ui/SomeOf'
import { TextField } from '../../ui/TextField'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { BLOCK_NAMES, MODES_FOR, toggled } from './unit-model'

interface BlockCardProps {
  readonly plan: UnitPlan
  readonly block: Block
  readonly at: number
  readonly problem: string | null
  readonly onChange: (block: Block | null) => void
}

export function BlockCard({ plan, block, at, problem, onChange }: BlockCardProps) {
  const palette = usePalette()
  return (
    <View
      testID={`block-${at}`}
      style={{
        borderWidth: problem ? 3 : 1.5,
        borderColor: problem ? palette.stop : palette.edge,
        borderRadius: 10,
        backgroundColor: palette.surface,
        padding: 10,
        gap: 8,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Words size="strong" heading={3} style={{ flex: 1 }}>
          {BLOCK_NAMES[block.kind]}
        </Words>
        <IconTap
          icon="trash"
          label={`Take out: ${BLOCK_NAMES[block.kind]}`}
          onPress={() => onChange(null)}
          testID={`block-${at}-out`}
        />
      </View>
      <Options plan={plan} block={block} at={at} onChange={onChange} />
      <Problem text={problem} testID={`block-${at}-problem`} />
    </View>
  )
}

type OptionsProps = Omit<BlockCardProps, 'problem' | 'block'>

function Options({ block, ...rest }: OptionsProps & { readonly block: Block }): ReactNode {
  switch (block.kind) {
    case 'contactor':
      return <Contactor block={block} {...rest} />
    case 'fan-relay':
      return (
        <Modes
          {...rest}
          text="Opens in"
          modes={block.opensIn}
          onModes={(opensIn) => rest.onChange({ ...block, opensIn })}
        />
      )
    case 'relay':
      return (
        <Modes
          {...rest}
          text="Closes in"
          modes={block.modes}
          onModes={(modes) => rest.onChange({ ...block, modes })}
        />
      )
    case 'board':
      return <Board block={block} {...rest} />
    case 'thermostat':
      return <Thermostat block={block} {...rest} />
    case 'compressor':
      return <Compressor block={block} {...rest} />
    case 'splice':
      return <Splice block={block} {...rest} />
    case 'fan-can':
    case 'dual-can':
      return null
  }
}

interface ModesProps extends Pick<OptionsProps, 'plan' | 'at'> {
  readonly text: string
  readonly modes: readonly ModeId[]
  readonly onModes: (modes: ModeId[]) => void
  readonly testID?: string
}

function Modes({ plan, at, text, modes, onModes, testID }: ModesProps) {
  const all = MODES_FOR[plan.fan]
  return (
    <View style={{ gap: 4 }}>
      <Words size="small" tone="quiet">
        {text}
      </Words>
      <SomeOf<ModeId>
        label={text}
        options={all.map((value) => ({ value, text: MODE_NAMES[value] }))}
        chosen={modes}
        onToggle={(mode) => onModes(toggled(modes, mode, all))}
        testID={testID ?? `block-${at}-modes`}
      />
    </View>
  )
}

type Of<K extends Block['kind']> = OptionsProps & { readonly block: Extract<Block, { kind: K }> }

function Contactor({ plan, block, at, onChange }: Of<'contactor'>) {
  const poles = plan.feed === 'three' ? ([2, 3] as const) : ([1, 2] as const)
  return (
    <>
      <Choice
        label="Poles"
        testID={`block-${at}-poles`}
        value={String(block.poles)}
        onChange={(value) =>
          onChange({ ...block, poles: poles.find((n) => String(n) === value) ?? block.poles })
        }
        options={poles.map((n) => ({
          value: String(n),
          text: n === 1 ? 'one pole' : n === 2 ? 'two poles' : 'three poles',
        }))}
      />
      <Modes
        plan={plan}
        at={at}
        text="Closed in"
        modes={block.modes}
        onModes={(modes) => onChange({ ...block, modes })}
      />
    </>
  )
}

function Board({ plan, block, at, onChange }: Of<'board'>) {
  const put = (i: number, output: (typeof block.outputs)[number] | null) =>
    onChange({
      ...block,
      outputs: block.outputs.flatMap((held, k) => (k === i ? (output ? [output] : []) : [held])),
    })
  return (
    <>
      {block.outputs.map((output, i) => (
        <View key={i} style={{ gap: 6 }}>
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <View style={{ flex: 1 }}>
              <TextField
                label={`Output ${i + 1}, as it is labelled`}
                value={output.label}
                maxLength={12}
                onChangeText={(label) => put(i, { ...output, label })}
                problem={output.label.trim() === '' ? 'An output has no label.' : undefined}
                testID={`block-${at}-output-${i}`}
              />
            </View>
            <IconTap icon="trash" label={`Take out: output ${output.label}`} onPress={() => put(i, null)} />
          </View>
          <Modes
            plan={plan}
            at={at}
            text={`${output.label || 'It'} is live in`}
            modes={output.modes}
            onModes={(modes) => put(i, { ...output, modes })}
            testID={`block-${at}-output-${i}-modes`}
          />
        </View>
      ))}
      <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
        <QuietButton
          text="An output more"
          icon="plus"
          disabled={block.outputs.length >= 8}
          onPress={() =>
            onChange({
              ...block,
              outputs: [...block.outputs, { label: `OUT ${block.outputs.length + 1}`, modes: [] }],
            })
          }
          testID={`block-${at}-more`}
        />
      </View>
      <Choice
        label="Parking posts"
        testID={`block-${at}-parks`}
        value={String(block.parks)}
        onChange={(value) => onChange({ ...block, parks: Number(value) })}
        options={[0, 1, 2, 3].map((n) => ({
          value: String(n),
          text: n === 0 ? 'no parking' : `${n} parking`,
        }))}
      />
    </>
  )
}

const SPEEDS = ['high', 'medium', 'low'] as const

const Thermostat = ({ block, at, onChange }: Of<'thermostat'>) => (
  <SomeOf
    label="Speeds"
    testID={`block-${at}-speeds`}
    options={SPEEDS.map((value) => ({ value, text: value }))}
    chosen={block.speeds}
    onToggle={(speed) => {
      const speeds = toggled(block.speeds, speed, SPEEDS)
      // One speed at the least: the last stays.
      if (speeds.length > 0) onChange({ ...block, speeds })
    }}
  />
)

const COMPRESSORS = ['shared', 'own', 'three'] as const

function Compressor({ plan, block, at, onChange }: Of<'compressor'>) {
  const value = block.phases === 3 ? 'three' : block.ownCan ? 'own' : 'shared'
  const choices = COMPRESSORS.filter((one) => one !== 'three' || plan.feed === 'three')
  return (
    <Choice
      label="Compressor’s capacitor"
      testID={`block-${at}-compressor`}
      value={value}
      onChange={(next) => onChange({ ...block, phases: next === 'three' ? 3 : 1, ownCan: next === 'own' })}
      options={choices.map((one) => ({
        value: one,
        text: { shared: 'on the dual can', own: 'a can of its own', three: 'three phases' }[one],
      }))}
    />
  )
}

const Splice = ({ plan, block, at, onChange }: Of<'splice'>) =>
  plan.fan === 'blower' ? (
    <Words size="small" tone="quiet">
      In the wire that is never switched, on its way to the motor.
    </Words>
  ) : (
    <Choice
      label="In which wire"
      testID={`block-${at}-side`}
      value={block.on}
      onChange={(on) => onChange({ ...block, on })}
      options={[
        { value: 'switched', text: 'the switched side' },
        { value: 'other', text: 'the other side' },
      ]}
    />
  )
