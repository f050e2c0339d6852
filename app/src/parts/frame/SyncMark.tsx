// Where the edits are: on the server, or waiting on this device. Never a blocker; where there is something to know, a tap tells it.
import { useState } from 'react'
import { View } from 'react-native'
import type { Door } from '../../platform/crew/pairing'
import { useCrew, useJobs } from '../../platform/state/app'
import { Icon } from '../../ui/Icon'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { stageScreen } from './stage-screen'
import { syncText } from './sync-text'
import { useWrongClock } from './wrong-clock'

/** Asked for when something is wrong, and not before. */
const DeliverySheet = stageScreen<{ readonly onClose: () => void }>(
  async () => (await import('./DeliverySheet')).DeliverySheet,
  null,
)

const ROW = { flexDirection: 'row', alignItems: 'center', gap: 5 } as const

export function SyncMark() {
  const sync = useJobs((s) => s.sync)
  const trouble = useJobs((s) => s.trouble)
  const [open, setOpen] = useState(false)
  const { isNews, seen } = useWrongClock()
  const isToldMore = trouble !== null || sync.kind === 'refused' || isNews
  const look = () => {
    setOpen(true)
    seen()
  }
  return (
    <>
      {isToldMore ? (
        <Tap more={toldMore({ trouble, isNews })} testID="delivery" onPress={look} style={[ROW, TAPPED]}>
          <Mark />
        </Tap>
      ) : (
        <Mark />
      )}
      {open ? <DeliverySheet onClose={() => setOpen(false)} /> : null}
    </>
  )
}

const TAPPED = { minHeight: 48, minWidth: 48 } as const

interface Told {
  readonly trouble: string | null
  readonly isNews: boolean
}

/** While it is shut, nothing goes anywhere, and that is what there is to know. */
const DOOR_TEXT: Readonly<Partial<Record<Door['kind'], string>>> = {
  'not-paired': 'not paired',
  'another-shop': 'another shop',
}

const toldMore = ({ trouble, isNews }: Told): string =>
  trouble !== null || isNews ? 'what is wrong' : 'which, and why'

function Mark() {
  const palette = usePalette()
  const sync = useJobs((s) => s.sync)
  const trouble = useJobs((s) => s.trouble)
  const photos = useJobs((s) => s.photosWaiting)
  const { isNews } = useWrongClock()
  const door = DOOR_TEXT[useCrew((s) => s.door.kind)]
  const text = trouble ? 'not kept!' : isNews ? 'wrong clock' : (door ?? syncText(sync, photos))
  return (
    <View
      role="status"
      aria-label={trouble ?? (sync.kind === 'refused' ? sync.message : text)}
      testID="sync"
      style={ROW}
    >
      <Icon
        name={sync.kind === 'delivered' && !trouble && !door ? 'cloud' : 'offline'}
        size={20}
        color={trouble ? palette.stop : palette.quiet}
      />
      <Words size="tiny" tone={trouble || isNews || sync.kind === 'refused' ? 'stop' : 'quiet'}>
        {text}
      </Words>
    </View>
  )
}
