// Something printed, from a photo: its corners set by a finger, read on the device, and what was read shown by whoever asked.
import { useState } from 'react'
import { View } from 'react-native'
import { NoReader } from '../../platform/reading/no-reader'
import type { ReadPhoto } from '../../platform/reading/read-looks'
import type { Corners, SetPlate, Top } from '../../platform/reading/straighten'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { Sheet } from '../../ui/Sheet'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { CornersPicture } from './CornersPicture'
import { FIRST_CORNERS } from './corners'
import { usePickedPhoto } from './use-picked-photo'
import { nothingRead } from './reading-words'

export interface PhotoReadingProps<A> {
  readonly title: string
  readonly testID: string
  /** "plate", "tag" */
  readonly what: string
  readonly onClose: () => void
  readonly read: (photo: Blob, set: SetPlate, report: (share: number) => void) => Promise<ReadPhoto<A>>
  /** Nothing that can be relied on was read. */
  readonly isEmpty: (answer: A) => boolean
  readonly children: (read: ReadPhoto<A>) => React.ReactNode
}

type State<A> =
  | { readonly at: 'corners' }
  | { readonly at: 'reading'; readonly share: number }
  | { readonly at: 'read'; readonly read: ReadPhoto<A> }
  | { readonly at: 'failed'; readonly words: string }

export function PhotoReading<A>({
  title,
  testID,
  what,
  onClose,
  read: ask,
  isEmpty,
  children,
}: PhotoReadingProps<A>) {
  const { photo, wrong, pick } = usePickedPhoto()
  const [corners, setCorners] = useState<Corners>(FIRST_CORNERS)
  const [top, setTop] = useState<Top>(0)
  const [state, setState] = useState<State<A>>({ at: 'corners' })
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
      const found = await ask(photo.file, { corners, top }, (share) => setState({ at: 'reading', share }))
      setState({ at: 'read', read: found })
    } catch (error) {
      console.warn(`The ${what} could not be read:`, error)
      setState({ at: 'failed', words: failureWords(error) })
    }
  }
  return (
    <Sheet title={title} open onClose={onClose} testID={testID}>
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
        <Setting
          what={what}
          top={top}
          onTurn={() => setTop(((top + 1) % 4) as Top)}
          onRead={() => void read()}
        >
          <CornersPicture {...photo} corners={corners} top={top} onChange={setCorners} />
        </Setting>
      ) : null}
      {state.at === 'reading' ? <Waits text={`Reading the ${what}…`} share={state.share} live /> : null}
      {state.at === 'failed' ? <Problem text={state.words} testID="reading-problem" /> : null}
      {state.at === 'read' ? (
        isEmpty(state.read.answer) ? (
          <Problem text={nothingRead(state.read.words, what)} testID="nothing-read" />
        ) : (
          children(state.read)
        )
      ) : null}
      {state.at === 'read' || state.at === 'failed' ? (
        <After
          isGood={state.at === 'read' && !isEmpty(state.read.answer)}
          onDone={onClose}
          onCorners={() => setState({ at: 'corners' })}
          onAgain={() => void again()}
        />
      ) : null}
    </Sheet>
  )
}

interface AfterProps {
  /** Something was read. */
  readonly isGood: boolean
  readonly onDone: () => void
  readonly onCorners: () => void
  readonly onAgain: () => void
}

const After = ({ isGood, onDone, onCorners, onAgain }: AfterProps) => (
  <View style={{ gap: 10 }}>
    {isGood ? <PrimaryButton text="Done" icon="check" onPress={onDone} testID="plate-done" /> : null}
    <QuietButton text="Set the corners anew" onPress={onCorners} testID="corners-again" />
    <QuietButton text="Another photo" icon="camera" onPress={onAgain} testID="another-photo" />
  </View>
)

interface SettingProps {
  readonly what: string
  readonly top: Top
  readonly onTurn: () => void
  readonly onRead: () => void
  readonly children: React.ReactNode
}

const UP_IS = ['up', 'to the right', 'down', 'to the left'] as const

function Setting({ what, top, onTurn, onRead, children }: SettingProps) {
  return (
    <View style={{ gap: 12 }}>
      <Words size="small">{`Drag the four corners to those of the ${what}.`}</Words>
      {children}
      <QuietButton
        text={top === 0 ? `The ${what} is not upright: turn it` : `Its top points ${UP_IS[top]}: turn it on`}
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
