// Parts that the van has not: what, from whom, for when; and that they came.
import { shopNow } from '../../platform/sync/clock'
import { useState } from 'react'
import { View } from 'react-native'
import { v4 as uuid } from 'uuid'
import type { JobDocument } from '@oak/core/job/document'
import { orderProblem } from '@oak/core/job/visit/visit-state'
import { dayOf, dayWords } from '@oak/core/quantity/day'
import type { StageProps } from '../../parts/frame/stage-screen'
import { editJob } from '../../platform/state/app'
import { IconTap } from '../../ui/IconTap'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { StepRow } from '../../parts/ticks/StepRow'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { CounterSheet } from '../counter/CounterSheet'
import { DayPick } from './DayPick'
import { dayOfChoice, dayProblem, proposedPart, type DayChoice } from './visit-model'

/** What the form opens with; null: it is closed. */
interface Draft {
  readonly what: string
  readonly from: string
}

export function OnOrder({ id, job }: StageProps) {
  const [draft, setDraft] = useState<Draft | null>(null)
  const [asking, setAsking] = useState(false)
  return (
    <View style={{ gap: 8 }} testID="on-order">
      <Words size="strong" heading={2}>
        Parts on order
      </Words>
      {Object.entries(job.ordered).map(([key, part]) => (
        <View key={key} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <View style={{ flex: 1 }}>
            <StepRow
              state={part.arrived ? 'done' : 'open'}
              text={part.what}
              detail={orderDetail(part)}
              onPress={() =>
                editJob(id, [{ path: ['ordered', key], value: { ...part, arrived: !part.arrived } }])
              }
              testID="ordered-part"
            />
          </View>
          <IconTap
            icon="close"
            label={`${part.what}: not on order`}
            onPress={() => editJob(id, [{ path: ['ordered', key], value: null }])}
          />
        </View>
      ))}
      <QuietButton
        text="Ask the parts counter"
        icon="store"
        onPress={() => setAsking(true)}
        testID="ask-counter"
      />
      <QuietButton
        text="Note a part on order"
        icon="plus"
        onPress={() => setDraft({ what: proposedPart(job), from: '' })}
        testID="order-part"
      />
      {asking ? (
        <CounterSheet
          // Once a motor is chosen, what lacks is the capacitor.
          kind={job.motor ? 'capacitor' : 'motor'}
          onClose={() => setAsking(false)}
          onOrder={(what, from) => {
            setAsking(false)
            setDraft({ what, from })
          }}
        />
      ) : null}
      {draft ? <OrderSheet id={id} job={job} draft={draft} onClose={() => setDraft(null)} /> : null}
    </View>
  )
}

const orderDetail = ({ from, due, arrived }: JobDocument['ordered'][string]): string =>
  arrived
    ? 'arrived'
    : [from ? `from ${from}` : '', due ? `for ${dayWords(due)}` : 'no day said'].filter(Boolean).join(', ') +
      '. Press when it is there.'

function OrderSheet({
  id,
  job,
  draft,
  onClose,
}: StageProps & { readonly draft: Draft; readonly onClose: () => void }) {
  const [what, setWhat] = useState(draft.what)
  const [from, setFrom] = useState(draft.from)
  const [choice, setChoice] = useState<DayChoice>('none')
  const [typed, setTyped] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [noDay, setNoDay] = useState<string | null>(null)
  const twice = orderProblem(job, what)
  const add = () => {
    const badDay = dayProblem(choice, typed)
    if (badDay) return setNoDay(badDay)
    const due = dayOfChoice(choice, typed, dayOf(shopNow()))
    if (twice) return
    const refused = editJob(id, [{ path: ['ordered', uuid()], value: { what, from, due, arrived: false } }])
    if (refused === null) onClose()
    else setWrong(refused)
  }
  return (
    <Sheet title="A part on order" open onClose={onClose} testID="order-sheet">
      <TextField
        label="Which part"
        value={what}
        onChangeText={setWhat}
        maxLength={300}
        problem={twice ?? wrong ?? undefined}
        testID="order-what"
      />
      <TextField label="From whom" value={from} onChangeText={setFrom} maxLength={300} testID="order-from" />
      <Words size="strong" heading={3}>
        When it comes
      </Words>
      <DayPick
        label="When it comes"
        choice={choice}
        typed={typed}
        problem={noDay}
        onChoice={setChoice}
        onType={(text) => {
          setTyped(text)
          setNoDay(null)
        }}
        testID="order-due"
      />
      <PrimaryButton text="It is on order" icon="check" onPress={add} testID="order-add" />
    </Sheet>
  )
}
