// The photos of a job as a strip of small pictures; one press takes another, one press opens one.
import { shopNow } from '../../platform/sync/clock'
import type { JobId } from '@oak/core/job/job-id'
import { lazy, memo, Suspense, useState } from 'react'
import { ScrollView, View } from 'react-native'
import { NamedImage } from '../../ui/NamedImage'
import { v4 as uuid } from 'uuid'
import type { JobDocument } from '@oak/core/job/document'
import { editJob, isExample, keepPhoto } from '../../platform/state/app'
import { Icon } from '../../ui/Icon'
import { SmallButton } from '../../ui/PrimaryButton'
import { pickFile } from '../../platform/files/pick-file'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { drawAnew } from './draw-anew'
import { PhotoSheet } from './PhotoSheet'
import { usePhoto } from './use-photo'

// The divider's kit comes when it is first wanted.
const CompareSheet = lazy(() => import('./CompareSheet').then((m) => ({ default: m.CompareSheet })))

interface PhotoStripProps {
  readonly id: JobId
  readonly job: JobDocument
}

/** Drawn again only when what it shows is other, or what a pin can name: it stands on stages where everything else is edited. */
export const PhotoStrip = memo(
  DrawnStrip,
  (before, now) =>
    before.id === now.id &&
    (['photos', 'unit', 'wires', 'proven'] as const).every((field) => before.job[field] === now.job[field]),
)

function DrawnStrip({ id, job }: PhotoStripProps) {
  const palette = usePalette()
  const [open, setOpen] = useState<string | null>(null)
  const [comparing, setComparing] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const photos = Object.entries(job.photos).sort(([, a], [, b]) => a.takenAt - b.takenAt)

  const add = async () => {
    const file = await pickFile('image/*')
    if (!file) return
    setBusy(true)
    setWrong(null)
    try {
      const problem = await addPhoto(id, file, job.proven ? 'after' : 'before')
      if (problem) setWrong(problem)
    } finally {
      setBusy(false)
    }
  }
  return (
    <View style={{ gap: 8 }} testID="photo-strip">
      <Words size="strong" heading={2}>
        Photos
      </Words>
      <ScrollView horizontal contentContainerStyle={{ gap: 8 }}>
        {photos.map(([photo, facts]) => (
          <Thumb
            key={photo}
            photo={photo}
            caption={facts.caption || `photo with ${facts.pins.length} pins`}
            pins={facts.pins.length}
            onPress={() => setOpen(photo)}
          />
        ))}
        <Tap
          more="taken or chosen"
          testID="add-photo"
          disabled={busy}
          onPress={() => void add()}
          style={{
            width: 96,
            height: 96,
            borderRadius: 10,
            borderWidth: 2,
            borderStyle: 'dashed',
            borderColor: palette.ink,
            alignItems: 'center',
            gap: 2,
          }}
        >
          <Icon name="camera" color={palette.ink} size={30} />
          <Words size="tiny">{busy ? 'drawing…' : 'add a photo'}</Words>
        </Tap>
      </ScrollView>
      {wrong ? (
        <Words tone="stop" size="strong" live testID="photo-problem">
          {wrong} Nothing was changed.
        </Words>
      ) : null}
      {photos.length > 1 ? (
        <SmallButton
          text="Before and after"
          label="Before and after: two photos over each other"
          onPress={() => setComparing(true)}
          testID="to-compare"
        />
      ) : null}
      {comparing ? (
        <Suspense fallback={null}>
          <CompareSheet photos={job.photos} onClose={() => setComparing(false)} />
        </Suspense>
      ) : null}
      {open && job.photos[open] ? (
        <PhotoSheet id={id} job={job} photo={open} facts={job.photos[open]} onClose={() => setOpen(null)} />
      ) : null}
    </View>
  )
}

/**
 * Draws it anew, keeps the picture, then says so in the job; returns what is wrong, or null. `work`: what it shows by when it is taken, until
 * somebody says otherwise; before the hookup is proven that is how it was found.
 */
async function addPhoto(job: JobId, file: File, work: 'before' | 'after'): Promise<string | null> {
  if (isExample(job)) return 'Of an example, and of practice, no picture is kept.'
  const drawn = await drawAnew(file)
  if (!drawn.ok) return drawn.message
  const photo = uuid()
  try {
    await keepPhoto(photo, drawn.picture)
  } catch (error) {
    return `This device could not keep the photo (${String(error)}).`
  }
  return editJob(job, [
    {
      path: ['photos', photo],
      value: { caption: '', width: drawn.width, height: drawn.height, takenAt: shopNow(), work, pins: [] },
    },
  ])
}

function Thumb({
  photo,
  caption,
  pins,
  onPress,
}: {
  readonly photo: string
  readonly caption: string
  readonly pins: number
  readonly onPress: () => void
}) {
  const palette = usePalette()
  const url = usePhoto(photo)
  return (
    <Tap
      label={caption}
      testID={`photo-${photo}`}
      onPress={onPress}
      style={{
        width: 96,
        height: 96,
        borderRadius: 10,
        borderWidth: 1.5,
        borderColor: palette.ink,
        overflow: 'hidden',
      }}
    >
      {url && url !== 'missing' ? (
        <NamedImage url={url} name={caption} style={{ width: 96, height: 96 }} resizeMode="cover" />
      ) : (
        <Words size="tiny" tone="quiet" style={{ textAlign: 'center' }}>
          {url === 'missing' ? 'not on this device' : '…'}
        </Words>
      )}
      {pins > 0 ? (
        <View
          style={{
            position: 'absolute',
            right: 4,
            bottom: 4,
            backgroundColor: palette.ground,
            borderRadius: 10,
            paddingHorizontal: 6,
          }}
        >
          <Words size="tiny" style={{ fontWeight: '700' }}>
            {pins}
          </Words>
        </View>
      ) : null}
    </Tap>
  )
}
