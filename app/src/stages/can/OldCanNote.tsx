// What readings and looks say of the old capacitor as a whole: replace it, both sides when one failed, or keep it.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { CAN_TOP, oldCanInput } from '@oak/core/job/inputs/old-can-input'
import type { OldCanOutput } from '@oak/core/operations/old-can'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

const SHOWN: Readonly<Record<OldCanOutput['action'], { readonly mark: Verdict; readonly word: string }>> = {
  replace: { mark: 'stop', word: 'Replace' },
  keep: { mark: 'proven', word: 'It may be kept' },
  cannotTell: { mark: 'cannotTell', word: 'Cannot tell yet' },
}

const TOPS = [
  { value: 'flat', text: 'flat and dry' },
  { value: 'swollen', text: 'swollen' },
  { value: 'leaks', text: 'oil or rust' },
]

export function OldCanNote({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const input = useMemo(() => oldCanInput(job), [job])
  const result = useOperation('old-can', input)
  if (!result?.ok) return null
  const { action, replace, mayStay, why, exchange } = result.output as OldCanOutput
  const { mark, word } = SHOWN[action]
  return (
    <View style={{ flexDirection: 'row', gap: 10 }} testID="old-can-verdict">
      <VerdictMark verdict={mark} size={30} />
      <View style={{ flex: 1, gap: 4 }}>
        <Words size="strong" tone={mark} live>
          {word}
          {action === 'replace' ? ` ${replace.join(' and ')}` : ''}
        </Words>
        {why.map((text) => (
          <Words key={text} size="small">
            {text}
          </Words>
        ))}
        {action === 'replace' && mayStay.length > 0 ? (
          <Words size="small" tone="quiet">
            {mayStay.join(' and ')} may stay where you allow it: the plan from the van asks, and the card
            keeps its reading.
          </Words>
        ) : null}
        {exchange ? (
          <Words size="small" tone="quiet">
            {exchange}
          </Words>
        ) : null}
        <Words size="small">Its top</Words>
        <Choice
          label="The old capacitor’s top"
          testID="can-top"
          value={job.observations[CAN_TOP] ?? null}
          onChange={(top) => editJob(id, [{ path: ['observations', CAN_TOP], value: top }])}
          options={TOPS}
        />
      </View>
    </View>
  )
}
