// The keys of a job's pages, and the list of them under "?".
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { Sheet } from '../../ui/Sheet'
import { Words } from '../../ui/Words'
import { goToVerdict, pressNext, useShortcuts, type Shortcut } from './shortcuts'
import { STAGES } from '@oak/core/job/visit/stage-names'
import type { useUndoRedo } from './UndoRedo'

/** The stages' own keys, in their order: 1 to 9, then 0. */
const DIGITS = '1234567890'

export function useJobShortcuts(
  id: string,
  { takeBack, doAgain }: Pick<ReturnType<typeof useUndoRedo>, 'takeBack' | 'doAgain'>,
  onList: () => void,
): readonly Shortcut[] {
  const router = useRouter()
  const shortcuts: Shortcut[] = [
    { key: 'n', does: 'The next action, at the foot', run: pressNext },
    { key: 'v', does: 'What is said of the hookup', run: goToVerdict },
    { key: 'u', does: 'Undo', run: takeBack },
    { key: 'r', does: 'Redo', run: doAgain },
    { key: 'h', does: 'All jobs', run: () => router.navigate('/') },
    { key: '?', does: 'This list', run: onList },
    ...STAGES.map((stage, i) => ({
      key: DIGITS[i] ?? '',
      does: `Stage: ${stage.name}`,
      run: () => router.replace(`/job/${id}/${stage.id}`),
    })),
  ]
  useShortcuts(shortcuts)
  return shortcuts
}

interface ShortcutSheetProps {
  readonly shortcuts: readonly Shortcut[]
  readonly onClose: () => void
}

export function ShortcutSheet({ shortcuts, onClose }: ShortcutSheetProps) {
  return (
    <Sheet title="Keys" open onClose={onClose} testID="shortcut-sheet">
      {shortcuts.map(({ key, does }) => (
        <View key={key} style={{ flexDirection: 'row', gap: 14 }}>
          <Words size="strong" style={{ width: 24, textAlign: 'center' }}>
            {key}
          </Words>
          <Words style={{ flex: 1 }}>{does}</Words>
        </View>
      ))}
      <Words size="small" tone="quiet">
        Arrow keys move inside a group, Enter or the space bar chooses. Escape closes a sheet, and puts down a
        lead.
      </Words>
    </Sheet>
  )
}
