// Stage "choose", of the slice: the motor from the van, its horsepower, and the rotation the fan needs.
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { oldMotorOf } from '@oak/core/job/match-input'
import type { LeadSheet, SpeedChoice, SpeedName } from '@oak/core/motor/lead-sheet'
import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { selectSpeedLike, selectSpeeds } from '@oak/core/motor/settings'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import type { Direction, Rotation, View as End } from '@oak/core/rotation/view'
import { JobFrame } from '../job/JobFrame'
import { useOperation } from '../job/use-operation'
import { SpeedsPanel } from '../speeds/SpeedsPanel'
import { editJob } from '../state/app'
import { Choice } from '../ui/Choice'
import { pickTextFile } from '../ui/pick-file'
import { PrimaryButton, QuietButton } from '../ui/PrimaryButton'
import { Tap } from '../ui/Tap'
import { VerdictMark } from '../ui/VerdictMark'
import { isWide } from '../ui/wide'
import { Words } from '../ui/Words'
import { MATCH_MARKS, MatchRows, MatchSheet } from './MatchSheet'
import { MAX_SHEET_BYTES, readSheetFile } from './read-sheet-file'
import { RotationPicture } from '../rotation/RotationPicture'
import { RotationFinder } from '../rotation/RotationFinder'
import { SheetTag } from './SheetTag'

/** Another motor: what was set for the last one does not hold for it. */
const motorEdits = (job: JobDocument, sheet: LeadSheet) => [
  // Preset where the old plate tells its class; asked for where it does not.
  { path: ['speed'], value: selectSpeedLike(sheet, { rpm: job.motorPlate?.rpm[0] ?? null, poles: job.motorPlate?.poles ?? null })?.speed ?? null },
  { path: ['motor'], value: sheet },
  { path: ['horsepower'], value: null },
  { path: ['plug'], value: null },
]

export function MotorScreen({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const router = useRouter()
  const [wrong, setWrong] = useState<string | null>(null)
  const [why, setWhy] = useState<string | null>(null)
  const sheets = useMemo(() => (job.motor && !LEAD_SHEETS.some((s) => s.id === job.motor?.id) ? [job.motor, ...LEAD_SHEETS] : LEAD_SHEETS), [job.motor])
  const { matches, problem } = useMatches(job, sheets)
  const shown = ranked(sheets, matches)
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
    if (sheet.ok) choose(sheet.sheet)
    setWrong(sheet.ok ? null : sheet.message)
  }
  const speedDue = job.motor !== null && selectSpeeds(job.motor).length > 1 && !selectSpeeds(job.motor).some((c) => c.speed === job.speed)
  const ready = job.motor !== null && job.wanted !== null && !speedDue
  const refusal = useRefusal(job)
  return (
    <JobFrame
      id={id}
      job={job}
      title="Motor from the van"
      picture={
        <View style={{ gap: 12 }}>
          <WantedRotation id={id} job={job} />
          <Words size="strong" heading={2}>Motor from the van</Words>
          <View role="radiogroup" aria-label="Motor from the van" style={{ gap: 8 }}>
            {shown.map(({ sheet, match }) => (
              <View key={sheet.id} style={{ gap: 8 }}>
                <SheetTag sheet={sheet} selected={job.motor?.id === sheet.id} onPress={() => choose(sheet)} />
                {match ? <Verdict match={match} onPress={() => setWhy(sheet.id)} /> : null}
                {job.motor?.id === sheet.id && sheet.settings.horsepower.length > 1 ? <Horsepower id={id} job={job} sheet={sheet} /> : null}
                {job.motor?.id === sheet.id && selectSpeeds(sheet).length > 0 ? <SelectSpeed id={id} job={job} sheet={sheet} /> : null}
                {job.motor?.id === sheet.id && sheet.settings.speed.some((s) => s.tap !== null) ? <SpeedsPanel id={id} job={job} sheet={sheet} /> : null}
              </View>
            ))}
          </View>
          {problem ? <Words tone="stop" size="strong" live testID="plate-problem">{problem} Nothing is matched against such a plate: read it again.</Words> : null}
          {opened ? <MatchSheet match={opened} onClose={() => setWhy(null)} /> : null}
          {wrong ? <Words tone="stop" size="strong" live testID="sheet-problem">{wrong}</Words> : null}
          <QuietButton text="Read a lead sheet from a file" icon="file" onPress={() => void read()} testID="read-sheet" />
        </View>
      }
      evidence={wide && beside ? <View style={{ gap: 10 }}><Words size="title" heading={2}>{beside.name}</Words><MatchRows match={beside} /></View> : undefined}
      strip={refusal ? <Refusal text={refusal} /> : ready ? undefined : <Words size="small" tone="quiet">{speedDue ? 'Pick the speed to set.' : job.motor ? 'Say which way the fan must turn.' : 'Pick the motor that is on the van.'}</Words>}
      action={<PrimaryButton text="Next: the capacitor" disabled={!ready || refusal !== null} onPress={() => router.replace(`/job/${id}/capacitor`)} testID="motor-next" />}
    />
  )
}

/** The match of every sheet, worked out in the worker; what is wrong with the old plate, if anything. */
function useMatches(job: JobDocument, sheets: readonly LeadSheet[]): { readonly matches: MatchMotorOutput['matches']; readonly problem: string | null } {
  const input = useMemo(() => ({ old: oldMotorOf(job), candidates: sheets }), [job, sheets])
  const result = useOperation('match-motor', input)
  if (!result) return { matches: [], problem: null }
  return result.ok ? { matches: (result.output as MatchMotorOutput).matches, problem: null } : { matches: [], problem: result.error.message }
}

