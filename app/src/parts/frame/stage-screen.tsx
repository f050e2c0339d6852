// A stage's screen, fetched when the stage is first entered, or before that while the page has nothing to do: home is on the phone without
// waiting for the rest. The service worker keeps every part, so a stage opens without a server too.
import { lazy, Suspense, useState, type ComponentType, type ReactNode } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { Waits } from '../../ui/Waits'
import { fetchedAhead } from './fetch-ahead'

export interface StageProps {
  readonly id: string
  readonly job: JobDocument
}

const OPENING = (
  <View style={{ padding: 20 }} role="main">
    <Waits size="title" heading={1} text="Opening…" />
  </View>
)

/** `meanwhile`: what stands there until it is fetched. */
export function stageScreen<P extends object = StageProps>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = OPENING,
): ComponentType<P> {
  const part = fetchedAhead(load)
  const Screen = lazy(async () => ({ default: await part.fetch() }))
  return function Stage(props: P) {
    // Of what is there no stand-in is shown, not even for a moment: the framework would leave that up for 0.3 s. It stays what it was.
    const [{ Ready }] = useState(() => ({ Ready: part.now() }))
    return Ready ? (
      <Ready {...props} />
    ) : (
      <Suspense fallback={meanwhile}>
        <Screen {...props} />
      </Suspense>
    )
  }
}
