// Every motor with how it fits, and under the chosen one what is to be set on it.
import { type Shelf } from './shelf'
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { motorDifferences } from '@oak/core/job/inputs/staying-input'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import { Later } from '../../parts/frame/Later'
import type { StageProps } from '../../parts/frame/stage-screen'
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
import { MotorSettings } from './MotorSettings'
import { SheetTag } from './SheetTag'
import { type MotorParts } from './motor-parts'
import { Group } from '../../ui/Group'

interface MotorListProps extends StageProps {
  readonly shelf: Shelf
  readonly onChoose: (sheet: LeadSheet) => void
  readonly onWhy: (sheet: string) => void
  readonly Speeds: MotorParts['Speeds']
}

/** As many as a phone shows at once; the others come a moment later. */
const FIRST_SEEN = 2

/** Every motor, best first; the settings of the chosen one under it. */
export function MotorList({ id, job, shelf, onChoose, onWhy, Speeds }: MotorListProps) {
  const shared = sharedUnknowns(shelf.matches)
  const row = ({ sheet, match, stock }: Shelf['shown'][number]) => (
    <>
      <SheetTag
        sheet={sheet}
        stock={stock}
        selected={job.motor?.id === sheet.id}
        onPress={() => onChoose(sheet)}
      />
      {match ? <Verdict match={match} shared={shared} onPress={() => onWhy(sheet.id)} /> : null}
      {job.motor?.id === sheet.id ? (
        <>
          <Differences job={job} sheet={sheet} />
          <MotorSettings id={id} job={job} sheet={sheet} Speeds={Speeds} />
        </>
      ) : null}
    </>
  )
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
        {shelf.shown.map((one, i) => (
          <View key={one.sheet.id} style={{ gap: 8 }}>
            <Later isFirst={i < FIRST_SEEN}>{row(one)}</Later>
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

/** What is another on it than on the old motor: colours by role, and figures. */
function Differences({ job, sheet }: { readonly job: JobDocument; readonly sheet: LeadSheet }) {
  const list = useMemo(() => motorDifferences(job, sheet), [job, sheet])
  if (list.length === 0) return null
  return (
    <View style={{ gap: 4 }} testID="differences">
      <Words size="small" style={{ fontWeight: '700' }}>
        Against the old one
      </Words>
      {list.map((text) => (
        <Words key={text} size="small">
          {text}
        </Words>
      ))}
    </View>
  )
}
