// The quick ways into a tag: a photo of it, leads that such motors often have, and a line that is typed or pasted.
import { useState } from 'react'
import { View } from 'react-native'
import { MAX_LINE } from '@oak/core/label/read-label'
import { readTagLine, withTagLine } from '@oak/core/label/tag-line'
import { leadSetsOf, withLeadSet } from '@oak/core/motor/lead-sets'
import type { TagDraft } from '@oak/core/motor/tag-draft'
import { listed } from '@oak/core/quantity/display'
import { Problem } from '../../ui/Problem'
import { QuietButton } from '../../ui/PrimaryButton'
import { Tap } from '../../ui/Tap'
import { TextField } from '../../ui/TextField'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { TagPhoto } from './TagPhoto'

interface StartProps {
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
}

export function TagStart({ draft, change }: StartProps) {
  const [photo, setPhoto] = useState(false)
  return (
    <View style={{ gap: 12 }}>
      <QuietButton
        text="Read the tag from a photo"
        icon="camera"
        onPress={() => setPhoto(true)}
        testID="tag-from-photo"
      />
      {photo ? <TagPhoto draft={draft} change={change} onClose={() => setPhoto(false)} /> : null}
      {draft.leads.length === 0 ? <LeadSets draft={draft} change={change} /> : null}
      <TypedLine draft={draft} change={change} />
    </View>
  )
}

function LeadSets({ draft, change }: StartProps) {
  const palette = usePalette()
  return (
    <View style={{ gap: 8 }} testID="lead-sets">
      <Words size="strong" heading={2}>
        Begin with leads that such motors often have
      </Words>
      {leadSetsOf(draft.kind).map((set) => (
        <Tap
          key={set.id}
          testID={`lead-set-${set.id}`}
          onPress={() => change(withLeadSet(draft, set))}
          style={{
            borderWidth: 1.5,
            borderColor: palette.edge,
            borderRadius: 8,
            backgroundColor: palette.surface,
            paddingHorizontal: 12,
            paddingVertical: 6,
          }}
        >
          <Words size="strong">{set.name}</Words>
          <Words size="small" tone="quiet">
            {set.says}
          </Words>
        </Tap>
      ))}
    </View>
  )
}

/** What was not understood stays in the field, and is named. */
function TypedLine({ draft, change }: StartProps) {
  const [text, setText] = useState('')
  const [unread, setUnread] = useState<readonly string[]>([])
  const read = () => {
    const line = readTagLine(text, draft.kind)
    change(withTagLine(draft, line))
    setUnread(line.unread)
    setText(line.unread.join(', '))
  }
  return (
    <View style={{ gap: 8 }}>
      <TextField
        label="Or type it: BK common, WH run, BN start"
        value={text}
        onChangeText={setText}
        maxLength={MAX_LINE}
        testID="tag-line"
      />
      <Problem
        text={unread.length > 0 ? `Not understood: ${listed(unread.map((word) => `“${word}”`))}.` : null}
        testID="tag-line-problem"
      />
      {text.trim() === '' ? null : (
        <QuietButton text="Put it on the tag" onPress={read} testID="read-tag-line" />
      )}
    </View>
  )
}
