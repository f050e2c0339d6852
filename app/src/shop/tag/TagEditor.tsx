// The tag on a motor's leads, read on the phone: the drawn tag grows as it is read, and what contradicts itself is said at once.
import type { JobId } from '@oak/core/job/job-id'
import { useRouter } from 'expo-router'
import { useEffect, useRef, useState } from 'react'
import { ScrollView, useWindowDimensions, View } from 'react-native'
import * as v from 'valibot'
import { knownSheets } from '@oak/core/job/known-sheets'
import { LeadSheetSchema } from '@oak/core/motor/lead-sheet'
import { draftOf, EMPTY_TAG, idFor, sheetOf, tagProblems, type TagDraft } from '@oak/core/motor/tag-draft'
import { motorEdits } from '../../parts/stock/motor-edits'
import { deviceFact, editJob, editVan, theJobs, useVan } from '../../platform/state/app'
import { documentOf } from '../../platform/state/jobs'
import { usePalette } from '../../ui/theme'
import { isWide } from '../../ui/wide'
import { DrawnTag } from './DrawnTag'
import { readDraft } from './tag-model'
import { TagHead, TagFigures, TagMore, TagFoot, TagExtra, ChosenLead } from './TagParts'

const FACT = 'tag-draft'

export interface TagEditorProps {
  /** The job that waits for this motor; null: only for the van. */
  readonly job: JobId | null
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
  const [lead, setLead] = useState<(string & {}) | 'new' | null>(null)
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
  const figures = <TagFigures draft={draft} change={change} />
  const settings = <TagMore draft={draft} change={change} />
  const foot = <TagFoot wrong={wrong} problems={problems} draft={draft} job={job} keep={keep} />
  const extra = <TagExtra problems={problems} draft={draft} change={change} />
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main">
      <TagHead leave={leave} from={from} />
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
      <ChosenLead lead={lead} draft={draft} change={change} setLead={setLead} />
    </View>
  )
}
