// The label for the new capacitor, in a common size.
import { Problem } from '../../ui/Problem'
import { useState } from 'react'
import { hasRoom, LABEL_SIZES, type LabelSize } from '@oak/core/job/report/label'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import type { LabelOf } from './report-files'

export function LabelPicker({ id, job, groups, code }: { readonly id: string } & Omit<LabelOf, 'size'>) {
  const [open, setOpen] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const make = (size: LabelSize) => {
    import('./report-files')
      .then((files) => files.saveLabel(id, { job, groups, size, code }))
      .then(
        () => setOpen(false),
        (error: unknown) => setWrong(`The label could not be made: ${String(error)}`),
      )
  }
  return (
    <>
      <QuietButton
        text="Label for the capacitor"
        icon="tag"
        onPress={() => setOpen(true)}
        testID="to-label"
      />
      {open ? (
        <Sheet title="Label for the capacitor" open onClose={() => setOpen(false)} testID="label-sheet">
          {(Object.keys(LABEL_SIZES) as LabelSize[]).map((size, i) => (
            <QuietButton
              key={size}
              text={code === null || hasRoom(size) ? size : `${size}, without the code`}
              onPress={() => make(size)}
              testID={`label-${i}`}
            />
          ))}
          <Problem text={wrong} />
        </Sheet>
      ) : null}
    </>
  )
}
