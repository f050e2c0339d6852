// Every motor with how it fits, and under the chosen one what is to be set on it.
import { type Shelf } from './shelf'
import { View } from 'react-native'
import type { LeadSheet, SpeedChoice, SpeedName } from '@oak/core/motor/lead-sheet'
import { selectSpeeds } from '@oak/core/motor/settings'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import type { StageProps } from '../../parts/frame/stage-screen'
import { MotorVolts } from '../../parts/unit/MotorVolts'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { Tap } from '../../ui/Tap'
import { VerdictMark } from '../../ui/VerdictMark'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { listed } from '@oak/core/quantity/display'
import { criterionName, sentenceBeside, sharedUnknowns } from '@oak/core/motor/match/shared-unknowns'
import type { CriterionId } from '@oak/core/motor/match/criterion'
import { useRouter } from 'expo-router'
import { QuietButton } from '../../ui/PrimaryButton'
import { VerdictLine } from '../../ui/VerdictLine'
import { MATCH_MARKS } from './MatchSheet'
import { SheetTag } from './SheetTag'
import { type MotorParts } from './motor-parts'
import { Group } from '../../ui/Group'

interface MotorListProps extends StageProps {
  readonly shelf: Shelf
  readonly onChoose: (sheet: LeadSheet) => void
  readonly onWhy: (sheet: string) => void
  readonly Speeds: MotorParts['Speeds']
}

/** Every motor, best first; the settings of the chosen one under it. */
export function MotorList({ id, job, shelf, onChoose, onWhy, Speeds }: MotorListProps) {
  const shared = sharedUnknowns(shelf.matches)
  return (
    <>
      <Words size="strong" heading={2}>
        Motor from the van
      </Words>
      {shared.length > 0 ? <SharedUnknowns id={id} job={job} shared={shared} /> : null}
      {shelf.isMatching && shelf.shown.length === 0 ? (
        <Waits tone="quiet" text="Matching the motors against the old one…" />
      ) : null}
      <Group label="Motor from the van" busy={shelf.isMatching} style={{ gap: 8 }} testID="motors">
        {shelf.shown.map(({ sheet, match, stock }) => (
          <View key={sheet.id} style={{ gap: 8 }}>
            <SheetTag
              sheet={sheet}
              stock={stock}
              selected={job.motor?.id === sheet.id}
              onPress={() => onChoose(sheet)}
            />
            {match ? <Verdict match={match} shared={shared} onPress={() => onWhy(sheet.id)} /> : null}
            {job.motor?.id === sheet.id ? <Settings id={id} job={job} sheet={sheet} Speeds={Speeds} /> : null}
          </View>
        ))}
      </Group>
      {shelf.problem ? (
        <Words tone="stop" size="strong" live testID="plate-problem">
          {shelf.problem} Nothing is matched against such a plate: read it again.
        </Words>
      ) : null}
    </>
  )
}

interface SettingsProps extends StageProps {
  readonly sheet: LeadSheet
}

/** What is to be set on the chosen motor, as far as it leaves a choice. */
function Settings({ id, job, sheet, Speeds }: SettingsProps & Pick<MotorParts, 'Speeds'>) {
  return (
    <>
      <MotorVolts id={id} job={job} />
      {sheet.settings.horsepower.length > 1 ? <Horsepower id={id} job={job} sheet={sheet} /> : null}
      {selectSpeeds(sheet).length > 0 ? <SelectSpeed id={id} job={job} sheet={sheet} /> : null}
      {sheet.settings.speed.some((s) => s.tap !== null) ? <Speeds id={id} job={job} sheet={sheet} /> : null}
    </>
  )
}

interface SharedProps extends StageProps {
  readonly shared: readonly CriterionId[]
}

/** What is open for every motor alike, once, with the one tap that mends it. */
function SharedUnknowns({ id, job, shared }: SharedProps) {
  const router = useRouter()
  const names = listed(shared.map(criterionName))
  return (
    <View style={{ gap: 8 }} testID="shared-unknowns">
      <VerdictLine
        mark="cannotTell"
        text={`${job.motorPlate === null ? 'The old plate is not read' : 'Of the old motor not all is known'}: ${names} ${shared.length > 1 ? 'are' : 'is'} open for every motor.`}
      />
      <QuietButton
        text={job.motorPlate === null ? 'Read the old plate' : 'Enter what is missing'}
        icon="tag"
        onPress={() => router.navigate(`/job/${id}/plates`)}
        testID="to-plates"
      />
    </View>
  )
}

interface VerdictProps {
  readonly match: MatchMotorOutput['matches'][number]
  readonly shared: readonly CriterionId[]
  readonly onPress: () => void
}

function Verdict({ match, shared, onPress }: VerdictProps) {
  const words = sentenceBeside(match, shared)
  return (
    <Tap
      testID={`match-${match.id}`}
      more={`${match.name}: open the reasons`}
      onPress={onPress}
      style={{ paddingHorizontal: 8 }}
    >
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
        <VerdictMark verdict={MATCH_MARKS[match.verdict]} size={26} />
        <Words size="small" style={{ flex: 1 }} lines={2}>
          {words}
        </Words>
      </View>
    </Tap>
  )
}

function Horsepower({ id, job, sheet }: SettingsProps) {
  const options = sheet.settings.horsepower.map((c) => ({
    value: c.horsepower,
    text: `${c.horsepower} hp`,
    hint: `${c.amps} A`,
  }))
  return (
    <View style={{ gap: 8 }}>
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
function SelectSpeed({ id, job, sheet }: SettingsProps) {
  const speeds = selectSpeeds(sheet)
  const chosen = speeds.find((c) => c.speed === job.speed)
  return (
    <View style={{ gap: 8 }} testID="select-speed">
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
