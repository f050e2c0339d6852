// Stage "choose": the motor from the van, its horsepower, and the rotation the fan needs.
import { useRouter } from 'expo-router'
import { useMemo, useState, type ComponentType } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { oldMotorOf } from '@oak/core/job/inputs/match-input'
import type { LeadSheet, SpeedChoice, SpeedName } from '@oak/core/motor/lead-sheet'
import { selectSpeeds } from '@oak/core/motor/settings'
import { candidateOf } from '@oak/core/motor/match/criterion'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import type { Direction, Rotation, View as End } from '@oak/core/rotation/view'
import { JobFrame } from '../../parts/frame/JobFrame'
import type { StageProps } from '../../parts/frame/stage-screen'
import { useOperation } from '../../parts/frame/use-operation'
import { editJob, editVan, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { pickTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { VerdictMark } from '../../ui/VerdictMark'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { MATCH_MARKS, MatchRows, MatchSheet } from './MatchSheet'
import { motorEdits } from '../../parts/stock/motor-edits'
import { MAX_SHEET_BYTES, readSheetFile } from './read-sheet-file'
import { RotationPicture } from '../../parts/rotation/RotationPicture'
import { leftText, vanMotors } from '../../parts/stock/van-model'
import { BladeSheet } from './BladeSheet'
import { SheetTag } from './SheetTag'

/** What this stage opens and does not know: its route gives it the finder of the rotation and the panel of the speeds. */
export interface MotorParts {
  readonly Finder: ComponentType<{
    readonly id: string
    readonly job: JobDocument
    readonly onClose: () => void
    readonly onUse: (rotation: Rotation) => void
  }>
  readonly Speeds: ComponentType<{
    readonly id: string
    readonly job: JobDocument
    readonly sheet: LeadSheet
  }>
}

export function MotorScreen({ id, job, Finder, Speeds }: StageProps & MotorParts) {
  const router = useRouter()
  const [wrong, setWrong] = useState<string | null>(null)
  const [why, setWhy] = useState<string | null>(null)
  const [blades, setBlades] = useState(false)
  const { document: van, left } = useVan()
  const motors = useMemo(() => vanMotors(van, left), [van, left])
  const stocked = motors.some((m) => m.stock !== null)
  const sheets = useMemo(
    () =>
      job.motor && !motors.some((m) => m.sheet.id === job.motor?.id)
        ? [job.motor, ...motors.map((m) => m.sheet)]
        : motors.map((m) => m.sheet),
    [job.motor, motors],
  )
  const { matches, problem } = useMatches(job, sheets)
  const stockOf = (sheet: LeadSheet) => motors.find((m) => m.sheet.id === sheet.id)?.stock ?? null
  const there = (sheet: LeadSheet) => !stocked || (stockOf(sheet)?.left ?? 0) > 0
  const shown = ranked(sheets, matches).sort((a, b) => Number(there(b.sheet)) - Number(there(a.sheet)))
  const opened = matches.find((m) => m.id === why)
  const wide = isWide(useWindowDimensions().width)
  const beside = matches.find((m) => m.id === job.motor?.id) ?? matches[0]
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
  const speedDue =
    job.motor !== null &&
    selectSpeeds(job.motor).length > 1 &&
    !selectSpeeds(job.motor).some((c) => c.speed === job.speed)
  const ready = job.motor !== null && job.wanted !== null && !speedDue
  const refusal = useRefusal(job)
  return (
    <JobFrame
      id={id}
      job={job}
      title="Motor from the van"
      picture={
        <View style={{ gap: 12 }}>
          <WantedRotation id={id} job={job} Finder={Finder} />
          <Words size="strong" heading={2}>
            Motor from the van
          </Words>
          <View role="radiogroup" aria-label="Motor from the van" style={{ gap: 8 }}>
            {shown.map(({ sheet, match }) => (
              <View key={sheet.id} style={{ gap: 8 }}>
                <SheetTag
                  sheet={sheet}
                  stock={
                    stocked
                      ? stockOf(sheet)
                        ? leftText(stockOf(sheet)?.left ?? 0)
                        : 'not on the van'
                      : undefined
                  }
                  selected={job.motor?.id === sheet.id}
                  onPress={() => choose(sheet)}
                />
                {match ? <Verdict match={match} onPress={() => setWhy(sheet.id)} /> : null}
                {job.motor?.id === sheet.id && sheet.settings.horsepower.length > 1 ? (
                  <Horsepower id={id} job={job} sheet={sheet} />
                ) : null}
                {job.motor?.id === sheet.id && selectSpeeds(sheet).length > 0 ? (
                  <SelectSpeed id={id} job={job} sheet={sheet} />
                ) : null}
                {job.motor?.id === sheet.id && sheet.settings.speed.some((s) => s.tap !== null) ? (
                  <Speeds id={id} job={job} sheet={sheet} />
                ) : null}
              </View>
            ))}
          </View>
          {problem ? (
            <Words tone="stop" size="strong" live testID="plate-problem">
              {problem} Nothing is matched against such a plate: read it again.
            </Words>
          ) : null}
          {opened ? <MatchSheet match={opened} onClose={() => setWhy(null)} /> : null}
          {wrong ? (
            <Words tone="stop" size="strong" live testID="sheet-problem">
              {wrong}
            </Words>
          ) : null}
          <QuietButton
            text="Enter the tag on its leads"
            icon="tag"
            onPress={() => router.navigate(`/tag?job=${id}`)}
            testID="enter-tag"
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
          <QuietButton
            text="Read a lead sheet from a file"
            icon="file"
            onPress={() => void read()}
            testID="read-sheet"
          />
        </View>
      }
      evidence={
        wide && beside ? (
          <View style={{ gap: 10 }}>
            <Words size="title" heading={2}>
              {beside.name}
            </Words>
            <MatchRows match={beside} />
          </View>
        ) : undefined
      }
      strip={
        refusal ? (
          <Refusal text={refusal} />
        ) : ready ? undefined : (
          <Words size="small" tone="quiet">
            {speedDue
              ? 'Pick the speed to set.'
              : job.motor
                ? 'Say which way the fan must turn.'
                : 'Pick the motor that is on the van.'}
          </Words>
        )
      }
      action={
        <PrimaryButton
          text="Next: the capacitor"
          disabled={!ready || refusal !== null}
          onPress={() => router.replace(`/job/${id}/capacitor`)}
          testID="motor-next"
        />
      }
    />
  )
}

/** The match of every sheet, worked out in the worker; what is wrong with the old plate, if anything. */
function useMatches(
  job: JobDocument,
  sheets: readonly LeadSheet[],
): { readonly matches: MatchMotorOutput['matches']; readonly problem: string | null } {
  const input = useMemo(() => ({ old: oldMotorOf(job), candidates: sheets.map(candidateOf) }), [job, sheets])
  const result = useOperation('match-motor', input)
  if (!result) return { matches: [], problem: null }
  return result.ok
    ? { matches: (result.output as MatchMotorOutput).matches, problem: null }
    : { matches: [], problem: result.error.message }
}

/** Best first, once they are matched. */
function ranked(sheets: readonly LeadSheet[], matches: MatchMotorOutput['matches']) {
  if (matches.length === 0) return sheets.map((sheet) => ({ sheet, match: null }))
  const place = (sheet: LeadSheet) => matches.findIndex((m) => m.id === sheet.id)
  return [...sheets]
    .sort((a, b) => place(a) - place(b))
    .map((sheet) => ({ sheet, match: matches[place(sheet)] ?? null }))
}

function Verdict({
  match,
  onPress,
}: {
  readonly match: MatchMotorOutput['matches'][number]
  readonly onPress: () => void
}) {
  return (
    <Tap
      testID={`match-${match.id}`}
      label={`${match.name}: ${match.sentence} Open the reasons`}
      onPress={onPress}
      style={{ paddingHorizontal: 8 }}
    >
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={MATCH_MARKS[match.verdict]} size={26} />
        <Words size="small" style={{ flex: 1 }} lines={2}>
          {match.sentence}
        </Words>
      </View>
    </Tap>
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

function Refusal({ text }: { readonly text: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }} testID="rotation-refusal">
      <VerdictMark verdict="stop" size={30} />
      <Words tone="stop" size="strong" style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}

function Horsepower({
  id,
  job,
  sheet,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly sheet: LeadSheet
}) {
  const options = sheet.settings.horsepower.map((c) => ({
    value: c.horsepower,
    text: `${c.horsepower} hp`,
    hint: `${c.amps} A`,
  }))
  return (
    <View style={{ gap: 6 }}>
      <Words size="strong" heading={2}>
        Horsepower to set
      </Words>
      <Choice
        label="Horsepower to set"
        options={options}
        value={job.horsepower ?? options[0]?.value ?? null}
        onChange={(value) => editJob(id, [{ path: ['horsepower'], value }])}
      />
      <Words size="small" tone="quiet">
        The same as the old one is best; never below it.
      </Words>
    </View>
  )
}

/** A motor that takes either of two classes must be told which: the old motor's, never another. */
function SelectSpeed({
  id,
  job,
  sheet,
}: {
  readonly id: string
  readonly job: JobDocument
  readonly sheet: LeadSheet
}) {
  const speeds = selectSpeeds(sheet)
  const chosen = speeds.find((c) => c.speed === job.speed)
  return (
    <View style={{ gap: 6 }} testID="select-speed">
      <Words size="strong" heading={2}>
        Speed to set
      </Words>
      <Choice<SpeedName>
        label="Speed to set"
        options={speeds.map((c) => ({
          value: c.speed,
          text: c.speed.replace('-', ' '),
          hint: c.rpm ? `${c.rpm} rpm` : undefined,
        }))}
        value={chosen?.speed ?? null}
        onChange={(value) => editJob(id, [{ path: ['speed'], value }])}
      />
      <Words size="small" tone="quiet">
        {chosen
          ? howSet(chosen)
          : 'The old motor’s own class, from its plate: another would overload it or starve the coil.'}
      </Words>
    </View>
  )
}

const howSet = ({ join, open }: SpeedChoice): string =>
  [
    ...join.map(([a, b]) => `${a} is joined to ${b}`),
    ...open.map((lead) => `${lead} is left open, insulated`),
  ].join('; ') + '.'

function WantedRotation({ id, job, Finder }: StageProps & Pick<MotorParts, 'Finder'>) {
  const [finding, setFinding] = useState(false)
  const [end, setEnd] = useState<End>(job.wanted?.seenFrom ?? 'lead-end')
  const set = (rotation: Rotation) => editJob(id, [{ path: ['wanted'], value: rotation }])
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        The fan must turn
      </Words>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <View style={{ flex: 1, gap: 8 }}>
          <Choice<Direction>
            label="Direction"
            value={job.wanted?.direction ?? null}
            testID="direction"
            onChange={(direction) => set({ direction, seenFrom: end })}
            options={[
              { value: 'CW', text: 'CW', hint: 'clockwise' },
              { value: 'CCW', text: 'CCW', hint: 'counter-cw' },
            ]}
          />
          <Choice<End>
            label="Seen from"
            value={end}
            onChange={(seenFrom) => {
              setEnd(seenFrom)
              if (job.wanted) set({ ...job.wanted, seenFrom })
            }}
            options={[
              { value: 'lead-end', text: 'lead end' },
              { value: 'shaft-end', text: 'shaft end' },
            ]}
          />
        </View>
        {job.wanted ? <RotationPicture rotation={job.wanted} /> : null}
      </View>
      <Words size="small" tone="quiet">
        From the old motor’s plate, with the end it is named from.
      </Words>
      <QuietButton
        text="Find it from blade, wheel or a test"
        onPress={() => setFinding(true)}
        testID="find-rotation"
      />
      {finding ? (
        <Finder
          id={id}
          job={job}
          onClose={() => setFinding(false)}
          onUse={(rotation) => {
            setEnd(rotation.seenFrom)
            set(rotation)
            setFinding(false)
          }}
        />
      ) : null}
    </View>
  )
}
