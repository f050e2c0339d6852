// Stage "choose": the motor from the van, its horsepower, and the rotation the fan needs.
import { Problem } from '../../ui/Problem'
import { VerdictLine } from '../../ui/VerdictLine'
import { useShelf, whatIsDue, type Match } from './shelf'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { stayRefusal } from '@oak/core/job/inputs/staying-input'
import { hasNoCan } from '@oak/core/job/inputs/hookup-input'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import { LIKE_ID } from '@oak/core/motor/staying-tag'
import { JobFrame } from '../../parts/frame/JobFrame'
import { Later } from '../../parts/frame/Later'
import type { StageProps } from '../../parts/frame/stage-screen'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, editVan } from '../../platform/state/app'
import { pickTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Choice } from '../../ui/Choice'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { MatchRows, MatchSheet } from './MatchSheet'
import { motorEdits } from '../../parts/stock/motor-edits'
import { MAX_SHEET_BYTES, readSheetFile } from './read-sheet-file'
import { BladeSheet } from './BladeSheet'
import { MotorList } from './MotorList'
import { WantedRotation } from './WantedRotation'
import { type MotorParts } from './motor-parts'
import { StayingMotor } from './StayingMotor'

export function MotorScreen({ id, job, Finder, Speeds }: StageProps & MotorParts) {
  const [wrong, setWrong] = useState<string | null>(null)
  const [why, setWhy] = useState<string | null>(null)
  const shelf = useShelf(job)
  const opened = shelf.matches.find((m) => m.id === why)
  const wide = isWide(useWindowDimensions().width)
  const beside = shelf.matches.find((m) => m.id === job.motor?.id) ?? shelf.matches[0]
  const choose = (sheet: LeadSheet) => {
    if (sheet.id !== job.motor?.id) setWrong(editJob(id, motorEdits(job, sheet)))
  }
  const read = async () => {
    const file = await pickTextFile(MAX_SHEET_BYTES)
    if (!file) return
    const sheet = file.ok ? readSheetFile(file.text) : file
    if (sheet.ok) {
      // Kept on the van too: the next job finds it without the file.
      editVan([{ path: ['sheets', sheet.sheet.id], value: sheet.sheet }])
      choose(sheet.sheet)
    }
    setWrong(sheet.ok ? null : sheet.message)
  }
  const due = whatIsDue(job)
  const staying = job.motorStays ? job.motor : null
  const turn = useRefusal(job)
  const refusal = stayRefusal(job) ?? turn
  return (
    <JobFrame
      id={id}
      job={job}
      title={staying ? 'The motor that stays' : 'Motor from the van'}
      picture={
        <View style={{ gap: 12 }}>
          <WhichMotor id={id} job={job} onProblem={setWrong} />
          <WantedRotation id={id} job={job} Finder={Finder} />
          {staying ? (
            <StayingMotor id={id} job={job} sheet={staying} Speeds={Speeds} />
          ) : (
            <MotorList id={id} job={job} shelf={shelf} onChoose={choose} onWhy={setWhy} Speeds={Speeds} />
          )}
          {opened ? <MatchSheet match={opened} onClose={() => setWhy(null)} /> : null}
          <Problem text={wrong} testID="sheet-problem" />
          {staying ? null : (
            <Later>
              <MotorTools id={id} job={job} onRead={() => void read()} />
            </Later>
          )}
        </View>
      }
      evidence={wide && beside && !staying ? <Beside beside={beside} /> : undefined}
      strip={refusal || due ? <MotorStrip refusal={refusal} due={due} /> : undefined}
      action={<Onward id={id} job={job} disabled={due !== null || refusal !== null} />}
    />
  )
}

/** To the capacitor, or past it where there is none to look at. */
function Onward({ id, job, disabled }: StageProps & { readonly disabled: boolean }) {
  const router = useRouter()
  const next = hasNoCan(job) ? 'board' : 'capacitor'
  return (
    <PrimaryButton
      text={next === 'board' ? 'Next: the hookup board' : 'Next: the capacitor'}
      disabled={disabled}
      onPress={() => router.replace(`/job/${id}/${next}`)}
      testID="motor-next"
    />
  )
}

interface WhichProps extends StageProps {
  readonly onProblem: (wrong: string | null) => void
}

/** A new motor, or the old one that stays: where only a capacitor or the wiring is put right. */
function WhichMotor({ id, job, onProblem }: WhichProps) {
  const router = useRouter()
  const choose = (which: 'van' | 'same' | 'stays') => {
    if (which === 'stays') router.navigate(`/tag?job=${id}&stays=1`)
    else if (which === 'same') router.navigate(`/tag?job=${id}&like=1`)
    // A tag that was made of this record is made of it again where it is asked for again.
    else if (runningMotor(job) !== 'van') onProblem(editJob(id, [{ path: ['motor'], value: null }]))
  }
  return (
    <Choice<'van' | 'same' | 'stays'>
      label="Which motor runs here"
      testID="which-motor"
      value={runningMotor(job)}
      onChange={choose}
      options={[
        { value: 'van', text: 'from the van' },
        { value: 'same', text: 'the same, new' },
        { value: 'stays', text: 'the old stays' },
      ]}
    />
  )
}

function runningMotor({ motor, motorStays }: JobDocument): 'van' | 'same' | 'stays' {
  if (motorStays) return 'stays'
  return motor?.id === LIKE_ID ? 'same' : 'van'
}

interface MotorStripProps {
  readonly refusal: string | null
  readonly due: string | null
}

/** Why it will not do, or what is still to say. */
function MotorStrip({ refusal, due }: MotorStripProps) {
  if (refusal) return <VerdictLine mark="stop" text={refusal} size="strong" toned testID="rotation-refusal" />
  return due ? (
    <Words size="small" tone="quiet">
      {due}
    </Words>
  ) : null
}

function Beside({ beside }: { readonly beside: Match }) {
  return (
    <View style={{ gap: 10 }}>
      <Words size="title" heading={2}>
        {beside.name}
      </Words>
      <MatchRows match={beside} />
    </View>
  )
}

/** What else can be done about a motor. */
function MotorTools({ id, job, onRead }: StageProps & { readonly onRead: () => void }) {
  const router = useRouter()
  const [blades, setBlades] = useState(false)
  return (
    <>
      <QuietButton
        text="Enter the tag on its leads"
        icon="tag"
        onPress={() => router.navigate(`/tag?job=${id}`)}
        testID="enter-tag"
      />
      <QuietButton
        text="None fits: a part on order"
        icon="store"
        onPress={() => router.navigate(`/job/${id}/visit`)}
        testID="to-visit"
      />
      <QuietButton
        text="What to carry up"
        icon="list"
        onPress={() => router.navigate(`/job/${id}/carry`)}
        testID="to-carry"
      />
      {job.unit ? (
        <QuietButton text="A new blade too?" onPress={() => setBlades(true)} testID="to-blades" />
      ) : null}
      {blades ? <BladeSheet id={id} job={job} onClose={() => setBlades(false)} /> : null}
      <QuietButton text="Read a lead sheet from a file" icon="file" onPress={onRead} testID="read-sheet" />
    </>
  )
}

/** Why the chosen motor cannot turn the wanted way; null when it can, or when one of the two is not chosen. */
function useRefusal(job: JobDocument): string | null {
  const input = useMemo(
    () => (job.wanted && job.motor ? { wanted: job.wanted, sheet: job.motor } : null),
    [job.wanted, job.motor],
  )
  const result = useOperation('rotation', input)
  return result?.ok ? (result.output as { refusal: string | null }).refusal : null
}
