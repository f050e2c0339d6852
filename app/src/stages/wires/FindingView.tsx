// The job of one wire with its evidence, strongest first; what disagrees is marked, not hidden.
import { View } from 'react-native'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { WireFinding } from '@oak/core/wiring/evidence'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export function FindingView({ finding }: { readonly finding: WireFinding }) {
  return (
    <View style={{ gap: 6 }} testID={`finding-${finding.wire}`}>
      <Words size="strong">
        {finding.role ? `This wire is ${ROLE_NAMES[finding.role]}` : 'Its job cannot be told yet'}
      </Words>
      {finding.evidence.length === 0 ? (
        <Words size="small" tone="quiet">
          Trace it, or note its colour.
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
