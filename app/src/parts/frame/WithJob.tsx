// What needs a job whole: it is opened first, from this device or from the server; else it is said where it is.
import { useEffect, useState, type ReactNode } from 'react'
import { View } from 'react-native'
import { useJobHere } from '../../platform/state/app'
import { usePalette } from '../../ui/theme'
import { Waits } from '../../ui/Waits'
import { JobElsewhere } from './JobElsewhere'
import { UnknownJob } from './UnknownJob'

interface WithJobProps {
  readonly id: string
  readonly children: ReactNode
}

export function WithJob({ id, children }: WithJobProps) {
  const here = useJobHere(id)
  switch (here) {
    case 'here':
      return children
    case 'elsewhere':
      return <JobElsewhere id={id} />
    case 'unknown':
      return <UnknownJob />
    case 'reading':
      return <Reading />
  }
}

/** From the device it takes a moment, and nothing is said of it. */
const QUIET_MS = 250

function Reading() {
  const palette = usePalette()
  const [isLong, setIsLong] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setIsLong(true), QUIET_MS)
    return () => clearTimeout(timer)
  }, [])
  return (
    <View style={{ flex: 1, padding: 20, backgroundColor: palette.ground }} role="main">
      {isLong ? <Waits size="title" heading={1} text="Fetching the job from the server…" /> : null}
    </View>
  )
}
