// The tag on a motor's leads, read on the phone: the drawn tag grows as it is read, and what contradicts itself is said at once.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useEffect, useRef, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import * as v from 'valibot'
import { knownSheets } from '@oak/core/job/known-sheets'
import type { JobDocument } from '@oak/core/job/document'
import { stayingDraft } from '@oak/core/job/inputs/staying-input'
import { LIKE_ID } from '@oak/core/motor/staying-tag'
import { LeadSheetSchema, type LeadSheet } from '@oak/core/motor/lead-sheet'
import { draftOf, idFor, sheetOf, tagProblems, type TagDraft } from '@oak/core/motor/tag-draft'
import { likeEdits, motorEdits, stayingEdits } from '../../parts/stock/motor-edits'
import { deviceFact, editJob, editVan, theJobs, useVan } from '../../platform/state/app'
import { documentOf } from '../../platform/state/jobs'
import { usePalette } from '../../ui/theme'
import { isLow, isWide } from '../../ui/wide'
import { DrawnTag } from './DrawnTag'
import { bareTag, readDraft } from './tag-model'
import { TagStart } from './TagStart'
import { TagHead, TagFigures, TagMore, TagFoot, TagExtra, ChosenLead } from './TagParts'

/** A tag of the van is one at a time; that of a motor that stays is its job's. */
const factOf = (job: JobId | null, old: TagEditorProps['old']) =>
  old ? `tag-draft ${old} ${job}` : 'tag-draft'

export interface TagEditorProps {
  /** The job that waits for this motor; null: only for the van. */
  readonly job: JobId | null
  /** The sheet to change; null: a new tag, or the one that was left half read. */
  readonly sheet: string | null
  /** It is the tag of the job's old motor, which stays; or of a new one like it, drafted from it. null: of any motor. */
  readonly old: 'stays' | 'like' | null
}

/** The draft, kept on the device with every change: a tag half read is there after a call or an empty battery. */
function useDraft(fact: string | null, start: TagDraft) {
  const [draft, setDraft] = useState<TagDraft>(start)
  const touched = useRef(fact === null)
  useEffect(() => {
    if (touched.current || fact === null) return
    void deviceFact.get(fact).then((text) => {
      const kept = readDraft(text)
      if (kept && !touched.current) setDraft(kept)
    })
  }, [fact])
  const change = (next: TagDraft) => {
    touched.current = true
    setDraft(next)
    if (fact !== null) void deviceFact.set(fact, JSON.stringify(next))
  }
  const forget = () => void (fact !== null && deviceFact.set(fact, ''))
  return { draft, change, forget }
}

/** What the editor opens with: the sheet to change, the old motor as the record has it, or a bare tag of the job's kind. */
function useStart({ job, sheet, old }: TagEditorProps) {
  const { document: van } = useVan()
  const known = knownSheets(van)
  const from = known.find((s) => s.id === sheet)
  const [start] = useState(() => {
    const document = job ? documentOf(theJobs().store.getState(), job) : null
    if (document && old) return oldDraft(document, old)
    return from ? draftOf(from) : bareTag(document)
  })
  return { known, from, start }
}

/** The old motor as the record has it, or as it was read before. */
function oldDraft(job: JobDocument, old: 'stays' | 'like'): TagDraft {
  if (job.motor && (old === 'stays' ? job.motorStays : job.motor.id === LIKE_ID)) return draftOf(job.motor)
  const draft = stayingDraft(job)
  return old === 'stays'
    ? draft
    : { ...draft, id: LIKE_ID, name: draft.name.replace('The old motor', 'The same motor, new') }
}

/** The sheet on the van, and where a job waits for it as that job's motor; what was refused, or null. */
function keepOnVan(job: JobId | null, sheet: LeadSheet): string | null {
  return (
    editVan([{ path: ['sheets', sheet.id], value: sheet }]) ??
    (job ? editJob(job, motorEdits(documentOf(theJobs().store.getState(), job), sheet)) : null)
  )
}

/** The motor of one job, old or like the old one, is no motor of the van. */
function keepInJob(job: JobId | null, sheet: LeadSheet, old: 'stays' | 'like'): string | null {
  if (!job) return null
  const document = documentOf(theJobs().store.getState(), job)
  return editJob(job, old === 'stays' ? stayingEdits(document, sheet) : likeEdits(document, sheet))
}

function headOf(isKnown: boolean, old: TagEditorProps['old']): string {
  if (old) return old === 'stays' ? 'The motor that stays' : 'The same motor, new'
  return isKnown ? 'Change a tag' : 'Read the tag on the leads'
}

export function TagEditor(props: TagEditorProps) {
  const { job, old } = props
  const palette = usePalette()
  const router = useRouter()
  const { width, height } = useWindowDimensions()
  const wide = isWide(width)
  const low = isLow(height)
  const { known, from, start } = useStart(props)
  const { draft, change, forget } = useDraft(from ? null : factOf(job, old), start)
  const [lead, setLead] = useState<(string & {}) | 'new' | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const taken = !from && !old && draft.name !== '' && known.some((s) => s.id === idFor(draft.name))
  const problems = [
    ...(taken
      ? [`There is a tag called “${draft.name}” already: open that one, or give this another name.`]
      : []),
    ...tagProblems(draft).map((p) => p.message),
  ]
  const leave = () => router.replace(job ? `/job/${job}/motor` : '/van')
  const keep = () => {
    const parsed = v.parse(LeadSheetSchema, sheetOf(draft))
    const refused = old ? keepInJob(job, parsed, old) : keepOnVan(job, parsed)
    if (refused) return setWrong(refused)
    forget()
    leave()
  }
  const drawn = (
    <View style={{ gap: 12 }}>
      <TagStart draft={draft} change={change} />
      <DrawnTag draft={draft} onLead={setLead} onAdd={() => setLead('new')} />
    </View>
  )
  const figures = <TagFigures draft={draft} change={change} />
  const settings = <TagMore draft={draft} change={change} />
  const foot = <TagFoot {...{ wrong, problems, draft, job, keep }} isOld={old !== null} />
  const extra = <TagExtra problems={problems} draft={draft} change={change} bare={start} />
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TagHead leave={leave} title={headOf(from !== undefined, old)} />
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
            {low ? foot : null}
          </ScrollView>
          {low ? null : foot}
        </>
      )}
      <ChosenLead lead={lead} draft={draft} change={change} setLead={setLead} />
    </View>
  )
}
