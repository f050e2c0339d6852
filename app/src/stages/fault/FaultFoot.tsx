// The foot of the fault’s stage: what is known, and the one thing to do next.
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { ALL_CAUSES } from '@oak/core/diagnosis/model'
import type { Fault } from '@oak/core/job/fields'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { VerdictMark, type Verdict } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { faultOf, untaken } from './fault-model'

const STATE_MARKS: Readonly<Record<DiagnoseOutput['state'], Verdict>> = {
  settled: 'proven',
  'go-on': 'cannotTell',
  'nothing-left': 'watch',
}

export function Strip({ d }: { readonly d: DiagnoseOutput }) {
  const mark = d.dangers.length > 0 ? 'stop' : STATE_MARKS[d.state]
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
      <VerdictMark verdict={mark} size={34} />
      <Words size="strong" tone={mark} style={{ flex: 1 }} live testID="fault-sentence">
        {d.sentence}
      </Words>
    </View>
  )
}

interface NextActionProps {
  readonly d: DiagnoseOutput
  readonly job: JobDocument
  readonly begun: boolean
  readonly onAsk: (id: string) => void
  readonly onTake: (faults: readonly Fault[]) => void
  readonly onGo: (stage: string) => void
}

/** The next test; or the cause to take; or, once taken, the way on. */
export function NextAction({ d, job, begun, onAsk, onTake, onGo }: NextActionProps) {
  const top = d.causes[0]
  const next = d.questions.find((q) => q.id === d.next[0]?.test)
  if (!begun) return null
  const found = untaken(job, d.found)
  // With more to test, what was found is taken from its own sheet or once that is done.
  if (found.length > 0 && (d.state !== 'go-on' || !next))
    return (
      <PrimaryButton
        text={found.length === 1 ? 'Take what was found' : `Take the ${found.length} that were found`}
        icon="check"
        onPress={() => onTake(found.map((f) => faultOf(f, 'found')))}
        testID="fault-next"
      />
    )
  if (job.fault) return <Onward fault={job.fault} onGo={onGo} />
  if (d.state === 'settled' && top)
    return (
      <PrimaryButton
        text="Take this as the cause"
        icon="check"
        onPress={() => onTake([faultOf(top, top.strength)])}
        testID="fault-next"
      />
    )
  if (next)
    return (
      <PrimaryButton
        text={`Next: ${short(next.question)}`}
        onPress={() => onAsk(next.id)}
        testID="fault-next"
      />
    )
  return <QuietButton text="No test here tells more" disabled onPress={() => undefined} testID="fault-next" />
}

/** A question without its how: that stands where it is answered. */
const short = (text: string): string =>
  text.replace(/(, (discharged|leads off|all off|fan called|where µF reads OL))+$/, '')

/** A fault that no work here mends goes to the estimate; any other to the plates. */
function Onward({ fault, onGo }: { readonly fault: Fault } & Pick<NextActionProps, 'onGo'>) {
  const known = ALL_CAUSES.find(({ id }) => id === fault.cause)
  const isBeyond = known !== undefined && known.stage === undefined && known.work === undefined
  return (
    <PrimaryButton
      text={isBeyond ? 'Next: the estimate' : 'Next: the plates'}
      onPress={() => onGo(isBeyond ? 'report' : 'plates')}
      testID="fault-next"
    />
  )
}
