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
  const palette = usePalette()
  const url = usePictureUrl(picture.blob)
  const [put, setPut] = useState(false)
  return (
    <View style={{ gap: 10 }} testID="read-leads">
      <Words size="small">
        Hold each lead against its piece of the picture. On the tag they are marked as read until a hand has
        set them, and the motor is not used before the tag is said to say so.
      </Words>
      {leads.map((lead) => (
        <View
          key={`${insulationCode(lead.insulation)} ${lead.role} ${lead.speed ?? ''}`}
          style={{ gap: 4, paddingBottom: 8, borderBottomWidth: 1.5, borderColor: palette.line }}
          testID={`read-lead-${insulationCode(lead.insulation)}`}
        >
          {url ? (
            <Cutout
              url={url}
              {...picture}
              box={lead.box}
              label={`The place on the tag that was read as ${insulationName(lead.insulation)}`}
            />
          ) : null}
          <Words size="strong">{leadWords(lead)}</Words>
        </View>
      ))}
      {turns.map(({ direction, join }) => (
        <Words key={direction} size="strong" testID={`read-turn-${direction}`}>
          {`${direction}: ${join.map((pair) => pair.map(insulationCode).join(' to ')).join(', ')}`}
        </Words>
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

const leadWords = ({ insulation, role, speed }: ReadLead): string =>
  `${insulationCode(insulation)} ${ROLE_NAMES[role]}${speed ? `, ${speed.replace('-', ' ')}` : ''}`
