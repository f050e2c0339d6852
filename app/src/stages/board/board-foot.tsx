// The foot of the board: the one thing to do now, or where the lead in hand may go besides a post.
import { View } from 'react-native'
import { useThumbRow } from '../../ui/hand'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { type Placement } from '@oak/core/wiring/placement'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { mendOf, mendText, type BoardLead, type LeadMove } from './board-model'

interface NextActionProps {
  readonly proof: HookupOutput['proof']
  readonly posts: Parameters<typeof mendText>[1]
  readonly fresh: boolean
  readonly onMend: (moves: readonly LeadMove[]) => void
  readonly onProve: () => void
}

/** The one thing to do now: mend the worst, or prove. */
export function NextAction({ proof, posts, fresh, onMend, onProve }: NextActionProps) {
  const mend =
    proof.verdict === 'stop'
      ? proof.hazards.filter((h) => h.severity === 'stop').find((h) => mendOf(h).length > 0)
      : undefined
  if (mend)
    return (
      <PrimaryButton
        text={mendText(mendOf(mend), posts)}
        icon="undo"
        onPress={() => onMend(mendOf(mend))}
        testID="mend"
      />
    )
  const sound = proof.verdict === 'proven' || proof.verdict === 'watch'
  return (
    <PrimaryButton
      text="Prove hookup"
      disabled={!sound || !fresh}
      icon="check"
      onPress={onProve}
      testID="prove"
    />
  )
}

interface InHandProps {
  readonly lead: BoardLead
  readonly place: string
  readonly home: string
  readonly onMove: (to: Placement) => void
  readonly onDone: () => void
}

/** A lead in hand: where it may go besides a post. */
export function InHand({ lead, place, home, onMove, onDone }: InHandProps) {
  const row = useThumbRow()
  return (
    <View style={{ gap: 8 }} testID="in-hand">
      <Words size="strong" live>
        {lead.name}: {lead.role}, now {place}. Tap the post it goes to.
      </Words>
      <View style={{ flexDirection: row, gap: 8 }}>
        {lead.goes.kind === 'insulated' ? null : (
          <View style={{ flex: 1 }}>
            <QuietButton
              text="Insulate it"
              icon="cut"
              onPress={() => onMove({ kind: 'insulated' })}
              testID="insulate"
            />
          </View>
        )}
        {lead.moved ? (
          <View style={{ flex: 1 }}>
            <QuietButton
              text={lead.advised.kind === 'plug' ? 'Back in plug' : 'Put back'}
              icon="undo"
              onPress={() => onMove(lead.advised)}
              testID="put-back"
            />
          </View>
        ) : null}
        <View style={{ flex: 1 }}>
          <QuietButton text="Leave it" onPress={onDone} testID="leave-it" />
        </View>
      </View>
      {lead.moved ? (
        <Words size="small" tone="quiet">
          Advised: {home}.
        </Words>
      ) : null}
    </View>
  )
}
