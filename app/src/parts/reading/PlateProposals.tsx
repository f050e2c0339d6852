// What was read, figure by figure, each beside the piece of the picture it stands on. Nothing is kept until it is taken.
import { useState } from 'react'
import { View } from 'react-native'
import type { Proposal } from '@oak/core/label/photo/proposal'
import type { FlatPicture } from '../../platform/reading/read-looks'
import { SmallButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { TextField } from '../../ui/TextField'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'
import { Cutout } from './Cutout'
import { usePictureUrl } from './use-picture-url'

export interface PlateProposalsProps {
  readonly proposals: readonly Proposal[]
  readonly picture: FlatPicture
  readonly onTake: (field: Proposal['field'], text: string) => string | null
}

export function PlateProposals({ proposals, picture, onTake }: PlateProposalsProps) {
  const { blob, width, height } = picture
  const url = usePictureUrl(blob)
  return (
    <View style={{ gap: 12 }} testID="proposals">
      <Words size="small">
        Hold each against its piece of the picture, then take it. What was not read surely is left out.
      </Words>
      {proposals.map((proposal) => (
        <Row key={proposal.field} proposal={proposal} onTake={(text) => onTake(proposal.field, text)}>
          {url ? (
            <Cutout
              url={url}
              width={width}
              height={height}
              box={proposal.box}
              label={`The place on the plate that was read as ${proposal.text}`}
            />
          ) : null}
        </Row>
      ))}
    </View>
  )
}

interface RowProps {
  readonly proposal: Proposal
  readonly onTake: (text: string) => string | null
  readonly children: React.ReactNode
}

function Row({ proposal, onTake, children }: RowProps) {
  const palette = usePalette()
  const [state, setState] = useState<'open' | 'correcting' | 'taken'>('open')
  const [text, setText] = useState(proposal.text)
  const [wrong, setWrong] = useState<string | null>(null)
  const take = () => {
    const problem = onTake(text)
    setWrong(problem)
    if (!problem) setState('taken')
  }
  return (
    <View
      testID={`proposal-${proposal.field}`}
      style={{ gap: 8, paddingBottom: 10, borderBottomWidth: 1.5, borderColor: palette.line }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        <View style={{ flex: 1, gap: 4 }}>
          {children}
          <Words size="strong" testID={`proposal-${proposal.field}-words`}>
            {state === 'taken' && text !== proposal.text ? text : proposal.means}
          </Words>
        </View>
        {state === 'taken' ? (
          <View style={{ flexDirection: 'row', gap: 6, alignItems: 'center', minHeight: 48 }}>
            <VerdictMark verdict="proven" size={26} />
            <Words size="strong" live>
              taken
            </Words>
          </View>
        ) : (
          <View style={{ flexDirection: 'row', gap: 8 }}>
            {state === 'open' ? (
              <SmallButton
                text="Correct"
                label={`Correct: ${proposal.means}`}
                onPress={() => setState('correcting')}
                testID={`correct-${proposal.field}`}
              />
            ) : null}
            <SmallButton
              text="Take"
              label={`Take: ${state === 'correcting' ? text : proposal.means}`}
              onPress={take}
              testID={`take-${proposal.field}`}
            />
          </View>
        )}
      </View>
      {state === 'correcting' ? (
        <TextField
          label="As it is printed, with its unit"
          value={text}
          onChangeText={(next) => {
            setText(next)
            setWrong(null)
          }}
          maxLength={120}
          autoFocus
          testID={`corrected-${proposal.field}`}
        />
      ) : null}
      <Problem text={wrong} testID={`proposal-${proposal.field}-problem`} />
    </View>
  )
}
