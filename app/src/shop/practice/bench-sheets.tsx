// The sheets of the bench: what to look at, which ends to take off, what it is, what to change.
import { useState } from 'react'
import { View } from 'react-native'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import type { Part } from '@oak/core/practice/unit/parts'
import { useDegrees } from '../../parts/meter/units'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { SomeOf } from '../../ui/SomeOf'
import { TextField } from '../../ui/TextField'
import { Words } from '../../ui/Words'
import { answerText, leadText } from './practice-model'

interface SheetProps {
  readonly bench: BenchOutput
  readonly onAct: (act: Act) => void
  readonly onClose: () => void
}

const KINDS = [
  { kind: 'look', title: 'Look and listen', says: null },
  { kind: 'power-off', title: 'By hand, locked out', says: null },
  {
    kind: 'live',
    title: 'With the power on',
    says: 'The disconnect is closed for these, and what is off is put back.',
  },
] as const

interface LooksProps extends SheetProps {
  readonly acts: readonly Act[]
  readonly steps: PracticeRoundOutput['steps']
}

export function LookSheet({ bench, acts, steps, onAct, onClose }: LooksProps) {
  const degrees = useDegrees()
  const lastOf = (test: string) => {
    const at = acts.findLastIndex((act) => act.do === 'try' && act.test === test)
    return at < 0 ? undefined : steps[at]
  }
  return (
    <Sheet title="Look, listen, try by hand" open onClose={onClose} testID="look-sheet">
      {KINDS.map(({ kind, title, says }) => (
        <View key={kind} style={{ gap: 8 }}>
          <Words size="strong" heading={3}>
            {title}
          </Words>
          {says ? (
            <Words size="small" tone="quiet">
              {says}
            </Words>
          ) : null}
          {bench.looks
            .filter((look) => look.kind === kind)
            .map(({ test, question }) => {
              const step = lastOf(test)
              return (
                <View key={test} style={{ gap: 4 }}>
                  <QuietButton
                    text={question}
                    testID={`look-${test}`}
                    onPress={() => onAct({ do: 'try', test })}
                  />
                  {step ? (
                    <Words size="strong" live testID={`said-${test}`} style={{ paddingHorizontal: 8 }}>
                      {answerText(bench, test, step, degrees)}
                    </Words>
                  ) : null}
                </View>
              )
            })}
        </View>
      ))}
    </Sheet>
  )
}

export function EndsSheet({ bench, onAct, onClose }: SheetProps) {
  const toggle = (end: string) => {
    const one = [...bench.leads, ...bench.wires].find((e) => e.end === end)
    onAct({ do: one?.isOff ? 'put-back' : 'lift', ends: [end] })
  }
  const leads = bench.leads.filter((l) => l.goes.kind === 'post')
  const all = [...leads, ...bench.wires]
  const onCan = (post: string) => post.startsWith('CAN-')
  const atCan = [
    ...leads.filter((l) => l.goes.kind === 'post' && onCan(l.goes.post)),
    ...bench.wires.filter((w) => onCan(w.from) || onCan(w.to)),
  ]
  const isOff = all.filter((e) => e.isOff)
  const lift = (ends: readonly { readonly end: string; readonly isOff: boolean }[]) => {
    const on = ends.filter((e) => !e.isOff).map((e) => e.end)
    if (on.length > 0) onAct({ do: 'lift', ends: on })
  }
  const label = (post: string) =>
    bench.parts.flatMap((p) => p.posts).find((p) => p.id === post)?.label ?? post
  return (
    <Sheet title="Ends off their posts" open onClose={onClose} testID="ends-sheet">
      <QuietButton text="All of the motor’s leads off" testID="leads-off" onPress={() => lift(leads)} />
      {atCan.length > 0 ? (
        <QuietButton text="Everything off the capacitor" testID="can-off" onPress={() => lift(atCan)} />
      ) : null}
      {isOff.length > 0 ? (
        <QuietButton
          text="All back on"
          testID="all-back"
          onPress={() => onAct({ do: 'put-back', ends: isOff.map((e) => e.end) })}
        />
      ) : null}
      <SomeOf
        label="Ends that are off"
        testID="ends-off"
        chosen={isOff.map((e) => e.end)}
        onToggle={toggle}
        options={[
          ...leads.map((l) => ({
            value: l.end,
            text: `${leadText(l.insulation)}, on ${l.goes.kind === 'post' ? label(l.goes.post) : ''}`,
          })),
          ...bench.wires.map((w) => ({ value: w.end, text: `wire ${label(w.from)} to ${label(w.to)}` })),
        ]}
      />
    </Sheet>
  )
}

