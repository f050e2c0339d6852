// The parts counter: ask it, wait, and see what it has, what it has not, and when that comes.
import { useEffect, useRef, useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import type { StockKind } from '@oak/core/van/stock-line'
import { PrimaryButton, QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { httpCounter } from './http-counter'
import type { CounterAnswer, CounterPart, CounterPort } from './port'

const PLURALS: Readonly<Record<StockKind, string>> = {
  motor: 'motors',
  capacitor: 'capacitors',
  blade: 'blades',
  part: 'parts',
}

export function CounterSheet({
  kind,
  onClose,
  onOrder,
  counter = httpCounter(),
}: {
  readonly kind: StockKind
  readonly onClose: () => void
  /** Notes a part as ordered there; left out where no job waits for one. */
  readonly onOrder?: (what: string, counter: string) => void
  readonly counter?: CounterPort
}) {
  const [text, setText] = useState('')
  const [state, setState] = useState<CounterAnswer | { readonly kind: 'waiting' } | null>(null)
  const asked = useRef<AbortController | null>(null)
  useEffect(() => () => asked.current?.abort(), [])
  const ask = async () => {
    asked.current?.abort()
    const mine = new AbortController()
    asked.current = mine
    setState({ kind: 'waiting' })
    const answer = await counter.ask(kind, text, mine.signal)
    if (!mine.signal.aborted) setState(answer)
  }
  const leave = () => {
    asked.current?.abort()
    setState(null)
  }
  return (
    <Sheet title="Ask the parts counter" open onClose={onClose} testID="counter-sheet">
      <TextField
        label={`Which ${PLURALS[kind]}: name, hp, µF, inches (or nothing, for all)`}
        value={text}
        onChangeText={setText}
        maxLength={100}
        onSubmitEditing={() => void ask()}
        testID="counter-text"
      />
      {state?.kind === 'waiting' ? (
        <QuietButton text="Do not wait" onPress={leave} testID="counter-leave" />
      ) : (
        <PrimaryButton text="Ask" icon="store" onPress={() => void ask()} testID="counter-ask" />
      )}
      {state ? (
        <Answer state={state} kind={kind} onOrder={onOrder} />
      ) : (
        <Words size="small" tone="quiet">
          The shop’s own counter. Nothing is ordered here: call it once you know what it has.
        </Words>
      )}
    </Sheet>
  )
}

function Answer({
  state,
  kind,
  onOrder,
}: {
  readonly state: CounterAnswer | { readonly kind: 'waiting' }
  readonly kind: StockKind
  readonly onOrder: ((what: string, counter: string) => void) | undefined
}) {
  switch (state.kind) {
    case 'waiting':
      return (
        <Words size="strong" live testID="counter-waiting">
          They are looking…
        </Words>
      )
    case 'unreachable':
      return (
        <Words size="strong" tone="cannotTell" live testID="counter-unreachable">
          The counter cannot be reached from here. What is on the van is known without it.
        </Words>
      )
    case 'refused':
      return (
        <Words size="strong" tone="stop" live testID="counter-refused">
          {state.message}
        </Words>
      )
    case 'answered':
      return (
        <View style={{ gap: 8 }} testID="counter-answer">
          <Words size="strong">{state.counter}</Words>
          {state.parts.length === 0 ? (
            <Words size="small" live>
              It has no {PLURALS[kind]} like that.
            </Words>
          ) : null}
          {state.parts.map((part) => (
            <PartRow
              key={part.name}
              part={part}
              onOrder={onOrder && (() => onOrder(part.name, state.counter))}
            />
          ))}
        </View>
      )
  }
}

interface PartRowProps {
  readonly part: CounterPart
  readonly onOrder: (() => void) | undefined
}

function PartRow({ part, onOrder }: PartRowProps) {
  const palette = usePalette()
  const there = part.stock > 0
  return (
    <View
      style={{
        flexDirection: 'row',
        gap: 10,
        alignItems: 'center',
        borderTopWidth: 1.5,
        borderColor: palette.edge,
        paddingTop: 8,
      }}
    >
      <VerdictMark verdict={there ? 'proven' : 'stop'} size={26} />
      <View style={{ flex: 1 }}>
        <Words size="strong">
          {part.name} · ${(part.cents / 100).toFixed(2)}
        </Words>
        <Words size="small" tone="quiet">
          {part.what}
        </Words>
        <Words size="small" tone={there ? 'proven' : 'stop'}>
          {there ? `${part.stock} there` : `out of stock${part.back ? `, back ${part.back}` : ''}`}
        </Words>
      </View>
      {onOrder ? (
        <SmallButton
          text="ordered"
          label={`Ordered: ${part.name}`}
          onPress={onOrder}
          testID="counter-order"
        />
      ) : null}
    </View>
  )
}
