// The job of one wire with its evidence, strongest first; what disagrees is marked, not hidden.
import { View } from 'react-native'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { WireFinding } from '@oak/core/wiring/evidence'
import type { Wire } from '@oak/core/wiring/wire'
import { whatNow } from './what-now'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

interface FindingViewProps {
  readonly finding: WireFinding
  readonly wire: Pick<Wire, 'segments' | 'traced'>
}

export function FindingView({ finding, wire }: FindingViewProps) {
  return (
    <View style={{ gap: 8 }} testID={`finding-${finding.wire}`}>
      <Words size="strong">
        {finding.role ? `This wire is ${ROLE_NAMES[finding.role]}` : 'Its job cannot be told yet'}
      </Words>
      {finding.evidence.length === 0 ? (
        <Words size="small" tone="quiet">
          {whatNow(wire)}
        </Words>
      ) : null}
      {finding.evidence.map((item) => {
        const against = finding.conflicts.some((c) => c.source === item.source && c.text === item.text)
        return (
          <View
            key={item.source + item.text}
            style={{ flexDirection: 'row', gap: 8, alignItems: 'flex-start' }}
          >
            <VerdictMark verdict={against ? 'watch' : 'proven'} size={20} />
            <Words size="small" style={{ flex: 1 }}>
              {against ? `Against it: ${item.text}` : item.text}
            </Words>
          </View>
        )
      })}
    </View>
  )
}