/** Best first, once they are matched. */
function ranked(sheets: readonly LeadSheet[], matches: MatchMotorOutput['matches']) {
  if (matches.length === 0) return sheets.map((sheet) => ({ sheet, match: null }))
  const place = (sheet: LeadSheet) => matches.findIndex((m) => m.id === sheet.id)
  return [...sheets].sort((a, b) => place(a) - place(b)).map((sheet) => ({ sheet, match: matches[place(sheet)] ?? null }))
}

function Verdict({ match, onPress }: { readonly match: MatchMotorOutput['matches'][number]; readonly onPress: () => void }) {
  return (
    <Tap testID={`match-${match.id}`} label={`${match.name}: ${match.sentence} Open the reasons`} onPress={onPress} style={{ paddingHorizontal: 8 }}>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={MATCH_MARKS[match.verdict]} size={26} />
        <Words size="small" style={{ flex: 1 }} lines={2}>{match.sentence}</Words>
      </View>
    </Tap>
  )
}

/** Why the chosen motor cannot turn the wanted way; null when it can, or when one of the two is not chosen. */
function useRefusal(job: JobDocument): string | null {
  const input = useMemo(() => (job.wanted && job.motor ? { wanted: job.wanted, sheet: job.motor } : null), [job.wanted, job.motor])
  const result = useOperation('rotation', input)
  return result?.ok ? (result.output as { refusal: string | null }).refusal : null
}

function Refusal({ text }: { readonly text: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }} testID="rotation-refusal">
      <VerdictMark verdict="stop" size={30} />
      <Words tone="stop" size="strong" style={{ flex: 1 }} live>{text}</Words>
    </View>
  )
}

function Horsepower({ id, job, sheet }: { readonly id: string; readonly job: JobDocument; readonly sheet: LeadSheet }) {
  const options = sheet.settings.horsepower.map((c) => ({ value: c.horsepower, text: `${c.horsepower} hp`, hint: `${c.amps} A` }))
  return (
    <View style={{ gap: 6 }}>
      <Words size="strong" heading={2}>Horsepower to set</Words>
      <Choice label="Horsepower to set" options={options} value={job.horsepower ?? options[0]?.value ?? null} onChange={(value) => editJob(id, [{ path: ['horsepower'], value }])} />
      <Words size="small" tone="quiet">The same as the old one is best; never below it.</Words>
    </View>
  )
}

/** A motor that takes either of two classes must be told which: the old motor's, never another. */
function SelectSpeed({ id, job, sheet }: { readonly id: string; readonly job: JobDocument; readonly sheet: LeadSheet }) {
  const speeds = selectSpeeds(sheet)
  const chosen = speeds.find((c) => c.speed === job.speed)
  return (
    <View style={{ gap: 6 }} testID="select-speed">
      <Words size="strong" heading={2}>Speed to set</Words>
      <Choice<SpeedName> label="Speed to set" options={speeds.map((c) => ({ value: c.speed, text: c.speed.replace('-', ' '), hint: c.rpm ? `${c.rpm} rpm` : undefined }))} value={chosen?.speed ?? null} onChange={(value) => editJob(id, [{ path: ['speed'], value }])} />
      <Words size="small" tone="quiet">{chosen ? howSet(chosen) : 'The old motor’s own class, from its plate: another would overload it or starve the coil.'}</Words>
    </View>
  )
}

const howSet = ({ join, open }: SpeedChoice): string => [...join.map(([a, b]) => `${a} is joined to ${b}`), ...open.map((lead) => `${lead} is left open, insulated`)].join('; ') + '.'

function WantedRotation({ id, job }: { readonly id: string; readonly job: JobDocument }) {
  const [finding, setFinding] = useState(false)
  const [end, setEnd] = useState<End>(job.wanted?.seenFrom ?? 'lead-end')
  const set = (rotation: Rotation) => editJob(id, [{ path: ['wanted'], value: rotation }])
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>The fan must turn</Words>
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <View style={{ flex: 1, gap: 8 }}>
          <Choice<Direction> label="Direction" value={job.wanted?.direction ?? null} testID="direction" onChange={(direction) => set({ direction, seenFrom: end })} options={[{ value: 'CW', text: 'CW', hint: 'clockwise' }, { value: 'CCW', text: 'CCW', hint: 'counter-cw' }]} />
          <Choice<End> label="Seen from" value={end} onChange={(seenFrom) => { setEnd(seenFrom); if (job.wanted) set({ ...job.wanted, seenFrom }) }} options={[{ value: 'lead-end', text: 'lead end' }, { value: 'shaft-end', text: 'shaft end' }]} />
        </View>
        {job.wanted ? <RotationPicture rotation={job.wanted} /> : null}
      </View>
      <Words size="small" tone="quiet">From the old motor’s plate, with the end it is named from.</Words>
      <QuietButton text="Find it from blade, wheel or a test" onPress={() => setFinding(true)} testID="find-rotation" />
      {finding ? <RotationFinder id={id} job={job} onClose={() => setFinding(false)} onUse={(rotation) => { setEnd(rotation.seenFrom); set(rotation); setFinding(false) }} /> : null}
    </View>
  )
}
