// The estimate: lines of parts and labour, tax, how long it is valid, and its acceptance by a name drawn or typed.
import { useState } from 'react'
import { View } from 'react-native'
import { TextInput } from 'react-native-paper'
import { v4 as uuid } from 'uuid'
import type { JobDocument } from '@oak/core/job/document'
import { countText, moneyText, taxText } from '@oak/core/job/report/estimate'
import { USUAL_TERMS } from '@oak/core/job/report/report'
import type { ReportOutput } from '@oak/core/operations/report'
import { figure } from '@oak/core/quantity/display'
import { editJob, useVan } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { SignaturePad } from './SignaturePad'

interface PanelProps {
  readonly id: string
  readonly job: JobDocument
  readonly estimate: ReportOutput['estimate']
}

export function EstimatePanel({ id, job, estimate }: PanelProps) {
  const palette = usePalette()
  const [open, setOpen] = useState<'line' | 'accept' | 'tax' | 'days' | null>(null)
  const { document: van } = useVan()
  const terms = job.estimateTerms ?? USUAL_TERMS
  // What the job took from the van with a price goes in by one press, each part once.
  const fromVan = Object.entries(job.taken).flatMap(([line, { quantity }]) => {
    const stock = van.stock[line]
    return stock && stock.cents !== null && !job.estimateLines[line]
      ? [
          {
            path: ['estimateLines', line],
            value: {
              kind: 'part',
              text: stock.name,
              hundredths: quantity * 100,
              cents: stock.cents,
              taxed: true,
            },
          },
        ]
      : []
  })
  const setTerms = (more: Partial<typeof terms>) =>
    editJob(id, [{ path: ['estimateTerms'], value: { ...terms, ...more } }])
  return (
    <View style={{ gap: 8 }} testID="estimate">
      <Words size="strong" heading={2}>
        Estimate
      </Words>
      {estimate?.lines.map((line, i) => (
        <View key={line.id} style={{ flexDirection: 'row', gap: 6, alignItems: 'center' }}>
          <Words size="small" style={{ flex: 1 }}>
            {line.text}: {countText(line.hundredths)}
            {line.kind === 'labour' ? ' h' : ''} × {moneyText(line.cents)}
          </Words>
          <Words size="strong">{moneyText(estimate.totals.lines[i] ?? 0)}</Words>
          <Tap
            label={`${line.text}: take it off`}
            onPress={() => editJob(id, [{ path: ['estimateLines', line.id], value: null }])}
            style={{ width: 48, alignItems: 'center' }}
          >
            <Words>×</Words>
          </Tap>
        </View>
      ))}
      {estimate ? (
        <Words
          size="strong"
          style={{ textAlign: 'right', borderTopWidth: 1.5, borderColor: palette.ink }}
          testID="estimate-total"
        >
          Tax {moneyText(estimate.totals.tax)}, total {moneyText(estimate.totals.total)}
        </Words>
      ) : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <QuietButton text="Add a line" icon="plus" onPress={() => setOpen('line')} testID="estimate-add" />
        </View>
        {fromVan.length > 0 ? (
          <View style={{ flex: 1 }}>
            <QuietButton
              text={fromVan.length === 1 ? 'Part taken' : `${fromVan.length} parts taken`}
              icon="van"
              onPress={() => editJob(id, fromVan)}
              testID="estimate-taken"
            />
          </View>
        ) : null}
      </View>
      {estimate ? (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <QuietButton
              text={`Tax ${taxText(terms.taxThousandths)}`}
              onPress={() => setOpen('tax')}
              testID="estimate-tax"
            />
          </View>
          <View style={{ flex: 1 }}>
            <QuietButton
              text={`${terms.validDays} days`}
              onPress={() => setOpen('days')}
              testID="estimate-days"
            />
          </View>
        </View>
      ) : null}
      {estimate?.lapsed ? (
        <Words size="small" tone="watch" testID="lapsed">
          It was changed since {job.acceptance?.name} accepted {moneyText(job.acceptance?.cents ?? 0)}: that
          stands no more.
        </Words>
      ) : null}
      {estimate ? (
        estimate.accepted ? (
          <Words size="small" testID="accepted">
            Accepted by {estimate.accepted.name}
            {estimate.accepted.signature ? ', drawn' : ', typed'}.
          </Words>
        ) : (
          <QuietButton text="Accepted by…" icon="pencil" onPress={() => setOpen('accept')} testID="accept" />
        )
      ) : null}
      {open === 'line' ? <LineSheet id={id} onClose={() => setOpen(null)} /> : null}
      {open === 'accept' && estimate ? (
        <AcceptSheet id={id} cents={estimate.totals.total} onClose={() => setOpen(null)} />
      ) : null}
      {open === 'tax' ? (
        <NumberPad
          open
          title="Tax"
          unit="%"
          value={terms.taxThousandths / 1000}
          onClose={() => setOpen(null)}
          onSet={(percent) => setTerms({ taxThousandths: Math.round(percent * 1000) })}
        />
      ) : null}
      {open === 'days' ? (
        <NumberPad
          open
          title="Valid for"
          unit="days"
          value={terms.validDays}
          onClose={() => setOpen(null)}
          onSet={(days) => setTerms({ validDays: days })}
        />
      ) : null}
    </View>
  )
}

function LineSheet({ id, onClose }: { readonly id: string; readonly onClose: () => void }) {
  const palette = usePalette()
  const [kind, setKind] = useState<'part' | 'labour'>('labour')
  const [text, setText] = useState('')
  const [count, setCount] = useState(1)
  const [dollars, setDollars] = useState<number | null>(null)
  const [taxed, setTaxed] = useState(true)
  const [pad, setPad] = useState<'count' | 'price' | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const add = () => {
    const refused =
      dollars === null
        ? 'Enter the price first.'
        : editJob(id, [
            {
              path: ['estimateLines', uuid()],
              value: {
                kind,
                text,
                hundredths: Math.round(count * 100),
                cents: Math.round(dollars * 100),
                taxed,
              },
            },
          ])
    if (refused) setWrong(refused)
    else onClose()
  }
  const box = {
    flex: 1,
    borderRadius: 8,
    borderWidth: 1.5,
    borderColor: palette.ink,
    backgroundColor: palette.surface,
    paddingHorizontal: 10,
  } as const
  return (
    <Sheet title="A line of the estimate" open onClose={onClose} testID="line-of-estimate">
      <Choice<'part' | 'labour'>
        label="Kind"
        testID="line-kind"
        value={kind}
        onChange={setKind}
        options={[
          { value: 'labour', text: 'labour' },
          { value: 'part', text: 'part' },
        ]}
      />
      <TextInput
        mode="outlined"
        label="For what"
        value={text}
        onChangeText={setText}
        maxLength={300}
        testID="line-text"
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Tap
          label={`${kind === 'labour' ? 'Hours' : 'How many'}: ${count}`}
          testID="line-count"
          onPress={() => setPad('count')}
          style={box}
        >
          <Words size="strong">{figure(count)}</Words>
          <Words size="tiny" tone="quiet">
            {kind === 'labour' ? 'hours' : 'how many'}
          </Words>
        </Tap>
        <Tap
          label={`Price: ${dollars === null ? 'not entered' : `$${dollars}`}`}
          testID="line-price"
          onPress={() => setPad('price')}
          style={box}
        >
          <Words size="strong">{dollars === null ? '–' : moneyText(Math.round(dollars * 100))}</Words>
          <Words size="tiny" tone="quiet">
            {kind === 'labour' ? 'an hour' : 'each'}
          </Words>
        </Tap>
      </View>
      <Choice<'yes' | 'no'>
        label="Taxed"
        testID="line-taxed"
        value={taxed ? 'yes' : 'no'}
        onChange={(value) => setTaxed(value === 'yes')}
        options={[
          { value: 'yes', text: 'taxed' },
          { value: 'no', text: 'not taxed' },
        ]}
      />
      {wrong ? (
        <Words tone="stop" size="strong" live testID="line-problem">
          {wrong}
        </Words>
      ) : null}
      <PrimaryButton text="Add it" onPress={add} testID="line-add" />
      {pad === 'count' ? (
        <NumberPad
          open
          title={kind === 'labour' ? 'Hours' : 'How many'}
          unit={kind === 'labour' ? 'h' : ''}
          value={count}
          onClose={() => setPad(null)}
          onSet={(x) => {
            if (x <= 0) return 'It must be above 0.'
            setCount(x)
            return null
          }}
        />
      ) : null}
      {pad === 'price' ? (
        <NumberPad
          open
          title="Price"
          unit="$"
          value={dollars}
          onClose={() => setPad(null)}
          onSet={(x) => {
            if (Math.abs(x * 100 - Math.round(x * 100)) > 1e-6) return 'The price has two decimals at most.'
            setDollars(x)
            return null
          }}
        />
      ) : null}
    </Sheet>
  )
}

function AcceptSheet({
  id,
  cents,
  onClose,
}: {
  readonly id: string
  readonly cents: number
  readonly onClose: () => void
}) {
  const [name, setName] = useState('')
  const [signature, setSignature] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const accept = () => {
    const refused = editJob(id, [{ path: ['acceptance'], value: { name, at: Date.now(), cents, signature } }])
    if (refused) setWrong(refused)
    else onClose()
  }
  return (
    <Sheet title="Accepted by" open onClose={onClose} testID="accept-sheet">
      <TextInput
        mode="outlined"
        label="Name"
        value={name}
        onChangeText={setName}
        maxLength={300}
        testID="accept-name"
      />
      <SignaturePad onChange={setSignature} />
      {wrong ? (
        <Words tone="stop" size="strong" live testID="accept-problem">
          {wrong}
        </Words>
      ) : null}
      <PrimaryButton text="Accept the estimate" onPress={accept} testID="accept-now" />
    </Sheet>
  )
}
