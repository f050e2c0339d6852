// A plate from a photo: its corners set by a finger, read on the device, and each figure that was read to be taken or corrected.
import { useState } from 'react'
import { View } from 'react-native'
import { NoReader } from '../../platform/reading/no-reader'
import type { ReadPlatePhoto } from '../../platform/reading/read-looks'
import { readPlatePhoto } from '../../platform/reading/reader'
import type { Corners, Top } from '../../platform/reading/straighten'
import type { PhotographedPlate, Proposal } from '@oak/core/label/photo/proposal'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Sheet } from '../../ui/Sheet'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { CornersPicture } from './CornersPicture'
import { FIRST_CORNERS } from './corners'
import { PlateProposals } from './PlateProposals'
import { usePickedPhoto } from './use-picked-photo'
import { nothingRead } from './reading-words'

export interface PlatePhotoProps {
  readonly title: string
  readonly plate: PhotographedPlate
  readonly onClose: () => void
  /** Keeps what the text says of this field; returns what is wrong with it, or null. */
  readonly onTake: (field: Proposal['field'], text: string) => string | null
}

type State =
  | { readonly at: 'corners' }
  | { readonly at: 'reading'; readonly share: number }
  | { readonly at: 'read'; readonly read: ReadPlatePhoto }
  | { readonly at: 'failed'; readonly words: string }

export function PlatePhoto({ title, plate, onClose, onTake }: PlatePhotoProps) {
  const { photo, wrong, pick } = usePickedPhoto()
  const [corners, setCorners] = useState<Corners>(FIRST_CORNERS)
  const [top, setTop] = useState<Top>(0)
  const [state, setState] = useState<State>({ at: 'corners' })
  const again = async () => {
    if (!(await pick())) return
    setCorners(FIRST_CORNERS)
    setTop(0)
    setState({ at: 'corners' })
  }
  const read = async () => {
    if (!photo) return
    setState({ at: 'reading', share: 0 })
    try {
      const found = await readPlatePhoto(photo.file, { corners, top }, plate, (share) =>
        setState({ at: 'reading', share }),
      )
      setState({ at: 'read', read: found })
    } catch (error) {
      console.warn('The plate could not be read:', error)
      setState({ at: 'failed', words: failureWords(error) })
    }
  }
  return (
    <Sheet title={title} open onClose={onClose} testID="plate-photo">
      <Problem text={wrong} testID="photo-problem" />
      {photo === null ? (
        <>
          <Words>
            Near and straight before it, all of it in the picture, out of the glare. It is read on this phone;
            the photo goes nowhere.
          </Words>
          <PrimaryButton
            text="Take or choose a photo"
            icon="camera"
            onPress={() => void again()}
            testID="pick-plate"
          />
        </>
      ) : null}
      {photo && state.at === 'corners' ? (
        <Setting top={top} onTurn={() => setTop(((top + 1) % 4) as Top)} onRead={() => void read()}>
          <CornersPicture {...photo} corners={corners} top={top} onChange={setCorners} />
        </Setting>
      ) : null}
      {state.at === 'reading' ? <Waits text="Reading the plate…" share={state.share} live /> : null}
      {state.at === 'failed' ? <Problem text={state.words} testID="reading-problem" /> : null}
      {state.at === 'read' ? (
        state.read.proposals.length > 0 ? (
          <PlateProposals read={state.read} onTake={onTake} />
        ) : (
          <Problem text={nothingRead(state.read.words)} testID="nothing-read" />
        )
      ) : null}
      {state.at === 'read' || state.at === 'failed' ? (
        <View style={{ gap: 10 }}>
          {state.at === 'read' && state.read.proposals.length > 0 ? (
            <PrimaryButton text="Done" icon="check" onPress={onClose} testID="plate-done" />
          ) : null}
          <QuietButton
            text="Set the corners anew"
            onPress={() => setState({ at: 'corners' })}
            testID="corners-again"
          />
          <QuietButton
            text="Another photo"
            icon="camera"
            onPress={() => void again()}
            testID="another-photo"
          />
        </View>
      ) : null}
    </Sheet>
  )
}

interface SettingProps {
  readonly top: Top
  readonly onTurn: () => void
  readonly onRead: () => void
  readonly children: React.ReactNode
}

const UP_IS = ['up', 'to the right', 'down', 'to the left'] as const

function Setting({ top, onTurn, onRead, children }: SettingProps) {
  return (
    <View style={{ gap: 12 }}>
      <Words size="small">Drag the four corners to those of the plate.</Words>
      {children}
      <QuietButton
        text={top === 0 ? 'The plate is not upright: turn it' : `Its top points ${UP_IS[top]}: turn it on`}
        icon="undo"
        onPress={onTurn}
        testID="turn-plate"
      />
      <PrimaryButton text="Read it" icon="check" onPress={onRead} testID="read-plate" />
    </View>
  )
}

const failureWords = (error: unknown): string =>
  error instanceof NoReader
    ? 'The part that reads pictures is not on this phone yet: open this once with a connection, then it works without one. Until then type the line.'
    : 'This picture could not be drawn on this device. Take it again at a smaller size, or type the line.'
