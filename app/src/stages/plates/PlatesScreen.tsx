// Stage "record the old", its plates: what motor, capacitor and unit say of themselves, as far as they can be read.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import type { LabelReading } from '@oak/core/label/read-label'
import type { JobDocument } from '@oak/core/job/document'
import { jobPhaseConflict } from '@oak/core/job/inputs/supply-input'
import { JobFrame } from '../../parts/frame/JobFrame'
import { Later } from '../../parts/frame/Later'
import { editJob } from '../../platform/state/app'
import type { Edit } from '../../platform/state/jobs'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Words } from '../../ui/Words'
import { bladeFields, STEEP, steepField, withBladeField } from '../../parts/plates/blade-fields'
import { bodyFields, withBodyField } from '../../parts/plates/body-fields'
import { takeProposal } from '@oak/core/label/photo/take'
import type { Proposal } from '@oak/core/label/photo/proposal'
import { PlatePhoto } from '../../parts/reading/PlatePhoto'
import { EstimateSheet } from './EstimateSheet'
import { LabelSheet } from './LabelSheet'
import { OldCanSheet } from './OldCanSheet'
import { SupplyRow } from '../../parts/supply/SupplyRow'
import { PlateCard } from '../../parts/plates/PlateCard'
import {
  canFields,
  motorFields,
  PLATE_PATHS,
  unitFields,
  withCanField,
  withMotorField,
  withUnitField,
  type PlateName,
} from '../../parts/plates/plate-fields'

const TITLES: Readonly<Record<PlateName, string>> = {
  motor: 'Old motor’s plate',
  can: 'Old capacitor’s label',
  unit: 'Unit’s plate',
}
const EXAMPLES: Readonly<Record<PlateName, string>> = {
  motor: '1/4 HP 1075 RPM 208-230V 1.4A CCWLE',
  can: '40/5 MFD 440VAC',
  unit: 'MCA 18.2 MAX FUSE 30 FAN FLA 1.2',
}

export function PlatesScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const [line, setLine] = useState<PlateName | null>(null)
  const [photo, setPhoto] = useState<PlateName | null>(null)
  const [sheet, setSheet] = useState<'estimate' | 'old-can' | null>(null)
  const keep = (plate: PlateName, value: unknown) => editJob(id, [{ path: [PLATE_PATHS[plate]], value }])
  const keepLine = (text: string, reading: LabelReading) => editJob(id, lineEdits(text, reading))
  const take = (plate: PlateName, field: Proposal['field'], text: string): string | null => {
    const taken = takeProposal({ motor: job.motorPlate, unit: job.unitPlate, can: job.canMarking }, plate, {
      field,
      text,
    })
    return taken.ok ? keep(plate, taken.plate) : taken.message
  }
  const changeCan = (key: string, value: string | number | null) => {
    const next = withCanField(job.canMarking, key, value === null ? null : Number(value))
    return keep(
      'can',
      next.sections.length === 0 && next.range === null && key.startsWith('section') ? null : next,
    )
  }
  return (
    <>
      <JobFrame
        id={id}
        job={job}
        title="Plates and labels"
        picture={
          <CanAndMotorPlates
            job={job}
            changeCan={changeCan}
            setLine={setLine}
            setPhoto={setPhoto}
            setSheet={setSheet}
            keep={keep}
          />
        }
        evidence={<OtherPlates job={job} keep={keep} setLine={setLine} setPhoto={setPhoto} id={id} />}
        action={
          <PrimaryButton
            text="Next: the wires"
            onPress={() => router.replace(`/job/${id}/wires`)}
            testID="plates-next"
          />
        }
      />
      {line ? (
        <LabelSheet
          title={TITLES[line]}
          plate={line}
          example={EXAMPLES[line]}
          start={job.plateLines[line] ?? ''}
          onClose={() => setLine(null)}
          onKeep={keepLine}
        />
      ) : null}
      {photo ? (
        <PlatePhoto
          title={TITLES[photo]}
          plate={photo}
          onClose={() => setPhoto(null)}
          onTake={(field, text) => take(photo, field, text)}
        />
      ) : null}
      {sheet === 'estimate' ? <EstimateSheet id={id} job={job} onClose={() => setSheet(null)} /> : null}
      {sheet === 'old-can' ? <OldCanSheet id={id} job={job} onClose={() => setSheet(null)} /> : null}
    </>
  )
}

