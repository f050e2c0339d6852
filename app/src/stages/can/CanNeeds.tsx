// What the loads ask for, and where a hard-start kit goes.
import { useState } from 'react'
import { View } from 'react-native'
import type { Can } from '@oak/core/capacitor/can'
import type { JobDocument } from '@oak/core/job/document'
import { labelCompressor } from '@oak/core/job/filled'
import { figure } from '@oak/core/quantity/display'
import { NEW_C, PROTECTED_POST } from '@oak/core/wiring/new-can'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { type KitEnd } from './CanView'

export const kitEnd = ({ hardStart }: JobDocument): KitEnd =>
  hardStart === null ? 'none' : hardStart === PROTECTED_POST ? 'protected' : 'c'

/** A hard-start kit on the compressor: where its far end is. Past a protected terminal its fuse cannot open: the board says so. */
export function HardStart({
  id,
  job,
  can,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly can: Can
}) {
  const value = kitEnd(job)
  const set = (end: KitEnd) =>
    editJob(id, [
      { path: ['hardStart'], value: end === 'none' ? null : end === 'protected' ? PROTECTED_POST : NEW_C },
    ])
  return (
    <View style={{ gap: 8 }}>
      <Words size="small">Hard-start kit on the compressor, its far end</Words>
      <Choice<KitEnd>
        label="Hard-start kit"
        testID="hard-start"
        value={value}
        onChange={set}
        options={[
          { value: 'none', text: 'no kit' },
          { value: 'c', text: 'on C' },
          ...(can.protectedStart || value === 'protected'
            ? [{ value: 'protected' as const, text: 'protected post' }]
            : []),
        ]}
      />
    </View>
  )
}

/** What each load asks for; the fan's is on the motor's tag and is not typed. */
export function Needs({
  id,
  job,
  shared,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly shared: boolean
}) {
  const palette = usePalette()
  const [open, setOpen] = useState(false)
  const isByLabel = job.compressorMicrofarads !== null && job.compressorMicrofarads === labelCompressor(job)
  const box = { flex: 1, borderRadius: 10, borderWidth: 1.5, padding: 8, minHeight: 74 } as const
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <View style={[box, { borderColor: palette.edge, justifyContent: 'center' }]}>
        <Words size="tiny" tone="quiet">
          FAN needs, by its tag
        </Words>
        <Words size="large">
          {job.motor?.capacitor ? `${figure(job.motor.capacitor.microfarads)} µF` : job.motor ? 'none' : '–'}
        </Words>
      </View>
      {shared ? (
        <Tap
          testID="compressor-microfarads"
          onPress={() => setOpen(true)}
          more="the compressor"
          style={[
            box,
            {
              borderColor: palette.ink,
              borderStyle: job.compressorMicrofarads ? 'solid' : 'dashed',
              backgroundColor: palette.surface,
            },
          ]}
        >
          <Words size="tiny" tone="quiet">
            HERM needs, {isByLabel ? 'by the old label' : 'by its plate'}
          </Words>
          <Words size="large">
            {job.compressorMicrofarads ? `${figure(job.compressorMicrofarads)} µF` : 'enter µF'}
          </Words>
        </Tap>
      ) : null}
      <NumberPad
        open={open}
        title="Compressor needs"
        unit="µF"
        value={job.compressorMicrofarads}
        hint="From the compressor’s plate or the unit’s diagram; the old can only if its label agrees."
        onClose={() => setOpen(false)}
        onSet={(value) => editJob(id, [{ path: ['compressorMicrofarads'], value }])}
      />
    </View>
  )
}
