// The compressor's own capacitor, where it has one: what it asks for, and the single of the van that takes its place.
import { useState } from 'react'
import { View } from 'react-native'
import type { Can } from '@oak/core/capacitor/can'
import { singlesFor } from '@oak/core/capacitor/stock-plan/single'
import { compressorAsks, newCompressorCan } from '@oak/core/job/inputs/compressor-can'
import { figure } from '@oak/core/quantity/display'
import type { StageProps } from '../../parts/frame/stage-screen'
import { exchangeEdits } from '../../parts/stock/compressor-can-model'
import { offeredCans } from '../../parts/stock/van-model'
import { editJob, useVan } from '../../platform/state/app'
import { FigureTap } from '../../ui/FigureTap'
import { Group, Option } from '../../ui/Group'
import { NumberPad } from '../../ui/NumberPad'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'

type Field = 'compressorMicrofarads' | 'compressorCanVolts'
const PADS: Readonly<
  Record<Field, { readonly title: string; readonly unit: string; readonly hint: string }>
> = {
  compressorMicrofarads: {
    title: 'Compressor needs',
    unit: 'µF',
    hint: 'From the compressor’s plate, the unit’s diagram or its own capacitor’s label.',
  },
  compressorCanVolts: { title: 'At how many volts', unit: 'V', hint: 'By its own capacitor’s label.' },
}

export function CompressorCan({ id, job }: StageProps) {
  const [pad, setPad] = useState<Field | null>(null)
  const box = (field: Field, what: string) => (
    <View style={{ flex: 1 }}>
      <FigureTap
        text={job[field] === null ? '–' : `${figure(job[field])} ${PADS[field].unit}`}
        what={what}
        {...(job[field] === null ? { more: 'not entered' } : {})}
        onPress={() => setPad(field)}
        testID={field}
      />
    </View>
  )
  return (
    <View style={{ gap: 8 }} testID="compressor-can">
      <Words size="strong" heading={2}>
        The compressor’s own capacitor
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {box('compressorMicrofarads', 'it asks for')}
        {box('compressorCanVolts', 'at least')}
      </View>
      <Singles id={id} job={job} />
      {pad ? (
        <NumberPad
          open
          {...PADS[pad]}
          value={job[pad]}
          onClose={() => setPad(null)}
          onSet={(value) => editJob(id, [{ path: [pad], value }])}
        />
      ) : null}
    </View>
  )
}

/** It stays, or one of the van's singles takes its place. */
function Singles({ id, job }: StageProps) {
  const { document: van, left } = useVan()
  const asks = compressorAsks(job)
  const { compressorCan } = job
  if (!asks)
    return (
      <Words size="small" tone="quiet">
        It stays, unless its µF and volts are entered and one of the van takes its place.
      </Words>
    )
  const there = offeredCans(van, left).filter(
    (can) => (left[can.id] ?? 0) > 0 || compressorCan?.id === can.id,
  )
  const fitting = singlesFor(there, asks)
  const asked = `${figure(asks.microfarads)} µF ±${figure(asks.tolerancePercent)} % and ${figure(asks.volts)} V or more`
  const options: readonly (Can | null)[] = [null, ...fitting]
  return (
    <>
      {fitting.length === 0 ? (
        <VerdictLine mark="cannotTell" text={`No single of ${asked} is on the van.`} testID="no-single" />
      ) : null}
      {compressorCan && newCompressorCan(job) === null ? (
        <VerdictLine
          mark="stop"
          text={`${compressorCan.name} was chosen, and is not ${asked}: it is left out. Choose another, or leave the old one in.`}
          toned
          testID="compressor-can-wrong"
        />
      ) : null}
      <Group
        label="The compressor’s own capacitor"
        style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
      >
        {options.map((can) => (
          <Option
            key={can?.id ?? 'stays'}
            selected={(compressorCan?.id ?? null) === (can?.id ?? null)}
            label={can ? `${can.name}, ${figure(can.volts)} V` : 'it stays'}
            onPress={() => editJob(id, exchangeEdits(job, can))}
            testID={`compressor-can-${can?.id ?? 'stays'}`}
            style={{ paddingHorizontal: 12 }}
          >
            <Words size="small">{can ? `${can.name} · ${figure(can.volts)} V` : 'it stays'}</Words>
          </Option>
        ))}
      </Group>
    </>
  )
}
