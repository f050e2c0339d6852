// Taking the capacitor down: what is in it, through what, and the volts left while the resistor is on.
import { shopNow } from '../../platform/sync/clock'
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { peakOf, SAFE_VOLTS, type Discharge } from '@oak/core/capacitor/discharge'
import type { DischargeRecord } from '@oak/core/job/fields'
import { figure, ohmsText } from '@oak/core/quantity/display'
import { FigureTap } from '../../ui/FigureTap'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { ChargePicture } from './ChargePicture'
import { countdownAt, endOf, workOut } from './safe-model'
import { ResistorSheet, SectionsSheet } from './discharge-sheets'
import { type DischargePanelProps } from './discharge-props'

/** The time, ticking until a moment; null: it stands still. */
export function useNow(untilMs: number | null): number {
  const [now, setNow] = useState(() => shopNow())
  useEffect(() => {
    if (untilMs === null) return
    const tick = () => {
      setNow(shopNow())
      if (shopNow() > untilMs) clearInterval(timer)
    }
    const timer = setInterval(tick, 200)
    tick()
    return () => clearInterval(timer)
  }, [untilMs])
  return now
}

type Field = 'microfarads' | 'volts' | 'resistor'

interface PanelField {
  readonly key: Field
  readonly label: string
  readonly value: string
}

export function DischargePanel({ record, assumed, onChange }: DischargePanelProps) {
  const [open, setOpen] = useState<Field | null>(null)
  const now = useNow(endOf(record))
  const worked = workOut(record)
  const { volts, secondsLeft, share, done } = countdownAt(record, now)
  const { verdict, reason } = worked.resistor
  const started = record.startedAt !== null
  const running = started && !done
  const change = (part: Partial<DischargeRecord>) => onChange({ ...record, startedAt: null, ...part })
  const fields: readonly PanelField[] = [
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
      <ChargeLevel
        share={share}
        worked={worked}
        volts={volts}
        started={started}
        record={record}
        done={done}
        running={running}
        secondsLeft={secondsLeft}
      />
      <FieldKeys fields={fields} running={running} setOpen={setOpen} />
      {done && record.microfarads.length > 1 ? (
        <QuietButton
          text="Now the next section: start the clock again"
          onPress={() => void change({ startedAt: shopNow() })}
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

interface FieldKeysProps {
  readonly fields: readonly PanelField[]
  readonly running: boolean
  readonly setOpen: (value: Field | null) => void
}

function FieldKeys({ fields, running, setOpen }: FieldKeysProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {fields.map((field) => (
        <View key={field.key} style={{ flex: 1 }}>
          <FigureTap
            text={field.value}
            what={field.label}
            testID={`discharge-${field.key}`}
            disabled={running}
            onPress={() => setOpen(field.key)}
          />
        </View>
      ))}
    </View>
  )
}

interface ChargeLevelProps {
  readonly share: number
  readonly worked: Discharge
  readonly volts: number
  readonly started: boolean
  readonly record: DischargeRecord
  readonly done: boolean
  readonly running: boolean
  readonly secondsLeft: number
}

function ChargeLevel({
  share,
  worked,
  volts,
  started,
  record,
  done,
  running,
  secondsLeft,
}: ChargeLevelProps) {
  return (
    <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
      <ChargePicture share={share} startVolts={worked.startVolts} />
      <View style={{ flex: 1, gap: 2 }}>
        <Words size="figure" testID="charge-volts" tone={volts > SAFE_VOLTS ? 'stop' : 'ink'}>
          {started ? `${figure(volts, volts < 10 ? 1 : 0)} V` : `up to ${figure(peakOf(record.volts), 0)} V`}
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
  )
}
