// One wire of the old hookup: its two ends, its run of colours, whether it was traced, and what else speaks for its job.
import { useState } from 'react'
import { View } from 'react-native'
import { type Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES, wireRolesOf, type WireRole } from '@oak/core/motor/role'
import { SPEED_NAMES } from '@oak/core/motor/lead-sheet'
import type { WireFinding } from '@oak/core/wiring/evidence'
import { postName, postOf, type UnitType } from '@oak/core/wiring/unit-type'
import { MOTOR_END, type NamedWire, type StatedSource, type Wire } from '@oak/core/wiring/wire'
import { Choice } from '../../ui/Choice'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { InsulationLabel, SwatchGrid } from '../../ui/Swatch'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { PickOne } from '../../ui/PickOne'
import { FindingView } from './FindingView'

export interface WireSheetProps {
  readonly unit: UnitType
  readonly wire: NamedWire
  readonly finding: WireFinding | undefined
  /** What is contradictory about this wire. */
  readonly problems: readonly string[]
  readonly onClose: () => void
  /** Keeps the wire; returns what is wrong with it, or null. */
  readonly onChange: (wire: Wire) => string | null
  readonly onRemove: () => void
}

const SOURCES: readonly { readonly value: StatedSource; readonly text: string }[] = [
  { value: 'diagram', text: 'Unit’s diagram says' },
  { value: 'motor-label', text: 'Motor’s label says' },
  { value: 'resistance', text: 'Ohms say' },
]

export function WireSheet({ unit, wire, finding, problems, onClose, onChange, onRemove }: WireSheetProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const { from, to, segments, traced, stated, speed } = wire
  const change = (patch: Partial<Wire>) =>
    setWrong(onChange({ from, to, segments, traced, stated, ...(speed ? { speed } : {}), ...patch }))
  const posts = unit.posts.map((p) => ({ value: p.id, text: postName(unit, p.id) }))
  return (
    <Sheet
      title={wire.from ? `Wire on ${postName(unit, wire.from)}` : 'A further wire'}
      open
      onClose={onClose}
      testID="wire-sheet"
    >
      {[...problems, ...(wrong ? [wrong] : [])].map((text) => (
        <Words key={text} tone="stop" size="strong" live testID="wire-problem">
          {text}
        </Words>
      ))}
      {wire.from ? null : (
        <Words size="small" testID="wire-nowhere">
          It is on the record once its terminal is picked.
        </Words>
      )}
      <PickOne
        label="Leaves terminal"
        options={posts}
        value={wire.from}
        onPick={(post) => change({ from: post })}
      />
      <PickOne
        label="Goes to"
        options={[{ value: MOTOR_END, text: 'the old motor' }, ...posts]}
        value={wire.to}
        onPick={(end) => change({ to: end })}
      />
      <Segments wire={wire} onChange={(run) => change({ segments: run })} />
      <View style={{ gap: 8 }}>
        <Words size="strong">Followed by hand from end to end</Words>
        <Choice
          label="Traced"
          value={wire.traced ? 'yes' : 'no'}
          onChange={(v) => change({ traced: v === 'yes' })}
          options={[
            { value: 'yes', text: 'traced' },
            { value: 'no', text: 'not yet' },
          ]}
        />
      </View>
      {finding ? <FindingView finding={finding} wire={wire} /> : null}
      {wire.to === MOTOR_END && postOf(unit, wire.from)?.kind === 'output' ? (
        <PickOne
          label="Its tap, by the motor’s label"
          options={[{ value: '', text: 'not said' }, ...SPEED_NAMES.map((value) => ({ value, text: value }))]}
          value={wire.speed ?? ''}
          onPick={(picked) => change({ speed: SPEED_NAMES.find((name) => name === picked) })}
        />
      ) : null}
      {wire.to === MOTOR_END ? (
        <Stated wire={wire} roles={wireRolesOf(unit.traits)} onChange={(said) => change({ stated: said })} />
      ) : null}
      {wire.from ? (
        <QuietButton text="Take this wire off the record" icon="trash" onPress={onRemove} />
      ) : null}
    </Sheet>
  )
}

