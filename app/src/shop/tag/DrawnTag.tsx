// The tag as it is being read: the motor, and its leads drawn out of it in their colours. A press on a lead opens it.
import { View } from 'react-native'
import Svg, { Line, Rect } from 'react-native-svg'
import { insulationCode, insulationName } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { TagDraft } from '@oak/core/motor/tag-draft'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { WirePath } from '../../ui/WirePath'
import { Words } from '../../ui/Words'

const ROW = 52
const BODY = 64

export interface DrawnTagProps {
  readonly draft: TagDraft
  readonly onLead: (id: string) => void
  readonly onAdd: () => void
}

export function DrawnTag({ draft, onLead, onAdd }: DrawnTagProps) {
  const palette = usePalette()
  const { leads, turns, guessed } = draft
  const height = (leads.length + 1) * ROW
  const joined = (id: string) =>
    (turns.CW ?? []).find((pair) => pair.includes(id))?.find((other) => other !== id)
  const speedOf = (id: string) => {
    const speed = draft.speed.find((s) => s.tap === id)?.speed
    return speed ? `, ${speed.replace('-', ' ')}` : ''
  }
  return (
    <View style={{ minHeight: height }} testID="drawn-tag">
      <Svg
        width={150}
        height={height}
        style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
        aria-hidden
      >
        <Rect
          x={2}
          y={8}
          width={BODY - 4}
          height={Math.max(ROW, height - 16)}
          rx={14}
          fill={palette.surface}
          stroke={palette.ink}
          strokeWidth={3}
        />
        <Line x1={BODY / 2} y1={0} x2={BODY / 2} y2={9} stroke={palette.ink} strokeWidth={9} />
        {leads.map((lead, i) => (
          <WirePath key={lead.id} d={`M${BODY - 4} ${i * ROW + ROW / 2}H146`} insulation={lead} width={11} />
        ))}
      </Svg>
      {leads.map((lead, i) => {
        const other = lead.role === 'rotation' ? joined(lead.id) : undefined
        return (
          <Tap
            key={lead.id}
            testID={`tag-lead-${lead.id}`}
            more="change it"
            onPress={() => onLead(lead.id)}
            style={{ position: 'absolute', left: 150, right: 0, top: i * ROW, height: ROW, paddingLeft: 6 }}
          >
            <Words size="strong" lines={1}>
              {ROLE_NAMES[lead.role]}
              {speedOf(lead.id)}
              {guessed.includes(lead.id) ? (draft.photographed ? ', as read' : ', a guess') : ''}
            </Words>
            <Words size="tiny" tone="quiet" lines={1}>
              {insulationName(lead)} · {insulationCode(lead)}
              {other ? ` · CW: to ${other}` : ''}
            </Words>
          </Tap>
        )
      })}
      <Tap
        testID="add-lead"
        onPress={onAdd}
        style={{
          position: 'absolute',
          left: BODY + 8,
          right: 0,
          top: leads.length * ROW + 4,
          height: ROW - 6,
          borderRadius: 8,
          borderWidth: 2,
          borderStyle: 'dashed',
          borderColor: palette.ink,
          alignItems: 'center',
        }}
      >
        <Words size="strong">{leads.length === 0 ? 'Add the first lead' : 'Add the next lead'}</Words>
      </Tap>
    </View>
  )
}
