// A figure that was entered by mistake is taken away; it is asked for again.
import { useState } from 'react'
import { Problem } from './Problem'
import { QuietButton } from './PrimaryButton'

interface NotReadProps {
  /** Takes it away; returns what is wrong with that, or null. */
  readonly takeAway: () => string | null
  readonly onClose: () => void
}

export function NotRead({ takeAway, onClose }: NotReadProps) {
  const [wrong, setWrong] = useState<string | null>(null)
  const press = () => {
    const refused = takeAway()
    if (refused) setWrong(refused)
    else onClose()
  }
  return (
    <>
      <QuietButton text="Not read" icon="trash" testID="not-read" onPress={press} />
      <Problem text={wrong} />
    </>
  )
}
