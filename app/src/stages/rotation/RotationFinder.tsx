// Which way must it turn? From what can be seen; the answer from both ends, turning, with the plug for the chosen motor.
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { RotationSource } from '@oak/core/rotation/finder'
import { rotationText, type Direction, type Rotation } from '@oak/core/rotation/view'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { KINDS, sourcesOf } from './rotation-model'
import { TurningFan } from '../../parts/rotation/TurningFan'
import { Entry } from './entries'

interface Found {
  readonly wanted: Rotation | null
  readonly leadEnd: Direction | null
  readonly shaftEnd: Direction | null
  readonly sources: readonly {
    readonly kind: string
    readonly rotation: Rotation | null
    readonly words: string
  }[]
  readonly conflict: string | null
  readonly join: readonly (readonly [string, string])[] | null
  readonly refusal: string | null
  readonly ends: string | null
}

export interface RotationFinderProps {
  readonly id: string
  readonly job: JobDocument
  readonly onClose: () => void
  readonly onUse: (rotation: Rotation) => void
}

export function RotationFinder({ id, job, onClose, onUse }: RotationFinderProps) {
  const [kind, setKind] = useState<RotationSource['kind']>('propeller')
  const sources = useMemo(() => sourcesOf(job), [job])
  const input = useMemo(
    () => (sources.length > 0 ? { sources, ...(job.motor ? { sheet: job.motor } : {}) } : null),
    [sources, job.motor],
  )
  const result = useOperation('rotation', input)
  const found = input && result?.ok ? (result.output as Found) : null
  const set = (source: RotationSource | null) =>
    editJob(id, [{ path: ['rotationSources', kind], value: source }])
  return (
    <Sheet title="Which way must it turn?" open onClose={onClose} testID="rotation-finder">
      <Choice
        label="What you can see"
        testID="rotation-kind"
        value={kind}
        onChange={setKind}
        options={KINDS.map((k) => ({ value: k.kind, text: k.text }))}
      />
      <Entry kind={kind} job={job} onSet={set} />
      {job.rotationSources[kind] ? (
        <QuietButton text="Leave this one out" onPress={() => void set(null)} testID="drop-source" />
      ) : null}
      {found ? <Answer found={found} onUse={onUse} /> : null}
    </Sheet>
  )
}

function Answer({ found, onUse }: { readonly found: Found; readonly onUse: (rotation: Rotation) => void }) {
  const told = found.sources.filter((s) => s.rotation !== null)
  return (
    <View style={{ gap: 10 }} testID="rotation-answer">
      {found.sources.map((s) => (
        <Words key={s.kind} size="small">
          {s.words}
        </Words>
      ))}
      {found.leadEnd && found.shaftEnd ? (
        <View style={{ flexDirection: 'row' }}>
          <TurningFan direction={found.leadEnd} from="lead-end" />
          <TurningFan direction={found.shaftEnd} from="shaft-end" />
        </View>
      ) : null}
      {found.ends ? <Words size="small">{found.ends}</Words> : null}
      {found.conflict ? (
        <View style={{ flexDirection: 'row', gap: 10 }}>
          <VerdictMark verdict="watch" size={28} />
          <Words size="strong" tone="watch" style={{ flex: 1 }} live testID="rotation-conflict">
            {found.conflict}
          </Words>
        </View>
      ) : null}
      {found.join && found.join.length > 0 ? (
        <Words size="strong" testID="rotation-plug">
          Plug: {found.join.map(([a, b]) => `${a} to ${b}`).join(', ')}
        </Words>
      ) : null}
      {found.refusal ? (
        <Words size="strong" tone="stop" live>
          {found.refusal}
        </Words>
      ) : null}
      {found.wanted ? (
        <PrimaryButton
          text={`Use: ${found.wanted.direction}, ${found.wanted.seenFrom === 'lead-end' ? 'lead end' : 'shaft end'}`}
          icon="check"
          onPress={() => onUse(found.wanted as Rotation)}
          testID="use-rotation"
        />
      ) : null}
      {found.conflict
        ? told.map((s) => (
            <QuietButton
              key={s.kind}
              text={`Take the ${KINDS.find((k) => k.kind === s.kind)?.text}: ${rotationText(s.rotation as Rotation)}`}
              onPress={() => onUse(s.rotation as Rotation)}
            />
          ))
        : null}
    </View>
  )
}
