// The estimate: lines of parts and labour, tax, how long it is valid, and its acceptance by a name drawn or typed.
import { shopNow } from '../../platform/sync/clock'
import { Problem } from '../../ui/Problem'
import type { Edit } from '../../platform/state/jobs'
import { useState } from 'react'
import { View } from 'react-native'
import { TextField } from '../../ui/TextField'
import { countText, moneyText } from '@oak/core/job/report/estimate'
import { USUAL_TERMS } from '@oak/core/job/report/report'
import { editJob, useVan } from '../../platform/state/app'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { IconTap } from '../../ui/IconTap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { SignaturePad } from './SignaturePad'
import { LineSheet } from './EstimateLineSheet'
import { Terms, TaxPad, DaysPad, Acceptance } from './EstimateTerms'
import { type PanelProps } from './panel-props'

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
      <EstimateLines estimate={estimate} id={id} />
      {estimate ? (
        <Words
          size="strong"
          style={{ textAlign: 'right', borderTopWidth: 1.5, borderColor: palette.ink }}
          testID="estimate-total"
        >
          Tax {moneyText(estimate.totals.tax)}, total {moneyText(estimate.totals.total)}
        </Words>
      ) : null}
      <AddButtons setOpen={setOpen} fromVan={fromVan} id={id} />
      <Terms estimate={estimate} terms={terms} setOpen={setOpen} />
      {estimate?.lapsed ? (
        <Words size="small" tone="watch" testID="lapsed">
          It was changed since {job.acceptance?.name} accepted {moneyText(job.acceptance?.cents ?? 0)}: that
          stands no more.
        </Words>
      ) : null}
      <Acceptance estimate={estimate} setOpen={setOpen} />
      {open === 'line' ? <LineSheet id={id} onClose={() => setOpen(null)} /> : null}
      {open === 'accept' && estimate ? (
        <AcceptSheet id={id} cents={estimate.totals.total} onClose={() => setOpen(null)} />
      ) : null}
      <TaxPad open={open} terms={terms} setOpen={setOpen} setTerms={setTerms} />
      <DaysPad open={open} terms={terms} setOpen={setOpen} setTerms={setTerms} />
    </View>
  )
}

interface AddButtonsProps {
  readonly setOpen: (value: 'line' | 'tax' | 'accept' | 'days' | null) => void
  readonly fromVan: readonly Edit[]
  readonly id: string
}

function AddButtons({ setOpen, fromVan, id }: AddButtonsProps) {
  return (
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
  )
}

function EstimateLines({ estimate, id }: { readonly estimate: PanelProps['estimate']; readonly id: string }) {
  return (
    <>
      {estimate?.lines.map((line, i) => (
        <View key={line.id} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <Words size="small" style={{ flex: 1 }}>
            {line.text}: {countText(line.hundredths)}
            {line.kind === 'labour' ? ' h' : ''} × {moneyText(line.cents)}
          </Words>
          <Words size="strong">{moneyText(estimate.totals.lines[i] ?? 0)}</Words>
          <IconTap
            icon="close"
            label={`${line.text}: take it off`}
            onPress={() => editJob(id, [{ path: ['estimateLines', line.id], value: null }])}
          />
        </View>
      ))}
    </>
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
    const refused = editJob(id, [{ path: ['acceptance'], value: { name, at: shopNow(), cents, signature } }])
    if (refused) setWrong(refused)
    else onClose()
  }
  return (
    <Sheet title="Accepted by" open onClose={onClose} testID="accept-sheet">
      <TextField label="Name" value={name} onChangeText={setName} maxLength={300} testID="accept-name" />
      <SignaturePad onChange={setSignature} />
      <Problem text={wrong} testID="accept-problem" />
      <PrimaryButton text="Accept the estimate" onPress={accept} testID="accept-now" />
    </Sheet>
  )
}
