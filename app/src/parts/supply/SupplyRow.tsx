// The supply of this unit in one row: volts, hertz and where they are from. Sources that disagree are named here, and one is chosen.
import { useState } from 'react'
import { View } from 'react-native'
import type { JobId } from '@oak/core/job/job-id'
import type { JobDocument } from '@oak/core/job/document'
import { jobSupply } from '@oak/core/job/inputs/supply-input'
import type { SupplyAnswer } from '@oak/core/supply/supply'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { NumberPad } from '../../ui/NumberPad'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

interface SupplyProps {
  readonly id: JobId
  readonly job: JobDocument
}

/** Nothing is shown while the unit is not known. `quiet`: only what disagrees is worth the room. */
export function SupplyRow({ id, job, quiet = false }: SupplyProps & { readonly quiet?: boolean }) {
  const palette = usePalette()
  // The pad stands in the sheet's place: one of them at a time has the keys.
  const [open, setOpen] = useState<'choices' | 'own' | null>(null)
  const supply = jobSupply(job)
  if (!supply || (quiet && supply.conflicts.length === 0)) return null
  const unsettled = supply.conflicts.length > 0
  return (
    <>
      <Tap
        onPress={() => setOpen('choices')}
        testID="supply"
        style={{
          borderWidth: unsettled ? 2 : 1.5,
          borderColor: unsettled ? palette.ink : palette.edge,
          borderRadius: 10,
          paddingHorizontal: 10,
        }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          {unsettled ? <VerdictMark verdict="cannotTell" size={24} /> : null}
          <View style={{ flex: 1 }}>
            <Words size="small" tone="quiet">
              {unsettled ? 'Supply: choose which is right' : 'Supply of this unit'}
            </Words>
            <Words size={unsettled ? 'small' : 'strong'}>
              {unsettled ? supply.conflicts[0] : supply.words}
            </Words>
          </View>
        </View>
      </Tap>
      <Sheet
        title="Supply of this unit"
        open={open === 'choices'}
        onClose={() => setOpen(null)}
        testID="supply-sheet"
      >
        <SupplyChoices id={id} job={job} supply={supply} onOwn={() => setOpen('own')} />
      </Sheet>
      <NumberPad
        title="Volts of the supply"
        unit="V"
        value={job.supplyVolts}
        open={open === 'own'}
        onClose={() => setOpen('choices')}
        onSet={(volts) => editJob(id, [{ path: ['supplyVolts'], value: volts }])}
      />
    </>
  )
}

interface SupplyChoicesProps extends SupplyProps {
  readonly supply: SupplyAnswer
  readonly onOwn: () => void
}

/** Each source's volts as a thing to press, one's own figure, and the hertz. */
function SupplyChoices({ id, job, supply, onOwn }: SupplyChoicesProps) {
  const choose = (volts: number | null) => editJob(id, [{ path: ['supplyVolts'], value: volts }])
  return (
    <View style={{ gap: 12 }}>
      {supply.conflicts.map((text) => (
        <Words key={text}>{text}</Words>
      ))}
      <Words size="strong" testID="supply-now">
        {supply.words}
      </Words>
      {supply.choices.map(({ volts, words }) => (
        <QuietButton key={words} text={words} onPress={() => choose(volts)} testID={`supply-${volts}`} />
      ))}
      <QuietButton text="Another figure" icon="pencil" onPress={onOwn} testID="supply-own" />
      {job.supplyVolts === null ? null : (
        <QuietButton
          text="Let plate and meter say it"
          icon="undo"
          onPress={() => choose(null)}
          testID="supply-unchosen"
        />
      )}
      <Choice<'60' | '50'>
        label="Hertz"
        value={supply.supply.hertz === 50 ? '50' : '60'}
        onChange={(hertz) => editJob(id, [{ path: ['supplyHertz'], value: Number(hertz) }])}
        testID="hertz"
        options={[
          { value: '60', text: '60 Hz' },
          { value: '50', text: '50 Hz' },
        ]}
      />
      <Words size="small" tone="quiet">
        Read it across the two lines at the disconnect: one line to ground reads half of it, or less.
      </Words>
    </View>
  )
}
