// What is to be set on the chosen motor, as far as it leaves a choice: volts, horsepower, a select speed, the taps.
import { View } from 'react-native'
import type { LeadSheet, SpeedChoice, SpeedName } from '@oak/core/motor/lead-sheet'
import { selectSpeeds } from '@oak/core/motor/settings'
import type { StageProps } from '../../parts/frame/stage-screen'
import { MotorVolts } from '../../parts/unit/MotorVolts'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { Words } from '../../ui/Words'
import { type MotorParts } from './motor-parts'

interface SettingsProps extends StageProps {
  readonly sheet: LeadSheet
}

/** What is to be set on the chosen motor, as far as it leaves a choice. */
export function MotorSettings({ id, job, sheet, Speeds }: SettingsProps & Pick<MotorParts, 'Speeds'>) {
  return (
    <>
      <MotorVolts id={id} job={job} />
      {sheet.settings.horsepower.length > 1 ? <Horsepower id={id} job={job} sheet={sheet} /> : null}
      {selectSpeeds(sheet).length > 0 ? <SelectSpeed id={id} job={job} sheet={sheet} /> : null}
      {sheet.settings.speed.some((s) => s.tap !== null) ? <Speeds id={id} job={job} sheet={sheet} /> : null}
    </>
  )
}

function Horsepower({ id, job, sheet }: SettingsProps) {
  const options = sheet.settings.horsepower.map((c) => ({
    value: c.horsepower,
    text: `${c.horsepower} hp`,
    hint: `${c.amps} A`,
  }))
  return (
    <View style={{ gap: 8 }}>
      <Words size="strong" heading={2}>
        Horsepower to set
      </Words>
      <Choice
        label="Horsepower to set"
        options={options}
        value={job.horsepower ?? options[0]?.value ?? null}
        onChange={(value) => editJob(id, [{ path: ['horsepower'], value }])}
      />
      <Words size="small" tone="quiet">
        The same as the old one is best; never below it.
      </Words>
    </View>
  )
}

/** A motor that takes either of two classes must be told which: the old motor's, never another. */
function SelectSpeed({ id, job, sheet }: SettingsProps) {
  const speeds = selectSpeeds(sheet)
  const chosen = speeds.find((c) => c.speed === job.speed)
  return (
    <View style={{ gap: 8 }} testID="select-speed">
      <Words size="strong" heading={2}>
        Speed to set
      </Words>
      <Choice<SpeedName>
        label="Speed to set"
        options={speeds.map((c) => ({
          value: c.speed,
          text: c.speed.replace('-', ' '),
          hint: c.rpm ? `${c.rpm} rpm` : undefined,
        }))}
        value={chosen?.speed ?? null}
        onChange={(value) => editJob(id, [{ path: ['speed'], value }])}
      />
      <Words size="small" tone="quiet">
        {chosen
          ? howSet(chosen)
          : 'The old motor’s own class, from its plate: another would overload it or starve the coil.'}
      </Words>
    </View>
  )
}

const howSet = ({ join, open }: SpeedChoice): string =>
  [
    ...join.map(([a, b]) => `${a} is joined to ${b}`),
    ...open.map((lead) => `${lead} is left open, insulated`),
  ].join('; ') + '.'
