// Taking the capacitor down: what is in it, through what, and the volts left while the resistor is on.
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { MAX_MICROFARADS } from '@oak/core/capacitor/can'
import { peakOf, SAFE_VOLTS } from '@oak/core/capacitor/discharge'
import type { DischargeRecord } from '@oak/core/job/fields'
import { figure } from '@oak/core/quantity/display'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { Sheet } from '../../ui/Sheet'
import { QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { ChargePicture } from './ChargePicture'
import { countdownAt, endOf, ohmsText, workOut } from './safe-model'

export interface DischargePanelProps {
  readonly record: DischargeRecord
  readonly assumed: boolean
  /** Keeps the set-up; returns what is wrong with it, or null. */
  readonly onChange: (record: DischargeRecord) => string | null
}

/** The time, ticking until a moment; null: it stands still. */
export function useNow(untilMs: number | null): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (untilMs === null) return
    const tick = () => {
      setNow(Date.now())
      if (Date.now() > untilMs) clearInterval(timer)
    }
    const timer = setInterval(tick, 200)
    tick()
    return () => clearInterval(timer)
  }, [untilMs])
  return now
}

type Field = 'microfarads' | 'volts' | 'resistor'

export function DischargePanel({ record, assumed, onChange }: DischargePanelProps) {
  const palette = usePalette()
  const [open, setOpen] = useState<Field | null>(null)
  const now = useNow(endOf(record))
  const worked = workOut(record)
  const { volts, secondsLeft, share, done } = countdownAt(record, now)
  const { verdict, reason } = worked.resistor
  const started = record.startedAt !== null
  const running = started && !done
  const change = (part: Partial<DischargeRecord>) => onChange({ ...record, startedAt: null, ...part })
  const fields: readonly { readonly key: Field; readonly label: string; readonly value: string }[] = [
    {
      key: 'microfarads',
      label: assumed ? 'not known: the largest' : 'in the can',
      value: `${record.microfarads.map((x) => figure(x)).join(' + ')} µF`,
    },
    { key: 'volts', label: 'ran at, or rated', value: `${figure(record.volts)} V` },
    { key: 'resistor', label: 'resistor', value: `${ohmsText(record.ohms)} ${figure(record.watts)} W` },
  ]
  return (
    <View style={{ gap: 10 }} testID="discharge">
      <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
        <ChargePicture share={share} startVolts={worked.startVolts} />
        <View style={{ flex: 1, gap: 2 }}>
          <Words size="figure" testID="charge-volts" tone={volts > SAFE_VOLTS ? 'stop' : 'ink'}>
            {started
              ? `${figure(volts, volts < 10 ? 1 : 0)} V`
              : `up to ${figure(peakOf(record.volts), 0)} V`}
          </Words>
          <Words size="strong">
            {done
              ? 'By the clock it is down. Now read it.'
              : running
                ? `${figure(secondsLeft, 1)} s more to 10 V`
                : `${figure(worked.secondsTo50, 1)} s to 50 V, ${figure(worked.secondsTo10, 1)} s to 10 V`}
          </Words>
          <Words size="small" tone="quiet">
            {figure(Math.max(...worked.sections.map((s) => s.peakWatts)), 0)} W at first,{' '}
            {figure(Math.max(...worked.sections.map((s) => s.joules)), 1)} J in all
            {worked.sections.length > 1 ? '; each section to C in turn' : ''}
          </Words>
        </View>
      </View>
      <View style={{ flexDirection: 'row', gap: 6 }}>
        {fields.map((field) => (
          <Tap
            key={field.key}
            testID={`discharge-${field.key}`}
            label={`${field.label}: ${field.value}`}
            disabled={running}
            onPress={() => setOpen(field.key)}
            style={{
              flex: 1,
              borderRadius: 8,
              borderWidth: 1.5,
              borderColor: palette.ink,
              backgroundColor: palette.surface,
              paddingHorizontal: 8,
              paddingVertical: 6,
            }}
          >
            <Words size="strong" lines={2}>
              {field.value}
            </Words>
            <Words size="tiny" tone="quiet" lines={2}>
              {field.label}
            </Words>
          </Tap>
        ))}
      </View>
      {done && record.microfarads.length > 1 ? (
        <QuietButton
          text="Now the next section: start the clock again"
          onPress={() => void change({ startedAt: Date.now() })}
          testID="discharge-again"
        />
      ) : null}
      {verdict === 'fits' ? null : (
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark verdict="stop" size={28} />
          <Words size="strong" tone="stop" style={{ flex: 1 }} live testID="resistor-problem">
            {reason}
          </Words>
        </View>
      )}
      {open === 'volts' ? (
        <NumberPad
          open
          title="Volts it ran at, or its rating"
          unit="V"
          value={record.volts}
          onClose={() => setOpen(null)}
          onSet={(value) => change({ volts: value })}
        />
      ) : null}
      {open === 'resistor' ? (
        <ResistorSheet record={record} onChange={onChange} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'microfarads' ? (
        <SectionsSheet record={record} assumed={assumed} onChange={onChange} onClose={() => setOpen(null)} />
      ) : null}
    </View>
  )
}

type Editor = Pick<DischargePanelProps, 'record' | 'onChange'> & { readonly onClose: () => void }

function ResistorSheet({ record, onChange, onClose }: Editor) {
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
      {wrong ? (
        <Words tone="stop" size="strong" live>
          {wrong}
        </Words>
      ) : null}
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

function SectionsSheet({ record, assumed, onChange, onClose }: Editor & { readonly assumed: boolean }) {
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
