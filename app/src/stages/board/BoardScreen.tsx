// Stage "hook up": the app proposes, the technician may move any lead, and the verdict follows at once.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import type { HookupNeed } from '@oak/core/job/inputs/hookup-input'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { SaveJob } from '../../parts/files/SaveJob'
import { JobFrame } from '../../parts/frame/JobFrame'
import type { StageProps } from '../../parts/frame/stage-screen'
import { useHookup, type HookupState } from '../../parts/frame/use-hookup'
import { useChanges } from '../../platform/state/app'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { Board } from './Board'
import { useAnswered } from './use-answered'

const NEED_WORDS: Readonly<Record<HookupNeed, { text: string; stage: string }>> = {
  unit: { text: 'which unit it is', stage: 'wires' },
  wires: { text: 'where the old wires were', stage: 'wires' },
  motor: { text: 'which motor runs here', stage: 'motor' },
  can: { text: 'the new capacitor', stage: 'capacitor' },
}

export function BoardScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const router = useRouter()
  const hookup = useHookup(job)
  const shown = useAnswered(job, hookup)
  const unit = shown?.job.unit ? unitTypeFor(shown.job.unit) : undefined
  if (shown && unit) return <Board id={id} unit={unit} {...shown} />
  const { heading, problem, next } = noBoard(hookup)
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup board"
      picture={
        <View style={{ gap: 12, paddingVertical: 40 }}>
          {hookup.kind === 'working' ? (
            <Waits size="title" text={heading} />
          ) : (
            <Words size="title">{heading}</Words>
          )}
          <Problem text={problem} testID="board-problem" />
          {hookup.kind === 'failed' ? <SaveToSend id={id} job={job} /> : null}
        </View>
      }
      action={
        next ? (
          <PrimaryButton text={next.text} onPress={() => router.replace(`/job/${id}/${next.stage}`)} />
        ) : undefined
      }
    />
  )
}

/** What is said in place of the board, and where to go about it. */
interface NoBoard {
  readonly heading: string
  readonly problem: string | null
  readonly next: { readonly text: string; readonly stage: string } | null
}

function noBoard(hookup: HookupState): NoBoard {
  switch (hookup.kind) {
    case 'missing': {
      const [need] = hookup.needs
      if (!need) break
      const { text, stage } = NEED_WORDS[need]
      return { heading: `Still needed: ${text}.`, problem: null, next: { text: `Enter ${text}`, stage } }
    }
    case 'bad':
      return {
        heading: 'The record contradicts itself.',
        problem: hookup.error.message,
        next: { text: 'Mend the old wires', stage: 'wires' },
      }
    case 'failed':
      return { heading: 'No answer.', problem: hookup.text, next: null }
    case 'working':
    case 'ready':
      break
  }
  return { heading: 'Working it out…', problem: null, next: null }
}

/** The record on which the app failed, for us to look at. */
function SaveToSend({ id, job }: StageProps) {
  const changes = useChanges(id)
  return (
    <SaveJob
      id={id}
      title={job.title}
      changes={changes}
      text="Whole job as a file"
      testID="save-failed-job"
    />
  )
}
