// Which can from the van; any of them can be changed to the values printed on the one in hand.
import { Problem } from '../../ui/Problem'
import type { VanDocument } from '@oak/core/job/van'
import { useState } from 'react'
import { View } from 'react-native'
import { MAX_SECTIONS, type Can, type SectionId } from '@oak/core/capacitor/can'
import { figure } from '@oak/core/quantity/display'
import { useVan } from '../../platform/state/app'
import { hasFace } from '../../parts/stock/can-face'
import { CanFaceChoice } from '../../parts/stock/CanFaceChoice'
import { leftText, offeredCans } from '../../parts/stock/van-model'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { CanView } from './CanView'
import { withoutSection, withSection } from './can-edits'
import { Group, Option } from '../../ui/Group'

const valuesOf = (can: Can) => can.sections.map((s) => figure(s.microfarads)).join(' + ')

export function CanPicker({
  can,
  onPick,
}: {
  readonly can: Can
  readonly onPick: (can: Can) => string | null
}) {
  const palette = usePalette()
  const [open, setOpen] = useState(false)
  return (
    <>
      <Tap
        testID="pick-can"
        onPress={() => setOpen(true)}
        more="the can from the van"
        style={{ borderRadius: 10, borderWidth: 1.5, borderColor: palette.edge, padding: 10 }}
      >
        <Words size="strong">
          {can.name} · {figure(can.volts)} V ±{figure(can.tolerancePercent)} %
        </Words>
        <Words size="small" tone="quiet">
          {valuesOf(can)} µF. Tap for another can or other values.
        </Words>
      </Tap>
      {open ? <CanSheet can={can} onPick={onPick} onClose={() => setOpen(false)} /> : null}
    </>
  )
}

function CanSheet({
  can,
  onPick,
  onClose,
}: {
  readonly can: Can
  readonly onPick: (can: Can) => string | null
  readonly onClose: () => void
}) {
  const [pad, setPad] = useState<{ readonly section: SectionId | null } | null>(null)
  const [chosen, setChosen] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const { document: van, left } = useVan()
  const cans = offeredCans(van, left)
  const editing = can.sections.find((s) => s.id === chosen)
  return (
    <Sheet title="Can from the van" open onClose={onClose} testID="can-sheet">
      <VanCans cans={cans} can={can} onPick={onPick} onClose={onClose} van={van} left={left} />
      <Words size="strong" heading={3}>
        Values on the can in hand
      </Words>
      <SectionKeys can={can} chosen={chosen} setChosen={setChosen} setPad={setPad} />
      {hasFace(can) ? (
        <>
          <CanView can={can} groups={[]} jumpers={[]} leads={{}} width={200} />
          <CanFaceChoice face={can.face} onChange={(face) => setWrong(onPick({ ...can, face }))} />
        </>
      ) : null}
      <Choice
        label="Protected start terminal"
        testID="protected"
        value={can.protectedStart ? 'yes' : 'no'}
        onChange={(value) => setWrong(onPick({ ...can, protectedStart: value === 'yes' }))}
        options={[
          { value: 'no', text: 'no start terminal' },
          { value: 'yes', text: 'protected start' },
        ]}
      />
      <Problem text={wrong} />
      {editing ? (
        <QuietButton
          text={`Change the ${figure(editing.microfarads)} µF section`}
          testID="change-section"
          onPress={() => setPad({ section: editing.id })}
        />
      ) : null}
      {editing && can.sections.length > 1 ? (
        <QuietButton
          text={`Remove the ${figure(editing.microfarads)} µF section`}
          icon="trash"
          onPress={() => {
            setWrong(onPick(withoutSection(can, editing.id)))
            setChosen(null)
          }}
        />
      ) : null}
      <SectionPad pad={pad} editing={editing} setPad={setPad} onPick={onPick} can={can} />
    </Sheet>
  )
}

interface SectionPadProps {
  readonly pad: { readonly section: SectionId | null } | null
  readonly editing: Can['sections'][number] | undefined
  readonly setPad: (value: { readonly section: SectionId | null } | null) => void
  readonly onPick: (can: Can) => string | null
  readonly can: Can
}

function SectionPad({ pad, editing, setPad, onPick, can }: SectionPadProps) {
  return pad ? (
    <NumberPad
      open
      title={pad.section ? 'Value of this section' : 'Value of the new section'}
      unit="µF"
      value={pad.section ? (editing?.microfarads ?? null) : null}
      onClose={() => setPad(null)}
      onSet={(value) => onPick(withSection(can, pad.section, value))}
      onSetTwo={
        pad.section === null ? ([a, b]) => onPick(withSection(withSection(can, null, a), null, b)) : undefined
      }
    />
  ) : null
}

interface SectionKeysProps {
  readonly can: Can
  readonly chosen: string | null
  readonly setChosen: (value: string | null) => void
  readonly setPad: (value: { readonly section: SectionId | null } | null) => void
}

function SectionKeys({ can, chosen, setChosen, setPad }: SectionKeysProps) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {can.sections.map((section) => (
        <SmallButton
          key={section.id}
          text={`${figure(section.microfarads)} µF`}
          label={`${figure(section.microfarads)} µF section: change`}
          testID={`section-${section.id}`}
          selected={chosen === section.id}
          onPress={() => setChosen(section.id)}
        />
      ))}
      {can.sections.length < MAX_SECTIONS ? (
        <SmallButton
          empty
          text="add"
          label="add a section"
          testID="add-section"
          onPress={() => {
            setChosen(null)
            setPad({ section: null })
          }}
        />
      ) : null}
    </View>
  )
}

interface VanCansProps {
  readonly cans: readonly Can[]
  readonly can: Can
  readonly onPick: (can: Can) => string | null
  readonly onClose: () => void
  readonly van: VanDocument
  readonly left: Readonly<Record<string, number>>
}

function VanCans({ cans, can, onPick, onClose, van, left }: VanCansProps) {
  const palette = usePalette()
  return (
    <Group label="Can from the van" style={{ gap: 8 }}>
      {cans.map((other) => (
        <Option
          key={other.id}
          selected={other.id === can.id}
          testID={`can-${other.id}`}
          label={`${other.name}, ${valuesOf(other)} µF`}
          onPress={() => {
            onPick(other)
            onClose()
          }}
          style={{
            borderRadius: 10,
            backgroundColor: palette.surface,
            padding: 10,
          }}
        >
          <Words size="strong">{other.name}</Words>
          <Words size="small" tone="quiet">
            {valuesOf(other)} µF · {figure(other.volts)} V
            {van.stock[other.id] ? ` · ${leftText(left[other.id] ?? 0)}` : ''}
          </Words>
        </Option>
      ))}
    </Group>
  )
}
