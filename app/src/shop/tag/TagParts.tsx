// The pieces of the tag’s editor: its figures, its settings, its foot with what contradicts itself, the lead being read.
import type { JobId } from '@oak/core/job/job-id'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import * as v from 'valibot'
import { LeadSheetSchema, type LeadSheet } from '@oak/core/motor/lead-sheet'
import type { LeadId } from '@oak/core/motor/lead-id'
import {
  EMPTY_TAG,
  idFor,
  lookAlikes,
  rolesOf,
  sheetOf,
  withLead,
  withoutLead,
  type TagDraft,
} from '@oak/core/motor/tag-draft'
import { bodyFields, withBodyField } from '../../parts/plates/body-fields'
import { PlateCard } from '../../parts/plates/PlateCard'
import { saveTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { TagLead } from './TagLead'
import { TagSettings } from './TagSettings'
import { nextRole, tagFields, withTagField } from './tag-model'
import { PageHeading } from '../../parts/frame/PageHeading'

interface TagHeadProps {
  readonly leave: () => void
  readonly from: LeadSheet | undefined
}

export function TagHead({ leave, from }: TagHeadProps) {
  return (
    <TopBar back={{ label: 'Back', testID: 'tag-back', onPress: leave }}>
      <PageHeading
        size="strong"
        style={{ flex: 1 }}
        title={from ? 'Change a tag' : 'Read the tag on the leads'}
      />
    </TopBar>
  )
}

interface ChosenLeadProps {
  readonly lead: LeadId | null
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
  readonly setLead: (value: string | null) => void
}

export function ChosenLead({ lead, draft, change, setLead }: ChosenLeadProps) {
  return lead === null ? null : (
    <TagLead
      key={lead}
      lead={draft.leads.find((l) => l.id === lead) ?? null}
      roles={rolesOf(draft.kind)}
      proposed={nextRole(draft)}
      onSet={(insulation, role) => {
        change(withLead(draft, lead === 'new' ? null : lead, insulation, role))
        setLead(null)
      }}
      onRemove={() => {
        change(withoutLead(draft, lead))
        setLead(null)
      }}
      onClose={() => setLead(null)}
    />
  )
}

interface TagExtraProps {
  readonly problems: string[]
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
}

export function TagExtra({ problems, draft, change }: TagExtraProps) {
  return (
    <View style={{ gap: 8 }}>
      <QuietButton
        text="Save it as a file"
        icon="save"
        disabled={problems.length > 0}
        onPress={() =>
          saveTextFile(
            `${draft.id || idFor(draft.name)}.lead-sheet.json`,
            'application/json',
            `${JSON.stringify(v.parse(LeadSheetSchema, sheetOf(draft)), null, 2)}\n`,
          )
        }
        testID="save-tag"
      />
      <QuietButton
        text="Begin this tag again"
        icon="trash"
        onPress={() => change(EMPTY_TAG)}
        testID="clear-tag"
      />
    </View>
  )
}

interface TagFootProps {
  readonly wrong: string | null
  readonly problems: string[]
  readonly draft: TagDraft
  readonly job: JobId | null
  readonly keep: () => void
}

export function TagFoot({ wrong, problems, draft, job, keep }: TagFootProps) {
  const palette = usePalette()
  return (
    <View style={{ borderTopWidth: 1.5, borderColor: palette.line, padding: 10, gap: 8 }}>
      <Strip
        problems={wrong ? [wrong, ...problems] : problems}
        begun={draft.leads.length > 0 || draft.name !== ''}
        alike={lookAlikes(draft)}
      />
      <PrimaryButton
        text={job ? 'Use this motor' : 'Keep this tag'}
        icon="check"
        disabled={problems.length > 0}
        onPress={keep}
        testID="keep-tag"
      />
    </View>
  )
}

export function TagMore({
  draft,
  change,
}: {
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
}) {
  return (
    <View style={{ gap: 18 }}>
      <TagSettings draft={draft} onChange={change} />
      <PlateCard
        title="Its body, if you can measure it"
        testID="tag-body"
        fields={bodyFields(draft.mechanical)}
        onChange={(key, value) => {
          change({ ...draft, mechanical: withBodyField(draft.mechanical, key, value) })
          return null
        }}
      />
    </View>
  )
}

export function TagFigures({
  draft,
  change,
}: {
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
}) {
  return (
    <View style={{ gap: 14 }}>
      <TextField
        label="Name on the motor"
        value={draft.name}
        onChangeText={(name) => change({ ...draft, name })}
        maxLength={300}
        testID="tag-name"
      />
      <PlateCard
        title="The tag"
        testID="tag"
        fields={tagFields(draft)}
        onChange={(key, value) => {
          change(withTagField(draft, key, value))
          return null
        }}
      />
    </View>
  )
}

function Strip({
  problems,
  begun,
  alike,
}: {
  readonly problems: readonly string[]
  readonly begun: boolean
  readonly alike: readonly string[]
}) {
  const [first, ...rest] = problems
  if (!begun)
    return (
      <Words size="small" tone="quiet">
        Name first, then lead by lead as the tag says.
      </Words>
    )
  const mark = first ? 'cannotTell' : alike.length > 0 ? 'watch' : 'proven'
  const text = first
    ? `${first}${rest.length > 0 ? ` And ${rest.length} more.` : ''}`
    : (alike[0] ?? 'The tag is whole, and nothing in it contradicts itself.')
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="tag-strip">
      <VerdictMark verdict={mark} size={30} />
      <Words size="strong" tone={mark} style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}