interface NameSheetProps extends SheetProps {
  /** What the fault stage has taken, by id; null: nothing. */
  readonly taken: string | null
}

export function NameSheet({ bench, taken, onAct, onClose }: NameSheetProps) {
  const [text, setText] = useState('')
  const like = text.trim().toLowerCase()
  const causes = bench.causes.filter(({ name }) => name.toLowerCase().includes(like))
  const first = bench.causes.find((c) => c.id === taken)
  const say = (cause: string) => {
    onAct({ do: 'name', cause })
    onClose()
  }
  return (
    <Sheet title="What is it?" open onClose={onClose} testID="name-sheet">
      {first ? (
        <QuietButton
          text={`As found in the fault stage: ${first.name}`}
          testID="name-taken"
          onPress={() => say(first.id)}
        />
      ) : null}
      <TextField label="Search the causes" value={text} onChangeText={setText} testID="cause-search" />
      {causes.length === 0 ? <Words tone="quiet">No cause is called that.</Words> : null}
      {causes.map(({ id, name }) => (
        <QuietButton key={id} text={name} testID={`name-${id}`} onPress={() => say(id)} />
      ))}
    </Sheet>
  )
}

interface ChangeSheetProps extends SheetProps {
  /** Why nothing can be fitted by the board yet; null: it can. */
  readonly whyNoFit: string | null
  readonly onFit: () => void
  readonly onBoard: () => void
}

export function ChangeSheet({ bench, whyNoFit, onFit, onBoard, onAct, onClose }: ChangeSheetProps) {
  const change = (part: Part) => {
    onAct({ do: 'change', part })
    onClose()
  }
  const here = bench.changes.filter((c) => c.isThere)
  const gone = bench.changes.filter((c) => !c.isThere)
  return (
    <Sheet title="Change or mend" open onClose={onClose} testID="change-sheet">
      <Words size="strong" heading={3}>
        By the board
      </Words>
      <Words size="small" tone="quiet">
        A universal motor or a multi-tap capacitor: work the hookup out in the stages, then put it in as the
        board has it.
      </Words>
      <QuietButton text="To the stages" icon="more" testID="to-stages" onPress={onBoard} />
      {whyNoFit === null ? (
        <QuietButton
          text="Fit what the board holds"
          testID="fit"
          onPress={() => {
            onFit()
            onClose()
          }}
        />
      ) : (
        <Words size="small" tone="cannotTell" testID="why-no-fit">
          {whyNoFit}
        </Words>
      )}
      <Words size="strong" heading={3}>
        Like for like
      </Words>
      {gone.map(({ part, name }) => (
        <Words key={part} size="small" tone="quiet">
          The van has nothing like {name}.
        </Words>
      ))}
      {here.map(({ part, name }) => (
        <QuietButton
          key={part}
          text={name.replace(/^the /, 'The ')}
          testID={`change-${part}`}
          onPress={() => change(part)}
        />
      ))}
    </Sheet>
  )
}

interface HandOverProps {
  readonly bench: BenchOutput
  readonly acts: readonly Act[]
  readonly onHandOver: () => void
  readonly onClose: () => void
}

/** It ends the round, so it is said once more: what was named, and how the unit stands now. */
export function HandOverSheet({ bench, acts, onHandOver, onClose }: HandOverProps) {
  const named = acts.flatMap((act) =>
    act.do === 'name' ? [bench.causes.find((c) => c.id === act.cause)?.name ?? act.cause] : [],
  )
  return (
    <Sheet title="Hand it over?" open onClose={onClose} testID="hand-over-sheet">
      <Words testID="named">
        {named.length > 0 ? `You say it was this: ${named.join('; ')}.` : 'Nothing is named yet.'}
      </Words>
      <Words>{bench.safety.isOpen ? 'The disconnect is open: nobody sees it run.' : bench.sight.words}</Words>
      <PrimaryButton
        text="Hand it over"
        icon="check"
        testID="hand-over-now"
        onPress={() => {
          onHandOver()
          onClose()
        }}
      />
    </Sheet>
  )
}
