// What is recommended, by when, and what the owner declined.
import { useState } from 'react'
import { View } from 'react-native'
import { v4 as uuid } from 'uuid'
import type { JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import { recommendedWords, type RecommendedWhen } from '@oak/core/job/report/recommended'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { IconTap } from '../../ui/IconTap'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'

const WHEN: readonly { readonly value: RecommendedWhen | 'any'; readonly text: string }[] = [
  { value: 'any', text: 'any time' },
  { value: 'now', text: 'soon' },
  { value: 'season', text: 'next season' },
  { value: 'year', text: 'this year' },
]

export function Recommended({ id, job }: { readonly id: JobId; readonly job: JobDocument }) {
  const [when, setWhen] = useState<RecommendedWhen | 'any'>('any')
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const add = () => {
    const refused = editJob(id, [
      { path: ['recommended', uuid()], value: { text, declined: false, when: when === 'any' ? null : when } },
    ])
    setWrong(refused)
    if (!refused) setText('')
  }
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Recommended
      </Words>
      {Object.entries(job.recommended).map(([key, item]) => (
        <View key={key} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Words
            size="small"
            style={{ flex: 1, textDecorationLine: item.declined ? 'line-through' : 'none' }}
          >
            {recommendedWords({ ...item, declined: false })}
          </Words>
          <SmallButton
            text="declined"
            label={`declined: ${item.text}`}
            selected={item.declined}
            onPress={() =>
              editJob(id, [{ path: ['recommended', key], value: { ...item, declined: !item.declined } }])
            }
          />
          <IconTap
            icon="close"
            label={`${item.text}: take it off`}
            onPress={() => editJob(id, [{ path: ['recommended', key], value: null }])}
          />
        </View>
      ))}
      <TextField
        label="What you recommend"
        value={text}
        onChangeText={setText}
        maxLength={500}
        testID="recommend-text"
      />
      <Choice<RecommendedWhen | 'any'>
        label="By when"
        testID="recommend-when"
        value={when}
        onChange={setWhen}
        options={WHEN}
      />
      <Problem text={wrong} />
      <QuietButton
        text="Add it"
        icon="plus"
        disabled={text.trim() === ''}
        onPress={add}
        testID="recommend-add"
      />
    </View>
  )
}
