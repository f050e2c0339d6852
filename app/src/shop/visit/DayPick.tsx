// A day in the near future by one tap, or typed.
import { ManyChoice } from '../../ui/ManyChoice'
import { TextField } from '../../ui/TextField'
import { DAY_OPTIONS, type DayChoice } from './visit-model'

interface DayPickProps {
  readonly label: string
  readonly choice: DayChoice
  readonly typed: string
  /** What is wrong with the typed day. */
  readonly problem: string | null
  readonly onChoice: (choice: DayChoice) => void
  readonly onType: (text: string) => void
  readonly testID: string
}

export function DayPick({ label, choice, typed, problem, onChoice, onType, testID }: DayPickProps) {
  return (
    <>
      <ManyChoice<DayChoice>
        label={label}
        testID={testID}
        value={choice}
        onChange={onChoice}
        options={DAY_OPTIONS}
      />
      {choice === 'other' ? (
        <TextField
          label="The day, such as 2026-07-14"
          value={typed}
          onChangeText={onType}
          maxLength={10}
          problem={problem ?? undefined}
          testID={`${testID}-typed`}
        />
      ) : null}
    </>
  )
}
