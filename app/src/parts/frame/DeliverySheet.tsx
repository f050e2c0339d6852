// How far this device's work has got: what waits, what the server would not take and why, and a clock that is wrong.
import { useEffect, useState } from 'react'
import { View } from 'react-native'
import { changeWords } from '@oak/core/job/changes/change-words'
import { writeJobFile } from '@oak/core/job/job-file'
import { VAN_ID } from '@oak/core/job/van'
import { saveTextFile } from '../../platform/files/save-file'
import { documentOf } from '../../platform/state/jobs'
import { letGoRefused, openJob, useJobs } from '../../platform/state/app'
import { clockWords } from '../../platform/sync/clock'
import type { RefusedChange } from '../../platform/sync/device-store'
import { useDeviceSettings } from '../../ui/device-settings'
import { momentText } from '../../ui/dates'
import { Problem } from '../../ui/Problem'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { clockText, deliveryText } from './sync-text'

export function DeliverySheet({ onClose }: { readonly onClose: () => void }) {
  const sync = useJobs((s) => s.sync)
  const photos = useJobs((s) => s.photosWaiting)
  const trouble = useJobs((s) => s.trouble)
  const refused = useJobs((s) => s.refused)
  const clock = clockWords(useJobs((s) => s.clockOffset))
  return (
    <Sheet title="Delivery" open onClose={onClose} testID="delivery-sheet">
      <Problem text={trouble} />
      <Words testID="delivery-text">{deliveryText(sync, photos)}</Words>
      {clock === null ? null : (
        <Words tone="watch" testID="clock-text">
          {clockText(clock)}
        </Words>
      )}
      {refused.length > 0 ? <Refused refused={refused} onClose={onClose} /> : null}
    </Sheet>
  )
}

interface RefusedProps {
  readonly refused: readonly RefusedChange[]
  readonly onClose: () => void
}

function Refused({ refused, onClose }: RefusedProps) {
  const [isSure, setIsSure] = useState(false)
  const letGo = () => {
    void letGoRefused(refused.map(({ change }) => change.id))
    onClose()
  }
  return (
    <View style={{ gap: 12 }}>
      <Words size="strong">
        {refused.length === 1
          ? 'The server did not take this one:'
          : `The server did not take these ${refused.length}:`}
      </Words>
      {refused.map((one) => (
        <RefusedRow key={one.change.id} {...one} />
      ))}
      <Words size="small" tone="quiet">
        {refused.length === 1
          ? 'It stands in the job on this phone, and the server is asked again from time to time.'
          : 'They stand in the job on this phone, and the server is asked again from time to time.'}
      </Words>
      <QuietButton
        text={refused.length === 1 ? 'Save it as a file' : 'Save them as a file'}
        onPress={() => saveRefused(refused)}
        testID="save-refused"
      />
      {isSure ? (
        <PrimaryButton text="Take off this phone" onPress={letGo} testID="let-go-sure" />
      ) : (
        <QuietButton
          text={refused.length === 1 ? 'Let it go' : 'Let them go'}
          onPress={() => setIsSure(true)}
          testID="let-go"
        />
      )}
    </View>
  )
}

function RefusedRow({ change, message }: RefusedChange) {
  const palette = usePalette()
  const job = useJobs((s) => documentOf(s, change.job))
  const degrees = useDeviceSettings((s) => s.temperatureUnit)
  const isVan = change.job === VAN_ID
  useEffect(() => {
    // What it says is told by the rest of the job; without that it is told as it is.
    if (!isVan) void openJob(change.job).catch(() => undefined)
  }, [change.job, isVan])
  const { what, says } = isVan
    ? { what: 'The van', says: change.path.join(' › ') }
    : changeWords(change, job, degrees)
  return (
    <View
      testID="refused-change"
      style={{ gap: 2, borderWidth: 1.5, borderColor: palette.edge, borderRadius: 10, padding: 10 }}
    >
      <Words size="strong">{`${what}: ${says}`}</Words>
      <Words size="small" tone="quiet">
        {`${isVan ? '' : `${job.title || 'Unnamed job'} · `}${momentText(change.at)}`}
      </Words>
      <Words size="small" tone="stop">
        {message}
      </Words>
    </View>
  )
}

/** One file a job: each is one that a job file's reader takes. */
function saveRefused(refused: readonly RefusedChange[]): void {
  for (const job of new Set(refused.map(({ change }) => change.job)))
    saveTextFile(
      `not-taken-${job.slice(-6)}.job.json`,
      'application/json',
      writeJobFile(
        job,
        refused.filter(({ change }) => change.job === job).map(({ change }) => change),
      ),
    )
}
