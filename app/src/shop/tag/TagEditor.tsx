// The tag on a motor's leads, read on the phone: the drawn tag grows as it is read, and what contradicts itself is said at once.
import { useRouter } from 'expo-router'
import { useEffect, useRef, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import { TextInput } from 'react-native-paper'
import * as v from 'valibot'
import { knownSheets } from '@oak/core/job/known-sheets'
import { LeadSheetSchema } from '@oak/core/motor/lead-sheet'
import {
  draftOf,
  EMPTY_TAG,
  idFor,
  lookAlikes,
  rolesOf,
  sheetOf,
  tagProblems,
  withLead,
  withoutLead,
  type TagDraft,
} from '@oak/core/motor/tag-draft'
import { motorEdits } from '../../parts/stock/motor-edits'
import { bodyFields, withBodyField } from '../../parts/plates/body-fields'
import { PlateCard } from '../../parts/plates/PlateCard'
import { deviceFact, editJob, editVan, theJobs, useVan } from '../../platform/state/app'
import { documentOf } from '../../platform/state/jobs'
import { Icon } from '../../ui/Icon'
import { saveTextFile } from '../../platform/files/pick-file'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { isWide } from '../../ui/wide'
import { Words } from '../../ui/Words'
import { DrawnTag } from './DrawnTag'
import { TagLead } from './TagLead'
import { TagSettings } from './TagSettings'
import { nextRole, readDraft, tagFields, withTagField } from './tag-model'

const FACT = 'tag-draft'

export interface TagEditorProps {
  /** The job that waits for this motor; null: only for the van. */
  readonly job: string | null
  /** The sheet to change; null: a new tag, or the one that was left half read. */
  readonly sheet: string | null
}

/** The draft, kept on the device with every change: a tag half read is there after a call or an empty battery. */
function useDraft(start: TagDraft | null) {
  const [draft, setDraft] = useState<TagDraft>(start ?? EMPTY_TAG)
  const touched = useRef(start !== null)
  useEffect(() => {
    if (touched.current) return
    void deviceFact.get(FACT).then((text) => {
      const kept = readDraft(text)
      if (kept && !touched.current) setDraft(kept)
    })
  }, [])
  const change = (next: TagDraft) => {
    touched.current = true
    setDraft(next)
    if (start === null) void deviceFact.set(FACT, JSON.stringify(next))
  }
  const forget = () => void (start === null && deviceFact.set(FACT, ''))
  return { draft, change, forget }
}

export function TagEditor({ job, sheet }: TagEditorProps) {
  const palette = usePalette()
  const router = useRouter()
  const wide = isWide(useWindowDimensions().width)
  const { document: van } = useVan()
  const known = knownSheets(van)
  const from = known.find((s) => s.id === sheet)
  const { draft, change, forget } = useDraft(from ? draftOf(from) : null)
  const [lead, setLead] = useState<string | 'new' | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const taken = !from && draft.name !== '' && known.some((s) => s.id === idFor(draft.name))
  const problems = [
    ...(taken
      ? [`There is a tag called “${draft.name}” already: open that one, or give this another name.`]
      : []),
    ...tagProblems(draft).map((p) => p.message),
  ]
  const leave = () => router.replace(job ? `/job/${job}/motor` : '/van')
  const keep = () => {
    const parsed = v.parse(LeadSheetSchema, sheetOf(draft))
    const refused =
      editVan([{ path: ['sheets', parsed.id], value: parsed }]) ??
      (job ? editJob(job, motorEdits(documentOf(theJobs().store.getState(), job), parsed)) : null)
    if (refused) return setWrong(refused)
    forget()
    leave()
  }
  const drawn = <DrawnTag draft={draft} onLead={setLead} onAdd={() => setLead('new')} />
  const figures = (
    <View style={{ gap: 14 }}>
      <TextInput
        mode="outlined"
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
  const settings = (
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
  const foot = (
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
  const extra = (
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
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Tap
          label="Back"
          testID="tag-back"
          onPress={leave}
          style={{ width: 52, height: 50, alignItems: 'center' }}
        >
          <Icon name="back" color={palette.ink} />
        </Tap>
        <Words size="strong" heading={1} style={{ flex: 1 }}>
          {from ? 'Change a tag' : 'Read the tag on the leads'}
        </Words>
      </View>
      {wide ? (
        <View style={{ flex: 1, flexDirection: 'row', borderTopWidth: 1.5, borderColor: palette.line }}>
          <ScrollView
            style={{ flex: 1 }}
            contentContainerStyle={{
              padding: 20,
              gap: 18,
              maxWidth: 720,
              width: '100%',
              alignSelf: 'center',
            }}
          >
            {figures}
            {drawn}
          </ScrollView>
          <View style={{ width: 420, borderLeftWidth: 1.5, borderColor: palette.line }}>
            <ScrollView contentContainerStyle={{ padding: 16, gap: 18 }}>
              {settings}
              {extra}
            </ScrollView>
            {foot}
          </View>
        </View>
      ) : (
        <>
          <ScrollView contentContainerStyle={{ padding: 12, gap: 18 }}>
            {figures}
            {drawn}
            {settings}
            {extra}
          </ScrollView>
          {foot}
        </>
      )}
      {lead === null ? null : (
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
      )}
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
