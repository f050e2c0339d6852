// A motor of the van as its tag: name, figures, and the leads drawn in their colours.
import { View } from 'react-native'
import { isReversible, type LeadSheet } from '@oak/core/motor/lead-sheet'
import { insulationCode } from '@oak/core/motor/colour'
import { voltsText } from '@oak/core/motor/volts-choice'
import { figure } from '@oak/core/quantity/display'
import { WirePiece } from '../../ui/Swatch'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { Option } from '../../ui/Group'

/** Which ways it can turn, and by what. */
function turnsText(sheet: LeadSheet): string {
  const { kind, settings, rotationNamedFrom } = sheet
  if (kind === 'three-phase') return 'reversed by exchanging two of its leads'
  if (!isReversible(sheet))
    return `turns ${settings.rotation[0]?.direction} only, seen from the ${rotationNamedFrom === 'lead-end' ? 'lead end' : 'shaft end'}`
  return kind === 'ecm-outdoor' ? 'reversible at its leads' : 'reversible by the plug'
}

export interface SheetTagProps {
  readonly sheet: LeadSheet
  readonly selected: boolean
  readonly onPress: () => void
  /** What the van has of it, in words; left out where no stock is kept. */
  readonly stock?: string
}

export function SheetTag({ sheet, selected, onPress, stock }: SheetTagProps) {
  const palette = usePalette()
  const { nameplate, capacitor, settings } = sheet
  const horsepower = settings.horsepower.map((c) => c.horsepower).join(', ')
  const figures = `${horsepower} hp · ${figure(nameplate.rpm)} rpm · ${voltsText(sheet)} · ${capacitor ? `${figure(capacitor.microfarads)} µF` : 'no capacitor'}`
  const turns = turnsText(sheet)
  return (
    <Option
      selected={selected}
      onPress={onPress}
      testID={`sheet-${sheet.id}`}
      label={`${sheet.name}, ${figures}, ${turns}${stock ? `, ${stock}` : ''}`}
      style={{
        borderRadius: 10,
        backgroundColor: palette.surface,
        padding: 12,
      }}
    >
      <View style={{ gap: 5 }}>
        <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10 }}>
          <Words size="title" lines={2} style={{ flex: 1 }}>
            {sheet.name}
          </Words>
          {stock ? (
            <Words
              size="small"
              tone={/^\d+ left/.test(stock) ? 'ink' : 'watch'}
              style={{ fontWeight: '700' }}
            >
              {stock}
            </Words>
          ) : null}
        </View>
        <Words size="small">{figures}</Words>
        <Words size="small" tone="quiet">
          {turns}
        </Words>
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 10, rowGap: 2 }}>
          {sheet.leads.map((lead) => (
            <View key={lead.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 2 }}>
              <WirePiece insulation={lead} width={34} />
              <Words size="tiny">{insulationCode(lead)}</Words>
            </View>
          ))}
        </View>
      </View>
    </Option>
  )
}
