// The card: only of a hookup that is proven as it stands. Printed, or taken along as JSON and SVG.
import { JobNames } from '../../parts/names/JobNames'
import { Problem } from '../../ui/Problem'
import type { Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import type { StageProps } from '../../parts/frame/stage-screen'
import { SaveJob } from '../../parts/files/SaveJob'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { useRouter } from 'expo-router'
import { useState } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { proofState, type ProofState } from '@oak/core/job/standing-proof'
import type { HookupCardOutput } from '@oak/core/operations/hookup-card'
import type { CardPaper } from '@oak/core/job/card/paper'
import { JobFrame } from '../../parts/frame/JobFrame'
import { useHookup } from '../../parts/frame/use-hookup'
import type { Answer } from '../../parts/frame/use-operation'
import { useChanges } from '../../platform/state/app'
import { fileName } from '../../platform/files/file-name'
import { saveTextFile } from '../../platform/files/save-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Choice } from '../../ui/Choice'
import { setDeviceSetting, useDeviceSettings } from '../../ui/device-settings'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { LabelPicker } from '../papers/LabelPicker'
import { cardFile } from '../papers/card-file'
import { CardPicture } from './CardPicture'
import { useCard } from './use-card'
import { CircuitFile } from '../papers/CircuitFile'

const PAPERS: readonly { readonly value: CardPaper; readonly text: string }[] = [
  { value: 'a5', text: 'A5' },
  { value: 'half-letter', text: 'half a letter' },
]
const CARD_NAMES = ['title', 'site'] as const

export function CardScreen({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const changes = useChanges(id)
  const { result, output } = useCard(id, job, changes)
  const state = useHookup(job)
  const hookupAnswer = state.kind === 'ready' ? state.answer.serves : null
  if (!output) return <NoCard id={id} job={job} why={whyNoCard(job, result)} />
  const { card } = output

  const label = `Hookup card. ${card.sentence} ${card.rows.map((r) => `${r.lead}, ${r.role}: ${r.goes}`).join('. ')}`
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup card"
      picture={<CardPaper output={output} label={label} />}
      evidence={
        <CardFiles id={id} job={job} output={output} card={card} groups={hookupAnswer} changes={changes} />
      }
      strip={
        <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
          <VerdictMark verdict={card.verdict} size={34} />
          <Words size="strong" tone={card.verdict} style={{ flex: 1 }} testID="card-sentence">
            {card.sentence}
          </Words>
        </View>
      }
      action={
        <PrimaryButton text="Print the card" icon="print" onPress={() => window.print()} testID="print" />
      }
    />
  )
}

/** Why there is no card now, in words. */
function whyNoCard(job: JobDocument, result: Answer | null): string {
  if (result && !result.ok) return result.error.message
  if (!hookupInput(job) || !job.proven) return 'The hookup is not proven yet.'
  const state = proofState(job)
  if (state.kind === 'stopped') return `Stopped at start-up, so not proven: ${state.sentence}`
  if (state.kind === 'ruled-out') return state.sentence
  if (state.kind !== 'stands') return 'Something changed since it was proven.'
  return ((result?.ok ? result.output : null) as HookupCardOutput | null)?.why ?? 'Working it out…'
}

/** What else belongs to the visit: other work, parts on order, its end, the next one. */
function ToVisit({ id }: Pick<StageProps, 'id'>) {
  const router = useRouter()
  return (
    <QuietButton
      text="This visit: other work, parts on order"
      icon="list"
      onPress={() => router.navigate(`/job/${id}/visit`)}
      testID="to-visit"
    />
  )
}

interface CardFilesProps extends StageProps {
  readonly output: HookupCardOutput
  readonly card: NonNullable<HookupCardOutput['card']>
  readonly groups: HookupOutput['serves'] | null
  readonly changes: readonly Change[]
}

function CardFiles({ id, job, output, card, groups, changes }: CardFilesProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const paper = useDeviceSettings((s) => s.cardPaper)
  const saveCard = () =>
    saveTextFile(
      fileName(job.title, id, 'card.json'),
      'application/json',
      `${JSON.stringify(card, null, 2)}\n`,
    )
  const saveSvg = () =>
    saveTextFile(fileName(job.title, id, 'card.svg'), 'image/svg+xml', cardFile(output, paper))
  const router = useRouter()
  return (
    <View style={{ gap: 12 }}>
      <JobNames key={id} id={id} job={job} fields={CARD_NAMES} />
      <QuietButton
        text="The owner’s report"
        icon="list"
        onPress={() => router.navigate(`/job/${id}/report`)}
        testID="to-report"
      />
      <ToVisit id={id} />
      <Choice<CardPaper>
        label="Paper of the card"
        testID="card-paper"
        value={paper}
        onChange={(value) => setDeviceSetting('cardPaper', value)}
        options={PAPERS}
      />
      <QuietButton
        text="Card as PDF"
        icon="save"
        onPress={() =>
          void import('../papers/report-files')
            .then((files) => files.saveCardPdf(id, output, paper))
            .catch((error: unknown) => setWrong(`The card could not be made: ${String(error)}`))
        }
        testID="save-card-pdf"
      />
      <Problem text={wrong} />
      {job.can && groups ? <LabelPicker id={id} job={job} groups={groups} code={output.code} /> : null}
      <QuietButton text="Card as SVG" icon="save" onPress={saveSvg} testID="save-svg" />
      <QuietButton text="Card as JSON" icon="save" onPress={saveCard} testID="save-card" />
      <CircuitFile job={job} />
      <SaveJob id={id} title={job.title} changes={changes} text="Whole job as a file" testID="save-job" />
      <QuietButton text="Back to all jobs" icon="back" onPress={() => router.navigate('/')} />
    </View>
  )
}

function CardPaper({ output, label }: { readonly output: HookupCardOutput; readonly label: string }) {
  const palette = usePalette()
  return (
    <View
      testID="hookup-card"
      style={{ borderWidth: 1.5, borderColor: palette.edge, backgroundColor: '#fff' }}
    >
      <CardPicture output={output} label={label} />
    </View>
  )
}

/** Where what takes the proof away is put right. */
const WAYS_ON: Partial<Readonly<Record<ProofState['kind'], readonly [string, string]>>> = {
  stopped: ['startup', 'Back to the start-up'],
  'ruled-out': ['motor', 'To the motor'],
}

function NoCard({ id, job, why }: { readonly id: JobId; readonly job: JobDocument; readonly why: string }) {
  const router = useRouter()
  const { kind } = proofState(job)
  const stopped = kind === 'stopped' || kind === 'ruled-out'
  const [stage, words] = WAYS_ON[kind] ?? ['board', 'To the hookup board']
  return (
    <JobFrame
      id={id}
      job={job}
      title="Hookup card"
      picture={
        <View style={{ gap: 12, paddingVertical: 40, alignItems: 'flex-start' }} testID="no-card">
          <VerdictMark verdict={stopped ? 'stop' : 'cannotTell'} size={48} />
          <Words size="title">No card yet.</Words>
          <Words>{why} A card is only made of a hookup that is proven as it stands.</Words>
          <QuietButton
            text="The owner’s report"
            icon="list"
            onPress={() => router.navigate(`/job/${id}/report`)}
            testID="to-report"
          />
          <ToVisit id={id} />
        </View>
      }
      action={<PrimaryButton text={words} onPress={() => router.replace(`/job/${id}/${stage}`)} />}
    />
  )
}
