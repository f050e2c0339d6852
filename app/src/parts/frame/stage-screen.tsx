// A stage's screen, fetched when the stage is first entered: home and the first stage are on the phone without waiting for the rest.
// The service worker keeps every part, so a stage opens without a server too.
import { lazy, Suspense, type ComponentType } from 'react'
import { View } from 'react-native'
import type { JobDocument } from '@oak/core/job/document'
import { Words } from '../../ui/Words'

export interface StageProps {
  readonly id: string
  readonly job: JobDocument
}

const PAUSE_MS = 1500

/** A part that cannot be fetched now, with no server and no service worker yet, is asked for until it comes. */
async function patiently<T>(load: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await load()
    } catch (error) {
      console.warn('A part of the app could not be fetched yet:', error)
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS))
    }
  }
}

export function stageScreen<P extends object = StageProps>(
  load: () => Promise<ComponentType<P>>,
): ComponentType<P> {
  const Screen = lazy(async () => ({ default: await patiently(load) }))
  return function Stage(props: P) {
    return (
      <Suspense
        fallback={
          <View style={{ padding: 20 }}>
            <Words size="title">Opening…</Words>
          </View>
        }
      >
        <Screen {...props} />
      </Suspense>
    )
  }
}
