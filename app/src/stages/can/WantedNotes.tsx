// Beside what each load asks for: where that comes from, what disagrees with it, and what the old can's reading makes likely.
import { useMemo } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import type { WantedOutput } from '@oak/core/operations/wanted-microfarads'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../../parts/frame/use-operation'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import type { CanSide } from '@oak/core/job/inputs/old-can-input'
import { wantedInput } from './wanted-model'

export function WantedNotes({ job, side }: { readonly job: JobDocument; readonly side: CanSide }) {
  const input = useMemo(() => wantedInput(job, side), [job, side])
  const result = useOperation('wanted-microfarads', input)
  if (!result?.ok) return null
  const { conflicts, guesses, microfarads, why } = result.output as WantedOutput
  const unsettled = microfarads === null && guesses.length > 0
  if (conflicts.length === 0 && !unsettled) return null
  return (
    <View style={{ gap: 8 }} testID={`wanted-${side}`}>
      {conflicts.map((text) => (
        <View key={text} style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}>
          <VerdictMark verdict="watch" size={22} />
          <Words size="small" style={{ flex: 1 }}>
            {text}
          </Words>
        </View>
      ))}
      {unsettled ? (
        <Words size="small">
          {why}{' '}
          {guesses
            .slice(0, 3)
            .map((g) => `${figure(g.microfarads)} µF ${figure(100 * g.likelihood, 0)} %`)
            .join(', ')}
          .
        </Words>
      ) : null}
    </View>
  )
}
