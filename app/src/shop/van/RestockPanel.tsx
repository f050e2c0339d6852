// Which purchases would have met more of the shop's own calls, at the counter's prices where it has them; it can be stopped at any time.
import { useEffect, useMemo, useRef, useState } from 'react'
import { View } from 'react-native'
import type { RestockOutput } from '@oak/core/operations/coverage'
import { figure } from '@oak/core/quantity/display'
import type { stockParts } from '../../parts/stock/stock-plan-model'
import { httpCounter } from '../counter/http-counter'
import { useList, useVan } from '../../platform/state/app'
import { Problem } from '../../ui/Problem'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { runCancellable } from '../../platform/workers/operations'
import { boundText, catalogueOf, pastCalls } from './coverage-model'

type State =
  | { readonly kind: 'idle' }
  | { readonly kind: 'asking' }
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'wrong'; readonly message: string }
  | { readonly kind: 'answered'; readonly output: RestockOutput; readonly known: ReadonlySet<string> }

interface RestockPanelProps {
  readonly stock: ReturnType<typeof stockParts>
  /** The shop's; undefined: the usual one. */
  readonly tolerancePercent: number | undefined
}

export function RestockPanel({ stock, tolerancePercent }: RestockPanelProps) {
  const list = useList()
  const calls = useMemo(() => pastCalls(list.summaries.values()), [list])
  const [budget, setBudget] = useState(200)
  const [most, setMost] = useState(3)
  const [pad, setPad] = useState<'budget' | 'most' | null>(null)
  const [state, setState] = useState<State>({ kind: 'idle' })
  const running = useRef<AbortController | null>(null)
  useEffect(() => () => running.current?.abort(), [])
  const ask = async () => {
    const mine = new AbortController()
    running.current = mine
    setState({ kind: 'asking' })
    const answer = await httpCounter().ask('capacitor', '', mine.signal)
    if (mine.signal.aborted) return setState({ kind: 'stopped' })
    const { catalogue, known } = catalogueOf(answer.kind === 'answered' ? answer.parts : [])
    setState({ kind: 'working', share: 0 })
    try {
      const input = { stock, catalogue, calls, tolerancePercent, most, budget: Math.round(budget * 100) }
      const result = await runCancellable('restock', input, mine.signal, (share) =>
        mine.signal.aborted ? undefined : setState({ kind: 'working', share }),
      )
      setState(
        result.ok
          ? { kind: 'answered', output: result.output as RestockOutput, known }
          : { kind: 'wrong', message: result.error.message },
      )
    } catch (error) {
      setState(mine.signal.aborted ? { kind: 'stopped' } : { kind: 'wrong', message: String(error) })
    }
  }
  const busy = state.kind === 'asking' || state.kind === 'working'
  return (
    <View style={{ gap: 8 }} testID="restock">
      <Words size="strong" heading={2}>
        What to buy
      </Words>
      <Words size="small" tone="quiet">
        Over the {calls.length} past calls that this device knows.
      </Words>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <QuietButton text={`Budget $${figure(budget)}`} onPress={() => setPad('budget')} testID="budget" />
        </View>
        <View style={{ flex: 1 }}>
          <QuietButton text={`${most} parts at most`} onPress={() => setPad('most')} testID="most" />
        </View>
      </View>
      {busy ? (
        <QuietButton
          text="Stop working it out"
          icon="close"
          onPress={() => running.current?.abort()}
          testID="restock-cancel"
        />
      ) : (
        <PrimaryButton
          text="What should I buy?"
          disabled={calls.length === 0}
          onPress={() => void ask()}
          testID="restock-ask"
        />
      )}
      <Answer state={state} nameOf={useName()} />
      <BudgetPad pad={pad} budget={budget} setPad={setPad} setBudget={setBudget} />
      <MostPad pad={pad} most={most} setPad={setPad} setMost={setMost} />
    </View>
  )
}

