// A day to come back on, and what for.
import { shopNow } from '../../platform/sync/clock'
import { useState } from 'react'
import { View } from 'react-native'
import { comeBackWords } from '@oak/core/job/visit/visit-state'
import { dayOf } from '@oak/core/quantity/day'
import type { StageProps } from '../../parts/frame/stage-screen'
import { editJob } from '../../platform/state/app'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { DayPick } from './DayPick'
import { dayOfChoice, dayProblem, type DayChoice } from './visit-model'

export function ComeBack({ id, job }: StageProps) {
  const [open, setOpen] = useState(false)
  return (
    <View style={{ gap: 8 }} testID="come-back">
      <Words size="strong" heading={2}>
        To come back
      </Words>
      {job.comeBack ? (
        <>
          <Words testID="come-back-words">{comeBackWords(job.comeBack)}</Words>
          <QuietButton
            text="Nothing to come back for"
            onPress={() => editJob(id, [{ path: ['comeBack'], value: null }])}
            testID="come-back-clear"
          />
        </>
      ) : (
        <QuietButton text="Set a day to come back" onPress={() => setOpen(true)} testID="come-back-set" />
      )}
      {open ? <ComeBackSheet id={id} onClose={() => setOpen(false)} /> : null}
    </View>
  )
}

function ComeBackSheet({ id, onClose }: { readonly id: string; readonly onClose: () => void }) {
  const [why, setWhy] = useState('')
  const [choice, setChoice] = useState<DayChoice>('tomorrow')
  const [typed, setTyped] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [noDay, setNoDay] = useState<string | null>(null)
  const set = () => {
    const badDay = dayProblem(choice, typed)
    if (badDay) return setNoDay(badDay)
    const on = dayOfChoice(choice, typed, dayOf(shopNow()))
    const refused = editJob(id, [{ path: ['comeBack'], value: { on, why } }])
    if (refused === null) onClose()
    else setWrong(refused)
  }
  return (
    <Sheet title="To come back" open onClose={onClose} testID="come-back-sheet">
      <TextField
        label="What for"
        value={why}
        onChangeText={setWhy}
        maxLength={300}
        problem={wrong ?? undefined}
        testID="come-back-why"
      />
      <DayPick
        label="On which day"
        choice={choice}
        typed={typed}
        problem={noDay}
        onChoice={setChoice}
        onType={(text) => {
          setTyped(text)
          setNoDay(null)
        }}
        testID="come-back-day"
      />
      <PrimaryButton text="Set it" icon="check" onPress={set} testID="come-back-keep" />
    </Sheet>
  )
}
