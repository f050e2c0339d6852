// The tag on the leads from a photo: its leads and joins as they were read, each beside its piece of the picture, put on the draft all at once and marked;
// its figures one by one.
import { useState } from 'react'
import { View } from 'react-native'
import { withTagLine } from '@oak/core/label/tag-line'
import { isOnTag, takeOnTag } from '@oak/core/label/photo/take-tag'
import { tagLineOf, type ReadLead } from '@oak/core/label/photo/read-tag'
import { insulationCode, insulationName } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import type { TagDraft } from '@oak/core/motor/tag-draft'
import type { Box } from '@oak/core/label/photo/words'
import type { FlatPicture } from '../../platform/reading/read-looks'
import { readTagPhoto } from '../../platform/reading/reader'
import type { SeenTag } from '../../platform/reading/seen-tag'
import { Cutout } from '../../parts/reading/Cutout'
import { PhotoReading } from '../../parts/reading/PhotoReading'
import { PlateProposals } from '../../parts/reading/PlateProposals'
import { usePictureUrl } from '../../parts/reading/use-picture-url'
import { PrimaryButton } from '../../ui/PrimaryButton'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

export interface TagPhotoProps {
  readonly draft: TagDraft
  readonly change: (next: TagDraft) => void
  readonly onClose: () => void
}

export function TagPhoto({ draft, change, onClose }: TagPhotoProps) {
  const figuresOf = ({ proposals }: SeenTag) => proposals.filter((one) => isOnTag(draft, one))
  return (
    <PhotoReading
      title="The tag, from a photo"
      testID="tag-photo"
      what="tag"
      onClose={onClose}
      read={(photo, set, report) => readTagPhoto(photo, set, draft.kind, report)}
      isEmpty={(tag) => tag.leads.length + tag.turns.length + figuresOf(tag).length === 0}
    >
      {({ answer, picture }) => (
        <View style={{ gap: 18 }}>
          {answer.leads.length + answer.turns.length > 0 ? (
            <ReadLeads
              tag={answer}
              picture={picture}
              onPut={() => change(withTagLine(draft, tagLineOf(answer)))}
            />
          ) : null}
          {figuresOf(answer).length > 0 ? (
            <PlateProposals
              proposals={figuresOf(answer)}
              picture={picture}
              onTake={(field, text) => {
                const taken = takeOnTag(draft, { field, text })
                if (taken.ok) change(taken.draft)
                return taken.ok ? null : taken.message
              }}
            />
          ) : null}
        </View>
      )}
    </PhotoReading>
  )
}

interface ReadLeadsProps {
  readonly tag: SeenTag
  readonly picture: FlatPicture
  readonly onPut: () => void
}

function ReadLeads({ tag: { leads, turns }, picture, onPut }: ReadLeadsProps) {
  const url = usePictureUrl(picture.blob)
  const [put, setPut] = useState(false)
  return (
    <View style={{ gap: 10 }} testID="read-leads">
      <Words size="small">
        Hold each lead against its piece of the picture. On the tag they are marked as read until a hand has
        set them, and the motor is not used before the tag is said to say so.
      </Words>
      {leads.map((lead) => (
        <ReadPiece
          key={`${insulationCode(lead.insulation)} ${lead.role} ${lead.speed ?? ''}`}
          url={url}
          picture={picture}
          box={lead.box}
          highest={LINE_HIGH}
          words={leadWords(lead)}
          seenAs={insulationName(lead.insulation)}
          testID={`read-lead-${insulationCode(lead.insulation)}`}
        />
      ))}
      {turns.map(({ direction, join, box }) => (
        <ReadPiece
          key={direction}
          url={url}
          picture={picture}
          box={box}
          highest={LINES_HIGH}
          words={`${direction}: ${join.map((pair) => pair.map(insulationCode).join(' to ')).join(', ')}`}
          seenAs={`what is joined for ${direction}`}
          testID={`read-turn-${direction}`}
        />
      ))}
      {put ? (
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center', minHeight: 48 }}>
          <VerdictMark verdict="watch" size={26} />
          <Words size="strong" live>
            On the tag, to be looked at
          </Words>
        </View>
      ) : (
        <PrimaryButton
          text="Put them on the tag"
          icon="tag"
          onPress={() => {
            onPut()
            setPut(true)
          }}
          testID="put-read-leads"
        />
      )}
    </View>
  )
}

/** px: a line of a tag takes the width of the sheet. */
const PIECE_WIDE = 330
const LINE_HIGH = 40
const LINES_HIGH = 110

interface ReadPieceProps {
  readonly url: string | null
  readonly picture: FlatPicture
  readonly box: Box
  readonly highest: number
  readonly words: string
  readonly seenAs: string
  readonly testID: string
}

/** What was read, below the piece of the picture that it stands on. */
function ReadPiece({ url, picture, box, highest, words, seenAs, testID }: ReadPieceProps) {
  const palette = usePalette()
  return (
    <View
      style={{ gap: 4, paddingBottom: 8, borderBottomWidth: 1.5, borderColor: palette.line }}
      testID={testID}
    >
      {url ? (
        <Cutout
          url={url}
          {...picture}
          box={box}
          widest={PIECE_WIDE}
          highest={highest}
          label={`The place on the tag that was read as ${seenAs}`}
        />
      ) : null}
      <Words size="strong">{words}</Words>
    </View>
  )
}

const leadWords = ({ insulation, role, speed }: ReadLead): string =>
  `${insulationCode(insulation)} ${ROLE_NAMES[role]}${speed ? `, ${speed.replace('-', ' ')}` : ''}`
