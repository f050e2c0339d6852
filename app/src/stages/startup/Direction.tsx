// The first seconds: which way it must turn, which way it did, and what then.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { StartupOutput } from '@oak/core/operations/startup-verdict'
import { FIRST_POWER, type FirstPower } from '@oak/core/startup/first-power'
import { rotationFromBoth, seenFrom } from '@oak/core/rotation/view'
import { TurningFan } from '../../parts/rotation/TurningFan'
import { editJob } from '../../platform/state/app'
import { ManyChoice } from '../../ui/ManyChoice'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'
import { exchangeEdits } from './exchange-model'

interface DirectionProps {
  readonly id: string
  readonly job: JobDocument
  readonly output: StartupOutput | null
  readonly blower: boolean
}

/** The fan turns on the screen as it must turn in front of you. */
export function Direction({ id, job, output, blower }: DirectionProps) {
  const turned = turnedOf(job)
  return (
    <View style={{ gap: 8 }}>
      <MustTurn job={job} blower={blower} />
      <ManyChoice
        label="What it did"
        testID="turned"
        inPairs
        value={turned}
        onChange={(value) => editJob(id, [{ path: ['startup', 'turned'], value }])}
        options={SEEN_OPTIONS}
      />
      {output && turned !== null ? <DirectionAnswer id={id} direction={output.direction} /> : null}
    </View>
  )
}

/** What was seen of the first seconds; null: not said. */
const turnedOf = ({ startup }: JobDocument): FirstPower | null =>
  FIRST_POWER.find((seen) => seen === startup.turned) ?? null

const SEEN: Readonly<Record<FirstPower, string>> = {
  right: 'right way',
  backwards: 'backwards',
  hums: 'hums, stands',
  nothing: 'nothing at all',
  trips: 'breaker or fuse',
  'cuts-out': 'runs, cuts out',
  noise: 'noise',
}

const SEEN_OPTIONS = FIRST_POWER.map((value) => ({ value, text: SEEN[value] }))

function MustTurn({ job, blower }: Pick<DirectionProps, 'job' | 'blower'>) {
  const plug = job.motor && job.plug ? { direction: job.plug, seenFrom: job.motor.rotationNamedFrom } : null
  const wanted = job.wanted ?? plug
  const from = blower ? 'lead-end' : 'shaft-end'
  if (!wanted)
    return (
      <Words>
        Which way it must turn is not recorded. Hands, tools and leads clear of the blade; power for two
        seconds and look.
      </Words>
    )
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <View style={{ width: 132 }}>
        <TurningFan direction={seenFrom(wanted, from).direction} from={from} size={120} />
      </View>
      <Words style={{ flex: 1 }}>
        Hands, tools and leads clear of the blade; power for two seconds. It must turn{' '}
        {rotationFromBoth(seenFrom(wanted, job.motor?.rotationNamedFrom ?? from))}.
        {blower ? ' Look at the wheel: air at the register proves nothing.' : ''}
      </Words>
    </View>
  )
}

const NEXT: Readonly<Record<NonNullable<StartupOutput['direction']['next']>, string>> = {
  board: 'To the hookup board',
  capacitor: 'To the capacitor',
  mount: 'To the mounting',
}

/** Right; or what it did instead: then the causes in order, and how the plug is changed when none of them is it. */
function DirectionAnswer({
  id,
  direction,
}: {
  readonly id: string
  readonly direction: StartupOutput['direction']
}) {
  const router = useRouter()
  const { verdict, text, causes, steps, next, exchange } = direction
  const bad = verdict !== 'right' && verdict !== 'not-tested'
  return (
    <View style={{ gap: 4 }} testID="direction-answer">
      <VerdictLine mark={bad ? 'stop' : 'proven'} text={text} />
      {causes.map((cause, i) => (
        <Words key={cause} size="small">
          {i + 1}. {cause}
        </Words>
      ))}
      {causes.length > 0 && steps.length > 0 ? (
        <Words size="small" tone="quiet">
          When all of these are right, change the plug and correct the wanted rotation:
        </Words>
      ) : null}
      {steps.map((step) => (
        <Words key={step} size="strong">
          {step}
        </Words>
      ))}
      {exchange.length > 0 ? (
        <QuietButton
          text={`Done: ${exchange.map(({ lead }) => lead).join(' and ')} exchanged`}
          testID="leads-exchanged"
          onPress={() => editJob(id, exchangeEdits(exchange))}
        />
      ) : null}
      {next ? (
        <QuietButton
          text={NEXT[next]}
          testID="first-power-next"
          onPress={() => router.push(`/job/${id}/${next}`)}
        />
      ) : null}
    </View>
  )
}