/** The run of colours, from the terminal outwards. */
function Segments({
  wire,
  onChange,
}: {
  readonly wire: NamedWire
  readonly onChange: (segments: Insulation[]) => void
}) {
  const palette = usePalette()
  const [open, setOpen] = useState<number | null>(null)
  const rows: (Insulation | null)[] = wire.segments.length > 0 ? wire.segments : [null]
  const put = (i: number, piece: Insulation) =>
    onChange(rows.map((row, j) => (j === i ? piece : row)).filter((row): row is Insulation => row !== null))
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong">Colour along the run</Words>
      {rows.map((piece, i) => (
        <View key={i} style={{ gap: 8 }}>
          <Tap
            onPress={() => setOpen(open === i ? null : i)}
            more={`segment ${i + 1}`}
            expanded={open === i}
            testID={`segment-${i}`}
            style={{ borderWidth: 1.5, borderColor: palette.ink, borderRadius: 8, paddingHorizontal: 8 }}
          >
            <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
              <Words size="tiny" tone="quiet" style={{ width: 62 }}>
                {i === 0 ? 'terminal' : 'then'}
              </Words>
              <InsulationLabel insulation={piece} />
            </View>
          </Tap>
          <SegmentPicker
            open={open}
            i={i}
            piece={piece}
            put={put}
            onChange={onChange}
            wire={wire}
            setOpen={setOpen}
          />
        </View>
      ))}
      {wire.segments.length > 0 && wire.segments.length < 8 ? (
        <QuietButton
          text="The colour changes on the way"
          icon="plus"
          testID="add-segment"
          onPress={() => {
            onChange([...wire.segments, { colour: 'BK' }])
            setOpen(wire.segments.length)
          }}
        />
      ) : null}
    </View>
  )
}

interface SegmentPickerProps {
  readonly open: number | null
  readonly i: number
  readonly piece: Insulation | null
  readonly put: (i: number, piece: Insulation) => void
  readonly onChange: (segments: Insulation[]) => void
  readonly wire: NamedWire
  readonly setOpen: (value: number | null) => void
}

function SegmentPicker({ open, i, piece, put, onChange, wire, setOpen }: SegmentPickerProps) {
  return open === i ? (
    <View style={{ gap: 8 }}>
      <SwatchGrid
        label="Colour"
        value={piece?.colour ?? null}
        onPick={(colour) => colour && put(i, { colour, stripe: piece?.stripe ?? null })}
      />
      {piece ? (
        <>
          <Words size="small" tone="quiet">
            Stripe along it
          </Words>
          <SwatchGrid
            label="Stripe"
            none="no stripe"
            value={piece.stripe ?? null}
            onPick={(stripe) => put(i, { ...piece, stripe })}
          />
        </>
      ) : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {i > 0 ? (
          <View style={{ flex: 1 }}>
            <QuietButton
              text="Remove segment"
              onPress={() => {
                onChange(wire.segments.filter((_, j) => j !== i))
                setOpen(null)
              }}
            />
          </View>
        ) : null}
        <View style={{ flex: 1 }}>
          <QuietButton text="Done" icon="check" onPress={() => setOpen(null)} testID="segment-done" />
        </View>
      </View>
    </View>
  ) : null
}

function Stated({
  wire,
  roles: possible,
  onChange,
}: {
  readonly wire: NamedWire
  readonly roles: readonly WireRole[]
  readonly onChange: (stated: Wire['stated']) => void
}) {
  const roles = [
    { value: '', text: 'nothing' },
    ...possible.map((role) => ({ value: role, text: ROLE_NAMES[role] })),
  ]
  return (
    <View style={{ gap: 8 }}>
      {SOURCES.map((source) => (
        <PickOne
          key={source.value}
          label={source.text}
          options={roles}
          value={wire.stated.find((s) => s.source === source.value)?.role ?? ''}
          onPick={(role) =>
            onChange([
              ...wire.stated.filter((s) => s.source !== source.value),
              ...(role ? [{ source: source.value, role: role as WireRole }] : []),
            ])
          }
        />
      ))}
    </View>
  )
}
