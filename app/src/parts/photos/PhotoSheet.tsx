// One photo, large, with its pins: a press on the picture sets one, a press on a pin’s line takes it off.
import { Problem } from '../../ui/Problem'
import { useState } from 'react'
import { Image, Pressable, View, type GestureResponderEvent } from 'react-native'
import { TextField } from '../../ui/TextField'
import type { JobDocument } from '@oak/core/job/document'
import type { Photo } from '@oak/core/job/fields'
import type { Rgb } from '@oak/core/motor/seen-colour/lab'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import { editJob } from '../../platform/state/app'
import { Choice } from '../../ui/Choice'
import { QuietButton, SmallButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { PinBadge, PIN_SIZE } from './PinBadge'
import { pinAt, pinTargets, withoutPin, withPin, type PinTarget } from './pins'
import { SpotColour } from './SpotColour'
import { usePhoto } from './use-photo'

export interface PhotoSheetProps {
  readonly id: string
  readonly job: JobDocument
  readonly photo: string
  readonly facts: Photo
  readonly onClose: () => void
}

export function PhotoSheet({ id, job, photo, facts, onClose }: PhotoSheetProps) {
  const [at, setAt] = useState<{ readonly x: number; readonly y: number } | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const [white, setWhite] = useState<Rgb | null>(null)
  const keep = (next: Photo | null) => setWrong(editJob(id, [{ path: ['photos', photo], value: next }]))
  const target = (chosen: PinTarget) => {
    if (at) keep(withPin(facts, at, chosen))
    setAt(null)
  }
  return (
    <Sheet title="Photo" open onClose={onClose} testID="photo-sheet">
      <Picture photo={photo} facts={facts} pending={at} onPress={setAt} />
      <Problem text={wrong} />
      {at ? (
        <>
          <SpotColour
            photo={photo}
            at={at}
            white={white}
            onWhite={(shown) => {
              setWhite(shown)
              setAt(null)
            }}
            onPick={(words) => target({ kind: 'note', of: '', words })}
          />
          <Targets job={job} onPick={target} onCancel={() => setAt(null)} />
        </>
      ) : (
        <>
          <Words size="small" tone="quiet">
            {white
              ? 'The light is set. Press the picture where a post or a wire is, and say which.'
              : 'Press the picture where a post or a wire is, and say which.'}
          </Words>
          {facts.pins.map((pin, i) => (
            <View
              key={`${pin.x} ${pin.y} ${pin.words}`}
              style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}
            >
              <PinBadge number={i + 1} />
              <Words style={{ flex: 1 }}>{pin.words}</Words>
              <QuietButton text="Take off" onPress={() => keep(withoutPin(facts, i))} />
            </View>
          ))}
          <Choice<WorkValue>
            label="What it shows"
            testID="photo-work"
            value={facts.work ?? null}
            onChange={(work) => keep({ ...facts, work })}
            options={WORK}
          />
          <Caption facts={facts} onKeep={(caption) => keep({ ...facts, caption })} />
          <QuietButton
            text="Take this photo off the record"
            icon="trash"
            onPress={() => {
              keep(null)
              onClose()
            }}
          />
        </>
      )}
    </Sheet>
  )
}

type WorkValue = NonNullable<Photo['work']>
const WORK: readonly { readonly value: WorkValue; readonly text: string }[] = [
  { value: 'before', text: 'before the work' },
  { value: 'after', text: 'after it' },
]

function Picture({
  photo,
  facts,
  pending,
  onPress,
}: {
  readonly photo: string
  readonly facts: Photo
  readonly pending: { readonly x: number; readonly y: number } | null
  readonly onPress: (at: { readonly x: number; readonly y: number }) => void
}) {
  const palette = usePalette()
  const url = usePhoto(photo)
  const [shown, setShown] = useState({ width: 0, height: 0 })
  const press = (event: GestureResponderEvent) => {
    // The web gives the place in the pressed element; elsewhere the same comes as locationX and locationY.
    const native = event.nativeEvent as unknown as {
      offsetX?: number
      offsetY?: number
      locationX?: number
      locationY?: number
    }
    onPress(pinAt(native.offsetX ?? native.locationX ?? 0, native.offsetY ?? native.locationY ?? 0, shown))
  }
  const pins = [...facts.pins, ...(pending ? [{ ...pending, words: 'here' }] : [])]
  if (url === 'missing')
    return (
      <Words size="small" tone="quiet">
        The picture is on another device, and not delivered yet. Its pins are below.
      </Words>
    )
  return (
    <View
      onLayout={(e) => setShown(e.nativeEvent.layout)}
      style={{
        width: '100%',
        aspectRatio: facts.width / facts.height,
        borderRadius: 8,
        overflow: 'hidden',
        borderWidth: 1.5,
        borderColor: palette.ink,
      }}
    >
      <Pressable
        onPress={press}
        testID="photo-picture"
        role="button"
        aria-label="The picture: press where a pin goes"
        style={{ position: 'absolute', left: 0, right: 0, top: 0, bottom: 0, cursor: 'pointer' }}
      >
        {url ? (
          <View style={{ width: '100%', height: '100%', pointerEvents: 'none' }}>
            <Image source={{ uri: url }} style={{ width: '100%', height: '100%' }} resizeMode="cover" />
          </View>
        ) : null}
      </Pressable>
      {pins.map((pin, i) => (
        <View
          key={`${pin.x} ${pin.y} ${i}`}
          style={{
            position: 'absolute',
            pointerEvents: 'none',
            left: pin.x * shown.width - PIN_SIZE / 2,
            top: pin.y * shown.height - PIN_SIZE / 2,
          }}
        >
          <PinBadge number={i + 1} />
        </View>
      ))}
    </View>
  )
}

function Targets({
  job,
  onPick,
  onCancel,
}: {
  readonly job: JobDocument
  readonly onPick: (target: PinTarget) => void
  readonly onCancel: () => void
}) {
  const [note, setNote] = useState('')
  const targets = pinTargets(job.unit ? unitTypeFor(job.unit) : undefined, job.wires)
  return (
    <View style={{ gap: 10 }} testID="pin-targets">
      <Words size="strong">What is it?</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {targets.map((target) => (
          <SmallButton key={target.kind + target.of} text={target.words} onPress={() => onPick(target)} />
        ))}
      </View>
      <TextField
        label="Or in your words"
        value={note}
        onChangeText={setNote}
        maxLength={120}
        testID="pin-note"
      />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <QuietButton
            text="Set the pin"
            disabled={note.trim() === ''}
            onPress={() => onPick({ kind: 'note', of: '', words: note.trim() })}
            testID="keep-note"
          />
        </View>
        <View style={{ flex: 1 }}>
          <QuietButton text="Leave it" onPress={onCancel} />
        </View>
      </View>
    </View>
  )
}

function Caption({ facts, onKeep }: { readonly facts: Photo; readonly onKeep: (caption: string) => void }) {
  const [text, setText] = useState(facts.caption)
  return (
    <TextField
      label="What it shows, in words"
      value={text}
      onChangeText={setText}
      onBlur={() => {
        if (text !== facts.caption) onKeep(text)
      }}
      maxLength={300}
      testID="photo-caption"
    />
  )
}
