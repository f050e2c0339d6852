// Where each load's wire is on the can, for a can that was wired otherwise than planned; and the way back to the plan.
import { View } from 'react-native'
import type { Can } from '@oak/core/capacitor/can'
import { sectionPost } from '@oak/core/wiring/new-can'
import type { PostId } from '@oak/core/wiring/unit-type'
import { Choice } from '../../ui/Choice'
import { PickOne } from '../../ui/PickOne'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { valueText } from './can-group'

/** A load's wire that can be moved from post to post. */
export interface LoadWire {
  readonly load: string
  /** "the brown lead" */
  readonly name: string
  readonly post: PostId | null
  readonly put: (post: PostId) => void
}

/** More than these are a list: side by side they would be too narrow for a thumb. */
const MOST_SIDE_BY_SIDE = 6

interface WireOnProps extends Pick<LoadWire, 'load' | 'post' | 'put'> {
  readonly label: string
  readonly can: Pick<Can, 'sections'>
}

function WireOn({ load, label, can, post, put }: WireOnProps) {
  const options = can.sections.map((section) => ({
    value: sectionPost(section.id),
    text: valueText(section),
  }))
  return options.length > MOST_SIDE_BY_SIDE ? (
    <PickOne testID={`wire-on-${load}`} label={label} options={options} value={post ?? ''} onPick={put} />
  ) : (
    <>
      <Words size="small">{label}</Words>
      <Choice label={label} testID={`wire-on-${load}`} value={post} onChange={put} options={options} />
    </>
  )
}

interface WiredByHandProps {
  readonly can: Pick<Can, 'sections'>
  readonly wires: readonly LoadWire[]
  readonly picked: boolean
  /** null: it is as planned. */
  readonly onPlanned: (() => void) | null
}

export function WiredByHand({ can, wires, picked, onPlanned }: WiredByHandProps) {
  return (
    <View style={{ gap: 10 }} testID="wired-by-hand">
      <Words size="small" live>
        {picked
          ? 'Now the post at the jumper’s other end.'
          : 'Press two posts: a jumper goes on between them, or comes off.'}
      </Words>
      {wires.map(({ load, name, post, put }) => (
        <View key={load} style={{ gap: 4 }}>
          <WireOn load={load} label={`${load}: ${name} is on`} can={can} post={post} put={put} />
        </View>
      ))}
      {onPlanned ? (
        <QuietButton text="Back to the plan" icon="undo" onPress={onPlanned} testID="as-planned" />
      ) : null}
    </View>
  )
}