interface OtherPlatesProps {
  readonly job: JobDocument
  readonly keep: (plate: PlateName, value: unknown) => string | null
  readonly setLine: (value: PlateName | null) => void
  readonly setPhoto: (value: PlateName | null) => void
  readonly id: string
}

function OtherPlates({ job, keep, setLine, setPhoto, id }: OtherPlatesProps) {
  return (
    <View style={{ gap: 14 }}>
      <SupplyRow id={id} job={job} />
      <PlateCard
        title={TITLES.unit}
        testID="plate-unit"
        fields={unitFields(job.unitPlate)}
        onChange={(key, value) => keep('unit', withUnitField(job.unitPlate, key, value))}
        onRead={() => setLine('unit')}
        onPhoto={() => setPhoto('unit')}
      >
        <Problem text={jobPhaseConflict(job)} testID="plate-unit-problem" />
      </PlateCard>
      <PlateCard
        title="Old motor’s body"
        testID="plate-body"
        fields={bodyFields(job.oldBody)}
        onChange={(key, value) =>
          editJob(id, [{ path: ['oldBody'], value: withBodyField(job.oldBody, key, value) }])
        }
      />
      <PlateCard
        title="Old blade"
        testID="plate-blade"
        fields={[...bladeFields(job.oldBlade), steepField(job.steepBlades)]}
        onChange={(key, value) =>
          editJob(id, [
            key === STEEP
              ? { path: ['steepBlades'], value: value === null ? null : value === 'steep' }
              : { path: ['oldBlade'], value: withBladeField(job.oldBlade, key, value) },
          ])
        }
      />
      <Words size="small" tone="quiet">
        What cannot be read stays blank. The new capacitor follows the new motor’s tag, not the old label.
      </Words>
    </View>
  )
}

interface CanAndMotorPlatesProps {
  readonly job: JobDocument
  readonly changeCan: (key: string, value: string | number | null) => string | null
  readonly setLine: (value: PlateName | null) => void
  readonly setPhoto: (value: PlateName | null) => void
  readonly setSheet: (value: 'estimate' | 'old-can' | null) => void
  readonly keep: (plate: PlateName, value: unknown) => string | null
}

function CanAndMotorPlates({ job, changeCan, setLine, setPhoto, setSheet, keep }: CanAndMotorPlatesProps) {
  return (
    <View style={{ gap: 14 }}>
      <PlateCard
        title={TITLES.can}
        testID="plate-can"
        fields={canFields(job.canMarking)}
        onChange={changeCan}
        onRead={() => setLine('can')}
        onPhoto={() => setPhoto('can')}
      >
        <QuietButton text="Test it on the bench" onPress={() => setSheet('old-can')} testID="to-old-can" />
      </PlateCard>
      <Later>
        <PlateCard
          title={TITLES.motor}
          testID="plate-motor"
          fields={motorFields(job.motorPlate)}
          onChange={(key, value) => keep('motor', withMotorField(job.motorPlate, key, value))}
          onRead={() => setLine('motor')}
          onPhoto={() => setPhoto('motor')}
        >
          <QuietButton
            text="Not readable? Estimate"
            onPress={() => setSheet('estimate')}
            testID="to-estimate"
          />
        </PlateCard>
      </Later>
    </View>
  )
}

/** A line goes to the plate it reads as; one that could be of either, to the plate it was typed on. */
function lineEdits(text: string, { capacitor, motor, unit }: LabelReading): Edit[] {
  const plates: [PlateName, unknown][] = [
    ['can', capacitor],
    ['motor', motor],
    ['unit', unit],
  ]
  return plates
    .filter(([, value]) => value !== null)
    .flatMap(([plate, value]) => [
      { path: [PLATE_PATHS[plate]], value },
      { path: ['plateLines', plate], value: text },
    ])
}
