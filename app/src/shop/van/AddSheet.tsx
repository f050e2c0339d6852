// A part put on the van by hand: a motor by its tag, a can by its values, a blade by its figures.
import { shopNow } from '../../platform/sync/clock'
import { Problem } from '../../ui/Problem'
import { useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import type { CanFace } from '@oak/core/capacitor/can'
import { knownSheets } from '@oak/core/job/known-sheets'
import { BLANK_BLADE, type Blade } from '@oak/core/motor/blade'
import { figure } from '@oak/core/quantity/display'
import { CAN_LAYOUTS, lineIdOf, type StockKind } from '@oak/core/van/stock-line'
import { CanFaceChoice } from '../../parts/stock/CanFaceChoice'
import { bladeFields, withBladeField } from '../../parts/plates/blade-fields'
import { PlateCard } from '../../parts/plates/PlateCard'
import { editVan, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PickOne } from '../../ui/PickOne'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'

type Details = Record<string, unknown>
const START: Readonly<Record<StockKind, Details>> = {
  motor: {},
  capacitor: { layout: 'dual', microfarads: [], volts: 440, tolerancePercent: 6 },
  blade: { blade: BLANK_BLADE },
  part: {},
}

/** A name to begin with, from what the part is; the technician's own stands. */
function nameOf(kind: StockKind, details: Details): string {
  const values = (details.microfarads as number[] | undefined) ?? []
  if (kind === 'capacitor' && values.length > 0)
    return `${String(details.layout).replace(/^./, (c) => c.toUpperCase())} ${values.map((x) => figure(x)).join('/')}`
  const { diameterInches, pitchDegrees } = (details.blade as Blade | undefined) ?? BLANK_BLADE
  return kind === 'blade' && diameterInches
    ? `Propeller ${figure(diameterInches)} in${pitchDegrees ? ` ${figure(pitchDegrees)}°` : ''}`
    : ''
}

export function AddSheet({ kind, onClose }: { readonly kind: StockKind; readonly onClose: () => void }) {
  const { document: van } = useVan()
  const [details, setDetails] = useState<Details>(START[kind])
  const [typed, setTyped] = useState<string | null>(null)
  const [quantity, setQuantity] = useState(1)
  const [pad, setPad] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const name = typed ?? nameOf(kind, details)
  const put = () => {
    const id = lineIdOf(kind, name)
    if (van.stock[id]) return setWrong(`“${name}” is on the van already: count it on its own line.`)
    const refused = editVan([
      {
        path: ['stock', id],
        value: { kind, name, quantity, cents: null, countedAt: shopNow(), ...details },
      },
    ])
    if (refused) setWrong(refused)
    else onClose()
  }
  return (
    <Sheet
      title={`Put ${kind === 'capacitor' ? 'a capacitor' : `a ${kind}`} on the van`}
      open
      onClose={onClose}
      testID="add-sheet"
    >
      {kind === 'motor' ? (
        <PickOne
          label="Its tag"
          testID="pick-sheet-id"
          options={knownSheets(van).map((s) => ({ value: s.id, text: s.name }))}
          value={typeof details.sheet === 'string' ? details.sheet : ''}
          onPick={(sheet) => {
            setDetails({ sheet })
            setTyped(knownSheets(van).find((s) => s.id === sheet)?.name ?? '')
          }}
        />
      ) : null}
      {kind === 'capacitor' ? <CanFields details={details} onChange={setDetails} /> : null}
      {kind === 'blade' ? (
        <PlateCard
          title="The blade"
          testID="add-blade"
          fields={bladeFields(details.blade as Blade)}
          onChange={(key, value) => {
            setDetails({ blade: withBladeField(details.blade as Blade, key, value) })
            return null
          }}
        />
      ) : null}
      <TextField
        label="Name on the shelf"
        value={name}
        onChangeText={setTyped}
        maxLength={300}
        testID="line-name"
      />
      <QuietButton text={`How many: ${quantity}`} onPress={() => setPad(true)} testID="line-quantity" />
      <Problem text={wrong} testID="add-problem" />
      <PrimaryButton text="Put it on the van" icon="check" onPress={put} testID="put-on" />
      <HowMany pad={pad} quantity={quantity} setPad={setPad} setQuantity={setQuantity} />
    </Sheet>
  )
}

interface HowManyProps {
  readonly pad: boolean
  readonly quantity: number
  readonly setPad: (value: boolean) => void
  readonly setQuantity: (value: number) => void
}

function HowMany({ pad, quantity, setPad, setQuantity }: HowManyProps) {
  return pad ? (
    <NumberPad
      open
      title="How many"
      unit=""
      value={quantity}
      onClose={() => setPad(false)}
      onSet={(x) => {
        if (!Number.isInteger(x) || x > 9999) return 'A whole number, 9,999 at most.'
        setQuantity(x)
        return null
      }}
    />
  ) : null
}

function CanFields({
  details,
  onChange,
}: {
  readonly details: Details
  readonly onChange: (details: Details) => void
}) {
  const [pad, setPad] = useState<number | null>(null)
  const values = details.microfarads as number[]
  const set = (i: number, value: number) => {
    onChange({
      ...details,
      microfarads: i < values.length ? values.map((x, j) => (j === i ? value : x)) : [...values, value],
    })
    return null
  }
  return (
    <View style={{ gap: 10 }}>
      <Choice<string>
        label="Layout"
        value={String(details.layout)}
        onChange={(layout) => onChange({ ...details, layout, face: undefined })}
        options={CAN_LAYOUTS.map((value) => ({ value, text: value }))}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {values.map((value, i) => (
          <SmallButton
            key={i}
            text={`${figure(value)} µF`}
            label={`${figure(value)} µF, section ${i + 1}: change`}
            onPress={() => setPad(i)}
          />
        ))}
        <SmallButton
          empty
          text="add µF"
          label="add µF: a section"
          testID="add-value"
          onPress={() => setPad(values.length)}
        />
        {values.length > 0 ? (
          <SmallButton
            text="less"
            label="less: take the last section away"
            onPress={() => onChange({ ...details, microfarads: values.slice(0, -1) })}
          />
        ) : null}
      </View>
      {details.layout === 'multi-tap' ? (
        <CanFaceChoice
          face={details.face as CanFace | undefined}
          onChange={(face) => onChange({ ...details, face })}
        />
      ) : null}
      <Choice<string>
        label="Rated volts"
        value={String(details.volts)}
        onChange={(volts) => onChange({ ...details, volts: Number(volts) })}
        options={['250', '370', '440'].map((value) => ({ value, text: `${value} V` }))}
      />
      {pad === null ? null : (
        <NumberPad
          open
          title={details.layout === 'start' ? 'One end of its range' : 'Value of this section'}
          unit="µF"
          value={values[pad] ?? null}
          onClose={() => setPad(null)}
          onSet={(x) => set(pad, x)}
        />
      )}
    </View>
  )
}
