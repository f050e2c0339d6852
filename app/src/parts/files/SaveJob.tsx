// The button that saves a whole job, pictures and all.
import { useState } from 'react'
import type { Change } from '@oak/core/job/change'
import { saveJob } from '../../platform/files/save-job'
import { isPractice, photoOf } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

interface SaveJobProps {
  readonly id: string
  readonly title: string
  readonly changes: readonly Change[]
  readonly text: string
  readonly testID: string
}

export function SaveJob({ id, title, changes, text, testID }: SaveJobProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const save = () =>
    void saveJob(id, title, changes, photoOf)
      .then(setWrong)
      .catch((error: unknown) => setWrong(`The file could not be made: ${String(error)}`))
  if (isPractice(id))
    return (
      <Words size="small" tone="quiet" testID={`${testID}-none`}>
        Of practice there is no job file: it is taken into no record.
      </Words>
    )
  return (
    <>
      <QuietButton text={text} icon="save" onPress={save} testID={testID} />
      <Problem text={wrong} testID={`${testID}-problem`} />
    </>
  )
}
