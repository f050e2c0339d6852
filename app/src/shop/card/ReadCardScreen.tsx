// A card in the panel’s door, read by its code: the hookup that was made, and the next job on this unit from it. No server, no signal.
import { useRouter } from 'expo-router'
import { useCallback, useMemo, useState } from 'react'
import { ScrollView, View } from 'react-native'
import { v4 as uuid } from 'uuid'
import type { CardRecord } from '@oak/core/job/card/code/record'
import type { ReadCode } from '@oak/core/job/card/code/read-code'
import { MAX_CODE } from '@oak/core/job/card/code/read-code'
import { insulationCode, type Insulation } from '@oak/core/motor/colour'
import { PageHeading } from '../../parts/frame/PageHeading'
import { NEXT_ACTION } from '../../parts/frame/shortcuts'
import { useOperation } from '../../parts/frame/use-operation'
import { usePickedFile } from '../../parts/reading/use-picked-photo'
import { NoReader } from '../../platform/reading/no-reader'
import { readCodePhoto } from '../../platform/reading/reader'
import { beginJob, editJob } from '../../platform/state/app'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Problem } from '../../ui/Problem'
import { WirePiece } from '../../ui/Swatch'
import { TopBar } from '../../ui/TopBar'
import { usePalette } from '../../ui/theme'
import { Waits } from '../../ui/Waits'
import { Words } from '../../ui/Words'
import { LiveCode } from './LiveCode'
import { nextEdits, recordAbout, recordLines, wireWords } from './card-record'
import { useCardUnit, type CardUnitState } from './use-card-unit'

export function ReadCardScreen() {
  const palette = usePalette()
  const router = useRouter()
  const [text, setText] = useState<string | null>(null)
  const [isLive, setIsLive] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const input = useMemo(() => (text === null ? null : { text: text.slice(0, MAX_CODE) }), [text])
  const result = useOperation('read-card', input)
  const read = result?.ok ? (result.output as ReadCode) : null
  const record = read?.ok ? read.record : null
  const cardUnit = useCardUnit(record)
  const found = useCallback((seen: string) => {
    setIsLive(false)
    setWrong(null)
    setText(seen)
  }, [])
  const failed = useCallback((error: unknown) => {
    setIsLive(false)
    setWrong(readerWords(error))
  }, [])
  const begin = () => {
    if (!record) return
    const job = beginJob()
    const problem = editJob(job, nextEdits(record, uuid, cardUnit.unit))
    if (problem) setWrong(problem)
    else router.replace(`/job/${job}`)
  }
  const look = () => {
    setWrong(null)
    setText(null)
    setIsLive(true)
  }
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar
        role="banner"
        back={{ label: 'All jobs', testID: 'to-home', onPress: () => router.navigate('/') }}
      >
        <PageHeading size="title" style={{ flex: 1 }} title="Read a card" />
      </TopBar>
      <ScrollView role="main" contentContainerStyle={PAGE}>
        <Problem text={wrong ?? (read && !read.ok ? read.message : null)} testID="card-problem" />
        <Problem text={result && !result.ok ? result.error.message : null} />
        {record ? <Record record={record} {...cardUnit} /> : null}
        {isLive ? <LiveCode onFound={found} onFailed={failed} /> : null}
        {record === null ? <Ways isLive={isLive} onFound={found} onFailed={failed} /> : null}
      </ScrollView>
      {isLive ? null : (
        <View
          {...NEXT_ACTION}
          style={{ padding: 12, borderTopWidth: 1.5, borderColor: palette.line, gap: 8 }}
        >
          {record ? (
            <>
              <PrimaryButton
                text="Start the next job from it"
                icon="plus"
                onPress={begin}
                testID="next-from-card"
              />
              <QuietButton
                text="Read another card"
                icon="camera"
                onPress={() => setText(null)}
                testID="read-another"
              />
            </>
          ) : (
            <PrimaryButton text="Use the camera" icon="camera" onPress={look} testID="use-camera" />
          )}
        </View>
      )}
    </View>
  )
}

const PAGE = { padding: 16, gap: 16, maxWidth: 560, width: '100%', alignSelf: 'center' } as const

const readerWords = (error: unknown): string =>
  error instanceof NoReader
    ? 'The part that reads codes is not on this phone yet: open this once with a connection, then it works without one.'
    : 'This picture could not be read on this device. Take it again at a smaller size.'

interface WaysProps {
  readonly isLive: boolean
  readonly onFound: (text: string) => void
  readonly onFailed: (error: unknown) => void
}

function Ways({ isLive, onFound, onFailed }: WaysProps) {
  const { wrong, setWrong, pick } = usePickedFile()
  const [isLooking, setIsLooking] = useState(false)
  const look = async () => {
    const file = await pick()
    if (!file) return
    setIsLooking(true)
    try {
      const text = await readCodePhoto(file)
      if (text === null) setWrong(NO_CODE)
      else onFound(text)
    } catch (error) {
      onFailed(error)
    } finally {
      setIsLooking(false)
    }
  }
  return (
    <View style={{ gap: 12 }}>
      {isLive ? null : (
        <Words>
          The square code on a hookup card holds what was put where: leads, motor, capacitor, readings. It is
          read on this phone, with no connection.
        </Words>
      )}
      <QuietButton text="Take or choose a photo" icon="file" onPress={() => void look()} testID="pick-card" />
      {isLooking ? <Waits size="small" live text="Looking for the code…" /> : null}
      <Problem text={wrong} testID="card-photo-problem" />
    </View>
  )
}
const NO_CODE = 'No code was found on this photo. Take it nearer and straight, with the whole square in it.'

interface RecordProps extends CardUnitState {
  readonly record: CardRecord
}

function Record({ record, unit, isLooking }: RecordProps) {
  return (
    <View style={{ gap: 12 }} testID="card-record">
      <Words size="title" heading={2}>
        {record.motor.name}
      </Words>
      <Words size="small" tone="quiet">
        {recordAbout(record)}
      </Words>
      {record.wires.map((wire, i) => (
        <Lead key={i} insulation={wire.insulation} text={wireWords(unit, wire)} />
      ))}
      {record.capped.map((insulation, i) => (
        <Lead key={i} insulation={insulation} text="insulated by itself" />
      ))}
      {isLooking ? <Waits size="small" live text="Looking up this unit in the job of the card…" /> : null}
      {recordLines(record, unit).map((line) => (
        <Words key={line} size="small">
          {line}
        </Words>
      ))}
      <Words size="small" tone="watch">
        A card tells where things were put. Look that each wire is still there before you rely on it.
      </Words>
    </View>
  )
}

function Lead({ insulation, text }: { readonly insulation: Insulation; readonly text: string }) {
  return (
    <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center' }}>
      <WirePiece insulation={insulation} />
      <Words size="strong" style={{ width: 62 }}>
        {insulationCode(insulation)}
      </Words>
      <Words style={{ flex: 1 }}>{text}</Words>
    </View>
  )
}
