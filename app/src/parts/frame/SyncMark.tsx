// Where the edits are: on the server, or waiting on this device. Never a blocker.
import { View } from 'react-native'
import { useJobs } from '../../platform/state/app'
import { syncText } from './sync-text'
import { Icon } from '../../ui/Icon'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

export function SyncMark() {
  const palette = usePalette()
  const sync = useJobs((s) => s.sync)
  const trouble = useJobs((s) => s.trouble)
  const photos = useJobs((s) => s.photosWaiting)
  const text = trouble ? 'not kept!' : syncText(sync, photos)
  return (
    <View
      role="status"
      aria-label={trouble ?? (sync.kind === 'refused' ? sync.message : text)}
      testID="sync"
      style={{ flexDirection: 'row', alignItems: 'center', gap: 5 }}
    >
      <Icon
        name={sync.kind === 'delivered' && !trouble ? 'cloud' : 'offline'}
        size={20}
        color={trouble ? palette.stop : palette.quiet}
      />
      <Words size="tiny" tone={trouble || sync.kind === 'refused' ? 'stop' : 'quiet'}>
        {text}
      </Words>
    </View>
  )
}
