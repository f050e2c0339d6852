// A device that is not the shop's any more: nothing else can be opened. What nobody else has can be saved, then it goes.
import { useState } from 'react'
import { ScrollView, View } from 'react-native'
import type { Locked } from '../../platform/crew/pairing'
import { saveFile } from '../../platform/files/save-file'
import { theCrew, undeliveredWork } from '../../platform/state/app'
import { HoldButton } from '../../ui/HoldButton'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

const WHY: Readonly<Record<Locked, string>> = {
  revoked: 'The owner has taken this phone off the shop’s list.',
  copied: 'The key of this phone was used from somewhere else too, so the shop has locked it out.',
}

interface LockedOutProps {
  readonly why: Locked
  /** Edits and photos that no server has. */
  readonly waiting: number
}

export function LockedOut({ why, waiting }: LockedOutProps) {
  const palette = usePalette()
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }} role="main" testID="locked-out">
      <ScrollView
        contentContainerStyle={{ padding: 20, gap: 18, maxWidth: 560, width: '100%', alignSelf: 'center' }}
      >
        <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
          <VerdictMark verdict="stop" size={40} />
          <Words size="large" heading={1} style={{ flex: 1 }}>
            This phone is shut out
          </Words>
        </View>
        <Words size="strong">{WHY[why]}</Words>
        {waiting > 0 ? <Waiting count={waiting} /> : <Gone />}
      </ScrollView>
    </View>
  )
}

function Gone() {
  return (
    <>
      <Words testID="nothing-left">Nothing of the shop is on it any more.</Words>
      <QuietButton
        text="Pair it anew with a code"
        onPress={() =>
          void theCrew()
            .begin()
            .then(() => window.location.assign('/pair'))
        }
        testID="pair-anew"
      />
    </>
  )
}

function Waiting({ count }: { readonly count: number }) {
  const [isSaved, setIsSaved] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const save = async () => {
    try {
      const { packUndelivered } = await import('../../platform/files/undelivered')
      const { changes, photos } = await undeliveredWork()
      const bytes = await packUndelivered(changes, photos)
      saveFile('oak-switch-undelivered.zip', new Blob([bytes as BlobPart], { type: 'application/zip' }))
      setIsSaved(true)
      setWrong(null)
    } catch (error) {
      setWrong(`The file could not be written: ${String(error)}`)
    }
  }
  const things = count === 1 ? 'One edit or photo' : `${count} edits and photos`
  return (
    <>
      <Words testID="undelivered">
        {`What the shop’s server has is gone from this phone. ${things} made here never reached it. Save them to a file for the owner, then wipe them.`}
      </Words>
      <PrimaryButton
        text="Save them to a file"
        icon="save"
        onPress={() => void save()}
        testID="save-undelivered"
      />
      <Problem text={wrong} testID="save-problem" />
      <HoldButton
        text={isSaved ? 'Hold to wipe the rest' : 'Hold to wipe them unsaved'}
        onHeld={() => void theCrew().wipe()}
        lines={[isSaved ? 'They are in the file.' : 'They are lost then: nobody else has them.']}
        testID="wipe"
      />
    </>
  )
}
