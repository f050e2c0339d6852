// What else was done: a list to tick, each with its caution, and words of one's own.
import { useState } from 'react'
import { View } from 'react-native'
import { v4 as uuid } from 'uuid'
import { knownWork, WORKS, type Work } from '@oak/core/job/visit/works'
import { PhotoStrip } from '../../parts/photos/PhotoStrip'
import type { StageProps } from '../../parts/frame/stage-screen'
import { StepRow } from '../../parts/ticks/StepRow'
import { editJob } from '../../platform/state/app'
import { IconTap } from '../../ui/IconTap'
import { QuietButton } from '../../ui/PrimaryButton'
import { TextField } from '../../ui/TextField'
import { VerdictLine } from '../../ui/VerdictLine'
import { Words } from '../../ui/Words'

export function OtherWork({ id, job }: StageProps) {
  const own = Object.entries(job.works).filter(([key]) => !knownWork(key))
  return (
    <View style={{ gap: 8 }} testID="other-work">
      <Words size="strong" heading={2}>
        Other work done
      </Words>
      {WORKS.map((work) => (
        <WorkRow key={work.id} id={id} work={work} isDone={job.works[work.id] !== undefined} />
      ))}
      {own.map(([key, { text }]) => (
        <View key={key} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Words style={{ flex: 1 }}>{text}</Words>
          <IconTap
            icon="close"
            label={`${text}: take it off`}
            onPress={() => editJob(id, [{ path: ['works', key], value: null }])}
          />
        </View>
      ))}
      <OwnWords id={id} />
      <PhotoStrip id={id} job={job} />
    </View>
  )
}

interface WorkRowProps {
  readonly id: string
  readonly work: Work
  readonly isDone: boolean
}

/** The caution stands where the work is ticked, once it is. */
function WorkRow({ id, work, isDone }: WorkRowProps) {
  const toggle = () => editJob(id, [{ path: ['works', work.id], value: isDone ? null : { text: work.name } }])
  return (
    <View style={{ gap: 4 }}>
      <StepRow
        state={isDone ? 'done' : 'open'}
        text={work.name}
        detail={work.today ? 'for today only' : undefined}
        onPress={toggle}
        testID={`work-${work.id}`}
      />
      {isDone && work.caution ? (
        <VerdictLine mark="watch" text={work.caution} testID={`caution-${work.id}`} />
      ) : null}
    </View>
  )
}

function OwnWords({ id }: Pick<StageProps, 'id'>) {
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const add = () => {
    const refused = editJob(id, [{ path: ['works', uuid()], value: { text } }])
    setWrong(refused)
    if (refused === null) setText('')
  }
  return (
    <>
      <TextField
        label="Or in your own words"
        value={text}
        onChangeText={setText}
        maxLength={500}
        problem={wrong ?? undefined}
        testID="work-text"
      />
      {text.trim() === '' ? null : <QuietButton text="Add it" icon="plus" onPress={add} testID="work-add" />}
    </>
  )
}
