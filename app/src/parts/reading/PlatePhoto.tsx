// A plate from a photo, and each figure that was read to be taken or corrected.
import type { PhotographedPlate, Proposal } from '@oak/core/label/photo/proposal'
import { readPlatePhoto } from '../../platform/reading/reader'
import { PhotoReading } from './PhotoReading'
import { PlateProposals } from './PlateProposals'

export interface PlatePhotoProps {
  readonly title: string
  readonly plate: PhotographedPlate
  readonly onClose: () => void
  /** Keeps what the text says of this field; returns what is wrong with it, or null. */
  readonly onTake: (field: Proposal['field'], text: string) => string | null
}

export const PlatePhoto = ({ title, plate, onClose, onTake }: PlatePhotoProps) => (
  <PhotoReading
    title={title}
    testID="plate-photo"
    what="plate"
    onClose={onClose}
    read={(photo, set, report) => readPlatePhoto(photo, set, plate, report)}
    isEmpty={({ proposals }) => proposals.length === 0}
  >
    {({ answer, picture }) => (
      <PlateProposals proposals={answer.proposals} picture={picture} onTake={onTake} />
    )}
  </PhotoReading>
)
