// The pieces of the tag’s editor: its figures, its settings, its foot with what contradicts itself, the lead being read.
import type { JobId } from '@oak/core/job/job-id'
import { View } from 'react-native'
import { capital, listed } from '@oak/core/quantity/display'
import { TextField } from '../../ui/TextField'
import * as v from 'valibot'
import { LeadSheetSchema } from '@oak/core/motor/lead-sheet'
import { insulationName } from '@oak/core/motor/colour'
import type { LeadId } from '@oak/core/motor/lead-id'
import { ROLE_NAMES } from '@oak/core/motor/role'
import {
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
import { saveTextFile } from '../../platform/files/save-file'
import { HoldButton } from '../../ui/HoldButton'
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
  readonly title: string
}

export function TagHead({ leave, title }: TagHeadProps) {
  return (
    <TopBar back={{ label: 'Back', testID: 'tag-back', onPress: leave }}>
      <PageHeading size="strong" style={{ flex: 1 }} title={title} />
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
  /** What it began with. */
  readonly bare: TagDraft
}

export function TagExtra({ problems, draft, change, bare }: TagExtraProps) {
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
      <QuietButton text="Begin this tag again" icon="trash" onPress={() => change(bare)} testID="clear-tag" />
    </View>
  )
}

interface TagFootProps {
  readonly wrong: string | null
  readonly problems: string[]
  readonly draft: TagDraft
  readonly job: JobId | null
  /** Its leads were drafted from the old motor's wires. */
  readonly isOld: boolean
  readonly keep: () => void
}

export function TagFoot({ wrong, problems, draft, job, isOld, keep }: TagFootProps) {
  const palette = usePalette()
  return (
    <View style={{ borderTopWidth: 1.5, borderColor: palette.line, padding: 10, gap: 8 }}>
      <Strip
        problems={wrong ? [wrong, ...problems] : problems}
        begun={draft.leads.length > 0 || draft.name !== ''}
        watch={guessWords(draft, isOld) ?? lookAlikes(draft)[0] ?? null}
      />
      <KeepTag draft={draft} job={job} disabled={problems.length > 0} keep={keep} />
    </View>
  )
}

interface KeepTagProps extends Pick<TagFootProps, 'draft' | 'job' | 'keep'> {
  readonly disabled: boolean
}

/** What a machine read of a photo is signed for: a hold that shows each lead it read. */
function KeepTag({ draft, job, disabled, keep }: KeepTagProps) {
  const text = keepWords(draft, job)
  const read = draft.photographed ? draft.leads.filter(({ id }) => draft.guessed.includes(id)) : []
  if (read.length === 0)
    return <PrimaryButton text={text} icon="check" disabled={disabled} onPress={keep} testID="keep-tag" />
  return (
    <HoldButton
      text={text}
      disabled={disabled}
      onHeld={keep}
      testID="keep-tag"
      lines={read.map((lead) => `${capital(insulationName(lead))}: ${ROLE_NAMES[lead.role]}`)}
    />
  )
}

/** What the press says: guesses are the tag's word only by whoever holds them against it. */
function keepWords({ guessed }: TagDraft, job: JobId | null): string {
  if (guessed.length > 0) return job ? 'The tag says so: use this motor' : 'The tag says so: keep it'
  return job ? 'Use this motor' : 'Keep this tag'
}

/** Which leads are guesses, and by what; null: none. */
function guessWords({ guessed, leads, photographed }: TagDraft, isOld: boolean): string | null {
  if (guessed.length === 0) return null
  const which = guessed.length === leads.length ? 'Every lead' : listed(guessed)
  if (photographed)
    return `${capital(which)}: as a photo was read. Hold ${guessed.length === 1 ? 'it' : 'each'} against the tag itself.`
  return `${capital(which)}: guessed by ${isOld ? 'where the wires went and by usual colours' : 'colour'}. Hold ${guessed.length === 1 ? 'it' : 'each'} against the tag or the diagram.`
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
  watch,
}: {
  readonly problems: readonly string[]
  readonly begun: boolean
  /** What to look at in a tag that is whole; null: nothing. */
  readonly watch: string | null
}) {
  const [first, ...rest] = problems
  if (!begun)
    return (
      <Words size="small" tone="quiet">
        Name first, then lead by lead as the tag says; or begin with leads that such motors often have.
      </Words>
    )
  const sound = watch === null ? 'proven' : 'watch'
  const mark = first ? 'cannotTell' : sound
  const text = first
    ? `${first}${rest.length > 0 ? ` And ${rest.length} more.` : ''}`
    : (watch ?? 'The tag is whole, and nothing in it contradicts itself.')
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }} testID="tag-strip">
      <VerdictMark verdict={mark} size={30} />
      <Words size="strong" tone={mark} style={{ flex: 1 }} live>
        {text}
      </Words>
    </View>
  )
}
