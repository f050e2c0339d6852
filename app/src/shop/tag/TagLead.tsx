// One lead of the tag: its colour, its stripe, its job.
import { useState } from 'react'
import type { ColourCode, Insulation } from '@oak/core/motor/colour'
import type { Lead } from '@oak/core/motor/lead-sheet'
import { ROLE_NAMES, type LeadRole } from '@oak/core/motor/role'
import { PrimaryButton, QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { InsulationLabel, SwatchGrid } from '../../ui/Swatch'
import { Words } from '../../ui/Words'
import { Group, Option } from '../../ui/Group'

export interface TagLeadProps {
  /** null: a lead to add. */
  readonly lead: Lead | null
  readonly roles: readonly LeadRole[]
  readonly proposed: LeadRole
  readonly onSet: (insulation: Insulation, role: LeadRole) => void
  readonly onRemove: () => void
  readonly onClose: () => void
}

export function TagLead({ lead, roles, proposed, onSet, onRemove, onClose }: TagLeadProps) {
  const [colour, setColour] = useState<ColourCode | null>(lead?.colour ?? null)
  const [stripe, setStripe] = useState<ColourCode | null>(lead?.stripe ?? null)
  const [role, setRole] = useState<LeadRole>(lead?.role ?? proposed)
  const [striping, setStriping] = useState(false)
  // A role that this kind of motor has not, but the lead was given, stays to be seen.
  const offered = roles.includes(role) ? roles : [...roles, role]
  return (
    <Sheet title={lead ? 'This lead' : 'The next lead'} open onClose={onClose} testID="tag-lead-sheet">
      <SwatchGrid label="Colour" value={colour} onPick={(code) => code && setColour(code)} />
      {striping ? (
        <SwatchGrid
          label="Stripe"
          none="no stripe"
          value={stripe}
          onPick={(code) => {
            setStripe(code)
            setStriping(false)
          }}
        />
      ) : (
        <QuietButton
          text={stripe ? 'Another stripe' : 'It has a stripe'}
          onPress={() => setStriping(true)}
          testID="has-stripe"
        />
      )}
      <Words size="strong" heading={3}>
        What the tag says it is
      </Words>
      <Group label="Role" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {offered.map((value) => (
          <Option
            key={value}
            selected={value === role}
            label={ROLE_NAMES[value]}
            onPress={() => setRole(value)}
            style={{
              width: '31%',
              flexGrow: 1,
              alignItems: 'center',
              paddingHorizontal: 4,
            }}
          >
            <Words size={value === role ? 'strong' : 'body'} style={{ textAlign: 'center' }}>
              {ROLE_NAMES[value]}
            </Words>
          </Option>
        ))}
      </Group>
      {colour ? <InsulationLabel insulation={{ colour, stripe }} /> : null}
      <PrimaryButton
        text={lead ? 'Set this lead' : 'Put it on the tag'}
        disabled={colour === null}
        icon="check"
        onPress={() => colour && onSet({ colour, stripe }, role)}
        testID="set-lead"
      />
      {lead ? (
        <QuietButton text="It is not on the tag" icon="trash" onPress={onRemove} testID="remove-lead" />
      ) : null}
    </Sheet>
  )
}
