// What the hands do to the unit besides probing: disconnect and lock, prove dead, discharge, thermostat, ends off and on.
import { View } from 'react-native'
import type { BenchOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import { ManyChoice } from '../../ui/ManyChoice'
import { SmallButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { modesOf } from './practice-model'

interface SwitchesProps {
  readonly bench: BenchOutput
  readonly onAct: (act: Act) => void
  readonly onEnds: () => void
}

const ROW = { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } as const

export function Switches({ bench, onAct, onEnds }: SwitchesProps) {
  const { safety, thermostat } = bench
  const off = [...bench.leads, ...bench.wires].filter((end) => end.isOff).length
  return (
    <View style={{ gap: 10 }}>
      <Words size="strong" heading={2}>
        Switches and hands
      </Words>
      <View style={ROW}>
        {safety.isOpen ? (
          <SmallButton
            text="Close the disconnect"
            testID="close"
            onPress={() => onAct({ do: 'disconnect', to: 'closed', locked: false })}
          />
        ) : (
          <>
            <SmallButton
              text="Open and lock"
              testID="open-lock"
              onPress={() => onAct({ do: 'disconnect', to: 'open', locked: true })}
            />
            <SmallButton
              text="Open only"
              testID="open-only"
              onPress={() => onAct({ do: 'disconnect', to: 'open', locked: false })}
            />
          </>
        )}
        <SmallButton
          text={safety.isProven ? 'Proven dead' : 'Prove dead'}
          selected={safety.isProven}
          testID="prove-dead"
          onPress={() => onAct({ do: 'prove-dead' })}
        />
        <SmallButton
          text={safety.isDischarged ? 'Discharged' : 'Discharge'}
          selected={safety.isDischarged}
          testID="discharge"
          onPress={() => onAct({ do: 'discharge' })}
        />
        <SmallButton
          text={off === 0 ? 'Take ends off' : `Ends off: ${off}`}
          testID="ends"
          selected={off > 0}
          onPress={onEnds}
        />
        <SmallButton text="Wait an hour" testID="wait" onPress={() => onAct({ do: 'wait' })} />
      </View>
      <Words size="small" tone="quiet">
        Thermostat
      </Words>
      <ManyChoice
        label="Thermostat"
        testID="thermostat"
        value={thermostat}
        onChange={(to) => onAct({ do: 'thermostat', to })}
        options={modesOf(bench).map(({ id, name }) => ({ value: id, text: name }))}
      />
    </View>
  )
}