interface MostPadProps {
  readonly pad: 'budget' | 'most' | null
  readonly most: number
  readonly setPad: (value: 'budget' | 'most' | null) => void
  readonly setMost: (value: number) => void
}

function MostPad({ pad, most, setPad, setMost }: MostPadProps) {
  return pad === 'most' ? (
    <NumberPad
      open
      title="Parts at most"
      unit=""
      value={most}
      onClose={() => setPad(null)}
      onSet={(x) => {
        if (!Number.isInteger(x) || x < 1 || x > 10) return 'A whole number from 1 to 10.'
        setMost(x)
        return null
      }}
    />
  ) : null
}

interface BudgetPadProps {
  readonly pad: 'budget' | 'most' | null
  readonly budget: number
  readonly setPad: (value: 'budget' | 'most' | null) => void
  readonly setBudget: (value: number) => void
}

function BudgetPad({ pad, budget, setPad, setBudget }: BudgetPadProps) {
  return pad === 'budget' ? (
    <NumberPad
      open
      title="Budget"
      unit="$"
      value={budget}
      onClose={() => setPad(null)}
      onSet={(x) => {
        if (x < 0) return 'The budget cannot be below 0.'
        setBudget(x)
        return null
      }}
    />
  ) : null
}

function useName(): (part: string) => string {
  const { document: van } = useVan()
  return (part) => van.stock[part]?.name ?? part
}

function Answer({ state, nameOf }: { readonly state: State; readonly nameOf: (part: string) => string }) {
  switch (state.kind) {
    case 'idle':
      return null
    case 'asking':
      return <Waits size="strong" live text="Asking the counter for its prices…" />
    case 'working':
      return (
        <Waits
          size="strong"
          testID="restock-share"
          text={`Working it out: ${figure(100 * state.share, 0)} %`}
          share={state.share}
        />
      )
    case 'stopped':
      return (
        <Words live testID="restock-left">
          Stopped. Nothing was changed.
        </Words>
      )
    case 'wrong':
      return <Problem text={state.message} />
    case 'answered':
      return <Found output={state.output} known={state.known} nameOf={nameOf} />
  }
}

function Found({
  output,
  known,
  nameOf,
}: {
  readonly output: RestockOutput
  readonly known: ReadonlySet<string>
  readonly nameOf: (part: string) => string
}) {
  const { buy, single, metBefore, metAfter, bound, cents, neverNeeded } = output
  const price = ({ part, cents: one }: RestockOutput['buy'][number]) =>
    one === null
      ? ''
      : known.has(part)
        ? `, $${figure(one / 100)} at the counter`
        : `, about $${figure(one / 100, 0)}`
  const count = (n: number) => `${n} more ${n === 1 ? 'call' : 'calls'}`
  return (
    <View style={{ gap: 4 }} testID="restock-answer">
      {buy.length === 0 ? (
        <Words size="strong">
          {bound === metAfter
            ? 'Nothing within this budget meets more of those calls.'
            : 'Nothing was found that meets more of those calls.'}
        </Words>
      ) : null}
      {buy.map((b) => (
        <Words key={b.part} size="strong">
          {b.part}: {count(b.adds)}
          {price(b)}
        </Words>
      ))}
      <Words size="small">
        {metBefore} calls could be met before, {metAfter} after
        {cents > 0
          ? `, for ${buy.every((b) => known.has(b.part)) ? '' : 'about '}$${figure(cents / 100)}`
          : ''}
        .
      </Words>
      <Words size="small" tone="quiet" testID="restock-bound">
        {boundText(metAfter, bound)}
      </Words>
      {single && buy.length > 1 ? (
        <Words size="small">
          If only one: {single.part}, {count(single.adds)}
          {price(single)}.
        </Words>
      ) : null}
      {neverNeeded.length > 0 ? (
        <Words size="small" testID="never-needed">
          Never needed for those calls, all left off together: {neverNeeded.map(nameOf).join(', ')}.
        </Words>
      ) : null}
    </View>
  )
}
